<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Adverts;

use Lanai\Core\Adverts\AdvertOutlook;
use Lanai\Core\Adverts\Caps;
use Lanai\Core\Adverts\Habits;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class AdvertOutlookTest extends TestCase
{
    /** Where somebody comes once and passes a number of places (Poisson), of which some are filled, a cap of k a day leaves E[min(N, k)]. */
    #[TestWith([6.0, 0.5, 1])]
    #[TestWith([6.0, 0.5, 3])]
    #[TestWith([2.0, 1.0, 2])]
    #[TestWith([12.0, 0.8, 5])]
    public function test_a_cap_leaves_what_the_closed_form_says(float $places, float $fill, int $cap): void
    {
        // Thinned by its filling a Poisson number is one again.
        $rate = $places * $fill;
        $expected = 0.0;
        $chance = exp(-$rate);
        for ($n = 0; $n < 60; $n++) {
            $expected += min($n, $cap) * $chance;
            $chance *= $rate / ($n + 1);
        }
        $outlook = AdvertOutlook::of(new Habits(200, 1.0, $places, $fill, 2.0), new Caps(daily: $cap), 3);
        self::assertEqualsWithDelta($expected, $outlook->shown, 0.12 * $expected);
        // Thirty days of 200 people at 2.00 a thousand.
        self::assertEqualsWithDelta($outlook->shown * 200 * 30 * 2 / 1000, $outlook->month[1], 0.03 * $outlook->month[1]);
        self::assertLessThanOrEqual($cap, $outlook->shown);
    }

    public function test_without_a_cap_all_that_is_filled_is_seen_and_a_tighter_cap_never_shows_more(): void
    {
        $habits = new Habits(100, 2.0, 4.0, 0.5, 2.0, 0.01);
        $free = AdvertOutlook::of($habits, new Caps(), 3);
        self::assertEqualsWithDelta(4.0, $free->shown, 0.3);
        self::assertEqualsWithDelta(2.0, $free->inVisit, 0.15);
        self::assertEqualsWithDelta(0.99 ** $free->inVisit, $free->stay, 1e-9);
        $before = $free->shown;
        foreach ([8, 4, 2, 1] as $cap) {
            $now = AdvertOutlook::of($habits, new Caps(hourly: $cap), 3)->shown;
            self::assertLessThanOrEqual($before, $now);
            $before = $now;
        }
        self::assertSame([0.0, 0.0, 0.0], AdvertOutlook::of(new Habits(0, 1.0, 4.0, 0.5, 2.0), new Caps(), 3)->month);
    }

    public function test_bands_widen_with_the_root_of_those_who_come(): void
    {
        $width = function (int $people): float {
            $month = AdvertOutlook::of(new Habits($people, 1.5, 4.0, 0.6, 2.0), new Caps(daily: 4), 5, 400)->month;

            return ($month[2] - $month[0]) / $month[1];
        };
        self::assertEqualsWithDelta(10.0, $width(20) / $width(2000), 2.5);
    }

    /** Beside the same counted from first principles. */
    public function test_caps_look_back_so_far_and_no_further(): void
    {
        $random = new Randomizer(new Mt19937(2));
        for ($i = 0; $i < 3000; $i++) {
            $caps = new Caps($random->getInt(0, 1) ? $random->getInt(1, 4) : null, $random->getInt(0, 1) ? $random->getInt(1, 8) : null, $random->getInt(0, 3));
            $now = 1_000_000;
            $shown = [];
            for ($n = $random->getInt(0, 9); $n > 0; $n--) {
                $shown[] = $now - $random->getInt(0, 100_000);
            }
            $visits = $random->getInt(1, 5);
            $hour = $day = 0;
            foreach ($shown as $at) {
                $hour += $now - $at < 3600 ? 1 : 0;
                $day += $now - $at < 86400 ? 1 : 0;
            }
            $may = $visits > $caps->after && ($caps->hourly === null || $hour < $caps->hourly) && ($caps->daily === null || $day < $caps->daily);
            self::assertSame($may, $caps->allow($shown, $now, $visits));
        }
    }

    #[TestWith([0.05, 2.5, 0.02])]
    #[TestWith([3.0, 2.5, null])]
    #[TestWith([0.0, 2.5, 0.0])]
    #[TestWith([0.0, 0.0, null])]
    public function test_so_many_have_to_pay(float $advert, float $member, ?float $share): void
    {
        self::assertSame($share, AdvertOutlook::breakEven($advert, $member));
    }
}
