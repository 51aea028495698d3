<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Model;

use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Earnings\Conversion;
use Lanai\Core\Model\Earnings\Price;
use Lanai\Core\Values\Country;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What things cost in other countries. */
final class PricesTest extends TestCase
{
    private const SCRIPT = <<<'SCRIPT'
    app Reef

    product Club is a subscription
      plan Monthly, every month at 3.99 EUR, at first 1.99 for 2 times
        costs 4.50 CHF in CH and LI
        costs 3.49 GBP in GB, at first 0.99
      plan Yearly, every year at 29.99 EUR
      converts at 0.945 to CHF in CH, ending in 90
      converts at 162.5 to JPY in JP, ending in 00

    product Chart is bought once, at 4.99 EUR
      costs 5 GBP in GB

    SCRIPT;

    /** @param  array{string, string, string}  $costs */
    #[TestWith(['', 'monthly', ['3.99', 'EUR', '1.99']])]
    #[TestWith(['DE', 'yearly', ['29.99', 'EUR', '']])]
    #[TestWith(['LI', 'monthly', ['4.50', 'CHF', '2.24']])]
    #[TestWith(['GB', 'monthly', ['3.49', 'GBP', '0.99']])]
    #[TestWith(['CH', 'yearly', ['27.90', 'CHF', '']])]
    #[TestWith(['LI', 'yearly', ['29.99', 'EUR', '']])]
    #[TestWith(['JP', 'monthly', ['600', 'JPY', '300']])]
    public function test_a_price_is_said_or_worked_out_or_that_of_everywhere(string $country, string $plan, array $costs): void
    {
        $club = Blueprint::fromScript(self::SCRIPT)->products[0];
        $price = $club->priceIn($country, $club->plan($plan));
        self::assertSame($costs, [$price->amount, $price->currency, $price->begins]);
    }

    public function test_it_is_read_and_written_the_same(): void
    {
        $app = Blueprint::fromScript(self::SCRIPT);
        self::assertSame(trim(self::SCRIPT), trim($app->script()));
        self::assertSame(['CH', 'GB', 'JP', 'LI'], $app->products[0]->countries());
        self::assertEquals(new Price('5', 'GBP'), $app->products[1]->priceIn('GB'));
        self::assertSame([500, 500], [$app->products[1]->priceIn('GB')->minor(), $app->products[1]->priceIn('GB')->minorAtFirst()]);
    }

    /** The nearest price with the ending; of two that are as near the higher one. */
    #[TestWith(['1', '4.99', '.99', '4.99'])]
    #[TestWith(['1', '4.50', '.99', '4.99'])]
    #[TestWith(['1', '4.48', '.99', '3.99'])]
    #[TestWith(['1', '4.49', '.99', '4.99'])]
    #[TestWith(['1', '0.10', '.99', '0.99'])]
    #[TestWith(['1', '0.10', '.00', '1.00'])]
    #[TestWith(['1', '0', '.99', '0.00'])]
    #[TestWith(['1', '3.20', '.50', '3.50'])]
    #[TestWith(['2.5', '3.99', '', '9.98'])]
    public function test_it_ends_as_prices_do(string $rate, string $price, string $ending, string $is): void
    {
        self::assertSame($is, (new Conversion($rate, 'EUR', ['CH'], $ending))->of($price));
    }

    public function test_a_price_that_no_till_takes_there_is_found(): void
    {
        $script = str_replace(['costs 5 GBP', '4.50 CHF'], ['costs 5.005 GBP', '0.20 CHF'], self::SCRIPT);
        $script = str_replace('at 162.5 to JPY in JP, ending in 00', 'at 0.01 to JPY in JP', $script);
        $found = array_map(fn ($finding): string => $finding->sentence, array_values(array_filter(
            Findings::in(Reading::of(Blueprint::fromScript($script))),
            fn ($finding): bool => $finding->rule === 'PriceNotTaken',
        )));
        self::assertCount(4, $found, implode("\n", $found));
        self::assertStringContainsString('In JP Monthly would cost nothing at this rate.', implode(' ', $found));
        self::assertStringContainsString('In JP Yearly would cost nothing at this rate.', implode(' ', $found));
        self::assertStringContainsString('In CH and LI Monthly costs 0.20 CHF.', implode(' ', $found));
        self::assertStringContainsString('In GB Chart costs 5.005 GBP', implode(' ', $found));
    }

    public function test_the_countries_are_those_of_the_standard(): void
    {
        // 249 are assigned in ISO 3166-1 (from memory).
        self::assertCount(249, Country::all());
        self::assertSame('Switzerland', Country::all()['CH']);
    }
}
