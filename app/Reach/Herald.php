<?php

declare(strict_types=1);

namespace App\Reach;

use App\Jobs\CarryMessages;
use App\Jobs\ChoosePeople;
use App\Models\App;
use App\Records\DataSet;
use App\Space;
use Cron\CronExpression;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Str;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Reach\Message;
use Lanai\Core\Player\Telling;

/** Begins messages: by hand, when their time has come, and when something has happened to a row. */
final readonly class Herald
{
    /** Rows whose time has come are looked for this far back, in seconds, where nothing was done for a while. */
    private const BACK = 86_400;

    /** Rows of one message in one go; the rest follows a minute later. */
    private const ROWS = 2000;

    public function __construct(private Space $space)
    {
    }

    /** What the worker before had taken up when it died is taken up again at once: there is no other who could be at it. */
    public static function takeUpAgain(): void
    {
        foreach (App::query()->with(['revision', 'liveRevision'])->lazy(50) as $app) {
            foreach (DataSet::cases() as $set) {
                $space = Space::of($app, $set);
                $space === null || $space->blueprint()->sends === [] || (new MessageBook($space))->takeUpAgain();
            }
        }
    }

    /** By hand, now. */
    public function now(Message $message): ?int
    {
        return $this->begin($message, 0, 'by hand '.Str::uuid(), now()->toDateTimeImmutable());
    }

    /** A row has come to meet the condition, or has come in. */
    public function ofRow(Message $message, int $about, string $because): ?int
    {
        return $this->begin($message, $about, "row $about $because", now()->toDateTimeImmutable());
    }

    /** What is due at a minute: messages at a time of the day, and rows that have a time of their own. */
    public function minute(DateTimeImmutable $now): void
    {
        foreach ($this->space->blueprint()->sends as $message) {
            if ($message->cron() !== '') {
                $this->byTheClock($message, $now);
            } elseif ($message->one !== '') {
                $this->byTheRows($message, $now);
            }
        }
        $book = new MessageBook($this->space);
        foreach ($book->unchosen() as $occasion) {
            ChoosePeople::dispatch($this->space->app->id, $this->space->set->value, $occasion);
        }
        if ($book->hasDue($now->getTimestamp())) {
            CarryMessages::dispatch($this->space->app->id, $this->space->set->value);
        }
    }

    private function byTheClock(Message $message, DateTimeImmutable $now): void
    {
        $known = timezone_identifiers_list(DateTimeZone::ALL_WITH_BC);
        $zones = $message->there ? (new PhoneBook($this->space))->zones() : [in_array($message->zone, $known, true) ? $message->zone : 'UTC'];
        foreach ($zones as $zone) {
            if ((new CronExpression($message->cron()))->isDue($now, $zone)) {
                $minute = $now->format('Y-m-d\TH:i');
                $this->begin($message, 0, "clock $minute ".($message->there ? $zone : ''), $now, $message->there ? $zone : '');
            }
        }
    }

    private function byTheRows(Message $message, DateTimeImmutable $now): void
    {
        $book = new MessageBook($this->space);
        $until = $now->getTimestamp();
        $from = $book->sweptUntil($message->key());
        // At first nothing of before is caught up on.
        if ($from !== null && $from < $until) {
            $utc = new DateTimeZone('UTC');
            $telling = new Telling($this->space->blueprint(), $this->space->store(), $message, new Moment($now->setTimezone($utc), $utc));
            $after = (new DateTimeImmutable('@'.max($from, $until - min($message->worthFor(), self::BACK))))->setTimezone($utc);
            foreach ($telling->due($after, $now, self::ROWS) as $row) {
                $this->begin($message, $row, "row $row at {$this->day($now)}", $now);
            }
        }
        $book->swept($message->key(), $until);
    }

    /** A row whose time is put off comes again; the same row twice within a day is one too many. */
    private function day(DateTimeImmutable $now): string
    {
        return $now->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d');
    }

    private function begin(Message $message, int $about, string $because, DateTimeImmutable $now, string $zone = ''): ?int
    {
        $at = $now->getTimestamp();
        $mark = "{$message->key()} $because";
        $occasion = (new MessageBook($this->space))->happens($message->key(), $about, $mark, $at, $at + $message->worthFor(), $zone);
        if ($occasion !== null) {
            ChoosePeople::dispatch($this->space->app->id, $this->space->set->value, $occasion);
        }

        return $occasion;
    }
}
