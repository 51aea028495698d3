<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Data\Row;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Refused;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Fits\ScreenFit;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Series;

/** Opens a screen, with the rows that it is about. */
final readonly class GoToScreen implements Effect
{
    /** @param  list<string>  $with a formula for each row that the screen is about, in its order */
    public function __construct(public string $screen, public array $with = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('go to', new Blank('screen', new ScreenFit))
            ->clauses(Clause::joined('with', 'with a row', new Series('with', ',', FormulaFit::row())));
    }

    public function run(Doing $doing): void
    {
        $screen = $doing->scene->blueprint->screen($this->screen) ?? throw new Refused('There is nowhere to go from here yet.');
        $ids = [];
        foreach ($this->with as $formula) {
            $row = $formula === '' ? null : $doing->scene->value($formula, 'with');
            $ids[] = $row instanceof Row ? $row->id : 0;
        }
        $doing->outcome->go = ['screen' => $screen->slug(), 'args' => $ids];
    }
}
