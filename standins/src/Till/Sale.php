<?php

declare(strict_types=1);

namespace Standins\Till;

use DateTimeImmutable;
use DateTimeZone;

/** A sale, for practice: how it was begun, and what comes of it as time goes by. Amounts are in minor units, periods as in ISO 8601, such as P1M. */
final class Sale
{
    public const COUNTRIES = ['DE' => 'Germany', 'AT' => 'Austria', 'FR' => 'France', 'NL' => 'the Netherlands', 'SE' => 'Sweden', 'CH' => 'Switzerland'];

    /** Seconds of a month and of a day, where time runs as stores let it run for tests. */
    private const SHORT_MONTH = 300;

    private const SHORT_DAY = 10;

    /** What is told of what is asked for. */
    private const TELLS = ['end' => 'left', 'stay' => 'stays', 'refund' => 'refunded'];

    /** So many days after a payment failed the card works again, where it does. */
    private const RECOVERS = 10;

    /**
     * What is to be paid.
     *
     * @param  array<string, mixed>  $sent
     * @return array<string, mixed>|string a sentence where it cannot be
     */
    public static function begun(array $sent): array|string
    {
        $text = fn (string $name): string => is_string($sent[$name] ?? null) ? mb_substr($sent[$name], 0, 500) : '';
        $number = fn (string $name, int $most): int => is_int($sent[$name] ?? null) ? max(0, min($most, $sent[$name])) : 0;
        $price = $sent['price'] ?? null;
        if (! is_int($price) || $price < 50 || $price > 99_999_999 || preg_match('/^[A-Z]{3}$/', $text('currency')) !== 1) {
            return 'A price from 50 to 99999999 minor units and a currency of three letters are needed.';
        }
        if (! preg_match('/^(P[1-9]\d?[DWMY])?$/', $text('every'))) {
            return 'A period such as P1M is needed, or none.';
        }

        return [
            'name' => $text('name'),
            'price' => $price,
            'currency' => $text('currency'),
            'every' => $text('every'),
            'firstPrice' => is_int($sent['firstPrice'] ?? null) ? $number('firstPrice', $price) : $price,
            'firstTimes' => $number('firstTimes', 12),
            'freeDays' => $number('freeDays', 365),
        ];
    }

    public static function now(): DateTimeImmutable
    {
        return new DateTimeImmutable('now', new DateTimeZone('UTC'));
    }

    /**
     * @param  array<string, mixed>  $sale
     * @param  string  $fails  when it is renewed: 'once' or 'always'; '' for never
     * @return array<string, mixed>
     */
    public static function bought(array $sale, string $country, string $fails, bool $short, DateTimeImmutable $now): array
    {
        $sale = ['state' => 'paid', 'country' => isset(self::COUNTRIES[$country]) ? $country : 'DE', 'fails' => $fails, 'short' => $short] + $sale;
        $free = $sale['freeDays'] > 0 && $sale['every'] !== '';
        $first = $free ? self::days($sale, $sale['freeDays'], $now) : $now;
        $until = match (true) {
            $sale['every'] === '' => null,
            $free => $first,
            default => self::after($sale, 1, $now),
        };
        $event = self::event(0, 'bought', $now, $until, $free ? 0 : self::amount($sale, 0)) + ['free' => $free];

        return ['first' => $first->format('c'), 'periods' => $free ? 0 : 1, 'events' => [$event]] + $sale;
    }

    /**
     * What time has brought: each period that is due is charged, or is not.
     *
     * @param  array<string, mixed>  $sale
     * @return array<string, mixed>
     */
    public static function caughtUp(array $sale, DateTimeImmutable $now): array
    {
        $runs = $sale['state'] === 'paid' && $sale['every'] !== '' && ! ($sale['ended'] ?? false) && ! ($sale['failed'] ?? false);
        while ($runs && ($due = self::after($sale, $sale['periods'], new DateTimeImmutable($sale['first']))) <= $now) {
            if ($sale['fails'] !== '' && ! isset($sale['failed at'])) {
                $sale['failed at'] = $due->format('c');
                $sale['events'][] = self::event(count($sale['events']), 'failed', $due);
                $sale['failed'] = $sale['fails'] === 'always';
                $runs = ! $sale['failed'];
                // A new period begins with the payment.
                $sale['first'] = self::days($sale, self::RECOVERS, $due)->format('c');
                $sale['periods'] = 0;

                continue;
            }
            $amount = self::amount($sale, $sale['periods']);
            $sale['periods']++;
            $until = self::after($sale, $sale['periods'], new DateTimeImmutable($sale['first']));
            $sale['events'][] = self::event(count($sale['events']), 'renewed', $due, $until, $amount);
        }

        return $sale;
    }

