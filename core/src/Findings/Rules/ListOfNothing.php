<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Text\Article;

/** A list of the rows of another row, where no link joins the two. */
final class ListOfNothing implements OfOneScreen
{
    public function holds(): string
    {
        return 'Every list on the screen of a row shows rows that link to it.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->nodesOf(ListLine::class) as $spot) {
            $table = $reading->blueprint->table($spot->text('table'));
            try {
                $type = $spot->text('owner') === '' ? null : Formula::of($spot->text('owner'))->typeIn($spot->scope);
            } catch (FormulaMistake) {
                continue;
            }
            $owner = $type?->kind === Kind::Row ? $reading->blueprint->tableOfOne($type->one) : null;
            if ($table === null || $owner === null) {
                continue;
            }
            $links = array_filter(
                $reading->blueprint->partsOf($owner),
                fn ($part): bool => $part->of?->kind === Kind::Row && mb_strtolower($part->of->one) === mb_strtolower($table->singular),
            );
            if ($links === []) {
                yield Finding::blocking(
                    self::class,
                    "$spot->at/owner",
                    "$table->name have no link to ".Article::with($owner->singular).', so this list would always be empty.',
                    new Mend('List all of them', [['op' => 'remove', 'path' => "$spot->at/owner"]]),
                );
            }
        }
    }
}
