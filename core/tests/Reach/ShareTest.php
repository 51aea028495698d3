<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Reach;

use Lanai\Core\Reach\Share;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ShareTest extends TestCase
{
    /**
     * R. G. Newcombe, “Two-sided confidence intervals for the single proportion: comparison of seven methods”, Statistics in Medicine 17 (1998), table I,
     * method 3 (from memory).
     */
    #[TestWith([81, 263, 0.2553, 0.3662])]
    #[TestWith([15, 148, 0.0624, 0.1605])]
    #[TestWith([0, 20, 0.0, 0.1611])]
    #[TestWith([1, 29, 0.0061, 0.1718])]
    public function test_intervals_are_those_of_a_published_table(int $part, int $of, float $low, float $high): void
    {
        $share = new Share($part, $of);
        self::assertEqualsWithDelta($low, $share->low, 0.00005);
        self::assertEqualsWithDelta($high, $share->high, 0.00005);
    }

    /** What the interval means: its bounds are those shares from which what was seen is just as far as is still believed. */
    public function test_the_bounds_solve_the_equation_of_the_score(): void
    {
        foreach ([1, 2, 5, 17, 100, 4000] as $of) {
            for ($part = 0; $part <= $of; $part += max(1, intdiv($of, 13))) {
                $share = new Share($part, $of);
                foreach ([$share->low, $share->high] as $bound) {
                    if ($bound > 0.0 && $bound < 1.0) {
                        $distance = abs($part / $of - $bound) / sqrt($bound * (1 - $bound) / $of);
                        self::assertEqualsWithDelta(Share::SURE, $distance, 1e-6, "$part of $of");
                    }
                }
                self::assertLessThanOrEqual($share->value(), $share->low);
                self::assertGreaterThanOrEqual($share->value(), $share->high);
            }
        }
    }

    public function test_of_nothing_nothing_is_known(): void
    {
        $share = new Share(0, 0);
        self::assertSame([0.0, 0.0, 1.0], [$share->value(), $share->low, $share->high]);
        $this->expectException(\ValueError::class);
        new Share(3, 2);
    }
}
