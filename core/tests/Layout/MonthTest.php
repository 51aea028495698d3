<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Layout;

use Lanai\Core\Geometry\Device;
use Lanai\Core\Layout\Page;
use PHPUnit\Framework\TestCase;

/** How high a list as a calendar is. Chromium's opinion is in tests/Browser/everything.spec.ts. */
final class MonthTest extends TestCase
{
    public function test_every_month_is_as_high_as_the_others(): void
    {
        // February 2027 lies in four weeks, November 2026 in six.
        self::assertSame($this->height('2026-11-30'), $this->height('2027-02-10'));
    }

    public function test_a_long_name_of_a_month_takes_a_second_line_where_text_is_large(): void
    {
        $narrow = new Device('a small phone', 320, 568, text: 2);

        self::assertSame(48.0, $this->height('2026-09-10', $narrow) - $this->height('2026-05-10', $narrow));
    }

    public function test_what_is_said_of_items_without_a_day_has_its_room(): void
    {
        $line = $this->height('2026-12-01', more: ['rest' => '3 haben keinen Tag.']) - $this->height('2026-12-01');

        // A line of 24, and the gap of 12 above it.
        self::assertSame(36.0, $line);
    }

    public function test_of_a_day_without_items_its_whole_name_is_said_however_many_lines_that_takes(): void
    {
        $narrow = new Device('a small phone', 320, 568);
        $said = fn (string $day): float => round(
            $this->height($day, $narrow, ['items' => [['id' => 1, 'day' => '2020-02-02', 'title' => 'Hut']]]) - $this->height($day, $narrow),
            2,
        );

        // “Nichts am Mittwoch, 23. September 2026.” takes a second line there, and “Nichts am Dienstag, 1. Mai 2029.” does not.
        self::assertSame(24.0, round($said('2026-09-23') - $said('2029-05-01'), 2));
    }

    /** @param  array<string, mixed>  $more */
    private function height(string $day, ?Device $device = null, array $more = []): float
    {
        $list = $more + ['kind' => 'list', 'at' => '/l', 'layout' => 'calendar', 'opened' => $day, 'items' => [['id' => 1, 'day' => $day, 'title' => 'Hut']]];
        foreach (Page::frames(['theme' => ['lang' => 'de'], 'nodes' => [$list]], $device ?? new Device('a phone', 390, 844))->all() as $frame) {
            if ($frame->box->key === '/l') {
                return round($frame->height, 2);
            }
        }
        self::fail('The list has no frame.');
    }
}
