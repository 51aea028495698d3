<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Reach;

use Lanai\Core\Reach\Contest;
use Lanai\Core\Reach\Share;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ContestTest extends TestCase
{
    /** R. G. Newcombe, Statistics in Medicine 17 (1998), 873 to 890, table II, method 10: the contrasts (a) to (h); the figures are from memory. */
    #[TestWith([56, 70, 48, 80, 0.0524, 0.3339])]
    #[TestWith([9, 10, 3, 10, 0.1705, 0.8090])]
    #[TestWith([6, 7, 2, 7, 0.0582, 0.8062])]
    #[TestWith([5, 56, 0, 29, -0.0381, 0.1926])]
    #[TestWith([0, 10, 0, 20, -0.1611, 0.2775])]
    #[TestWith([0, 10, 0, 10, -0.2775, 0.2775])]
    #[TestWith([10, 10, 0, 20, 0.6791, 1.0])]
    #[TestWith([10, 10, 0, 10, 0.6075, 1.0])]
    public function test_the_difference_of_two_shares_has_newcombes_interval(int $a, int $m, int $b, int $n, float $low, float $high): void
    {
        $contest = new Contest(new Share($b, $n), new Share($a, $m));
        self::assertEqualsWithDelta([$low, $high], [$contest->low, $contest->high], 0.00006);
    }

    /** The first as power.prop.test of R 4 gives it for p1 = 0.10, p2 = 0.15, power = 0.80 (685.6, from memory); the others follow from the formula by hand. */
    #[TestWith([0.10, 0.15, 686])]
    #[TestWith([0.15, 0.10, 686])]
    #[TestWith([0.5, 0.75, 58])]
    #[TestWith([0.01, 0.02, 2319])]
    public function test_how_many_are_needed(float $usual, float $other, int $needed): void
    {
        self::assertSame($needed, Contest::needed($usual, $other));
    }

    #[TestWith([0.1, 0.1])]
    #[TestWith([0.0, 0.1])]
    #[TestWith([0.1, 1.0])]
    public function test_what_cannot_be_told_apart_is_refused(float $usual, float $other): void
    {
        $this->expectException(\ValueError::class);
        Contest::needed($usual, $other);
    }

    public function test_nobody_wins_before_enough_have_seen_each_nor_by_chance(): void
    {
        $of = fn (int $a, int $m, int $b, int $n): int => (new Contest(new Share($a, $m), new Share($b, $n)))->winner(686);
        self::assertSame([0, 0], [$of(10, 100, 40, 100), $of(69, 685, 200, 686)]);
        self::assertSame([2, 1, 0], [$of(69, 686, 110, 690), $of(110, 690, 69, 686), $of(69, 686, 75, 690)]);
        $nothing = new Contest(new Share(0, 0), new Share(0, 0));
        self::assertSame([-1.0, 1.0, 0], [$nothing->low, $nothing->high, $nothing->winner(1)]);
    }
}
