<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Earnings\PriceRises;
use App\Earnings\PurchaseBook;
use App\Earnings\Statements;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\Http;
use Lanai\Core\Earnings\Cycle;
use Lanai\Core\Earnings\PlanChange;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Play\Stand;
use Lanai\Core\Play\Visit;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\AtTills;
use Tests\TestCase;

/** What becomes of something that is paid for: another plan, another price, a pause, a dispute, and what the till pays out. The same for every till. */
final class TillChangesTest extends TestCase
{
    use AtTills;

    #[DataProvider('tills')]
    public function test_a_dearer_plan_begins_at_once_and_what_is_left_is_taken_off(string $till): void
    {
        $script = str_replace('29.99 EUR, after 7 days free', '59.99 EUR', self::APP);
        $this->prepare($till, $script, $script);
        $this->pay($this->begin('club', 'monthly'));
        $this->earlier(10 * 86400);
        $this->counter()->restore($this->ada);
        $page = $this->change('yearly');
        $shown = Http::get($page)->body();
        // What is said there is what Lanai computes itself.
        $own = $this->own()['events'][0];
        $change = PlanChange::now(
            new DateTimeImmutable(),
            399,
            new DateTimeImmutable($own['at']),
            new DateTimeImmutable($own['until']),
            new Cycle('year'),
            5999,
            new DateTimeZone('UTC'),
        );
        self::assertStringContainsString('€'.number_format($change->charge / 100, 2).' now', $shown);
        self::assertGreaterThan(200, $change->unused);
        $this->manage($page, 'change');
        self::assertSame(['active', 'Yearly'], [$this->own()['status'], $this->own()['plan']]);
        self::assertSame(['bought', 'changes plan'], array_column($this->own()['events'], 'what'));
        self::assertEqualsWithDelta($change->charge, (int) $this->database()->table('_purchase_events')->where('what', 'changes plan')->value('gross'), 1);
        self::assertEqualsWithDelta($change->until->getTimestamp(), (new DateTimeImmutable($this->own()['until']))->getTimestamp(), 5);
        self::assertSame([], (new PurchaseBook($this->space()))->check());
        self::assertSame(1, $this->database()->table('_purchases')->count());
        self::assertSame(0, $this->balance('received in advance'), 'In the end all of it is earned.');
    }

    #[DataProvider('tills')]
    public function test_a_cheaper_plan_begins_with_the_next_period_and_can_be_thought_better_of(string $till): void
    {
        $this->prepare($till);
        $this->pay($this->begin('club', 'monthly'), short: true);
        $this->manage($this->change('yearly'), 'change');
        self::assertSame(['monthly', 'yearly'], [$this->stand()->plan, $this->stand()->next]);
        $this->manage($this->change('monthly'), 'change');
        self::assertSame('', $this->stand()->next);
        $this->manage($this->change('yearly'), 'keep');
        self::assertSame('', $this->stand()->next);
        $this->manage($this->change('yearly'), 'change');
        self::assertNotSame([], $this->refusals(fn () => $this->change('yearly')), 'It is chosen already.');
        // The month, which is five minutes, is over.
        $this->earlier(400);
        $this->counter()->restore($this->ada);
        self::assertSame(['yearly', ''], [$this->stand()->plan, $this->stand()->next]);
        self::assertSame('Yearly', $this->own()['plan']);
        $paid = $this->database()->table('_purchase_events')->where('what', 'paid again')->pluck('gross')->all();
        self::assertSame([2999], $paid);
    }

    #[DataProvider('tills')]
    public function test_in_the_free_days_another_plan_costs_nothing_until_they_are_over(string $till): void
    {
        $this->prepare($till);
        $this->pay($this->begin('club', 'yearly'));
        self::assertSame('trial', $this->own()['status']);
        $until = $this->own()['until'];
        // By the month it costs more.
        $this->manage($this->change('monthly'), 'change');
        self::assertSame(['trial', 'Monthly', $until], [$this->own()['status'], $this->own()['plan'], $this->own()['until']]);
        $this->earlier(8 * 86400);
        $this->counter()->restore($this->ada);
        self::assertSame([399], $this->database()->table('_purchase_events')->where('gross', '>', 0)->pluck('gross')->all());
    }

