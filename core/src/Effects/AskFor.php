<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\Fits\NamedFit;
use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Formula\Type;
use Lanai\Core\Lines\From;
use Lanai\Core\Ports\Refused;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Runtime\NoAnswer;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\Prose;
use Lanai\Core\Script\Scope;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Series;
use Lanai\Core\Services\Answer;
use Lanai\Core\Services\Call;
use Lanai\Core\Services\Given;
use Lanai\Core\Services\Variable;

/** Asks a service; the effects after it know the answer by the name of the request. Nothing of the tap stays where it fails. */
final readonly class AskFor implements Effect
{
    /** @param  list<Given>  $with */
    public function __construct(public string $request, #[ListOf(Given::class)] public array $with = [], public string $otherwise = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('ask for', new Blank('request', NamedFit::request()))
            ->clauses(
                Clause::joined('with', 'what it is told', new Series('with', ',', Given::class)),
                Clause::of('otherwise say', 'what it says where there is no answer', new Blank('otherwise', new TextFit)),
            )
            ->within(['with'], fn (array $data, Scope $scope): Scope => $scope->target(self::variables($data, $scope->blueprint)));
    }

    public function run(Doing $doing): void
    {
        $scene = $doing->scene;
        $answers = $scene->answers;
        $call = Call::to($this->request, $this->with, $scene);
        if ($answers === null) {
            throw new Refused('Services cannot be reached here.');
        }
        $answer = $doing->outside(fn (): Answer => $answers->now($call));
        if (! $answer instanceof Answer || ! $answer->isThere()) {
            $said = $answer instanceof Answer ? $answer->trouble?->said : '';
            throw new NoAnswer($said ?: ($this->otherwise === '' ? 'This cannot be fetched just now. Please try again later.' : $scene->text($this->otherwise, 'otherwise')));
        }
        $doing->outcome->answers = From::named($this->request, $answers->rows($call, $answer), $scene->blueprint) + $doing->outcome->answers;
    }

    /** @param  array<string, mixed>  $data  of a node that asks */
    public static function variables(array $data, Blueprint $blueprint): ?Table
    {
        $asked = is_string($data['request'] ?? null) ? ($blueprint->asked($data['request'])[1] ?? null) : null;

        return $asked === null ? null : Variable::asTable($asked->called(), $asked->taken());
    }

    /**
     * What is known where this was asked.
     *
     * @param  array<string, mixed>  $data
     * @return array<string, Type>
     */
    public static function types(array $data, Blueprint $blueprint): array
    {
        $asked = is_string($data['request'] ?? null) ? ($blueprint->asked($data['request'])[1] ?? null) : null;
        $table = $asked === null ? null : ($asked->tables()[0] ?? null);
        $row = $table === null ? null : Type::row($table->singular);

        return $asked === null || $row === null ? [] : [Names::inFormula($asked->called()) => $asked->givesMany() ? Type::several($row) : $row];
    }

    /**
     * What the effects of a node, and those inside of them, ask for.
     *
     * @param  array<array-key, mixed>  $data
     * @return array<string, Type>
     */
    public static function in(array $data, Blueprint $blueprint): array
    {
        $found = ($data['kind'] ?? '') === 'askFor' ? self::types(Prose::node($data), $blueprint) : [];
        foreach ($data as $part) {
            if (is_array($part)) {
                $found += self::in($part, $blueprint);
            }
        }

        return $found;
    }
}
