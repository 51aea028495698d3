<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

/** A line on which a tap does something. */
interface Tappable extends Line
{
    /**
     * @param  int|null  $item  the id of the row that was tapped, for lines that show several
     *
     * @throws \Lanai\Core\Rows\Refused where a guard or a check says no
     */
    public function tap(Doing $doing, ?int $item): void;

    /** @return list<Effect> what its taps do, in any part of it */
    public function effects(): array;
}
