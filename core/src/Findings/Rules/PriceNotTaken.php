<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Model\Earnings\LocalPrice;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Values\Currency;

/** A price that no till takes: too small, too large, or with parts that its currency has not. Bounds are common practice, no source. */
final class PriceNotTaken implements Rule
{
    /** Minor units: less is eaten by what tills keep, more is not sold in apps. */
    private const LEAST = 50;

    private const MOST = 99_999;

    public function holds(): string
    {
        return 'Every price is one that tills take.';
    }

    public function station(): Station
    {
        return Station::Earnings;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->blueprint->products as $i => $product) {
            yield from self::ofPrice($product->name, $product->price, $product->currency, "/products/$i");
            yield from self::ofOthers($product->name, $product->prices, "/products/$i");
            yield from self::ofConverted($product, "/products/$i");
            foreach ($product->plans as $n => $plan) {
                yield from self::ofOthers($plan->name, $plan->prices, "/products/$i/plans/$n");
                yield from self::ofPrice($plan->name, $plan->price, $plan->currency, "/products/$i/plans/$n");
                yield from self::ofPrice("$plan->name at first", $plan->begins, $plan->currency, "/products/$i/plans/$n");
            }
        }
    }

    /**
     * @param  list<LocalPrice>  $prices
     * @return iterable<Finding>
     */
    private static function ofOthers(string $name, array $prices, string $at): iterable
    {
        foreach ($prices as $n => $price) {
            $where = implode(' and ', $price->countries);
            yield from self::ofPrice("In $where $name", $price->price, $price->currency, "$at/prices/$n");
            yield from self::ofPrice("In $where $name at first", $price->begins, $price->currency, "$at/prices/$n");
        }
    }

    /** @return iterable<Finding> */
    private static function ofConverted(Product $product, string $at): iterable
    {
        foreach ($product->conversions as $n => $conversion) {
            $names = $product->isPaidOnce() ? [$product->name => $product->price] : array_column($product->plans, 'price', 'name');
            foreach ($conversion->isWhole() ? $names : [] as $name => $price) {
                $where = implode(' and ', $conversion->countries);
                $there = $price === '' ? '' : $conversion->of($price);
                if ($there !== '' && (float) $price > 0.0 && (float) $there <= 0.0) {
                    yield Finding::blocking(self::class, "$at/conversions/$n", "In $where $name would cost nothing at this rate.");
                }
                yield from self::ofPrice("In $where $name", $there, $conversion->currency, "$at/conversions/$n");
            }
        }
    }

    /** @return iterable<Finding> */
    private static function ofPrice(string $name, string $price, string $currency, string $at): iterable
    {
        if ($price === '' || $currency === '' || (float) $price <= 0.0) {
            return;
        }
        $digits = Currency::digits($currency);
        $unit = 10 ** $digits;
        $parts = strlen(rtrim(explode('.', $price)[1] ?? '', '0'));
        $amount = fn (int $minor): string => number_format($minor / $unit, $digits, '.', '')." $currency";
        if ($parts > $digits) {
            $small = $digits === 0 ? 'has no parts smaller than one' : "has no parts smaller than {$amount(1)}";
            yield Finding::blocking(self::class, $at, "$name costs $price $currency, but $currency $small.");
        } elseif ((float) $price * $unit < self::LEAST) {
            yield Finding::blocking(self::class, $at, "$name costs $price $currency. No till takes less than {$amount(self::LEAST)}.");
        } elseif ((float) $price * $unit > self::MOST * ($digits === 0 ? 10 : 1)) {
            yield Finding::warning(self::class, $at, "$name costs $price $currency: more than stores sell in apps.");
        }
    }
}
