<?php

declare(strict_types=1);

namespace Standins\Till;

use DateTimeImmutable;
use DateTimeZone;

/** A sale, for practice: how it was begun, and what comes of it as time goes by. Amounts are in minor units, periods as in ISO 8601, such as P1M. */
final class Sale
{
    public const COUNTRIES = ['DE' => 'Germany', 'AT' => 'Austria', 'FR' => 'France', 'NL' => 'the Netherlands', 'SE' => 'Sweden', 'CH' => 'Switzerland',
        'GB' => 'the United Kingdom', 'US' => 'the United States'];

    /** Seconds of a month and of a day, where time runs as stores let it run for tests. */
    private const SHORT_MONTH = 300;

    private const SHORT_DAY = 10;

    /** What is told of what is asked for. */
    private const TELLS = [
        'end' => 'left',
        'stay' => 'stays',
        'refund' => 'refunded',
        'dispute' => 'disputed',
        'won' => 'dispute won',
        'lost' => 'dispute lost',
    ];

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
            'ref' => mb_substr($text('ref'), 0, 100),
            'prices' => self::prices($sent['prices'] ?? null),
        ];
    }

    /** @return array<string, array<string, mixed>> what it costs in countries that have a price of their own */
    private static function prices(mixed $sent): array
    {
        $prices = [];
        foreach (is_array($sent) ? array_slice($sent, 0, 300, true) : [] as $country => $price) {
            $fits = is_array($price) && is_int($price['price'] ?? null) && $price['price'] >= 50 && $price['price'] <= 99_999_999
                && is_string($price['currency'] ?? null) && preg_match('/^[A-Z]{3}$/', $price['currency']) === 1;
            if ($fits && preg_match('/^[A-Z]{2}$/', (string) $country) === 1) {
                $first = is_int($price['firstPrice'] ?? null) ? max(0, min($price['price'], $price['firstPrice'])) : $price['price'];
                $prices[(string) $country] = ['price' => $price['price'], 'currency' => $price['currency'], 'firstPrice' => $first];
            }
        }

        return $prices;
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
        $amount = $free ? 0 : self::amount($sale, 0);
        $event = self::event(0, 'bought', $now, $until, $amount) + ['free' => $free, 'ref' => $sale['ref'] ?? ''];

        return ['began' => $now->format('c'), 'worth' => $amount, 'first' => $first->format('c'), 'periods' => $free ? 0 : 1, 'events' => [$event]] + $sale;
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
        while ($runs && ($due = self::due($sale)) <= $now) {
            if (isset($sale['pause'])) {
                // Nothing is paid until the pause is over; then a new period begins.
                $sale['first'] = max($due, new DateTimeImmutable($sale['pause']))->format('c');
                $sale['periods'] = 0;
                unset($sale['pause']);

                continue;
            }
            $rise = $sale['rise'] ?? null;
            if ($rise !== null && new DateTimeImmutable($rise['from']) <= $due) {
                if ($rise['asks'] && ! ($rise['agreed'] ?? false)) {
                    // Who says nothing leaves.
                    $sale['ended'] = true;
                    break;
                }
                $sale['price'] = $rise['price'];
                unset($sale['rise']);
            }
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
            if (isset($sale['next'])) {
                $sale = ['first' => $due->format('c'), 'periods' => 0, 'firstTimes' => 0, 'next' => null] + $sale['next'] + $sale;
                unset($sale['next']);
            }
            $amount = self::amount($sale, $sale['periods']);
            $sale['periods']++;
            $until = self::due($sale);
            [$sale['began'], $sale['worth']] = [$due->format('c'), $amount];
            $sale['events'][] = self::event(count($sale['events']), 'renewed', $due, $until, $amount) + ['ref' => $sale['ref'] ?? ''];
        }

        return $sale;
    }

    /**
     * When the next payment is due.
     *
     * @param  array<string, mixed>  $sale
     */
    public static function due(array $sale): DateTimeImmutable
    {
        return self::after($sale, $sale['periods'], new DateTimeImmutable($sale['first']));
    }

    /**
     * What each payment is from the next one on, as far as is known.
     *
     * @param  array<string, mixed>  $sale
     */
    public static function next(array $sale): int
    {
        return $sale['rise']['price'] ?? $sale['next']['price'] ?? $sale['price'];
    }

    /**
     * What another plan costs: at once what is left of the price after what is unused of the old one is taken off, and until when that lasts.
     *
     * @param  array<string, mixed>  $sale
     * @param  array<string, mixed>  $to
     * @return array{int, DateTimeImmutable, int} what is paid, until when that lasts, and what was unused
     */
    public static function costs(array $sale, array $to, DateTimeImmutable $now): array
    {
        $until = self::due($sale);
        if ($sale['worth'] === 0) {
            // In the free days nothing changes but what comes after them.
            return [0, $until, 0];
        }
        $began = (new DateTimeImmutable($sale['began']))->getTimestamp();
        $unused = intdiv($sale['worth'] * max(0, $until->getTimestamp() - $now->getTimestamp()), max(1, $until->getTimestamp() - $began));
        $ends = self::after(['every' => $to['every'], 'short' => $sale['short']], 1, $now);
        if ($unused <= $to['price']) {
            return [$to['price'] - $unused, $ends, $unused];
        }
        $longer = intdiv(($unused - $to['price']) * ($ends->getTimestamp() - $now->getTimestamp()), $to['price']);

        return [0, $ends->modify("+$longer seconds"), $unused];
    }

    /**
     * Another plan, agreed to.
     *
     * @param  array<string, mixed>  $sale
     * @param  array<string, mixed>  $to  as begun() gives it
     * @return array<string, mixed>
     */
    public static function changed(array $sale, array $to, bool $atOnce, DateTimeImmutable $now): array
    {
        $sale = self::caughtUp($sale, $now);
        $new = array_intersect_key($to, array_flip(['name', 'price', 'every', 'ref', 'product', 'currency']));
        unset($sale['rise']);
        if (! $atOnce) {
            $sale['events'][] = self::event(count($sale['events']), 'chosen', $now) + ['ref' => $to['ref']];

            return ['next' => $new] + $sale;
        }
        [$amount, $until, $unused] = self::costs($sale, $to, $now);
        $sale['events'][] = self::event(count($sale['events']), 'changed', $now, $until, $amount) + ['ref' => $to['ref']];
        $free = $sale['worth'] === 0;
        $usual = self::after(['every' => $to['every'], 'short' => $sale['short']], 1, $now) == $until;
        $dates = match (true) {
            $free => [],
            $usual => ['first' => $now->format('c'), 'periods' => 1],
            default => ['first' => $until->format('c'), 'periods' => 0],
        };
        $worth = $free ? 0 : max($unused, (int) $to['price']);
        unset($sale['next']);

        return ['ended' => false, 'firstTimes' => 0, 'began' => $now->format('c'), 'worth' => $worth] + $dates + $new + $sale;
    }

    /**
     * A higher price is told.
     *
     * @param  array<string, mixed>  $sale
     * @param  array<string, mixed>  $sent  price, from and asks
     * @return array<string, mixed>|null null where it cannot be
     */
    public static function raised(array $sale, array $sent, DateTimeImmutable $now): ?array
    {
        $price = $sent['price'] ?? null;
        $from = is_string($sent['from'] ?? null) ? date_create_immutable($sent['from']) : false;
        if (! is_int($price) || $price <= $sale['price'] || $from === false || $sale['every'] === '' || $sale['state'] !== 'paid') {
            return null;
        }
        $sale = self::caughtUp($sale, $now);
        $asks = ($sent['asks'] ?? false) === true;
        $sale['events'][] = self::event(count($sale['events']), 'rises', $now, $from, $price) + ['asks' => $asks];

        return ['rise' => ['price' => $price, 'from' => $from->format('c'), 'asks' => $asks]] + $sale;
    }

    /**
     * What somebody does on the page about what they pay for.
     *
     * @param  array<string, mixed>  $sale
     * @return array<string, mixed>
     */
    public static function managed(array $sale, string $do, DateTimeImmutable $now): array
    {
        $sale = self::caughtUp($sale, $now);
        $runs = $sale['every'] !== '' && ! ($sale['ended'] ?? false) && ! isset($sale['back at']);
        if ($do === 'agree' && isset($sale['rise']) && ! ($sale['rise']['agreed'] ?? false)) {
            $sale['rise']['agreed'] = true;
            $sale['events'][] = self::event(count($sale['events']), 'agreed', $now);
        } elseif ($do === 'pause' && $runs && ! isset($sale['pause'])) {
            $due = self::due($sale);
            $until = self::after(['every' => 'P1M', 'short' => $sale['short']], 1, $due);
            $sale['pause'] = $until->format('c');
            $sale['events'][] = self::event(count($sale['events']), 'paused', $now, $until);
        } elseif ($do === 'change' && $runs && isset($sale['change'])) {
            $change = $sale['change'];
            unset($sale['change']);
            $sale = self::changed($sale, $change['to'], $change['now'], $now);
        } elseif (isset(self::TELLS[$do])) {
            $sale = self::turned($sale, $do, $now);
        }

        return $sale;
    }

    /**
     * @param  array<string, mixed>  $sale
     * @param  string  $what  end, stay, refund, dispute, won or lost
     * @return array<string, mixed>
     */
    public static function turned(array $sale, string $what, DateTimeImmutable $now): array
    {
        $sale = self::caughtUp($sale, $now);
        $ended = $sale['ended'] ?? false;
        $disputed = $sale['disputed'] ?? false;
        $paid = array_filter($sale['events'], fn (array $event): bool => $event['amount'] > 0 && $event['type'] !== 'rises') !== [];
        $may = match ($what) {
            'end' => ! $ended && $sale['every'] !== '',
            'stay' => $ended && ! isset($sale['back at']),
            'dispute' => $paid && ! $disputed && ! isset($sale['back at']),
            'won', 'lost' => $disputed,
            default => ! isset($sale['back at']) && ! $disputed,
        };
        if (! $may) {
            return $sale;
        }
        $sale['events'][] = self::event(count($sale['events']), self::TELLS[$what], $now);
        $sale['disputed'] = $what === 'dispute';
        $sale['ended'] = match ($what) {
            'stay' => false,
            'dispute', 'won' => $ended,
            default => true,
        };
        if ($what === 'refund' || $what === 'lost') {
            $sale['back at'] = $now->format('c');
        }

        return $sale;
    }

    /** @param  array<string, mixed>  $sale  in words, such as “7 days free, then €3.99 every month” */
    public static function terms(array $sale): string
    {
        $money = fn (int $minor): string => self::money($minor, $sale['currency']);
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

    public static function money(int $minor, string $currency): string
    {
        return (new \NumberFormatter('en', \NumberFormatter::CURRENCY))->formatCurrency($minor / 10 ** self::digits($currency), $currency);
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
