<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;

/** Answers that no longer look as they did: what the app shows of them may be empty. */
final class AnswerOutOfShape implements Rule
{
    public function holds(): string
    {
        return 'The answers of services still have the shape that is kept.';
    }

    public function station(): Station
    {
        return Station::Services;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->blueprint->services as $s => $service) {
            foreach ($service->requests as $r => $request) {
                $broken = $reading->broken[$request->called()] ?? [];
                if ($broken !== []) {
                    yield Finding::warning(
                        self::class,
                        "/services/$s/requests/$r",
                        "The latest answer to {$request->called()} has another shape: ".implode(' ', array_slice($broken, 0, 3)),
                    );
                }
            }
        }
    }
}
