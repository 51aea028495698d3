<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Language\NodeSpot;
use Lanai\Core\Lines\Chart;
use Lanai\Core\Lines\From;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Model\Piece;
use Lanai\Core\Model\Services\ServiceRequest;
use Lanai\Core\Model\Services\Variable;

/** A list, or a chart, of what a service answers that stands where nothing asks the service: it would always be empty. */
final class RowsNotAsked implements OfOneScreen
{
    public function holds(): string
    {
        return 'Every list of what a service answers stands where the service is asked.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        foreach ([...$reading->nodesOf(ListLine::class), ...$reading->nodesOf(Chart::class)] as $spot) {
            $name = $spot->text('table');
            $asked = $reading->blueprint->asked($name)[1] ?? null;
            if ($asked !== null && $spot->within(Piece::class) === null && ! self::isAsked($spot, $name)) {
                yield Finding::blocking(
                    self::class,
                    $spot->at,
                    "$name are what a service answers, and nothing asks for them here.",
                    self::mend($spot, $asked),
                );
            }
        }
    }

    private static function isAsked(NodeSpot $spot, string $request): bool
    {
        for ($around = $spot->parent; $around !== null; $around = $around->parent) {
            if ($around->is(From::class) && mb_strtolower($around->text('request')) === mb_strtolower($request)) {
                return true;
            }
        }

        return false;
    }

    /** None where the request must be told something: what, nobody but the founder knows. */
    private static function mend(NodeSpot $spot, ServiceRequest $asked): ?Mend
    {
        if (array_filter($asked->taken(), fn (Variable $v): bool => $v->begins === '') !== []) {
            return null;
        }

        return new Mend("Ask for {$asked->called()} around it", [
            ['op' => 'replace', 'path' => $spot->at, 'value' => ['kind' => 'from', 'request' => $asked->called(), 'lines' => [$spot->data]]],
        ]);
    }
}
