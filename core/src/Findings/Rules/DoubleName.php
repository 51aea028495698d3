<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Model\Screen;
use Lanai\Core\Text\Names;

/** Two things of one kind under one name: formulas and links could not tell them apart. */
final class DoubleName implements OfOneScreen
{
    public function holds(): string
    {
        return 'No two things share a name.';
    }

    public function station(): Station
    {
        return Station::Data;
    }

    public function look(Reading $reading): iterable
    {
        $seen = [];
        foreach ($reading->isAround() ? $reading->blueprint->screens : [] as $i => $screen) {
            $key = Names::inFormula($screen->name);
            if ($screen->name !== '' && isset($seen[$key])) {
                yield Finding::blocking(self::class, "/screens/$i/name", self::twice($screen->name));
            }
            $seen[$key] = true;
        }
        $seen = [];
        foreach ($reading->walk()->blanks as $spot) {
            if ($spot->node->is(Screen::class) || ! $spot->blank->fit instanceof NameFit || $spot->isEmpty() || $spot->blank->key === 'stored') {
                continue;
            }
            $key = $spot->node->class.$spot->blank->key.($spot->node->parent->at ?? '').Names::inFormula($spot->text());
            if (isset($seen[$key])) {
                yield Finding::blocking(self::class, $spot->at, self::twice($spot->text()));
            }
            $seen[$key] = true;
        }
    }

    private static function twice(string $name): string
    {
        return "“{$name}” is used twice. Give one of them another name.";
    }
}
