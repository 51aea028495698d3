<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Reach;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Reach\CalendarEntry;
use Lanai\Core\Tests\Support\World;
use Lanai\Core\Values\Duration;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sabre\VObject\Reader;
use Symfony\Component\Process\Process;

/** Files for calendars: read by “sabre/vobject” and by “ical.js”, two programs of different origin. */
final class CalendarEntryTest extends TestCase
{
    public function test_two_readers_find_what_was_written(): void
    {
        $random = new Randomizer(new Mt19937(55));
        $words = ['Dawn dip', 'a, b; c \\ d', "two\nlines", 'Überfahrt nach Sørøya', '海で泳ぐ', '🌊🌊', str_repeat('long ', 40), str_repeat('ü', 90), ':;=,"'];
        $pick = fn (): string => $words[$random->getInt(0, count($words) - 1)];
        $entries = [];
        for ($i = 0; $i < 200; $i++) {
            $at = new DateTimeImmutable('@'.$random->getInt(1_700_000_000, 1_900_000_000));
            $zone = new DateTimeZone(['UTC', 'Europe/Berlin', 'America/New_York', 'Asia/Kolkata'][$i % 4]);
            $entries[] = new CalendarEntry(
                "id-$i@lanai",
                $pick(),
                $i % 3 === 0 ? $at->format('Y-m-d') : $at->setTimezone($zone),
                $random->getInt(0, 3) === 0 ? 0 : $random->getInt(1, 200_000),
                $pick(),
                $pick().$pick(),
                $random->getInt(0, 1) === 0 ? null : $random->getInt(0, 90_000),
            );
        }
        $written = array_map(fn (CalendarEntry $e): string => CalendarEntry::file([$e], 'Lanai', new DateTimeImmutable('2026-01-01T00:00:00Z')), $entries);
        $node = new Process(['node', 'tests/reference/ical.mjs'], dirname(__DIR__, 3), null, (string) json_encode($written), 60);
        $node->mustRun();
        $theirs = json_decode($node->getOutput(), true);
        foreach ($entries as $i => $entry) {
            foreach (explode("\r\n", rtrim($written[$i], "\r\n")) as $line) {
                self::assertLessThanOrEqual(75, strlen($line));
                self::assertTrue(mb_check_encoding($line, 'UTF-8'), 'No letter is divided.');
            }
            $isDay = is_string($entry->from);
            $days = max(1, (int) ceil($entry->seconds / 86400));
            $to = $isDay ? (new DateTimeImmutable($entry->from))->modify("+$days days")->format('Y-m-d') : $entry->from->getTimestamp() + $entry->seconds;
            $due = [
                'uid' => $entry->id,
                'title' => $entry->title,
                'where' => $entry->where,
                'about' => $entry->about,
                'day' => $isDay,
                'from' => $isDay ? $entry->from : $entry->from->getTimestamp(),
                'to' => $to,
                'reminds' => $entry->reminds,
            ];
            self::assertSame($due, $theirs[$i], "ical.js, $i");
            $read = Reader::read($written[$i]);
            self::assertSame([], $read->validate(), "sabre/vobject, $i");
            $event = $read->VEVENT;
            $texts = array_map(strval(...), [$event->SUMMARY, $event->LOCATION, $event->DESCRIPTION]);
            self::assertSame([$entry->title, $entry->where, $entry->about], $texts);
            $begins = $event->DTSTART->getDateTime();
            self::assertSame($due['from'], $isDay ? $begins->format('Y-m-d') : $begins->getTimestamp());
        }
    }

    public function test_a_calendar_that_is_subscribed_to_has_a_name_and_all_that_stands_in_it(): void
    {
        $entries = array_map(fn (int $i): CalendarEntry => new CalendarEntry("id-$i@lanai", "Swim $i", "2026-06-0$i", 0), range(1, 9));
        $file = CalendarEntry::file($entries, 'Reef', new DateTimeImmutable('2026-01-01T00:00:00Z'), 'My swims, all');
        $read = Reader::read($file);
        self::assertSame([], $read->validate());
        self::assertCount(9, $read->VEVENT);
        // RFC 7986, sections 5.1 and 5.7.
        self::assertStringContainsString("\r\nNAME:My swims\\, all\r\nREFRESH-INTERVAL;VALUE=DURATION:PT6H\r\n", $file);
        self::assertSame([], Reader::read(CalendarEntry::file([], 'Reef', new DateTimeImmutable()))->select('VEVENT'));
    }

    private const APP = <<<'APP'
    app Reef
    table Swims, each a Swim
      Title is a text
      Starts is a date and time
      Lasts is a duration
    screen Swim, about one Swim
      Button "Into my calendar"
        tapped:
          add to the calendar "{swim.title}", from swim.starts, for swim.lasts, at "Lantern Cove", reminding hours(1) before
          say "It is in."
    APP;

    public function test_an_app_puts_a_row_into_the_calendar_and_the_same_again_takes_its_place(): void
    {
        $world = World::of(self::APP);
        $id = $world->add('Swims', ['title' => 'Dawn dip, early', 'starts' => new DateTimeImmutable('2026-12-25T06:30:00Z'), 'lasts' => new Duration(2700)]);
        $first = $world->tap('swim', 0, args: [$id]);
        self::assertSame(['calendar'], array_column($first->onDevice, 'do'));
        $event = Reader::read($first->onDevice[0]['text'])->VEVENT;
        self::assertSame(
            ['Dawn dip, early', 'Lantern Cove', '20261225T063000Z', '20261225T071500Z', '-PT3600S'],
            array_map(strval(...), [$event->SUMMARY, $event->LOCATION, $event->DTSTART, $event->DTEND, $event->VALARM->TRIGGER]),
        );
        $uid = fn (object $outcome): string => (string) Reader::read($outcome->onDevice[0]['text'])->VEVENT->UID;
        self::assertSame((string) $event->UID, $uid($world->tap('swim', 0, args: [$id])));
        $other = $world->add('Swims', ['title' => 'Dawn dip, early', 'starts' => new DateTimeImmutable('2026-12-25T06:30:00Z')]);
        self::assertNotSame((string) $event->UID, $uid($world->tap('swim', 0, args: [$other])));
    }

    #[TestWith([null, 2700, 'It has no time yet, so it cannot be put into a calendar.'])]
    #[TestWith(['2026-12-25T06:30:00Z', 40_000_000, 'How long it takes is no length of time that a calendar knows.'])]
    public function test_what_has_no_time_is_not_put_there(?string $starts, int $lasts, string $said): void
    {
        $world = World::of(self::APP);
        $id = $world->add('Swims', ['title' => 'A', 'starts' => $starts === null ? null : new DateTimeImmutable($starts), 'lasts' => new Duration($lasts)]);
        $outcome = $world->tap('swim', 0, args: [$id]);
        self::assertSame([$said, []], [$outcome->refused, $outcome->onDevice]);
    }
}
