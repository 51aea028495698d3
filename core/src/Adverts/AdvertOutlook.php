<?php

declare(strict_types=1);

namespace Lanai\Core\Adverts;

use Lanai\Core\Earnings\Chance;
use Lanai\Core\Earnings\Quantile;

/**
 * What adverts may bring in a month under caps, as bands. A pool of people lives through a day each, under the very caps that hold for real ones; each of many
 * runs then draws how many come and who of the pool they are. Where more come than are drawn, what they differ from the mean by is scaled to the spread
 * that all would have.
 */
final readonly class AdvertOutlook
{
    public const RUNS = 200;

    private const POOL = 600;

    /** So many places are passed by all of the pool at most. */
    private const LOOKS = 60_000;

    private const DRAWN = 120;

    /** From so many on a Poisson number is taken for a normal one. */
    private const MANY = 400.0;

    /** Of a day in which people are awake, in seconds; and a visit. */
    private const AWAKE = 57_600;

    private const VISIT = 300;

    /**
     * @param  array{float, float, float}  $month  what thirty days bring: the 10 % quantile, the median and the 90 % quantile
     * @param  float  $shown  adverts that somebody sees on a day, on average
     * @param  float  $inVisit  and in a visit
     * @param  float  $stay  the share of people who come back after a month
     */
    private function __construct(public array $month, public float $shown, public float $inVisit, public float $stay)
    {
    }

    public static function of(Habits $habits, Caps $caps, int $seed, int $runs = self::RUNS, int $days = 30): self
    {
        $pool = [];
        $visits = 0;
        // Of those who see much fewer are needed, and more would take long.
        $many = max(60, min(self::POOL, intdiv(self::LOOKS, max(1, (int) ($habits->visits * $habits->places)))));
        for ($i = 0; $i < $many; $i++) {
            [$seen, $times] = self::day($habits, $caps, new Chance($seed, 0, $i + 1));
            $pool[] = $seen;
            $visits += $times;
        }
        $mean = array_sum($pool) / count($pool);
        $found = [];
        for ($run = 1; $run <= max(20, $runs); $run++) {
            $chance = new Chance($seed, $run, -1);
            $come = self::come($chance, (float) $habits->people * $days);
            $drawn = min($come, self::DRAWN);
            $scale = $drawn === 0 ? 0.0 : sqrt($come / $drawn);
            $sum = ($come - $drawn * $scale) * $mean;
            for ($n = 0; $n < $drawn; $n++) {
                $sum += $scale * $pool[(int) ($chance->next() * count($pool))];
            }
            $found[] = max(0.0, $sum) * $habits->thousand / 1000;
        }
        sort($found);
        $inVisit = $visits > 0 ? array_sum($pool) / $visits : 0.0;

        return new self(
            [Quantile::of($found, 0.1), Quantile::of($found, 0.5), Quantile::of($found, 0.9)],
            $mean,
            $inVisit,
            (1 - min(1.0, max(0.0, $habits->loss))) ** $inVisit,
        );
    }

    /** How many people come on all the days together. */
    private static function come(Chance $chance, float $expected): int
    {
        if ($expected <= self::MANY) {
            return $chance->count($expected);
        }
        // Twelve even numbers less six are nearly a normal one (Irwin and Hall).
        $normal = -6.0;
        for ($n = 0; $n < 12; $n++) {
            $normal += $chance->next();
        }

        return (int) max(0.0, round($expected + sqrt($expected) * $normal));
    }

    /**
     * What one person sees on one day.
     *
     * @return array{int, int} adverts that were seen, and visits
     */
    private static function day(Habits $habits, Caps $caps, Chance $chance): array
    {
        $visits = 1 + $chance->count(max(0.0, $habits->visits - 1));
        $begins = [];
        for ($n = 0; $n < $visits; $n++) {
            $begins[] = (int) ($chance->next() * self::AWAKE);
        }
        sort($begins);
        $shown = [];
        $seen = 0;
        foreach ($begins as $begin) {
            $times = [];
            for ($n = $chance->count($habits->places); $n > 0; $n--) {
                $times[] = $begin + (int) ($chance->next() * self::VISIT);
            }
            sort($times);
            foreach ($times as $at) {
                // They have been here often enough: what holds for the first visits is over.
                if ($caps->allow($shown, $at, PHP_INT_MAX) && $chance->next() < $habits->fill) {
                    $shown[] = $at;
                    $seen++;
                }
            }
        }

        return [$seen, $visits];
    }

    /**
     * What share of people has to pay so that a membership brings as much as adverts do, where members see none.
     *
     * @param  float  $advert  what somebody brings by adverts in a month
     * @param  float  $member  what a member brings in a month, without tax and what the till keeps
     * @return float|null null where a member brings no more than adverts do
     */
    public static function breakEven(float $advert, float $member): ?float
    {
        // p members and all others without anything, beside adverts for all: p × member = advert.
        return $member <= 0.0 || $advert > $member ? null : $advert / $member;
    }
}
