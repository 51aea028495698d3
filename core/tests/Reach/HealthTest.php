<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Reach;

use Lanai\Core\Reach\Health;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The interval itself is held against its source in ShareTest. */
final class HealthTest extends TestCase
{
    /** Two of a hundred against one is chance; twenty against one is not. Of few visits nothing can be said, and of none nothing at all. */
    #[TestWith([100, 2, 100, 1, false])]
    #[TestWith([100, 20, 100, 1, true])]
    #[TestWith([3, 1, 1000, 10, false])]
    #[TestWith([20, 10, 1000, 10, true])]
    #[TestWith([50, 400, 1000, 10, true])]
    #[TestWith([50, 0, 1000, 10, false])]
    #[TestWith([0, 9, 1000, 10, false])]
    #[TestWith([1000, 900, 0, 0, false])]
    public function test_a_version_is_worse_only_where_it_is_no_chance(int $visits, int $faults, int $visitsBefore, int $faultsBefore, bool $worse): void
    {
        self::assertSame($worse, (new Health($visits, $faults))->isWorseThan(new Health($visitsBefore, $faultsBefore)));
    }
}
