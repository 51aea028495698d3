<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Earnings;

use Lanai\Core\Earnings\Quantile;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

final class QuantileTest extends TestCase
{
    /** Beside the npm package “simple-statistics”. */
    public function test_it_is_what_a_library_of_statistics_says(): void
    {
        $random = new Randomizer(new Mt19937(3));
        $asked = [];
        for ($i = 0; $i < 2000; $i++) {
            $sorted = array_map(fn (): float => $random->getInt(-1000, 1000) / 8, range(1, $random->getInt(1, 220)));
            sort($sorted);
            $asked[] = [$sorted, [0.1, 0.5, 0.9, 0.0, 1.0, 0.25, 1 / 3][$i % 7]];
        }
        $node = new Process(['node', 'tests/reference/quantiles.mjs'], dirname(__DIR__, 3), null, (string) json_encode($asked), 60);
        $node->mustRun();
        foreach (json_decode($node->getOutput(), true) as $i => $theirs) {
            self::assertEqualsWithDelta($theirs, Quantile::of(...$asked[$i]), 1e-9, "list $i");
        }
    }
}
