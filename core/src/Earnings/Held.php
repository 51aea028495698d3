<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use DateTimeImmutable;

/** From when until when somebody has what they bought, as far as is known: what time alone changes is told before it comes. */
final readonly class Held
{
    /** Nothing ends later: what is kept for ever ends then. */
    public const FOREVER = '9999-12-31T00:00:00Z';

    private function __construct(public DateTimeImmutable $from, public DateTimeImmutable $until)
    {
    }

    /**
     * @param  list<Event>  $events  of one purchase, in any order, each once or several times
     * @return list<self> apart from one another, the first one first
     */
    public static function of(array $events, Patience $patience = new Patience()): array
    {
        $end = new DateTimeImmutable(self::FOREVER);
        $held = [];
        $from = null;
        foreach (Subscription::history($end->modify('-1 second'), $events, $patience) as [$at, $status]) {
            if ($status->has()) {
                $from ??= $at;
            } elseif ($from !== null) {
                if ($from < $at) {
                    $held[] = new self($from, $at);
                }
                $from = null;
            }
        }

        return $from === null ? $held : [...$held, new self($from, $end)];
    }
}
