<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Prefix;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Template;
use Lanai\Core\Formula\WordSpot;
use Lanai\Core\Language\BlankSpot;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Text\Names;

/** Sentences taken out of their place: what they know there becomes what they are given. */
final class Extraction
{
    /** @var array<string, array{name: string, type: array<string, mixed>, with: string}> by name in formulas */
    private array $taking = [];

    /** @param  list<int>  $indexes  where the sentences stand in their list */
    public function __construct(private readonly Blueprint $blueprint, private readonly string $list, private readonly array $indexes)
    {
    }

    /**
     * @return array{list<array<string, mixed>>, list<array{name: string, type: array<string, mixed>, with: string}>} the sentences as they
     *   read on their own, and what they take
     *
     * @throws EditRefused where they need what cannot be given
     */
    public function done(): array
    {
        $walk = $this->blueprint->walk();
        $outer = $walk->nodeAt(Pointer::parent($this->list))?->scope;
        $data = $this->blueprint->data();
        $from = $this->list.'/';
        $scope = null;
        foreach ($walk->blanks as $blank) {
            if (
                ! $this->within($blank, $from) ||
                ! is_string($blank->value) ||
                $blank->value === '' ||
                ! in_array($blank->blank->fit->kind(), ['formula', 'text'], true)
            ) {
                continue;
            }
            $scope ??= $walk->nodeAt($from.explode('/', substr($blank->at, strlen($from)))[0])->scope ?? $outer;
            try {
                $changed =
                    $blank->blank->fit->kind() === 'formula'
                        ? $this->formula($blank->value, $blank->scope, $scope)
                        : Template::changed($blank->value, fn (string $f): string => $this->formula($f, $blank->scope, $scope));
            } catch (FormulaMistake) {
                throw new EditRefused('One of these has a formula that cannot be read. Put it right first.');
            }
            $data = Pointer::set($blank->at, $data, $changed);
        }
        $all = Prose::nodes(Pointer::get($this->list, $data));
        $kept = array_values(array_filter($all, fn (array $item, int $i): bool => in_array($i, $this->indexes, true), ARRAY_FILTER_USE_BOTH));

        return [$kept, array_values($this->taking)];
    }

    private function within(BlankSpot $blank, string $from): bool
    {
        return str_starts_with($blank->at, $from) && in_array((int) explode('/', substr($blank->at, strlen($from)))[0], $this->indexes, true);
    }

    private function formula(string $text, Scope $here, ?Scope $outer): string
    {
        return Formula::of($text)->renamed(fn (WordSpot $word): ?string => $this->word($word, $outer), $here);
    }

    private function word(WordSpot $word, ?Scope $outer): ?string
    {
        if ($outer === null || count($word->path) > 2) {
            return null;
        }
        $first = $word->path[0];
        if ($first === Prefix::Input->value) {
            throw new EditRefused('These use what is typed into the screen, which cannot be taken along. Begin with the lines that do not.');
        }
        if (! $word->isBare()) {
            return null;
        }
        // The row of a list around them, by "this" or by its bare parts.
        if (
            $outer->row !== null &&
            ($first === 'this'
                ? count($word->scopes) <= 1 || $word->scopes[count($word->scopes) - 1]->row === $outer->row
                : $word->owner($this->blueprint) === $outer->row)
        ) {
            $name = Names::inFormula($outer->row->one());
            $this->take($name, $outer->row->one(), 'this');

            return $first === 'this' ? $name : "$name.$first";
        }
        $type = $outer->names[$first] ?? null;
        if ($type?->kind === Kind::Row && $first !== 'me' && $first !== 'this') {
            $this->take($first, $type->one, $first);
        }

        return null;
    }

    private function take(string $name, string $one, string $with): void
    {
        $this->taking[$name] ??= [
            'name' => $this->blueprint->tableOfOne($one)->singular ?? $one,
            'type' => ['kind' => 'link', 'one' => $one],
            'with' => $with,
        ];
    }
}
