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
use Lanai\Core\Model\Fits\ScreenFit;
use Lanai\Core\Play\Arguments;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\LeadsOn;
use Lanai\Core\Rows\Refused;

/** Opens a screen, with the rows that it is about. */
final readonly class GoToScreen implements Effect, LeadsOn
{
    /** @param  list<string>  $with a formula for each row that the screen is about, and then for each value it takes */
    public function __construct(public string $screen, public array $with = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('go to', new Blank('screen', new ScreenFit()))->clauses(
            Clause::joined('with', 'with what it is about', new Series('with', ',', FormulaFit::giving(Kind::Any))),
        );
    }

    public function run(Doing $doing): void
    {
        $screen = $doing->scene->blueprint->screen($this->screen) ?? throw new Refused('There is nowhere to go from here yet.');
        $arguments = Arguments::placed($screen->parameters(), $this->with, $doing->scene);
        $doing->outcome->go = ['screen' => $screen->slug(), 'args' => $arguments];
    }

    public function leads(Blueprint $blueprint): string
    {
        $screen = $this->with === ['this'] ? $blueprint->screen($this->screen) : null;

        return $screen !== null && count($screen->parameters()) === 1 ? $screen->slug() : '';
    }
}
