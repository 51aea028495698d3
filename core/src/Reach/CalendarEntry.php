<?php

declare(strict_types=1);

namespace Lanai\Core\Reach;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Text\Pattern;

/** Something in a calendar, as a file that every calendar takes: RFC 5545 (iCalendar). */
final readonly class CalendarEntry
{
    /** Octets of a line without its end (section 3.1). */
    private const LINE = 75;

    /**
     * @param  string  $id  the same for the same thing: put in again it takes the place of what was there
     * @param  DateTimeImmutable|string  $from  a moment, or a whole day as 2026-12-24
     * @param  int  $seconds  how long; 0 for a moment without an end, or for that one day
     * @param  int|null  $reminds  seconds before it at which the calendar reminds; null for not
     */
    public function __construct(
        public string $id,
        public string $title,
        public DateTimeImmutable|string $from,
        public int $seconds,
        public string $where = '',
        public string $about = '',
        public ?int $reminds = null,
    ) {
    }

    /**
     * A file of such entries.
     *
     * @param  list<self>  $entries
     * @param  string  $by  whose it is
     * @param  string  $named  what the calendar is called that is subscribed to (RFC 7986, section 5.1); '' for a file that is put in once
     */
    public static function file(array $entries, string $by, DateTimeImmutable $made, string $named = ''): string
    {
        $lines = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//'.str_replace('/', '-', self::text($by)).'//EN'];
        if ($named !== '') {
            // How often it is worth reading again: section 5.7.
            array_push($lines, 'NAME:'.self::text($named), 'REFRESH-INTERVAL;VALUE=DURATION:PT6H');
        }
        foreach ($entries as $entry) {
            array_push($lines, ...$entry->lines($made));
        }

        return implode('', array_map(self::folded(...), [...$lines, 'END:VCALENDAR']));
    }

    /** @return list<string> */
    private function lines(DateTimeImmutable $made): array
    {
        $lines = ['BEGIN:VEVENT', 'UID:'.self::text($this->id), 'DTSTAMP:'.self::moment($made), ...$this->times(), 'SUMMARY:'.self::text($this->title)];
        foreach (['LOCATION' => $this->where, 'DESCRIPTION' => $this->about] as $name => $value) {
            if (trim($value) !== '') {
                $lines[] = "$name:".self::text($value);
            }
        }
        if ($this->reminds !== null) {
            array_push($lines, 'BEGIN:VALARM', 'ACTION:DISPLAY', 'DESCRIPTION:'.self::text($this->title), "TRIGGER:-PT{$this->reminds}S", 'END:VALARM');
        }

        return [...$lines, 'END:VEVENT'];
    }

    /** @return list<string> */
    private function times(): array
    {
        if ($this->from instanceof DateTimeImmutable) {
            $begins = 'DTSTART:'.self::moment($this->from);

            return $this->seconds === 0 ? [$begins] : [$begins, 'DTEND:'.self::moment($this->from->setTimestamp($this->from->getTimestamp() + $this->seconds))];
        }
        $day = new DateTimeImmutable($this->from, new DateTimeZone('UTC'));
        // The end of whole days is the day after the last one (section 3.6.1).
        $days = max(1, (int) ceil($this->seconds / 86400));

        return ['DTSTART;VALUE=DATE:'.$day->format('Ymd'), 'DTEND;VALUE=DATE:'.$day->modify("+$days days")->format('Ymd')];
    }

    private static function moment(DateTimeImmutable $moment): string
    {
        return $moment->setTimezone(new DateTimeZone('UTC'))->format('Ymd\THis\Z');
    }

    /** A value of the type TEXT (section 3.3.11). */
    private static function text(string $text): string
    {
        $plain = Pattern::replace('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', '', mb_scrub(str_replace(["\r\n", "\r"], "\n", $text)));

        return strtr($plain, ['\\' => '\\\\', ';' => '\\;', ',' => '\\,', "\n" => '\\n']);
    }

    /** A line with its end; a long one goes on after a space, and no letter is divided. */
    private static function folded(string $line): string
    {
        $folded = '';
        $room = self::LINE;
        while (strlen($line) > $room) {
            $part = mb_strcut($line, 0, $room);
            $folded .= "$part\r\n ";
            $line = substr($line, strlen($part));
            $room = self::LINE - 1;
        }

        return "$folded$line\r\n";
    }
}
