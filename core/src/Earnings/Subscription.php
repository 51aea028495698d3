<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use DateTimeImmutable;

/**
 * Where a subscription stands at a moment: a fold over its events in the order in which they happened. It does not matter in which order they
 * came, nor how often; one that never came is missed only until its till is asked.
 */
final class Subscription
{
    private const DAY = 86400;

    public Status $status = Status::Offered;

    /** How far is paid, free or paused. */
    public ?DateTimeImmutable $until = null;

    /** The free days are given once. */
    public bool $hadFreeDays = false;

    /** What is paid for; '' where that was not told. */
    public string $plan = '';

    /** What is paid for from the next period on; '' where that stays. */
    public string $next = '';

    /** A higher price of which they have heard; null for none. */
    public ?Event $rise = null;

    /** They have agreed to it. */
    public bool $agreed = false;

    /** Until when nothing is to be paid. */
    private ?DateTimeImmutable $freeUntil = null;

    /** Until when it pauses once what is paid is over. */
    private ?DateTimeImmutable $pause = null;

    private function __construct(private readonly Patience $patience)
    {
    }

    /** @param  list<Event>  $events  in any order, each once or several times */
    public static function at(DateTimeImmutable $now, array $events, Patience $patience = new Patience()): self
    {
        $here = new self($patience);
        foreach (self::inOrder($events) as $event) {
            if ($event->at > $now) {
                break;
            }
            $here->pass($event->at);
            $here->take($event);
        }
        $here->pass($now);

        return $here;
    }

    /**
     * Where it stood from when on, until a moment.
     *
     * @param  list<Event>  $events  in any order, each once or several times
     * @return list<array{DateTimeImmutable, Status}> each with when that began, the first one first
     */
    public static function history(DateTimeImmutable $now, array $events, Patience $patience = new Patience()): array
    {
        $here = new self($patience);
        $history = [];
        foreach (self::inOrder($events) as $event) {
            if ($event->at > $now) {
                break;
            }
            $here->pass($event->at, $history);
            $before = $here->status;
            $here->take($event);
            if ($here->status !== $before) {
                $history[] = [$event->at, $here->status];
            }
        }
        $here->pass($now, $history);

        return self::lasting($history);
    }

    /**
     * Without what was over the moment it began, as where a payment comes just when it is due.
     *
     * @param  list<array{DateTimeImmutable, Status}>  $history
     * @return list<array{DateTimeImmutable, Status}>
     */
    private static function lasting(array $history): array
    {
        $lasting = [];
        foreach ($history as $i => [$at, $status]) {
            $over = isset($history[$i + 1]) && $history[$i + 1][0] <= $at;
            if (! $over && ($lasting === [] || $lasting[count($lasting) - 1][1] !== $status)) {
                $lasting[] = [$at, $status];
            }
        }

        return $lasting;
    }