    #[DataProvider('tills')]
    public function test_a_higher_price_is_asked_for_and_paid_only_by_those_who_agree(string $till): void
    {
        $this->prepare($till);
        $this->pay($this->begin('club', 'monthly'));
        $club = $this->space()->blueprint()->product('club');
        $purchase = $this->database()->table('_purchases')->first();
        self::assertSame(399, (int) $purchase->pays);
        $from = new DateTimeImmutable('+40 days');
        $this->counter()->raise($till, $purchase->token, 499, $from, true);
        $rise = $this->stand()->rise;
        self::assertSame([499, 'EUR', true], [$rise?->price, $rise?->currency, $rise?->asks]);
        self::assertNotSame([], $this->refusals(fn () => $this->counter()->raise($till, $purchase->token, 399, $from, true)), 'That is no higher price.');
        $this->manage($this->counter()->manage($this->ada, $club, $this->visit()), 'agree');
        self::assertFalse($this->stand()->rise?->asks);
        // Two months later the old price was paid once, and then the new one.
        $this->earlier(62 * 86400);
        $this->counter()->restore($this->ada);
        $paid = $this->database()->table('_purchase_events')->where('gross', '>', 0)->orderBy('at')->pluck('gross')->all();
        self::assertSame([399, 399, 499], $paid);
        self::assertSame('active', $this->own()['status']);
        self::assertSame(499, (int) $this->database()->table('_purchases')->value('pays'));
    }

    #[DataProvider('tills')]
    public function test_who_does_not_answer_leaves_when_the_higher_price_would_be_paid(string $till): void
    {
        $this->prepare($till);
        $this->pay($this->begin('club', 'monthly'), short: true);
        $token = (string) $this->database()->table('_purchases')->value('token');
        $this->counter()->raise($till, $token, 499, new DateTimeImmutable('-1 hour'), true);
        $this->earlier(400);
        $this->counter()->restore($this->ada);
        self::assertSame('expired', $this->own()['status']);
        self::assertFalse($this->has());
        self::assertSame(1, $this->database()->table('_purchase_events')->where('gross', '>', 0)->count());
    }

    public function test_the_founder_raises_a_price_for_those_who_pay_less(): void
    {
        $this->prepare('quay', str_replace('3.99 EUR', '4.99 EUR', self::APP));
        $this->pay($this->begin('club', 'monthly'));
        $this->database()->table('_purchases')->update(['pays' => 399]);
        $this->actingAs($this->founderOf($this->reef));
        $at = "/api/apps/{$this->reef->id}/tills/sandbox";
        $state = $this->getJson($at)->assertOk();
        self::assertMeets('studio', (string) $state->getContent(), 'TillsState');
        self::assertSame([['3.99', '4.99', 1, false]], array_map(
            fn (array $old): array => [$old['pays'], $old['price'], $old['people'], $old['mustAsk']],
            $state->json('old'),
        ));
        $this->postJson("$at/raise", ['product' => 'club', 'plan' => 'monthly', 'days' => 2, 'asks' => false])->assertStatus(422);
        $this->postJson("$at/raise", ['product' => 'club', 'plan' => 'gone', 'days' => 30, 'asks' => false])->assertStatus(422);
        $told = $this->postJson("$at/raise", ['product' => 'club', 'plan' => 'monthly', 'days' => 30, 'asks' => false])->assertOk();
        self::assertSame([[], 1], [$told->json('old'), $told->json('raising')]);
        self::assertSame([], $this->counter()->askAround());
        self::assertSame([499, false], [$this->stand()->rise?->price, $this->stand()->rise?->asks]);
        self::assertSame([[], 0], [$this->getJson($at)->json('old'), $this->getJson($at)->json('raising')]);
    }

    public function test_more_than_half_as_much_again_is_never_taken_without_asking(): void
    {
        $this->prepare('card', str_replace('3.99 EUR', '9.99 EUR', self::APP));
        $this->pay($this->begin('club', 'monthly'));
        $this->database()->table('_purchases')->update(['pays' => 399]);
        $rises = new PriceRises($this->space());
        $club = $this->space()->blueprint()->product('club');
        $refusals = $this->refusals(fn () => $rises->begin($club, 'monthly', 30, false, new DateTimeImmutable()));
        self::assertSame(['It is more than half as much again as some of them pay. Then they have to be asked.'], $refusals);
        $rises->begin($club, 'monthly', 30, true, new DateTimeImmutable());
        self::assertSame(1, $rises->waiting());
    }

