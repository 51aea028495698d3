<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use DateTimeImmutable;
use DateTimeZone;

/** A payment and what became of it: how long it is earned, and the entries that follow. */
final class Piece
{
    public const DAY = 86400;

    /** When it is earned no more; null where it is to its last day. */
    public ?DateTimeImmutable $ends = null;

    /** @var list<Entry> what follows beside what is earned */
    public array $entries = [];

    /** It was taken back by a bank, and that is not decided yet. */
    private bool $disputed = false;

    /** How often. */
    private int $times = 0;

    public function __construct(public readonly Payment $payment)
    {
        $this->entries = $payment->fresh ? [$payment->paid()] : [];
    }

    /** Whole days of it that are over by then. */
    public function days(DateTimeImmutable $at): int
    {
        return min($this->payment->days, intdiv(max(0, $at->getTimestamp() - $this->payment->at->getTimestamp()), self::DAY));
    }

    public function end(DateTimeImmutable $at, ?Entry $entry = null): void
    {
        $this->ends = $at;
        if ($entry !== null) {
            $this->entries[] = $entry;
        }
    }

    /** What an event does to it, where it is one of those that do something to what was paid before. */
    public function take(Event $event): void
    {
        if ($this->ends !== null) {
            return;
        }
        switch ($event->what) {
            case Happened::Refunded:
                $this->entries[] = $this->payment->givenBack($this->days($event->at), $event->at, true, $event->charge?->gross);
                $this->ends = $event->at;
                break;
            case Happened::Disputed:
                $this->dispute($event->at);
                break;
            case Happened::DisputeWon:
                if ($this->disputed) {
                    $this->entries[] = $this->payment->disputeWon($event->at, $this->times);
                    $this->disputed = false;
                }
                break;
            case Happened::DisputeLost:
                $this->dispute($event->at);
                $this->entries[] = $this->payment->disputeLost($this->days($event->at), $event->at);
                $this->ends = $event->at;
                break;
            default:
        }
    }

    /** A payment is disputed once; what comes after is about the same. */
    private function dispute(DateTimeImmutable $at): void
    {
        if (! $this->disputed) {
            $this->disputed = true;
            $this->entries[] = $this->payment->disputed($at, ++$this->times);
        }
    }

    /** @return list<Entry> what is earned of it with each month */
    public function earned(): array
    {
        $entries = [];
        $payment = $this->payment;
        $most = $this->ends === null ? $payment->days : $this->days($this->ends);
        $month = $payment->at->setTimezone(new DateTimeZone('UTC'))->modify('first day of next month')->setTime(0, 0);
        for ($from = 0; $from < $most; $month = $month->modify('+1 month')) {
            $to = min($most, intdiv($month->getTimestamp() - $payment->at->getTimestamp(), self::DAY));
            if ($to > $from) {
                $entries[] = $payment->earnedUntil($from, $to);
                $from = $to;
            }
        }

        return $entries;
    }
}
