<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\Blueprint;

/** A line with other lines in it. */
interface Holding extends Line
{
    /**
     * @return iterable<array{string, list<AnyLine>, Scene}> for each place inside: how its pointer goes on from this line's, the
     *   lines there, and what they know
     */
    public function inside(Scene $scene): iterable;

    /** @return list<AnyLine> the lines in it, wherever they are */
    public function held(Blueprint $blueprint): array;
}