    #[DataProvider('tills')]
    public function test_a_pause_is_taken_on_the_page_of_the_till(string $till): void
    {
        $this->prepare($till);
        $this->pay($this->begin('club', 'monthly'), short: true);
        $this->manage($this->counter()->manage($this->ada, $this->space()->blueprint()->product('club'), $this->visit()), 'pause');
        self::assertSame('active', $this->own()['status']);
        $this->earlier(400);
        $this->counter()->restore($this->ada);
        self::assertSame('paused', $this->own()['status']);
        $this->earlier(300);
        $this->counter()->restore($this->ada);
        self::assertSame(['active', 'paid again'], [$this->own()['status'], array_column($this->own()['events'], 'what')[2]]);
    }

    #[DataProvider('tills')]
    public function test_what_is_paid_out_is_held_against_the_books(string $till): void
    {
        $this->prepare($till);
        $this->pay($this->begin('club', 'monthly'));
        $this->pay($this->begin('candle'));
        $statements = new Statements($this->space());
        $this->earlier(5);
        self::assertSame([], $statements->ask(false));
        self::assertSame([], $statements->all(), 'The month is not over.');
        self::assertSame([], $statements->ask(true));
        self::assertSame([], $statements->ask(true), 'Nothing is left.');
        $all = $statements->all();
        self::assertCount(1, $all);
        self::assertSame([[], '', 2], [$all[0]['differs'], $all[0]['difference'], $all[0]['purchases']]);
        self::assertSame(0, $this->balance('owed by '.ucfirst($till === 'card' ? 'till' : $till)));
        self::assertGreaterThan(0, $this->balance('bank'));
        self::assertSame([], (new PurchaseBook($this->space()))->check());
        // What was given back since is taken off what is paid next.
        $this->counter()->giveBack($this->ada, (int) $this->database()->table('_purchases')->where('product', 'candle')->value('id'));
        $this->pay($this->begin('chart'));
        $this->earlier(5);
        $statements->ask(true);
        self::assertSame([[], []], array_column($statements->all(), 'differs'));
        self::assertSame(0, $this->balance('owed by '.ucfirst($till === 'card' ? 'till' : $till)));
        // A line that somebody changed is seen.
        $this->database()->table('_statement_lines')->orderBy('id')->limit(1)->update(['amount' => 1]);
        self::assertStringContainsString('were paid so far, and the books say', $statements->all()[0]['differs'][0]);
        $this->database()->table('_ledger')->whereNull('purchase')->limit(1)->update(['account' => 'earned']);
        self::assertNotSame([], $statements->check());
    }

    public function test_another_currency_is_exchanged_and_the_difference_is_named(): void
    {
        $script = str_replace('every month at 3.99 EUR', "every month at 3.99 EUR\n    costs 4.50 CHF in CH", self::APP);
        $this->prepare('card', $script);
        $this->reef->forceFill(['seller' => ['bank' => 'EUR', 'rates' => [['currency' => 'CHF', 'rate' => '1.05', 'from' => '2020-01-01']]]])->save();
        $this->zone = 'Europe/Zurich';
        $page = $this->begin('club', 'monthly');
        self::assertStringContainsString('CHF', Http::get($page)->body());
        $this->pay($page, country: 'CH');
        $this->earlier(5);
        $statements = new Statements($this->space());
        $statements->ask(true);
        $payout = $statements->all()[0];
        // 4.50 less 1.5 % and 0.25 are 4.18; at 1.05 they would be 4.39.
        self::assertSame(['CHF', '4.18', 'EUR'], [$payout['currency'], $payout['total'], $payout['bank']]);
        self::assertSame((float) $payout['difference'], round((float) $payout['paid'] - 4.39, 2));
        self::assertSame(0, $this->balance('in exchange', 'CHF') - 418);
        self::assertSame(-439, $this->balance('in exchange', 'EUR'));
        self::assertSame((int) round(100 * (float) $payout['paid']), $this->balance('bank'));
        self::assertSame(439 - $this->balance('bank'), $this->balance('currency difference'));
        self::assertSame([], (new PurchaseBook($this->space()))->check());
    }

