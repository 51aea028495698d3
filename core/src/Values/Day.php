<?php

declare(strict_types=1);

namespace Lanai\Core\Values;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Text\Pattern;

/** A day of the calendar, without a time or a zone. */
final readonly class Day implements Sortable
{
    /** @param  string  $iso ISO 8601, as in 2026-12-24 */
    private function __construct(public string $iso)
    {
    }

    /** Null where there is no such day. */
    public static function of(string $iso): ?self
    {
        return Pattern::match('/^(\d{4})-(\d\d)-(\d\d)$/', $iso, $m) && checkdate((int) $m[2], (int) $m[3], (int) $m[1]) ? new self($iso) : null;
    }

    public static function at(DateTimeImmutable $moment, DateTimeZone $zone): self
    {
        return new self($moment->setTimezone($zone)->format('Y-m-d'));
    }

    public function key(): string
    {
        return $this->iso;
    }

    /** Its first instant in the zone: midnight, or the end of the gap where the clocks leave midnight out. */
    public function begins(DateTimeZone $zone): DateTimeImmutable
    {
        return (new DateTimeImmutable($this->iso, $zone))->setTimezone(new DateTimeZone('UTC'));
    }

    public function plusDays(int $days): self
    {
        return new self((new DateTimeImmutable($this->iso, new DateTimeZone('UTC')))->modify(sprintf('%+d days', $days))->format('Y-m-d'));
    }
}
