<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Lines\From;
use Lanai\Core\Services\Request;

/** A screen that would send something whenever it is shown. */
final class ShownAndSent implements OfOneScreen
{
    public function holds(): string
    {
        return 'Screens only ask for what they show; they send nothing by being shown.';
    }

    public function station(): Station
    {
        return Station::Services;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->nodesOf(From::class) as $from) {
            [$service, $request] = $reading->blueprint->asked($from->text('request')) ?? [null, null];
            if ($service === null || ! ($request instanceof Request) || in_array($request->method, ['', 'GET'], true) || ($request->keptFor() ?? 0) > 0) {
                continue;
            }
            $at =
                '/services/'.array_search($service, $reading->blueprint->services, true).'/requests/'.array_search($request, $service->requests, true);
            yield Finding::blocking(
                self::class,
                $from->at,
                "“{$request->name}” is a $request->method: it would be sent whenever this screen is shown, so it is not asked here. Let a tap ask "
                    .'for it, or, where it only reads, say how long its answer is kept.',
                Mend::put('It only reads: keep its answer for 10 minutes', "$at/kept", 10),
            );
        }
    }
}
