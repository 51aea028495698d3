<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Play;

use Lanai\Core\Play\Trail;
use PHPUnit\Framework\TestCase;

final class TrailTest extends TestCase
{
    public function test_a_step_is_timed_by_the_clock_that_is_given(): void
    {
        $clock = [1_000_000, 3_250_000];
        $trail = new Trail(function () use (&$clock): int {
            return array_shift($clock) ?? 0;
        });
        $rows = $trail->timed('query', 'Swims', '/screens/0/lines/2', fn (): array => [1, 2], fn (array $rows): array => ['rows' => count($rows)]);

        self::assertSame([1, 2], $rows);
        self::assertSame([['what' => 'query', 'text' => 'Swims', 'at' => '/screens/0/lines/2', 'ms' => 2.25, 'detail' => ['rows' => 2]]], $trail->steps);
    }

    public function test_where_nothing_is_kept_the_work_is_done_all_the_same(): void
    {
        $trail = Trail::none();
        $trail->step('changed', 'x', '/');
        $trail->origin('/', 'text', 0, 'x', []);

        self::assertSame('done', $trail->timed('query', 'x', '/', fn (): string => 'done', fn (string $done): array => []));
        self::assertSame([false, [], []], [$trail->on(), $trail->steps, $trail->origins]);
    }

    public function test_what_is_told_of_origins_has_a_bound(): void
    {
        $trail = new Trail(fn (): int => 0);
        for ($i = 0; $i < 2500; $i++) {
            $trail->origin('/', 'text', $i, 'x', []);
        }

        self::assertCount(2000, $trail->origins);
    }
}
