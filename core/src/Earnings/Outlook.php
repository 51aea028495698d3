<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

/**
 * What months of a plan may bring, as bands. A pool of customers lives through the state machine and the books once; each of many runs then draws how
 * many come in each month (Poisson) and who of the pool they are. Where so many come that drawing all would take long, some are drawn, and what
 * they differ from the mean by is scaled to the spread that all would have (the variance of a sum grows with its number).
 */
final readonly class Outlook
{
    public const RUNS = 200;

    private const POOL = 1200;

    /** So many are drawn of those who come in one month. */
    private const DRAWN = 12;

    private const SERIES = ['paying', 'recurring', 'paid', 'bank', 'tax'];

    /**
     * @param  list<array{float, float, float}>  $paying  people, at the end of each month: the 10 % quantile, the median and the 90 % quantile
     * @param  list<array{float, float, float}>  $recurring  what they pay in a month, in minor units
     * @param  list<array{float, float, float}>  $paid  paid by people in each month
     * @param  list<array{float, float, float}>  $bank  in the bank at the end of each month, all together
     * @param  list<array{float, float, float}>  $tax  to be set aside by then, all together
     * @param  list<float>  $each  what one customer has brought by the end of their nth month, on average, once the till has paid out
     * @param  list<float>  $kept  the share of those who begin that pays at the end of their nth month
     * @param  float  $stay  months that a customer pays for in that time, on average
     */
    private function __construct(
        public array $paying,
        public array $recurring,
        public array $paid,
        public array $bank,
        public array $tax,
        public array $each,
        public array $kept,
        public float $stay,
    ) {
    }

    /**
     * @param  int  $months  from 1 to 120
     * @param  int  $runs  at least 20
     */
    public static function of(Assumptions $of, int $months, int $seed, int $runs = self::RUNS): self
    {
        $months = max(1, min(120, $months));
        $lives = Rehearsal::lives($of, $months, $seed, self::POOL);
        $flat = array_map(self::flat(...), $lives);
        $mean = self::mean($flat);
        $series = count(self::SERIES);
        $found = [];
        $run = 0;
        do {
            $found[] = self::run($of, $months, $seed, ++$run, $flat, $mean);
        } while ($run < max(20, $runs));
        $brought = array_fill(0, $months, 0);
        foreach ($lives as $life) {
            foreach ($brought as $month => $sum) {
                $brought[$month] = $sum + $life->proceeds($month);
            }
        }
        $each = $kept = [];
        $sum = 0.0;
        for ($month = 0; $month < $months; $month++) {
            $kept[] = $mean[$month * $series] ?? 0.0;
            $each[] = $sum += $brought[$month] / count($lives);
        }
        $stay = array_sum(array_map(fn (Forecast $life): float => $life->months, $lives)) / count($lives);

        return new self(
            self::bands($found, $months, 0),
            self::bands($found, $months, 1),
            self::bands($found, $months, 2),
            self::bands($found, $months, 3, true),
            self::bands($found, $months, 4, true),
            $each,
            $kept,
            $stay,
        );
    }

    /**
     * @param  non-empty-list<array<int, float>>  $runs
     * @param  bool  $together  all that came until then, not that of the month alone
     * @return list<array{float, float, float}>
     */
    private static function bands(array $runs, int $months, int $series, bool $together = false): array
    {
        $so = array_fill(0, count($runs), 0.0);
        $bands = [];
        for ($month = 0; $month < $months; $month++) {
            $now = [];
            foreach ($runs as $i => $run) {
                $amount = $run[$month * count(self::SERIES) + $series] ?? 0.0;
                $now[] = $so[$i] = $together ? $so[$i] + $amount : $amount;
            }
            $bands[] = self::band($now);
        }

        return $bands;
    }

    /** The first month, beginning with 0, by whose end so much is in the bank in half of the runs; null for none of them. */
    public function returns(int $spent): ?int
    {
        foreach ($this->bank as $month => [, $median]) {
            if ($median >= $spent) {
                return $month;
            }
        }

        return null;
    }

    /**
     * One month after the other, each with what is looked at; nothing behind the last that is not nothing.
     *
     * @return list<float>
     */
    private static function flat(Forecast $life): array
    {
        $flat = [];
        $end = 0;
        foreach ($life->paying as $month => $paying) {
            $sells = $life->tax[$month];
            array_push($flat, $paying, $life->recurring[$month], $life->paid[$month], $life->bank[$month], $sells);
            if (array_filter(array_slice($flat, -count(self::SERIES))) !== []) {
                $end = count($flat);
            }
        }

        return array_map(floatval(...), array_slice($flat, 0, $end));
    }

    /**
     * @param  non-empty-list<list<float>>  $lives
     * @return list<float>
     */
    private static function mean(array $lives): array
    {
        $sum = [];
        foreach ($lives as $life) {
            foreach ($life as $i => $value) {
                $sum[$i] = ($sum[$i] ?? 0.0) + $value;
            }
        }
        $mean = [];
        for ($i = 0; $i < count($sum); $i++) {
            $mean[] = $sum[$i] / count($lives);
        }

        return $mean;
    }

    /**
     * @param  non-empty-list<list<float>>  $lives
     * @param  list<float>  $mean
     * @return array<int, float>
     */
    private static function run(Assumptions $of, int $months, int $seed, int $run, array $lives, array $mean): array
    {
        $series = count(self::SERIES);
        $sum = array_fill(0, $months * $series, 0.0);
        for ($month = 0; $month < $months; $month++) {
            $chance = new Chance($seed, $month, -$run);
            $come = $chance->count($of->arrivals * $of->buys);
            $drawn = min($come, self::DRAWN);
            $scale = $drawn === 0 ? 0.0 : sqrt($come / $drawn);
            $from = $month * $series;
            $room = ($months - $month) * $series;
            for ($i = 0; $i < $drawn; $i++) {
                foreach ($lives[(int) ($chance->next() * count($lives))] as $at => $value) {
                    if ($at >= $room) {
                        break;
                    }
                    $sum[$from + $at] += $scale * $value;
                }
            }
            $rest = $come - $drawn * $scale;
            if (abs($rest) > 1e-9) {
                foreach ($mean as $at => $value) {
                    if ($at >= $room) {
                        break;
                    }
                    $sum[$from + $at] += $rest * $value;
                }
            }
        }

        return $sum;
    }

    /**
     * @param  non-empty-list<float>  $values
     * @return array{float, float, float}
     */
    private static function band(array $values): array
    {
        sort($values);
        $at = fn (float $share): float => max(0.0, Quantile::of($values, $share));

        return [$at(0.1), $at(0.5), $at(0.9)];
    }
}
