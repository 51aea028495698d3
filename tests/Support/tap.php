<?php

declare(strict_types=1);

// Taps "Count me in" on the first swim of an app's sandbox: tap.php FOLDER APP NAME PEOPLE, once for each of so many people,
// one right after the other. Prints how many were in and how many were refused.

use Lanai\Core\Formula\Moment;
use Lanai\Core\Play\Visit;

require __DIR__.'/tapping.php';
[, $folder, $id, $name, $people] = $argv;
tapAll($folder, (int) $id, '/screens/1/lines/6', (function () use ($name, $people): iterable {
    for ($n = 1; $n <= (int) $people; $n++) {
        yield "$name.$n" => new Visit(new Moment(new DateTimeImmutable, new DateTimeZone('UTC')), 'swim', [1], 1, ['name' => "$name.$n"]);
    }
})());
