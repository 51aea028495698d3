<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;

final class BlankNotFilled implements OfOneScreen
{
    public function holds(): string
    {
        return 'Every blank is filled.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->walk()->blanks as $spot) {
            if (
                $spot->needed &&
                $spot->isEmpty() &&
                ! $spot->blank->mayBeEmpty &&
                ! str_starts_with($spot->at, '/release') &&
                ! in_array($spot->blank->key, ['empty'], true)
            ) {
                yield Finding::blocking(self::class, $spot->at, 'A blank is not filled: '.$spot->blank->fit->inWords($spot->scope).' is missing here.');
            }
        }
    }
}
