<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use DateTimeImmutable;

/**
 * What stores keep of a price without tax, by the year, by how much was sold through them in that year, and of subscriptions by their age (common practice,
 * no source). What a store really kept stands in its statements, against which the books are held.
 */
final class Commission
{
    /** In whole units of the currency: up to there a business is a small one for that year. */
    public const SMALL = 1_000_000;

    private const YEAR = 365 * 86400;

    /** From a day on: of a small business, of others, and of subscriptions at first and after a year. */
    private const TABLE = [
        'quay' => [
            '' => ['30', '30', '30', '30'],
            '2018-01-01' => ['30', '30', '30', '15'],
            '2021-07-01' => ['15', '30', '30', '15'],
            '2022-01-01' => ['15', '30', '15', '15'],
        ],
        'pier' => [
            '' => ['30', '30', '30', '30'],
            '2016-09-01' => ['30', '30', '30', '15'],
            '2021-01-01' => ['15', '30', '30', '15'],
        ],
    ];

    /**
     * In percent, as a decimal.
     *
     * @param  int  $before  whole units that were sold through it in that year before
     * @param  int|null  $age  of a subscription, in seconds since it was paid first; null for what is no subscription
     */
    public static function percent(Sold $sold, DateTimeImmutable $at, int $before, ?int $age): string
    {
        $percent = null;
        foreach (self::TABLE[$sold->value] ?? [] as $from => [$small, $large, $first, $later]) {
            if ($from > $at->format('Y-m-d')) {
                break;
            }
            $of = match (true) {
                $age === null => $large,
                $age >= self::YEAR => $later,
                default => $first,
            };
            $percent = $before < self::SMALL && (float) $small < (float) $of ? $small : $of;
        }

        return $percent ?? $sold->terms()->percent;
    }
}
