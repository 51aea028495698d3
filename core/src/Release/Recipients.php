<?php

declare(strict_types=1);

namespace Lanai\Core\Release;

use Lanai\Core\Effects\SetValue;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Template;
use Lanai\Core\Formula\WordSpot;
use Lanai\Core\Language\BlankSpot;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\NodeSpot;
use Lanai\Core\Language\Walk;
use Lanai\Core\Lines\Conversation;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Services\Service;
use Lanai\Core\Model\Table;
use Lanai\Core\Services\Argument;
use Lanai\Core\Services\KnownRows;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** Which services are told what: by what a request is told where it is asked, what its own sentence says besides, and the rows that it knows. */
final readonly class Recipients
{
    private Walk $walk;

    public function __construct(private Blueprint $blueprint)
    {
        $this->walk = $blueprint->walk();
    }

    /** @return array<string, list<string>> “table: field” in small letters => the names of the services that are told it */
    public function ofFields(): array
    {
        $told = [];
        foreach ($this->walk->blanks as $blank) {
            $service = $this->serviceBehind($blank->node);
            foreach ($service === '' ? [] : $this->formulasIn($blank) as $formula) {
                foreach ($this->readIn($formula, $blank->scope) as $key) {
                    $told[$key][] = $service;
                }
            }
        }
        foreach ($this->walk->nodesOf(KnownRows::class) as $known) {
            foreach ($this->known($known) as $key) {
                $told[$key][] = $this->serviceBehind($known);
            }
        }

        return array_map(fn (array $names): array => array_values(array_unique($names)), $told);
    }

    /** @return list<string> the names of the services that are told what people type, each once */
    public function typed(): array
    {
        $typed = '/\\b('.implode('|', ['input\\.\w', ...$this->typedValues()]).')/';
        $told = [];
        foreach ($this->walk->nodesOf(Argument::class) as $argument) {
            if (Pattern::match($typed, $argument->text('value'))) {
                $told[] = $this->serviceBehind($argument);
            }
        }
        foreach ($this->walk->nodesOf(Conversation::class) as $conversation) {
            $told[] = $this->serviceOf($conversation->text('request'));
        }

        return array_values(array_unique(array_filter($told)));
    }

    /** @return list<string> patterns of the values of the app that something typed is put into */
    private function typedValues(): array
    {
        $set = array_filter($this->walk->nodesOf(SetValue::class), fn (NodeSpot $node): bool => Pattern::match('/\\binput\\./', $node->text('to')));

        return array_values(array_map(fn (NodeSpot $node): string => 'app\\.'.preg_quote(Names::inFormula($node->text('value')), '/').'\\b', $set));
    }

    /** The name of the service that is told what stands in a node; '' for none. */
    private function serviceBehind(NodeSpot $node): string
    {
        return $node->is(Argument::class)
            ? $this->serviceOf($node->parent?->text('request') ?? '')
            : (string) $node->within(Service::class)?->text('name');
    }

    /** @return list<string> the fields of rows that a request knows, as “table: field” in small letters */
    private function known(NodeSpot $known): array
    {
        $table = $this->blueprint->table($known->text('table'));
        $named = is_array($known->data['fields'] ?? null) ? array_filter($known->data['fields'], is_string(...)) : [];
        $fields = $named === [] ? array_column($table->fields ?? [], 'name') : $named;

        return array_map(fn (string $field): string => mb_strtolower("{$table?->name}: $field"), array_values($fields));
    }

    /** @return list<Formula> none where they cannot be read: that is a finding of its own, and tells nobody anything */
    private function formulasIn(BlankSpot $blank): array
    {
        $fit = $blank->blank->fit;
        try {
            return match (true) {
                $blank->isEmpty() => [],
                $fit instanceof FormulaFit => [Formula::of($blank->text())],
                $fit instanceof TextFit && ! $fit->plain => Template::of($blank->text())->formulas(),
                default => [],
            };
        } catch (FormulaMistake) {
            return [];
        }
    }

    /** @return list<string> the fields that a formula reads, as “table: field” in small letters */
    private function readIn(Formula $formula, Scope $scope): array
    {
        $read = [];
        $note = function (WordSpot $word) use (&$read): ?string {
            $table = Table::known($word->owner($this->blueprint));
            $field = $table?->fieldInFormula($word->word());
            if ($table !== null && $field !== null) {
                $read[] = mb_strtolower("$table->name: $field->name");
            }

            return null;
        };
        $formula->renamed($note, $scope);

        return $read;
    }

    private function serviceOf(string $request): string
    {
        foreach ($request === '' ? [] : $this->blueprint->services as $service) {
            if ($service->request($request) !== null) {
                return $service->name;
            }
        }

        return '';
    }
}