    /**
     * The events in the order in which they happened, each once.
     *
     * @param  list<Event>  $events
     * @return list<Event>
     */
    public static function inOrder(array $events): array
    {
        $each = [];
        foreach ($events as $event) {
            $each[$event->id] ??= $event;
        }
        usort($each, fn (Event $a, Event $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);

        return $each;
    }

    /** When it stands otherwise by time alone; null where time changes nothing. */
    public function ends(): ?DateTimeImmutable
    {
        return match ($this->status) {
            Status::Trial, Status::Active, Status::Ending, Status::Paused => $this->until,
            Status::Grace => $this->after($this->patience->graceDays),
            Status::Hold => $this->after($this->patience->graceDays + $this->patience->holdDays),
            default => null,
        };
    }

    /** So many times 24 hours after what was paid is over. */
    private function after(int $days): ?DateTimeImmutable
    {
        return $this->until?->setTimestamp($this->until->getTimestamp() + $days * self::DAY);
    }

    /**
     * What time alone does until then.
     *
     * @param  list<array{DateTimeImmutable, Status}>  $history  to which each change is added
     */
    private function pass(DateTimeImmutable $to, array &$history = []): void
    {
        while (($end = $this->ends()) !== null && $end <= $to) {
            if ($this->pause !== null && in_array($this->status, [Status::Trial, Status::Active], true) && $this->pause > $end) {
                [$this->status, $this->until, $this->pause] = [Status::Paused, $this->pause, null];
                $history[] = [$end, Status::Paused];

                continue;
            }
            // What was paid is over and nothing was heard: the payment is due, and the till is asked. Who did not agree to a higher price leaves.
            $this->status = match ($this->status) {
                Status::Trial, Status::Active, Status::Paused => $this->isSilent($end) ? Status::Expired : Status::Grace,
                Status::Grace => Status::Hold,
                default => Status::Expired,
            };
            $history[] = [$end, $this->status];
        }
    }

    /** Whether a higher price would be paid from then on to which they were asked to agree, and have not. */
    private function isSilent(DateTimeImmutable $end): bool
    {
        return $this->rise !== null && $this->rise->asks && ! $this->agreed && ($this->rise->until === null || $this->rise->until <= $end);
    }

    /** Takes what changes nothing of where it stands, only of what comes. */
    private function note(Event $event): bool
    {
        switch ($event->what) {
            case Happened::Chosen:
                $this->next = $event->plan === $this->plan ? '' : $event->plan;

                return true;
            case Happened::Rises:
                [$this->rise, $this->agreed] = [$event, false];

                return true;
            case Happened::Agreed:
                $this->agreed = $this->rise !== null;

                return true;
            default:
                return in_array($event->what, [Happened::Disputed, Happened::DisputeWon], true);
        }
    }

    /** A period begins: what was to come has come. */
    private function begin(Event $event): void
    {
        [$this->plan, $this->next] = [$event->plan === '' ? $this->plan : $event->plan, ''];
        if ($this->rise !== null && ($event->what !== Happened::Paid || $this->rise->until === null || $this->rise->until <= $event->at)) {
            [$this->rise, $this->agreed] = [null, false];
        }
    }

    private function take(Event $event): void
    {
        if ($this->note($event)) {
            return;
        }
        $status = self::TABLE[$event->what->value][$this->status->value] ?? null;
        if ($status === null) {
            return;
        }
        if ($event->what === Happened::Paused) {
            $this->pause = $event->until;

            return;
        }
        $this->pause = null;
        $free = $event->what === Happened::Bought && $event->free && ! $this->hadFreeDays;
        $this->hadFreeDays = $this->hadFreeDays || $free;
        if (in_array($event->what, [Happened::Bought, Happened::Paid, Happened::Resumed, Happened::Changed], true) && $event->until !== null) {
            $begins = $this->until === null || in_array($event->what, [Happened::Bought, Happened::Changed], true);
            $this->until = $begins ? $event->until : max($this->until, $event->until);
        }
        if (in_array($event->what, [Happened::Bought, Happened::Paid, Happened::Changed], true)) {
            $this->begin($event);
        }
        $this->freeUntil = $free ? $this->until : $this->freeUntil;
        // Who stays after all is where they were before they left: in the free days, or in what is paid.
        $inFreeDays = $status === Status::Active && $this->freeUntil !== null && $this->freeUntil == $this->until && $event->what !== Happened::Paid;
        $this->status = $inFreeDays ? Status::Trial : $status;
    }

    /**
     * What each event does from where; from anywhere else it changes nothing. The document of states is drawn from this.
     *
     * @var array<string, array<string, Status>>
     */
    public const TABLE = [
        'bought' => [
            'offered' => Status::Active,
            'expired' => Status::Active,
            'revoked' => Status::Active,
            'on hold' => Status::Active,
            'paused' => Status::Active,
            'ending' => Status::Active,
        ],
        'paid again' => [
            'trial' => Status::Active,
            'active' => Status::Active,
            'in grace' => Status::Active,
            'on hold' => Status::Active,
            'paused' => Status::Active,
            'expired' => Status::Active,
            'ending' => Status::Ending,
        ],
        'a payment failed' => ['in grace' => Status::Grace, 'on hold' => Status::Hold],
        'left' => [
            'trial' => Status::Ending,
            'active' => Status::Ending,
            'in grace' => Status::Expired,
            'on hold' => Status::Expired,
            'paused' => Status::Expired,
        ],
        'stays after all' => ['ending' => Status::Active],
        'pauses' => ['trial' => Status::Trial, 'active' => Status::Active],
        'goes on' => ['paused' => Status::Active],
        'was given back' => [
            'trial' => Status::Revoked,
            'active' => Status::Revoked,
            'in grace' => Status::Revoked,
            'on hold' => Status::Revoked,
            'paused' => Status::Revoked,
            'ending' => Status::Revoked,
        ],
        'changes plan' => [
            'trial' => Status::Active,
            'active' => Status::Active,
            'in grace' => Status::Active,
            'ending' => Status::Active,
        ],
        'lost a dispute' => [
            'trial' => Status::Revoked,
            'active' => Status::Revoked,
            'in grace' => Status::Revoked,
            'on hold' => Status::Revoked,
            'paused' => Status::Revoked,
            'ending' => Status::Revoked,
        ],
        'was taken away' => [
            'trial' => Status::Revoked,
            'active' => Status::Revoked,
            'in grace' => Status::Revoked,
            'on hold' => Status::Revoked,
            'paused' => Status::Revoked,
            'ending' => Status::Revoked,
        ],
        'was moved' => [
            'trial' => Status::Moved,
            'active' => Status::Moved,
            'in grace' => Status::Moved,
            'on hold' => Status::Moved,
            'paused' => Status::Moved,
            'ending' => Status::Moved,
        ],
    ];
}
