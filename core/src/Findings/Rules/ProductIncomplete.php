<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Model\Earnings\Plan;
use Lanai\Core\Model\Earnings\Product;

/** A product that cannot be sold as it is said, or that gives nothing. */
final class ProductIncomplete implements Rule
{
    public function holds(): string
    {
        return 'Every product has a price, a way to pay it, and something that it gives.';
    }

    public function station(): Station
    {
        return Station::Earnings;
    }

    public function look(Reading $reading): iterable
    {
        $blueprint = $reading->blueprint;
        if ($blueprint->products !== [] && ($blueprint->signIn === null || $blueprint->peopleTable() === null)) {
            yield Finding::blocking(self::class, '/products/0', 'Nobody can sign in, so nobody could have what they bought.');
        }
        foreach ($blueprint->products as $i => $product) {
            foreach (self::faults($product, "/products/$i") as [$at, $sentence, $mend]) {
                yield Finding::blocking(self::class, $at, $sentence, $mend);
            }
            if ($product->sold === Product::USED) {
                yield from self::used($product, "/products/$i");
            } elseif ($product->gives === [] && $product->bought === []) {
                yield Finding::warning(self::class, "/products/$i", "$product->name gives nothing: who buys it has nothing that the app knows of.");
            }
        }
    }

    /** @return iterable<Finding> */
    private static function used(Product $product, string $at): iterable
    {
        if ($product->gives !== []) {
            $sentence = "$product->name is used up: it cannot give ".implode(' and ', $product->gives).', which somebody would have for good.';
            yield Finding::blocking(self::class, $at, $sentence, new Mend('Give nothing', [['op' => 'remove', 'path' => "$at/gives"]]));
        }
        if ($product->bought === []) {
            yield Finding::warning(self::class, $at, "$product->name brings nothing: say below it, after “bought:”, what whoever buys it gets.");
        }
    }

    /** @return iterable<array{string, string, Mend|null}> where, a sentence, and what puts it right */
    private static function faults(Product $product, string $at): iterable
    {
        $subscription = $product->sold === Product::SUBSCRIPTION;
        if ($subscription && $product->plans === []) {
            yield [$at, "$product->name has no plan: nobody could pay for it.", null];
        }
        if ($subscription && $product->price !== '') {
            $without = new Mend('Leave the price to its plans', [['op' => 'remove', 'path' => "$at/price"], ['op' => 'remove', 'path' => "$at/currency"]]);
            yield [$at, "$product->name is a subscription: what it costs is said by its plans.", $product->currency === '' ? null : $without];
        }
        if ($product->isPaidOnce()) {
            if (! $product->hasPrice()) {
                yield [$at, "$product->name has no price.", null];
            } elseif ((float) $product->price <= 0.0) {
                yield [$at, "$product->name costs nothing. No till sells that; give it away instead.", null];
            }
            if ($product->plans !== []) {
                $without = new Mend('Take its plans away', [['op' => 'remove', 'path' => "$at/plans"]]);
                $is = $product->sold === Product::KEPT ? 'bought once' : 'used up';
                yield [$at, "$product->name is $is, so its plans are never offered.", $without];
            }
        }
        foreach ($product->plans as $i => $plan) {
            yield from self::ofPlan($plan, "$at/plans/$i");
        }
    }

    /** @return iterable<array{string, string, Mend|null}> */
    private static function ofPlan(Plan $plan, string $at): iterable
    {
        if ($plan->price !== '' && (float) $plan->price <= 0.0) {
            yield [$at, "$plan->name costs nothing. No till sells that; free days can come before a price.", null];
        }
        if ($plan->begins !== '' && $plan->price !== '' && (float) $plan->begins >= (float) $plan->price) {
            yield [$at, "$plan->name costs no less at first than later.", null];
        }
    }
}
