<?php

declare(strict_types=1);

namespace Lanai\Core\Reach;

use DateTimeImmutable;
use DateTimeZone;

/** Whether and when one person gets a message, by the rules of the app and by what they have turned off. */
final readonly class Sending
{
    private const DAY = 86400;

    /**
     * @param  DateTimeImmutable|null  $due  when it is to be sent; null where it is not
     * @param  string  $why  a sentence where it is not sent, or not now
     */
    private function __construct(public ?DateTimeImmutable $due, public string $why = '')
    {
    }

    /**
     * @param  DateTimeImmutable  $worth  when it is worth nothing any more
     * @param  DateTimeZone  $zone  where the person is
     * @param  Quiet|null  $quiet  the hours in which nothing comes; null where it comes at any time
     * @param  int|null  $daily  how many at most in 24 hours; null for as many as there are
     * @param  list<int>  $had  when the person was sent anything lately, or will be, in seconds since 1970
     * @param  int|null  $before  when they were sent this message last
     * @param  int|null  $seldom  hours between two of the same
     * @param  string  $off  the channel that they have turned off; '' where it is on
     * @param  bool  $reachable  something of theirs takes it
     */
    public static function decide(
        DateTimeImmutable $now,
        DateTimeImmutable $worth,
        DateTimeZone $zone,
        ?Quiet $quiet = null,
        ?int $daily = null,
        array $had = [],
        ?int $before = null,
        ?int $seldom = null,
        string $off = '',
        bool $reachable = true,
    ): self {
        if ($off !== '') {
            return new self(null, "“{$off}” is turned off.");
        }
        if (! $reachable) {
            return new self(null, 'No phone of theirs lets messages in.');
        }
        $due = $quiet?->endAfter($now, $zone) ?? $now;
        if ($due >= $worth) {
            return new self(null, 'It is night where they are, and in the morning it is worth nothing any more.');
        }
        $at = $due->getTimestamp();
        if ($before !== null && $seldom !== null && $at - $before < $seldom * 3600) {
            return new self(null, 'They had it less than '.($seldom === 1 ? 'an hour' : "$seldom hours").' ago.');
        }
        $lately = array_filter($had, fn (int $then): bool => abs($at - $then) < self::DAY);
        if ($daily !== null && count($lately) >= $daily) {
            return new self(null, 'They had '.($daily === 1 ? 'one message' : "$daily messages").' in a day already.');
        }

        return new self($due, $due > $now ? 'It is night where they are: it comes in the morning.' : '');
    }
}
