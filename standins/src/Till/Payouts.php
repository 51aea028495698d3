<?php

declare(strict_types=1);

namespace Standins\Till;

use DateTimeImmutable;

/**
 * What a till pays out: each month, or at once where that is asked, all that it took less what it keeps and what went back. A statement says of which
 * purchase how much; where the bank has another currency it is exchanged.
 */
final class Payouts
{
    /** Of the tax in a price, in percent: stores pay it themselves. */
    private const TAX = ['DE' => 19, 'AT' => 20, 'FR' => 20, 'NL' => 21, 'SE' => 25, 'CH' => 8.1, 'GB' => 20, 'US' => 0];

    /** For one euro, made up for practice. */
    private const RATES = ['EUR' => 1.0, 'CHF' => 0.94, 'GBP' => 0.86, 'SEK' => 11.2, 'USD' => 1.09, 'JPY' => 162.0];

    /** What exchanging costs. */
    private const MARGIN = 0.015;

    private const DISPUTE = 1500;

    /**
     * @param  array<string, mixed>  $all  what the till remembers; statements are added
     * @param  array<string, mixed>  $sent  merchant, now, currency
     * @param  string  $package  '' for a till that is no store
     * @return list<array<string, mixed>>
     */
    public static function statements(array &$all, array $sent, string $package, DateTimeImmutable $now): array
    {
        $text = fn (string $name): string => is_string($sent[$name] ?? null) ? mb_substr($sent[$name], 0, 200) : '';
        $merchant = $text('merchant');
        // A second that still runs belongs to the next statement.
        $before = ($sent['now'] ?? false) === true ? $now->setTimestamp($now->getTimestamp()) : $now->modify('first day of this month')->setTime(0, 0);
        $sums = $lines = $seen = [];
        foreach ($all['sessions'] as $id => $sale) {
            if (($sale['merchant'] ?? '') !== $merchant || ($sale['package'] ?? '') !== $package || $sale['state'] !== 'paid') {
                continue;
            }
            [$amount, $count] = self::since($sale, $package !== '', $before);
            $currency = (string) $sale['currency'];
            if ($count > ($sale['paid out'] ?? 0)) {
                $seen[$currency][$id] = $count;
                $lines[$currency][] = ['purchase' => (string) $id, 'amount' => $amount];
                $sums[$currency] = ($sums[$currency] ?? 0) + $amount;
            }
        }
        $known = $all['statements']["$package/$merchant"] ?? [];
        foreach (array_filter($sums, fn (int $sum): bool => $sum > 0) as $currency => $sum) {
            foreach ($seen[$currency] as $id => $count) {
                $all['sessions'][$id]['paid out'] = $count;
            }
            $bank = isset(self::RATES[$text('currency')], self::RATES[$currency]) ? $text('currency') : $currency;
            $rate = $bank === $currency ? 1.0 : self::RATES[$bank] / self::RATES[$currency] * (1 - self::MARGIN);
            $known[] = [
                'id' => 'st_'.(count($known) + 1),
                'at' => $now->format('c'),
                'until' => $before->format('c'),
                'currency' => $currency,
                'total' => $sum,
                'lines' => $lines[$currency],
                'bank' => ['currency' => $bank, 'amount' => (int) round($sum * $rate * (self::unit($bank) / self::unit($currency)))],
            ];
        }
        $all['statements']["$package/$merchant"] = $known;

        return $known;
    }

    /**
     * @param  array<string, mixed>  $sale
     * @return array{int, int} what is owed of what was not paid out yet, and how many of its events that is with those before
     */
    private static function since(array $sale, bool $store, DateTimeImmutable $before): array
    {
        $sum = 0;
        $last = [0, 0];
        $from = $sale['paid out'] ?? 0;
        foreach (array_values($sale['events']) as $i => $event) {
            if (new DateTimeImmutable($event['at']) >= $before) {
                return [$sum, $i];
            }
            $is = self::owed($event, $sale, $store, $last);
            $sum += $i >= $from ? $is : 0;
        }

        return [$sum, count($sale['events'])];
    }

    /**
     * @param  array<string, mixed>  $event
     * @param  array<string, mixed>  $sale
     * @param  array{int, int}  $last  what was paid last, and what was owed for it
     */
    private static function owed(array $event, array $sale, bool $store, array &$last): int
    {
        if (in_array($event['type'], ['bought', 'renewed', 'changed'], true) && $event['amount'] > 0) {
            $gross = (int) $event['amount'];
            $net = (int) round($gross * 100 / (100 + (self::TAX[$sale['country']] ?? 0)));
            $last = [$gross, $store ? $net - (int) round($net * 0.15) : (int) max(0, $gross - round($gross * 0.015 + 25))];

            return $last[1];
        }

        return match ($event['type']) {
            'refunded' => -$last[1],
            'disputed' => -$last[0] - self::DISPUTE,
            'dispute won' => $last[0],
            default => 0,
        };
    }

    private static function unit(string $currency): int
    {
        return $currency === 'JPY' ? 1 : 100;
    }
}
