<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Reach;

use Lanai\Core\Reach\Stars;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

final class StarsTest extends TestCase
{
    /** @return iterable<string, array{list<int>, list<int>, bool}> before, after, and whether they fell by more than chance explains */
    public static function samples(): iterable
    {
        yield 'plainly' => [[5, 5, 4, 5, 4, 5], [1, 2, 1, 3, 2], true];
        yield 'hardly' => [[5, 4, 4, 5, 3, 4], [4, 4, 3, 5, 4, 3], false];
        yield 'risen' => [[1, 2, 1, 1, 2], [5, 5, 4, 5, 5], false];
        yield 'too few to say' => [[5, 5, 5, 5, 5], [1, 1, 1, 1], false];
        yield 'all alike before and after' => [[5, 5, 5, 5, 5], [4, 4, 4, 4, 4], true];
        yield 'all the same' => [[5, 5, 5, 5, 5], [5, 5, 5, 5, 5], false];
        yield 'none' => [[], [], false];
    }

    /**
     * @param  list<int>  $before
     * @param  list<int>  $after
     */
    #[DataProvider('samples')]
    public function test_stars_have_fallen_where_chance_does_not_explain_it(array $before, array $after, bool $fell): void
    {
        self::assertSame($fell, (new Stars($after))->fellFrom(new Stars($before)));
    }

    public function test_where_nothing_has_changed_one_in_twenty_is_wrong_at_most_and_a_fall_is_found(): void
    {
        mt_srand(20261130);
        $sample = fn (array $of, int $count): Stars => new Stars(array_map(fn (): int => $of[mt_rand(0, count($of) - 1)], range(1, $count)));
        $wrong = $right = 0;
        for ($i = 0; $i < 2000; $i++) {
            $same = [1, 2, 3, 4, 4, 5, 5, 5];
            $wrong += (int) $sample($same, 24)->fellFrom($sample($same, 40));
            $right += (int) $sample([1, 1, 2, 3, 4, 5], 24)->fellFrom($sample($same, 40));
        }
        self::assertLessThan(0.065 * 2000, $wrong, 'One in twenty, and what chance adds to that in 2,000 tries.');
        self::assertGreaterThan(0.6 * 2000, $right);
    }

    /** The statistic against simple-statistics (tTestTwoSample, of samples whose spread is alike, where Welch's and Student's are the same). */
    public function test_the_mean_and_the_fall_agree_with_a_reference_library(): void
    {
        $code = 'const s = require("simple-statistics"); const [a, b] = JSON.parse(process.argv[1]);'
            .'console.log(JSON.stringify([s.mean(a), s.tTestTwoSample(a, b, 0)]))';
        foreach ([[[5, 4, 3, 5, 4, 5, 2, 4], [4, 3, 2, 4, 3, 4, 1, 3]], [[5, 5, 1, 1, 5, 1], [1, 5, 5, 1, 1, 5]]] as $pair) {
            $node = new Process(['node', '-e', $code, (string) json_encode($pair)], dirname(__DIR__, 3));
            $node->mustRun();
            [$mean, $t] = json_decode($node->getOutput(), true);
            self::assertEqualsWithDelta($mean, (new Stars($pair[0]))->mean(), 1e-12);
            // With 10 to 14 degrees of freedom the line of the table is that of 10 or 12.
            self::assertSame($t > (count($pair[0]) === 6 ? 1.812 : 1.782), (new Stars($pair[1]))->fellFrom(new Stars($pair[0])));
        }
    }
}
