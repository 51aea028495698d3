<?php

declare(strict_types=1);

// Taps a button of an app's sandbox once for each of some people, one right after the other: book.php FOLDER APP SCREEN ROW AT FROM TO,
// where FROM and TO are the first and the last of the people. Prints how many were in and how many were refused.

use Lanai\Core\Formula\Moment;
use Lanai\Core\Play\Visit;

require __DIR__.'/tapping.php';
[, $folder, $id, $screen, $row, $at, $from, $to] = $argv;
tapAll($folder, (int) $id, $at, (function () use ($screen, $row, $from, $to): iterable {
    for ($person = (int) $from; $person <= (int) $to; $person++) {
        yield "book.$person" => new Visit(new Moment(new DateTimeImmutable, new DateTimeZone('UTC')), $screen, [(int) $row], $person);
    }
})());
