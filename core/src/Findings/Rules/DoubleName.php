<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\Names;

/** Two things of one kind under one name: formulas and links could not tell them apart. */
final class DoubleName implements Rule
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
        foreach ($reading->walk->blanks as $spot) {
            if (! $spot->blank->fit instanceof NameFit || $spot->isEmpty() || $spot->blank->key === 'stored') {
                continue;
            }
            $key = $spot->node->class.$spot->blank->key.($spot->node->parent->at ?? '').Names::inFormula($spot->text());
            if (isset($seen[$key])) {
                yield Finding::blocking(self::class, $spot->at, "“{$spot->text()}” is used twice. Give one of them another name.");
            }
            $seen[$key] = true;
        }
    }
}
