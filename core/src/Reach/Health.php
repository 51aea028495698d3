<?php

declare(strict_types=1);

namespace Lanai\Core\Reach;

/** How one version of an app does. */
final readonly class Health
{
    /** Visits below which nothing is said: one fault more would turn it (common practice, no source). */
    private const LEAST = 20;

    /**
     * @param  int  $visits  in which it was used
     * @param  int  $faults  that it told of; several may be of one visit
     */
    public function __construct(public int $visits, public int $faults)
    {
    }

    /** Of its visits those in which something went wrong, at the most. */
    public function share(): Share
    {
        return new Share(min($this->faults, $this->visits), $this->visits);
    }

    /** More goes wrong than with another one, and that by more than chance would have it: the intervals of both lie apart. */
    public function isWorseThan(self $other): bool
    {
        return min($this->visits, $other->visits) >= self::LEAST && $this->share()->low > $other->share()->high;
    }
}
