<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Reach;

use Lanai\Core\Reach\Lot;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class LotTest extends TestCase
{
    /** Of 40,000 the share lies within four standard deviations, sqrt(n p (1 - p)), of what was said. */
    #[TestWith([1])]
    #[TestWith([10])]
    #[TestWith([50])]
    #[TestWith([99])]
    public function test_so_many_are_drawn_as_was_said(int $share): void
    {
        $drawn = count(array_filter(range(1, 40_000), fn (int $i): bool => Lot::draws("device $i", 'a trial', $share)));
        self::assertEqualsWithDelta(400 * $share, $drawn, 4 * sqrt(40_000 * $share / 100 * (1 - $share / 100)));
    }

    public function test_it_falls_the_same_way_again_and_otherwise_for_another_trial(): void
    {
        $both = ['one' => 0, 'two' => 0];
        for ($i = 0; $i < 2_000; $i++) {
            $one = Lot::draws("device $i", 'one', 50);
            self::assertSame($one, Lot::draws("device $i", 'one', 50));
            // Whoever is drawn for a small part is in a greater one, too.
            self::assertTrue(! Lot::draws("device $i", 'one', 20) || $one);
            $both[$one ? 'one' : 'two'] += (int) Lot::draws("device $i", 'two', 50);
        }
        // Who was drawn in one trial is in the other as likely as anybody: within four standard deviations.
        self::assertEqualsWithDelta(500, $both['one'], 90);
        self::assertEqualsWithDelta(500, $both['two'], 90);
    }
}
