<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Play\Arguments;
use Lanai\Core\Play\Branching;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Later;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Values\Duration;

/** Does a routine: now, as a part of this tap, or some time later by itself. */
final readonly class DoRoutine implements Branching
{
    private const DEEPEST = 20;

    /**
     * @param  list<string>  $with  a formula for each value that it takes
     * @param  string  $after  a formula that gives a duration; '' for now
     */
    public function __construct(public string $routine, public array $with = [], public string $after = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('do', new Blank('routine', NamedFit::routine()))->clauses(
            Clause::joined('with', 'with values', new Series('with', ',', FormulaFit::giving(Kind::Any))),
            Clause::of('after', 'later, after', new Blank('after', FormulaFit::giving(Kind::Duration))),
        );
    }

    public function branches(Blueprint $blueprint): array
    {
        $index = $blueprint->routineIndex($this->routine);

        return $index === null ? [] : [$blueprint->routines[$index]->does];
    }

    public function run(Doing $doing): void
    {
        $index = $doing->scene->blueprint->routineIndex($this->routine) ?? throw new Refused('There is nothing to do here yet.');
        $routine = $doing->scene->blueprint->routines[$index];
        $given = Arguments::given($routine->parameters(), $this->with, $doing->scene);
        $after = $this->after === '' ? null : $doing->scene->value($this->after, 'after');
        if ($after instanceof Duration && $after->seconds > 0) {
            $doing->outcome->later[] = new Later($routine->name, Later::written($given), $after->seconds);
            $doing->scene->trail->step('later', "$routine->name in ".$doing->scene->show($after), $doing->scene->at);

            return;
        }
        if (substr_count($doing->scene->at, '=') >= self::DEEPEST) {
            throw new Refused('This goes round in a circle and was stopped.');
        }
        $doing->in($doing->scene->knowing($given)->at("{$doing->scene->at}=/routines/$index"))->run($routine->does, 'does');
    }
}
