<?php

declare(strict_types=1);

namespace App\Adverts;

use Lanai\Core\Adverts\Format;
use Lanai\Core\Text\Names;

/** Somewhere in an app where an advert may come. */
final readonly class Place
{
    /** @param  int  $minutes  at most once in so many for each person; 0 for as often as the rules allow */
    public function __construct(public string $name, public Format $format, public int $minutes = 0)
    {
    }

    public function key(): string
    {
        return Names::inStorage($this->name);
    }
}
