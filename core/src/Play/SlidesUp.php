<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

/** A line that stays out of sight until an effect opens it by its name. */
interface SlidesUp extends Holding
{
    public function sheet(): string;
}
