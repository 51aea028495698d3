<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Reach;

use Lanai\Core\Reach\MadeUp;
use PHPUnit\Framework\TestCase;

final class MadeUpTest extends TestCase
{
    public function test_the_same_seed_makes_the_same_people_and_another_one_others(): void
    {
        self::assertEquals(MadeUp::of(7, 3, 4, 0.7), MadeUp::of(7, 3, 4, 0.7));
        $ten = fn (int $seed): array => array_map(fn (int $i): MadeUp => MadeUp::of($seed, $i, 4, 0.7), range(0, 9));
        self::assertNotEquals($ten(7), $ten(8));
    }

    /** Independent steps: after three of them there are p³ of those who began; within four standard deviations of it. */
    public function test_so_many_go_on_as_was_taken_for_likely(): void
    {
        $ended = 0;
        for ($i = 0; $i < 10_000; $i++) {
            $ended += (int) (count(MadeUp::of(1, $i, 4, 0.7)->steps) === 4);
        }
        $p = 0.7 ** 3;
        self::assertEqualsWithDelta(10_000 * $p, $ended, 4 * sqrt(10_000 * $p * (1 - $p)));
        self::assertCount(1, MadeUp::of(1, 1, 4, 0.0)->steps);
        self::assertCount(4, MadeUp::of(1, 1, 4, 1.0)->steps);
    }

    public function test_whoever_is_likelier_to_go_on_goes_at_least_as_far_and_nobody_comes_back_before_today(): void
    {
        $sources = [];
        for ($i = 0; $i < 1_000; $i++) {
            $person = MadeUp::of(5, $i, 5, 0.6);
            self::assertLessThanOrEqual(count(MadeUp::of(5, $i, 5, 0.65)->steps), count($person->steps));
            self::assertSame(0, $person->steps[0]);
            self::assertTrue($person->ago >= 0 && $person->ago < MadeUp::DAYS * 86400);
            foreach ($person->back as $after) {
                self::assertLessThan($person->ago, $after * 86400);
            }
            $sources[$person->source] = true;
        }
        ksort($sources);
        self::assertSame(['', 'friend', 'newsletter', 'poster'], array_keys($sources));
    }
}
