<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Blueprint\Fits\ScreenFit;
use Lanai\Core\Blueprint\Row;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Ports\Refused;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Series;

/** Opens a screen, with the rows that it is about. */
final readonly class GoToScreen implements Effect
{
    /** @param  list<string>  $with a formula for each row that the screen is about, and then for each value it takes */
    public function __construct(public string $screen, public array $with = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('go to', new Blank('screen', new ScreenFit))
            ->clauses(Clause::joined('with', 'with what it is about', new Series('with', ',', FormulaFit::giving(Kind::Any))));
    }

    public function run(Doing $doing): void
    {
        $screen = $doing->scene->blueprint->screen($this->screen) ?? throw new Refused('There is nowhere to go from here yet.');
        $ids = [];
        foreach ($this->with as $i => $formula) {
            $value = $formula === '' ? null : $doing->scene->value($formula, 'with');
            $taken = $screen->taking[$i - count($screen->about)] ?? null;
            $ids[] = $value instanceof Row ? $value->id : ($taken === null ? 0 : ($value === null ? '' : $taken->type->write(is_int($value) && $taken->type->type()->kind === Kind::Decimal ? (float) $value : $value)));
        }
        $doing->outcome->go = ['screen' => $screen->slug(), 'args' => $ids];
    }
}
