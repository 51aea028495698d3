<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Model\People\Through;

/** An outside provider that leads people back to an address which is no longer the app's. */
final class ProviderMoved implements Rule
{
    public function holds(): string
    {
        return 'Outside providers know the address of this app.';
    }

    public function station(): Station
    {
        return Station::People;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->blueprint->signIn->ways ?? [] as $i => $way) {
            if (! ($way instanceof Through)) {
                continue;
            }
            foreach ($reading->returns[mb_strtolower($way->provider)] ?? [] as [$registered, $needed]) {
                if ($registered !== '' && $registered !== $needed) {
                    yield Finding::blocking(
                        self::class,
                        "/signIn/ways/$i",
                        "$way->provider leads people back to $registered, but the address is now $needed. Register it there, and check again.",
                    );
                }
            }
        }
    }
}
