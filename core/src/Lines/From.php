<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;
use Lanai\Core\Language\SubLine;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Services\FromServices;
use Lanai\Core\Model\Table;
use Lanai\Core\Play\Drawing;
use Lanai\Core\Play\Holding;
use Lanai\Core\Play\Line;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Services\Answer;
use Lanai\Core\Services\Answers;
use Lanai\Core\Services\Argument;
use Lanai\Core\Services\Call;

/**
 * Lines about the answer of a service. They know it by the name of the request; what is shown while it is on its way, when it
 * is empty and when it cannot be got is said here.
 */
final readonly class From implements Holding
{
    use HoldsLines;

    private const MOST = 20;

    /**
     * @param  list<Argument>  $with
     * @param  list<Line>  $lines
     */
    public function __construct(
        public string $request,
        #[ListOf(Argument::class)] public array $with = [],
        public string $loading = '',
        public string $empty = '',
        public string $failed = '',
        #[ListOf(AnyLine::class)] public array $lines = [],
        public Placing $placing = new Placing(),
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('From', new Blank('request', NamedFit::request()))
            ->clauses(Clause::joined('with', 'what it is told', new Series('with', ',', Argument::class)), ...Placing::clauses())
            ->below(
                new SubLine('while it is on its way:', new Blank('loading', new TextFit()), 'what it says while it is on its way'),
                new SubLine('when empty:', new Blank('empty', new TextFit()), 'what it says when there is nothing'),
                new SubLine('when it fails:', new Blank('failed', new TextFit()), 'what it says when it cannot be got'),
                self::linesInside(),
            )
            ->within(['with'], fn (array $data, Scope $scope): Scope => $scope->target(self::variables($data, $scope)))
            ->within(['lines'], fn (array $data, Scope $scope): Scope => $scope->with(FromServices::types($data, Blueprint::in($scope))));
    }

    public function inside(Scene $scene): iterable
    {
        $rows = $this->state($scene)[1];
        if ($rows !== null) {
            yield ['/lines', $this->lines, $scene->knowing(FromServices::named($this->request, $rows, $scene->blueprint))];
        }
    }

    public function draw(Scene $scene): array
    {
        [$state, $rows, $answer] = $this->state($scene);
        $said = match ($state) {
            'loading' => $this->loading === '' ? $scene->own('One moment …') : $scene->text($this->loading, 'loading'),
            'empty' => $this->empty === '' ? $scene->own('There is nothing here.') : $scene->text($this->empty, 'empty'),
            'failed' => $answer?->trouble?->said ?: $this->failure($scene),
            default => $answer?->late === true ? self::age($answer, $scene) : '',
        };

        return ['state' => $state, 'said' => $said, 'nodes' => $rows === null ? [] : array_merge(...array_values(Drawing::inside($this, $scene)))] +
            ($answer?->trouble?->wait === null ? [] : ['wait' => $answer->trouble->wait]);
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        $said = Nodes::text($node, 'said');
        $again = ($node['state'] ?? '') === 'failed' || (($node['state'] ?? '') === 'ready' && $said !== '');

        return $setting->stacked([
            ...$said === '' ? [] : [$setting->said($said)],
            ...$again ? [ButtonLine::shape($setting->own('Try again'), $setting->pen)] : [],
            ...$setting->inside($node, Within::Group),
        ]);
    }

    private function failure(Scene $scene): string
    {
        return $this->failed === '' ? $scene->own('This cannot be fetched just now.') : $scene->text($this->failed, 'failed');
    }

    private static function age(Answer $answer, Scene $scene): string
    {
        return $answer->at === null
            ? $scene->own('This may be out of date.')
            : $scene->own('As of {0}. It cannot be fetched anew just now.', $scene->show($answer->at));
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
        $answer = $scene->beside(Answers::class)?->of($call);
        if ($answer === null) {
            return ['loading', null, null];
        }
        if (! $answer->isThere()) {
            return ['failed', null, $answer];
        }
        $rows = $scene->beside(Answers::class)->rows($call, $answer);

        return $rows === [] ? ['empty', null, $answer] : ['ready', $rows, $answer];
    }

    /** How many rows the lists in it will show, one more to know whether there are more. */
    private function wanted(Scene $scene): int
    {
        $most = 0;
        foreach ($this->lines as $i => $line) {
            if ($line instanceof ListLine) {
                $most = max($most, $line->most($scene->visit->pages["$scene->at/lines/$i"] ?? 1) + 1);
            }
        }

        return $most === 0 ? 200 : min($most, self::MOST * 200);
    }

    /** @param  array<string, mixed>  $data */
    private static function variables(array $data, Scope $scope): ?Table
    {
        return FromServices::variables($data, Blueprint::in($scope));
    }
}
