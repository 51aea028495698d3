<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Findings;

use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class EarningsRulesTest extends TestCase
{
    private const APP = <<<'APP'
    app A
    sign-in at Start
      as a guest
    table People, each a Person, who sign in
      may be seen by everyone
      Name is a text, required
      Member is an entitlement
    PRODUCTS
    screen Start, first
      Text "Welcome"
      Text "Hello", if me.member
    APP;

    private const GOOD = "product Membership is a subscription, giving Member\n  plan Monthly, every month at 3.99 EUR";

    public function test_a_product_as_it_should_be_is_not_spoken_of(): void
    {
        self::assertSame([], self::found(self::GOOD));
        self::assertSame([], self::found('product Map is bought once, at 4.99 EUR, giving Member'));
    }

    #[TestWith(['product Membership is a subscription, giving Member', 'Membership has no plan: nobody could pay for it.', false])]
    #[TestWith(["product M is a subscription, at 2 EUR, giving Member\n  PLAN", 'M is a subscription: what it costs is said by its plans.', true])]
    #[TestWith(['product Map is bought once, giving Member', 'Map has no price.', false])]
    #[TestWith([
        'product Map is bought once, at 0 EUR, giving Member',
        'Map costs nothing. No till sells that; give it away instead.',
        false,
    ])]
    #[TestWith(["product Map is bought once, at 2 EUR, giving Member\n  PLAN", 'Map is bought once, so its plans are never offered.', true])]
    #[TestWith([
        "product M is a subscription, giving Member\n  plan P, every week at 0 EUR",
        'P costs nothing. No till sells that; free days can come before a price.', false,
    ])]
    #[TestWith([
        "product M is a subscription, giving Member\n  plan P, every week at 1 EUR, at first 2 for 1 time",
        'P costs no less at first than later.',
        false,
    ])]
    public function test_what_cannot_be_sold_is_said(string $product, string $sentence, bool $mends): void
    {
        $found = self::found(str_replace('PLAN', 'plan Monthly, every month at 3.99 EUR', $product));
        self::assertSame([$sentence], array_map(fn (Finding $f): string => $f->sentence, $found));
        self::assertTrue($found[0]->blocks);
        self::assertSame($mends, $found[0]->mend instanceof Mend);
    }

    public function test_an_entitlement_that_nothing_gives_or_nothing_asks_for_is_said(): void
    {
        self::assertSame(['Nobody can ever have Member: no product gives it.'], self::said(''));
        $idle = str_replace('if me.member', 'if me != null', self::APP);
        self::assertSame(['Member opens nothing: no formula and no permission asks for it.'], self::said(self::GOOD, $idle));
        $permitted = str_replace('may be seen by everyone', "may be seen by everyone\n  may be changed by those with Member", $idle);
        self::assertSame([], self::said(self::GOOD, $permitted));
        $elsewhere = str_replace('PRODUCTS', "table Boats, each a Boat\n  may be seen by everyone\n  Fast is an entitlement\nPRODUCTS", self::APP);
        self::assertSame(['Fast is an entitlement, and only people have such: it belongs to those who sign in.'], self::said(self::GOOD, $elsewhere));
    }

    public function test_what_is_sold_to_nobody_and_what_gives_nothing_is_said(): void
    {
        $nobody = str_replace("sign-in at Start\n  as a guest\n", '', self::APP);
        self::assertContains('Nobody can sign in, so nobody could have what they bought.', self::said(self::GOOD, $nobody));
        $nothing = self::said(self::GOOD."\nproduct Map is bought once, at 2 EUR");
        self::assertContains('Map gives nothing: who buys it has nothing that the app knows of.', $nothing);
    }

    public function test_an_entitlement_that_is_not_there_is_named(): void
    {
        $app = str_replace('PRODUCTS', str_replace('giving Member', 'giving Membr', self::GOOD), self::APP);
        $found = Findings::in(Reading::of(Blueprint::fromScript($app)));
        $sentences = array_map(fn (Finding $f): string => $f->sentence, $found);
        self::assertContains('There is nothing called “Membr” here, but the name of an entitlement is needed.', $sentences);
    }

    /** @return list<string> */
    private static function said(string $products, string $app = self::APP): array
    {
        return array_map(fn (Finding $f): string => $f->sentence, self::found($products, $app));
    }

    /** @return list<Finding> */
    private static function found(string $products, string $app = self::APP): array
    {
        $found = Findings::in(Reading::of(Blueprint::fromScript(str_replace('PRODUCTS', $products, $app))));

        return array_values(array_filter($found, fn (Finding $f): bool => in_array($f->rule, ['ProductIncomplete', 'EntitlementIdle'], true)));
    }

    #[TestWith(['2.005 EUR', 'Map costs 2.005 EUR, but EUR has no parts smaller than 0.01 EUR.'])]
    #[TestWith(['250.5 JPY', 'Map costs 250.5 JPY, but JPY has no parts smaller than one.'])]
    #[TestWith(['0.20 EUR', 'Map costs 0.20 EUR. No till takes less than 0.50 EUR.'])]
    #[TestWith(['1000 EUR', 'Map costs 1000 EUR: more than stores sell in apps.'])]
    #[TestWith(['2.00 EUR', ''])]
    #[TestWith(['250 JPY', ''])]
    #[TestWith(['999.99 EUR', ''])]
    public function test_a_price_that_no_till_takes_is_said(string $price, string $sentence): void
    {
        $found = self::all(str_replace('PRODUCTS', "product Map is bought once, at $price, giving Member", self::APP), 'PriceNotTaken');
        self::assertSame($sentence === '' ? [] : [$sentence], array_map(fn (Finding $f): string => $f->sentence, $found));
    }

    public function test_what_is_bought_without_conditions_or_for_one_phone_only_is_said(): void
    {
        $app = fn (string $products, string $lines): string => str_replace('PRODUCTS', $products, self::APP)."\n$lines";
        $said = fn (string $products, string $lines): array => array_map(
            fn (Finding $f): string => $f->sentence,
            self::all($app($products, $lines), 'BoughtWithoutConditions'),
        );
        self::assertSame(['Membership is sold nowhere: no screen offers it.'], $said(self::GOOD, ''));
        $buys = "  Button \"Join\"\n    tapped: buy Membership";
        self::assertStringContainsString('nowhere stands what people agree to', $said(self::GOOD, $buys)[0]);
        self::assertSame([], $said(self::GOOD, "$buys\n  Offer of Membership"));
        $map = 'product Map is bought once, at 2 EUR, giving Member';
        $buys = "  Button \"Map\"\n    tapped: buy Map";
        self::assertStringContainsString('cannot get it back on another phone', $said($map, $buys)[0]);
        self::assertSame([], $said($map, "$buys\n  Button \"Mine\"\n    tapped: restore purchases"));
        self::assertSame([], $said('product Tea is used up, at 2 EUR', str_replace('Map', 'Tea', $buys)));
    }

    public function test_a_screen_whose_every_way_asks_for_an_entitlement_asks_for_it_itself(): void
    {
        $app = str_replace('PRODUCTS', self::GOOD, self::APP);
        $go = fn (string $if): string => "\n  Button \"In\"$if\n    tapped: go to Night";
        $night = "\nscreen Night\n  Text \"Dark\"";
        $found = self::all($app.$go(', if me.member').$night, 'PaidScreenOpen');
        self::assertSame('Only those with Member are led to “Night”, but whoever knows its address is in.', $found[0]->sentence);
        self::assertCount(1, $found);
        $data = Blueprint::fromScript($app.$go(', if me.member').$night)->data();
        $mended = Blueprint::fromData((new Patch($found[0]->mend->operations ?? []))->applyTo($data));
        self::assertStringContainsString('screen Night, only for those with Member', $mended->script());
        self::assertSame([], self::all($mended->script(), 'PaidScreenOpen'));
        // Another way that asks for nothing, or for the opposite, leads in on purpose.
        self::assertSame([], self::all($app.$go(', if me.member').$go('').$night, 'PaidScreenOpen'));
        $otherwise = "\n  Button \"In\"\n    tapped:\n      if me.member\n        then: say \"Yes\"\n        otherwise: go to Night";
        self::assertSame([], self::all($app.$otherwise.$night, 'PaidScreenOpen'));
        $then = str_replace('say "Yes"', 'go to Night', str_replace("\n        otherwise: go to Night", '', $otherwise));
        self::assertCount(1, self::all($app.$then.$night, 'PaidScreenOpen'));
    }

    /** @return list<Finding> */
    private static function all(string $script, string $rule): array
    {
        return array_values(array_filter(Findings::in(Reading::of(Blueprint::fromScript($script))), fn (Finding $f): bool => $f->rule === $rule));
    }

    public function test_findings_about_products_stand_at_the_station_of_earnings(): void
    {
        self::assertSame(Station::Earnings, self::found('product Membership is a subscription, giving Member')[0]->station);
    }
}
