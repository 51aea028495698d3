<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Effects\BuyProduct;
use Lanai\Core\Effects\RestorePurchases;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Lines\Offer;
use Lanai\Core\Model\Earnings\Product;

/** Something is bought where nobody reads what they agree to, or cannot be had again on another phone. Stores ask for both (common practice, no source). */
final class BoughtWithoutConditions implements Rule
{
    public function holds(): string
    {
        return 'Whoever buys reads the conditions, and can get back what they bought before.';
    }

    public function station(): Station
    {
        return Station::Earnings;
    }

    public function look(Reading $reading): iterable
    {
        $offered = self::named($reading, Offer::class);
        $restores = $reading->placesOf(RestorePurchases::class) !== [];
        foreach ($reading->placesOf(BuyProduct::class) as $at => $data) {
            $product = $reading->blueprint->productCalled(is_string($data['product'] ?? null) ? $data['product'] : '');
            if ($product === null || isset($offered[mb_strtolower($product->name)])) {
                continue;
            }
            if ($product->sold === Product::SUBSCRIPTION) {
                yield Finding::warning(
                    self::class,
                    $at,
                    "$product->name is bought here, and nowhere stands what people agree to: how long it runs, what it costs and how to end it. "
                        ."The line “Offer of {$product->name}” says it all.",
                );
            } elseif ($product->sold === Product::KEPT && ! $restores && $offered === []) {
                yield Finding::warning(
                    self::class,
                    $at,
                    "Whoever bought $product->name cannot get it back on another phone: let a button “restore purchases”.",
                );
            }
        }
        foreach ($reading->blueprint->products as $i => $product) {
            $bought = self::named($reading, BuyProduct::class);
            if ($product->isWhole() && ! isset($offered[mb_strtolower($product->name)]) && ! isset($bought[mb_strtolower($product->name)])) {
                $mend = self::offering($reading, $product);
                yield Finding::warning(self::class, "/products/$i", "$product->name is sold nowhere: no screen offers it.", $mend);
            }
        }
    }

    private static function offering(Reading $reading, Product $product): ?Mend
    {
        $screen = $reading->blueprint->screens[0] ?? null;
        if ($screen === null) {
            return null;
        }
        $line = ['kind' => 'offer', 'product' => $product->name];
        $add = $screen->lines() === [] ? ['path' => '/screens/0/lines', 'value' => [$line]] : ['path' => '/screens/0/lines/-', 'value' => $line];

        return new Mend("Offer it at the end of “{$screen->name}”", [['op' => 'add'] + $add]);
    }

    /**
     * @param  class-string  $class
     * @return array<string, true> products, in small letters
     */
    private static function named(Reading $reading, string $class): array
    {
        $named = [];
        foreach ($reading->placesOf($class) as $data) {
            $named[mb_strtolower(is_string($data['product'] ?? null) ? $data['product'] : '')] = true;
        }

        return $named;
    }
}
