<?php

declare(strict_types=1);

namespace Lanai\Core\Runtime;

use Lanai\Core\Blueprint\Blueprint;

/** A line with other lines in it. */
interface Holding extends Line
{
    /**
     * @return iterable<array{string, list<Line>, Scene}> for each place inside: how its pointer goes on from this line's, the
     *   lines there, and what they know
     */
    public function inside(Scene $scene): iterable;

    /** @return list<Line> the lines in it, wherever they are */
    public function held(Blueprint $blueprint): array;
}