    /**
     * @param  array<string, mixed>  $sale
     * @param  string  $what  end, stay or refund
     * @return array<string, mixed>
     */
    public static function turned(array $sale, string $what, DateTimeImmutable $now): array
    {
        $sale = self::caughtUp($sale, $now);
        $ended = $sale['ended'] ?? false;
        $may = match ($what) {
            'end' => ! $ended && $sale['every'] !== '',
            'stay' => $ended && ! isset($sale['back at']),
            default => ! isset($sale['back at']),
        };
        if ($may) {
            $sale['events'][] = self::event(count($sale['events']), self::TELLS[$what], $now);
            $sale['ended'] = $what !== 'stay';
        }
        if ($what === 'refund') {
            $sale['back at'] ??= $now->format('c');
        }

        return $sale;
    }

    /** @param  array<string, mixed>  $sale  in words, such as “7 days free, then €3.99 every month” */
    public static function terms(array $sale): string
    {
        $money = fn (int $minor): string => (new \NumberFormatter('en', \NumberFormatter::CURRENCY))->formatCurrency(
            $minor / 10 ** self::digits($sale['currency']),
            $sale['currency'],
        );
        $price = $money($sale['price']);
        $lower = match ($sale['firstTimes']) {
            0 => '',
            1 => "{$money($sale['firstPrice'])} the first time, then ",
            default => "{$money($sale['firstPrice'])} the first {$sale['firstTimes']} times, then ",
        };
        $units = ['D' => 'day', 'W' => 'week', 'M' => 'month', 'Y' => 'year'];
        $count = (int) substr($sale['every'], 1, -1);
        $unit = $units[substr($sale['every'], -1)] ?? '';
        $every = match (true) {
            $unit === '' => '',
            $count === 1 => " every $unit",
            default => " every $count {$unit}s",
        };

        return ($sale['freeDays'] > 0 && $every !== '' ? "{$sale['freeDays']} days free, then " : '')."$lower$price$every";
    }

    private static function digits(string $currency): int
    {
        return (int) (new \NumberFormatter("en@currency=$currency", \NumberFormatter::CURRENCY))->getAttribute(\NumberFormatter::MAX_FRACTION_DIGITS);
    }

    /** @param  array<string, mixed>  $sale */
    private static function amount(array $sale, int $period): int
    {
        return $period < $sale['firstTimes'] && ! isset($sale['failed at']) ? $sale['firstPrice'] : $sale['price'];
    }

    /** @return array<string, mixed> */
    private static function event(int $n, string $type, DateTimeImmutable $at, ?DateTimeImmutable $until = null, int $amount = 0): array
    {
        return ['id' => "e$n", 'type' => $type, 'at' => $at->format('c'), 'until' => $until?->format('c'), 'amount' => $amount];
    }

    /** @param  array<string, mixed>  $sale */
    private static function days(array $sale, int $days, DateTimeImmutable $from): DateTimeImmutable
    {
        return $from->modify($sale['short'] ? '+'.$days * self::SHORT_DAY.' seconds' : "+$days days");
    }

    /**
     * So many periods after the first; months keep their day, or end with a shorter month.
     *
     * @param  array<string, mixed>  $sale
     */
    private static function after(array $sale, int $periods, DateTimeImmutable $first): DateTimeImmutable
    {
        $count = (int) substr($sale['every'], 1, -1) * $periods;
        $unit = substr($sale['every'], -1);
        if ($unit === 'D' || $unit === 'W') {
            return self::days($sale, $unit === 'W' ? 7 * $count : $count, $first);
        }
        $months = ($unit === 'Y' ? 12 : 1) * $count;
        if ($sale['short']) {
            return $first->modify('+'.$months * self::SHORT_MONTH.' seconds');
        }
        $months += (int) $first->format('Y') * 12 + (int) $first->format('n') - 1;
        $last = (int) (new DateTimeImmutable(sprintf('%04d-%02d-01', intdiv($months, 12), $months % 12 + 1)))->format('t');

        return $first->setDate(intdiv($months, 12), $months % 12 + 1, min((int) $first->format('j'), $last));
    }
}