    #[DataProvider('tills')]
    public function test_each_country_pays_its_own_price(string $till): void
    {
        $script = str_replace(['every month at 3.99 EUR', 'free', 'at 4.99 EUR, giving Member'], [
            "every month at 3.99 EUR\n    costs 4.50 CHF in CH",
            "free\n  converts at 1.12 to USD in US, ending in 99",
            "at 4.99 EUR, giving Member\n  costs 3.99 GBP in GB",
        ], self::APP);
        $this->prepare($till, $script, $script);
        $charged = function (string $zone, string $country, string $product, string $plan = ''): array {
            $this->zone = $zone;
            $this->pay($this->begin($product, $plan), country: $country);
            $raw = $this->database()->table('_purchase_events')->where('gross', '>', 0)->orderByDesc('id')->first();
            $this->database()->table('_receipts')->delete();
            $this->database()->table('_purchases')->delete();

            return [(int) $raw->gross, $raw->currency, $raw->country];
        };
        self::assertSame([450, 'CHF', 'CH'], $charged('Europe/Zurich', 'CH', 'club', 'monthly'));
        self::assertSame([399, 'USD', 'US'], $charged('America/New_York', 'US', 'club', 'monthly'));
        self::assertSame([399, 'GBP', 'GB'], $charged('Europe/London', 'GB', 'chart'));
        self::assertSame([499, 'EUR', 'FR'], $charged('Europe/Paris', 'FR', 'chart'));
    }

    public function test_a_store_keeps_more_of_what_is_sold_beyond_a_million_in_a_year(): void
    {
        $this->prepare('quay');
        $this->pay($this->begin('candle'));
        $this->pay($this->begin('club', 'monthly'));
        $this->database()->table('_turnover')->where('till', 'quay')->increment('gross', 100_000_000);
        $this->pay($this->begin('candle'));
        $this->pay($this->begin('chart'));
        $kept = $this->database()->table('_purchase_events')->orderBy('id')->pluck('commission')->all();
        // 1.67 and 4.19 are without tax: 15 of a hundred of it at first, 30 then.
        self::assertSame([25, 50, 50, 126], $kept);
        self::assertSame([], (new PurchaseBook($this->space()))->check());
    }

    public function test_a_dispute_takes_the_money_and_a_lost_one_what_it_paid_for(): void
    {
        $this->prepare('card');
        $this->pay($this->begin('club', 'monthly'));
        $club = $this->space()->blueprint()->product('club');
        $page = $this->counter()->manage($this->ada, $club, $this->visit());
        $this->manage($page, 'dispute');
        self::assertSame(['active', 399, 1500], [$this->own()['status'], $this->balance('in dispute'), $this->balance('lost in disputes')]);
        $this->manage($page, 'won');
        self::assertSame(['active', 0, 1500], [$this->own()['status'], $this->balance('in dispute'), $this->balance('lost in disputes')]);
        $this->manage($page, 'dispute');
        $this->manage($page, 'lost');
        self::assertSame(['revoked', 0, 0], [$this->own()['status'], $this->balance('in dispute'), $this->balance('tax owed DE')]);
        self::assertFalse($this->has());
        self::assertSame([0, 1], $this->database()->table('_receipts')->orderBy('number')->pluck('back')->map(intval(...))->all(), 'A credit note is written.');
        self::assertSame([], (new PurchaseBook($this->space()))->check());
        // Statements say the same of both.
        $this->earlier(5);
        (new Statements($this->space()))->ask(true);
        self::assertSame([], (new Statements($this->space()))->all(), 'Nothing is paid out where the till is owed.');
    }

    private function change(string $plan): string
    {
        $club = $this->space()->blueprint()->product('club');

        return $this->counter()->change($this->ada, $club, $club->plan($plan), $this->visit());
    }

    /** Somebody does something on the page of the till, and comes back. */
    private function manage(string $page, string $do): void
    {
        $back = Http::withOptions(['allow_redirects' => false])->asForm()->post($page, ['do' => $do]);
        $this->get((string) parse_url($back->header('Location'), PHP_URL_PATH))->assertRedirect();
    }

    private function stand(): Stand
    {
        return $this->counter()->stands($this->ada, $this->space()->blueprint()->product('club'), new DateTimeImmutable());
    }

    private function visit(): Visit
    {
        return new Visit(new Moment(new DateTimeImmutable(), new DateTimeZone($this->zone)), person: $this->ada->id, till: $this->till);
    }

    private function balance(string $account, string $currency = 'EUR'): int
    {
        return (int) $this->database()->table('_ledger')->where(['account' => $account, 'currency' => $currency])->sum('amount');
    }
}
