<?php

declare(strict_types=1);

namespace App\Adverts;

use Lanai\Core\Adverts\Format;
use Lanai\Core\Text\Names;

/** Somewhere in an app where an advert may come. */
final readonly class Place
{
    /**
     * @param  int  $minutes  at most once in so many for each person; 0 for as often as the rules allow
     * @param  string  $reward  what there is for it, as it is written
     */
    public function __construct(public string $name, public Format $format, public int $minutes = 0, public string $reward = '')
    {
    }

    public function key(): string
    {
        return Names::inStorage($this->name);
    }
}
