<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use DateTimeImmutable;
use DateTimeZone;
use IntlDateFormatter;
use IntlDatePatternGenerator;
use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Size;

/** How large a month of a calendar is: its name between two arrows, the names of the days, and its weeks. */
final readonly class MonthBox
{
    private const WEEKDAYS = 32;

    private const WEEK = 46;

    /** As many as any month touches: so nothing below it moves from one month to the next. */
    private const WEEKS = 6;

    /** @param  string  $day  one of the month, as 2026-12-24; '' where it is not known */
    public static function of(string $day, Setting $setting): Box
    {
        $line = $setting->pen->rem(1.5) + 2;

        return new Box(
            children: [
                self::head(self::named($day, 'yMMMM', $setting->tongue()), $setting),
                new Box(height: Size::dp(max(self::WEEKDAYS, $line) + self::WEEKS * max(self::WEEK, $line))),
            ],
            padding: new Edges(0, 8, 8, 8),
            gap: 4,
        );
    }

    private static function head(string $name, Setting $setting): Box
    {
        $arrow = new Box(width: Size::dp(48), minHeight: 48, marks: ['taps' => true]);
        $words = [new Box(text: $setting->pen->text($name, 1, 1.5, 650), shrink: 1), new Box(width: Size::dp(24), height: Size::dp(24))];

        return new Box(flow: 'row', children: [
            $arrow,
            new Box(flow: 'row', children: $words, minHeight: 48, padding: Edges::of(0, 12), gap: 4, shrink: 1, marks: ['taps' => true]),
            $arrow,
        ]);
    }

    /** “Thursday, 24 December 2026”. */
    public static function aloud(string $day, string $tongue): string
    {
        return self::named($day, 'yMMMMEEEEd', $tongue);
    }

    /**
     * As CLDR has it, such as “November 2026”.
     *
     * @param  string  $what  a skeleton of CLDR, such as yMMMM
     */
    private static function named(string $day, string $what, string $tongue): string
    {
        $at = DateTimeImmutable::createFromFormat('!Y-m-d', $day, new DateTimeZone('UTC'));
        $pattern = (new IntlDatePatternGenerator($tongue))->getBestPattern($what);
        $format = new IntlDateFormatter($tongue, IntlDateFormatter::NONE, IntlDateFormatter::NONE, 'UTC', null, $pattern === false ? null : $pattern);

        return $at === false ? '' : (string) $format->format($at);
    }
}
