<?php

declare(strict_types=1);

namespace App\Packaging\Iphone;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Earnings\Plan;
use Lanai\Core\Model\Earnings\Product;

/**
 * What an app sells, as Xcode reads it to try buying without a store (a “StoreKit configuration”, version 3; its members are from memory). The numbers
 * come from what something is called, so that the same app gives the same file.
 */
final class StoreKitFile
{
    private const KINDS = [Product::KEPT => 'NonConsumable', Product::USED => 'Consumable'];

    /** @return string JSON; '' where the store for iPhones sells nothing of it */
    public static function of(Blueprint $blueprint): string
    {
        $sold = array_values(array_filter($blueprint->products, fn (Product $one): bool => ! $one->outside));
        $once = array_values(array_filter($sold, fn (Product $one): bool => isset(self::KINDS[$one->sold])));
        $renewed = array_values(array_filter($sold, fn (Product $one): bool => $one->sold === Product::SUBSCRIPTION));
        $locale = strtr($blueprint->theme->tongue(), '-', '_');

        return $sold === [] ? '' : json_encode([
            'identifier' => self::number($blueprint->release->bundle()),
            'nonRenewingSubscriptions' => [],
            'products' => array_map(fn (Product $one): array => self::product($one, $locale), $once),
            'settings' => (object) [],
            'subscriptionGroups' => array_map(fn (Product $one): array => self::group($one, $locale), $renewed),
            'version' => ['major' => 3, 'minor' => 0],
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
    }

    /** @return array<string, mixed> */
    private static function product(Product $one, string $locale): array
    {
        return [
            'displayPrice' => $one->price,
            'familyShareable' => false,
            'internalID' => self::number($one->key()),
            'localizations' => self::said($one->name, $locale),
            'productID' => $one->key(),
            'referenceName' => $one->name,
            'type' => self::KINDS[$one->sold] ?? '',
        ];
    }

    /** @return array<string, mixed> one is in one plan of them at a time */
    private static function group(Product $one, string $locale): array
    {
        $group = self::number("group {$one->key()}");
        // The dearest for its time comes first.
        $plans = $one->plans;
        usort($plans, fn (Plan $a, Plan $b): int => [$b->isDearerThan($a), $a->key()] <=> [$a->isDearerThan($b), $b->key()]);

        return [
            'id' => $group,
            'localizations' => [],
            'name' => $one->name,
            'subscriptions' => array_map(fn (Plan $plan, int $i): array => [
                'adHocOffers' => [],
                'codeOffers' => [],
                'displayPrice' => $plan->price,
                'familyShareable' => false,
                'groupNumber' => $i + 1,
                'internalID' => self::number("{$one->key()}.{$plan->key()}"),
                'introductoryOffer' => self::begins($plan),
                'localizations' => self::said("$one->name, $plan->name", $locale),
                'productID' => "{$one->key()}.{$plan->key()}",
                'recurringSubscriptionPeriod' => $plan->period(),
                'referenceName' => "$one->name, $plan->name",
                'subscriptionGroupID' => $group,
                'type' => 'RecurringSubscription',
            ], $plans, array_keys($plans)),
        ];
    }

    /** @return array<string, mixed>|null free days, or a lower price at first; null for none */
    private static function begins(Plan $plan): ?array
    {
        $begins = ['internalID' => self::number("begins {$plan->key()}")];
        if ($plan->freeDays !== null) {
            $weeks = intdiv($plan->freeDays, 7);
            $period = $plan->freeDays % 7 === 0 ? "P{$weeks}W" : "P{$plan->freeDays}D";

            return $begins + ['numberOfPeriods' => 1, 'paymentMode' => 'free', 'subscriptionPeriod' => $period];
        }

        return ! $plan->beginsLower() ? null : $begins + [
            'displayPrice' => $plan->begins,
            'numberOfPeriods' => (int) $plan->begin,
            'paymentMode' => 'payAsYouGo',
            'subscriptionPeriod' => $plan->period(),
        ];
    }

    /** @return list<array{description: string, displayName: string, locale: string}> */
    private static function said(string $name, string $locale): array
    {
        return [['description' => $name, 'displayName' => $name, 'locale' => $locale]];
    }

    /** Eight digits and letters, as such files have them. */
    private static function number(string $of): string
    {
        return strtoupper(substr(hash('sha256', "storekit $of"), 0, 8));
    }
}
