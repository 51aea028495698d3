<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Earnings;

use DateTimeImmutable;
use Lanai\Core\Earnings\Event;
use Lanai\Core\Earnings\Happened;
use Lanai\Core\Earnings\Held;
use Lanai\Core\Earnings\Subscription;
use PHPUnit\Framework\TestCase;

final class HeldTest extends TestCase
{
    public function test_what_is_kept_is_had_for_ever_or_until_it_is_given_back(): void
    {
        $bought = new Event('1', Happened::Bought, self::at('2027-01-10'), self::at(Held::FOREVER));

        self::assertSame([['2027-01-10', '9999-12-31']], self::spans([$bought]));
        self::assertSame([['2027-01-10', '2027-01-12']], self::spans([new Event('2', Happened::Refunded, self::at('2027-01-12')), $bought]));
    }

    public function test_a_pause_leaves_a_gap_and_a_failed_payment_three_days(): void
    {
        $events = [
            new Event('1', Happened::Bought, self::at('2027-01-01'), self::at('2027-02-01')),
            new Event('2', Happened::Paused, self::at('2027-01-05'), self::at('2027-04-01')),
            new Event('3', Happened::Paid, self::at('2027-04-01'), self::at('2027-05-01')),
        ];

        self::assertSame([['2027-01-01', '2027-02-01'], ['2027-04-01', '2027-05-04']], self::spans($events));
    }

    /** Made-up lives: at every moment a span says what the fold says. */
    public function test_spans_say_at_every_moment_what_the_fold_says(): void
    {
        mt_srand(20261129);
        for ($life = 0; $life < 400; $life++) {
            $events = [];
            $at = self::at('2027-01-31');
            for ($i = mt_rand(1, 9); $i > 0; $i--) {
                $until = mt_rand(0, 3) > 0 ? $at->modify('+'.mt_rand(1, 40).' days') : null;
                $what = Happened::cases()[mt_rand(0, count(Happened::cases()) - 1)];
                $events[] = new Event("$i", $i === 9 || $events === [] ? Happened::Bought : $what, $at, $until ?? $at->modify('+5 days'));
                $at = $at->modify('+'.mt_rand(0, 60 * 24).' hours');
            }
            shuffle($events);
            $held = Held::of($events);
            for ($probe = 0; $probe < 40; $probe++) {
                $now = self::at('2027-01-01')->modify('+'.mt_rand(0, 500 * 24 * 60).' minutes');
                $there = array_filter($held, fn (Held $h): bool => $h->from <= $now && $now < $h->until) !== [];
                self::assertSame(Subscription::at($now, $events)->status->has(), $there, json_encode([$life, $now]) ?: '');
            }
        }
    }

    /**
     * @param  list<Event>  $events
     * @return list<array{string, string}>
     */
    private static function spans(array $events): array
    {
        return array_map(fn (Held $h): array => [$h->from->format('Y-m-d'), $h->until->format('Y-m-d')], Held::of($events));
    }

    private static function at(string $at): DateTimeImmutable
    {
        return new DateTimeImmutable($at, new \DateTimeZone('UTC'));
    }
}
