<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\Fits\NamedFit;
use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Blueprint\Row;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Effects\AskFor;
use Lanai\Core\Ports\Refused;
use Lanai\Core\Runtime\Drawing;
use Lanai\Core\Runtime\Holding;
use Lanai\Core\Runtime\Line;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\Scope;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Series;
use Lanai\Core\Script\SubLine;
use Lanai\Core\Services\Answer;
use Lanai\Core\Services\Call;
use Lanai\Core\Services\Given;

/**
 * Lines about the answer of a service. They know it by the name of the request; what is shown while it is on its way, when it
 * is empty and when it cannot be got is said here.
 */
final readonly class From implements Holding
{
    use HoldsLines;

    private const MOST = 20;

    /**
     * @param  list<Given>  $with
     * @param  list<Line>  $lines
     */
    public function __construct(public string $request, #[ListOf(Given::class)] public array $with = [], public string $loading = '', public string $empty = '', public string $failed = '', #[ListOf(Line::class)] public array $lines = [], public Placing $placing = new Placing)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('From', new Blank('request', NamedFit::request()))
            ->clauses(Clause::joined('with', 'what it is told', new Series('with', ',', Given::class)), ...Placing::clauses())
            ->below(
                new SubLine('while it is on its way:', new Blank('loading', new TextFit), 'what it says while it is on its way'),
                new SubLine('when empty:', new Blank('empty', new TextFit), 'what it says when there is nothing'),
                new SubLine('when it fails:', new Blank('failed', new TextFit), 'what it says when it cannot be got'),
                self::linesInside(),
            )
            ->within(['with'], fn (array $data, Scope $scope): Scope => $scope->target(self::variables($data, $scope)))
            ->within(['lines'], fn (array $data, Scope $scope): Scope => $scope->with(AskFor::types($data, $scope->blueprint)));
    }

    public function inside(Scene $scene): iterable
    {
        $rows = $this->state($scene)[1];
        if ($rows !== null) {
            yield ['/lines', $this->lines, $scene->knowing(self::named($this->request, $rows, $scene->blueprint))];
        }
    }

    public function draw(Scene $scene): array
    {
        [$state, $rows, $answer] = $this->state($scene);
        $said = match ($state) {
            'loading' => $this->loading === '' ? 'One moment …' : $scene->text($this->loading, 'loading'),
            'empty' => $this->empty === '' ? 'There is nothing here.' : $scene->text($this->empty, 'empty'),
            'failed' => $answer?->trouble?->said ?: ($this->failed === '' ? 'This cannot be fetched just now.' : $scene->text($this->failed, 'failed')),
            default => $answer?->late === true ? ($answer->at === null ? 'This may be out of date.' : 'As of '.$scene->show($answer->at).'. It cannot be fetched anew just now.') : '',
        };

        return ['state' => $state, 'said' => $said, 'nodes' => $rows === null ? [] : array_merge(...array_values(Drawing::inside($this, $scene)))] + ($answer?->trouble?->wait === null ? [] : ['wait' => $answer->trouble->wait]);
    }

    /**
     * What is known under the name of a request: its row, or all of them.
     *
     * @param  list<Row>  $rows
     * @return array<string, mixed>
     */
    public static function named(string $request, array $rows, Blueprint $blueprint): array
    {
        $asked = $blueprint->asked($request)[1] ?? null;

        return $asked === null ? [] : [Names::inFormula($asked->called()) => $asked->givesMany() ? $rows : ($rows[0] ?? null)];
    }

    /** @return array{'ready'|'loading'|'empty'|'failed', list<Row>|null, Answer|null} */
    private function state(Scene $scene): array
    {
        try {
            $call = Call::to($this->request, $this->with, $scene, $this->wanted($scene));
        } catch (Refused $refused) {
            $scene->trail->step('not asked', $refused->getMessage(), $scene->at);

            return ['empty', null, null];
        }
        if (! $call->reads()) {
            $scene->trail->step('not asked', "$this->request changes something, and a screen that is only shown must not.", $scene->at);

            return ['failed', null, null];
        }
        $answer = $scene->answers?->of($call);
        if ($answer === null) {
            return ['loading', null, null];
        }
        if (! $answer->isThere()) {
            return ['failed', null, $answer];
        }
        $rows = $scene->answers->rows($call, $answer);

        return $rows === [] ? ['empty', null, $answer] : ['ready', $rows, $answer];
    }

    /** How many rows the lists in it will show, one more to know whether there are more. */
    private function wanted(Scene $scene): int
    {
        $most = 0;
        foreach ($this->lines as $i => $line) {
            if ($line instanceof ListLine) {
                $most = max($most, ($line->page ?? ListLine::PAGE) * max(1, $scene->visit->pages["$scene->at/lines/$i"] ?? 1) + 1);
            }
        }

        return $most === 0 ? 200 : min($most, self::MOST * 200);
    }

    /** @param  array<string, mixed>  $data */
    private static function variables(array $data, Scope $scope): ?Table
    {
        return AskFor::variables($data, $scope->blueprint);
    }
}
