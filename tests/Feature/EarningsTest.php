<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Earnings\PurchaseBook;
use App\Earnings\Tide;
use App\Models\App;
use App\Models\Founder;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Earnings\Story;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Holdings;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** The Earnings station: rehearsals that are asked for and kept, and gifts. */
final class EarningsTest extends TestCase
{
    private const SMALL = "app A\ntable People, each a Person, who sign in\n  Name is a text\nproduct M is a subscription\n  plan P, PLAN\n"
        ."screen Start, first\n  Text \"x\"";

    private ?Founder $founder = null;

    public function test_a_rehearsal_answers_as_its_schema_says_and_keeps_what_was_said(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $usual = $this->postJson("/api/apps/$app->id/rehearsal")->assertOk();
        self::assertMeets('studio', (string) $usual->getContent(), 'EarningsRehearsal');
        self::assertCount(24, $usual->json('result.paying'));
        self::assertSame('EUR', $usual->json('result.currency'));
        self::assertSame(['monthly', 'yearly'], array_keys($usual->json('assumed.plans')));

        // Another price moves money, and is only tried out; what is likely is kept where that is asked for.
        $tried = $this->postJson("/api/apps/$app->id/rehearsal", ['plans' => ['monthly' => ['price' => 7.98, 'share' => 3]], 'months' => 12, 'keep' => true]);
        self::assertSame(array_slice($usual->json('result.paying'), 0, 3), array_slice($tried->json('result.paying'), 0, 3));
        self::assertGreaterThan($usual->json('result.recurring.11.1'), $tried->json('result.recurring.11.1'));
        $again = $this->postJson("/api/apps/$app->id/rehearsal");
        self::assertSame([12, 3.99], [$again->json('assumed.months'), $again->json('assumed.plans.monthly.price')]);
        self::assertLessThan($tried->json('result.recurring.11.1'), $again->json('result.recurring.11.1'));
    }

    #[TestWith([['arrivals' => -1]])]
    #[TestWith([['arrivals' => 'many']])]
    #[TestWith([['first' => 101]])]
    #[TestWith([['months' => 5000]])]
    #[TestWith([['stores' => [['key' => 'by hand', 'share' => 1]]]])]
    #[TestWith([['countries' => []]])]
    #[TestWith([['countries' => [['country' => 'Atlantis', 'share' => 1]]]])]
    #[TestWith([['again' => 'never']])]
    #[TestWith([['plans' => ['monthly' => ['price' => 1e12]]]])]
    public function test_what_cannot_be_is_refused(array $told): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app))->postJson("/api/apps/$app->id/rehearsal", $told)->assertUnprocessable();
    }

    #[TestWith([['arrivals' => 0]])]
    #[TestWith([['plans' => ['monthly' => ['share' => 0], 'yearly' => ['share' => 0]]]])]
    #[TestWith([['plans' => ['monthly' => ['share' => 100], 'yearly' => ['share' => 100]], 'arrivals' => 1000000, 'first' => 0, 'months' => 60]])]
    #[TestWith([['first' => 100, 'later' => 100, 'fails' => 100, 'refunds' => 100, 'stores' => [['key' => 'card', 'share' => 100]]]])]
    #[TestWith([['countries' => [['country' => 'CH', 'share' => 0]], 'stores' => [['key' => 'card', 'share' => 0]]]])]
    #[TestWith([['plans' => ['monthly' => ['price' => 0.01]], 'stores' => [['key' => 'card', 'share' => 100]]]])]
    public function test_the_edges_of_what_can_be_assumed_give_figures(array $told): void
    {
        $app = $this->demo();
        $answer = $this->actingAs($this->founderOf($app))->postJson("/api/apps/$app->id/rehearsal", $told)->assertOk();
        foreach ($answer->json('result.paying') as [$low, $middle, $high]) {
            self::assertTrue($low >= 0 && $low <= $middle && $middle <= $high);
        }
    }

    public function test_without_a_whole_subscription_nothing_is_rehearsed(): void
    {
        $app = $this->appOf(str_replace('PLAN', 'every ___ at 3 EUR', self::SMALL));
        $answer = $this->postJson("/api/apps/$app->id/rehearsal")->assertOk();
        self::assertSame(['products' => [], 'assumed' => null, 'result' => null], array_diff_key($answer->json(), ['countries' => 1]));

        $yen = $this->appOf(str_replace('PLAN', 'every week at 300 JPY', self::SMALL));
        self::assertSame(0, $this->postJson("/api/apps/$yen->id/rehearsal")->assertOk()->json('result.digits'));
    }

    public function test_what_is_kept_or_used_up_is_rehearsed_and_countries_pay_their_own_prices(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $ask = fn (array $told) => $this->postJson("/api/apps/$app->id/rehearsal", $told)->assertOk();
        $kept = $ask(['product' => 'night_chart', 'arrivals' => 1000]);
        self::assertMeets('studio', (string) $kept->getContent(), 'EarningsRehearsal');
        self::assertSame('kept', $kept->json('assumed.kind'));
        $people = array_column($kept->json('result.paying'), 1);
        self::assertEqualsWithDelta(1000 * 0.03 * 24 * 0.98, $people[23], 60, 'Whoever bought it has it.');
        self::assertSame(0.0, (float) $kept->json('result.recurring.23.1'));
        $tea = $ask(['product' => 'hot_tea', 'arrivals' => 1000, 'again' => 'week', 'first' => 20, 'later' => 20]);
        self::assertGreaterThan(2 * $ask(['product' => 'hot_tea', 'arrivals' => 1000, 'again' => 'month', 'first' => 20, 'later' => 20])
            ->json('result.bank.23.1'), $tea->json('result.bank.23.1'));
        // In Switzerland the tax is lower, and so are the prices said for it.
        $in = fn (string $country): float => $ask(['stores' => [['key' => 'card', 'share' => 1]], 'countries' => [['country' => $country, 'share' => 1]]])
            ->json('result.tax.23.1');
        self::assertEqualsWithDelta(3.90 / 0.94 / 3.99 * (8.1 / 108.1) / (19 / 119), $in('CH') / $in('DE'), 0.05);
        self::assertSame(0.0, (float) $in('US'), 'No tax is known there.');
    }

    public function test_the_founder_gives_looks_and_takes_back(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $path = "/api/apps/$app->id/purchases/sandbox/3";
        $none = $this->getJson($path)->assertOk();
        self::assertMeets('studio', (string) $none->getContent(), 'PersonsPurchases');
        self::assertSame([false], array_column($none->json('purchases'), 'has'));

        $given = $this->postJson($path, ['product' => 'membership', 'until' => now()->addMonth()->toDateString(), 'note' => 'a test'])->assertOk();
        self::assertMeets('studio', (string) $given->getContent(), 'PersonsPurchases');
        self::assertTrue($given->json('purchases.0.has'));
        $id = $given->json('purchases.0.id');
        self::assertFalse($this->deleteJson("$path/$id")->assertOk()->json('purchases.0.has'));
        $this->deleteJson("$path/$id")->assertUnprocessable();
        $this->postJson($path, ['product' => 'membership', 'until' => '2020-01-01'])->assertUnprocessable();
        $this->postJson($path, ['product' => 'nothing'])->assertNotFound();
        $this->getJson("/api/apps/$app->id/purchases/sandbox/999")->assertNotFound();
        $this->getJson("/api/apps/$app->id/purchases/elsewhere/3")->assertNotFound();
    }

    public function test_a_made_up_customer_is_told_drawn_booked_and_forgotten(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $path = "/api/apps/$app->id/tide";
        $before = $this->getJson($path)->assertOk();
        self::assertMeets('studio', (string) $before->getContent(), 'TideState');
        $told = ['person' => 3, 'product' => 'membership', 'plan' => 'yearly', 'story' => 'Refund', 'sold' => 'card', 'from' => '2026-01-31'];
        $after = $this->postJson($path, $told)->assertOk();
        self::assertMeets('studio', (string) $after->getContent(), 'TideState');
        $made = $after->json('customers.'.count($before->json('customers')));
        self::assertSame(['Marit Solheim', 'Yearly', false], [$made['name'], $made['plan'], $made['gift']]);
        // 29.99 by card: 25.20 without tax, 4.79 for the tax; 0.45 + 0.25 for the card.
        self::assertSame(29.29, $made['events'][1]['amount']);
        $money = $this->getJson("$path?now=2026-03-01")->json('money.0');
        self::assertSame(4.79, $money['tax']);
        self::assertEqualsWithDelta(25.20, $money['earned'] + $money['advance'], 0.001);
        // Another till has other terms; the books of all of them are those that follow from what was told.
        $this->artisan('lanai:ledger', ['app' => $app->slug, '--set' => 'sandbox', '--check' => true])->assertSuccessful();
        $this->artisan('lanai:ledger', ['app' => $app->slug, '--set' => 'sandbox', '--month' => '2026-02', '--csv' => true])
            ->expectsOutputToContain('"tax owed DE",EUR,0.00,4.79')
            ->assertSuccessful();
        $this->artisan('lanai:purchases', ['app' => $app->slug, 'person' => '3', '--set' => 'sandbox'])->expectsOutputToContain('Yearly')->assertSuccessful();

        $id = $made['id'];
        self::assertCount(count($before->json('customers')), $this->deleteJson("$path/$id")->assertOk()->json('customers'));
        $this->deleteJson("$path/$id")->assertNotFound();
        $gift = array_values(array_filter($before->json('customers'), fn (array $c): bool => $c['gift']))[0]['id'];
        $this->deleteJson("$path/$gift")->assertNotFound();
        // More than are drawn: the newest are, and the others are a step away.
        $all = count($before->json('customers'));
        for ($i = 0; $i < 31; $i++) {
            $after = $this->postJson($path, ['story' => 'Switches', 'plan' => 'monthly', 'country' => 'CH'] + $told);
        }
        self::assertSame([30, 0, $all + 1], [count($after->json('customers')), $after->json('before'), $after->json('more')]);
        self::assertSame(['Yearly', 'CHF'], [$after->json('customers.29.plan'), $after->json('customers.29.events.0.currency')]);
        $older = $this->getJson("$path?before=30")->assertOk();
        self::assertSame([$all + 1, 30, 0], [count($older->json('customers')), $older->json('before'), $older->json('more')]);
        foreach ([['story' => 'Nothing'], ['country' => 'XX'], ['person' => 0], ['from' => 'soon'], ['sold' => 'x']] as $wrong) {
            $this->postJson($path, $wrong + $told)->assertUnprocessable();
        }
        $this->postJson($path, ['plan' => 'weekly'] + $told)->assertUnprocessable();
    }

    public function test_books_that_somebody_wrote_in_are_found(): void
    {
        $app = $this->demo();
        $database = DB::connection((new DataFile($app, DataSet::Sandbox))->connection);
        $database->table('_ledger')->where('account', 'commission')->limit(1)->update(['amount' => 1]);
        $this->artisan('lanai:ledger', ['app' => $app->slug, '--set' => 'sandbox', '--check' => true])
            ->expectsOutputToContain('does not balance')
            ->assertFailed();
        $this->artisan('lanai:ledger', ['app' => $app->slug, '--month' => 'soon'])->assertFailed();
        $this->artisan('lanai:rehearse', ['app' => $app->slug, '--months' => '6', '--customers' => '100', '--json' => true])->assertSuccessful();
        $this->artisan('lanai:rehearse', ['app' => $app->slug, '--product' => 'nothing'])->assertFailed();
    }

    public function test_another_founder_sees_and_gives_nothing(): void
    {
        $app = $this->demo();
        $this->actingAs($this->stranger());
        foreach (['rehearsal', 'purchases/sandbox/1'] as $path) {
            self::assertContains($this->postJson("/api/apps/$app->id/$path", ['product' => 'membership'])->getStatusCode(), [403, 404]);
        }
    }

    public function test_what_came_stands_beside_what_was_rehearsed(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $space = Space::sandbox($app);
        $membership = $space->blueprint()->product('membership');
        $people = $space->blueprint()->peopleTable();
        $rows = $space->store()->byIds($people, [1, 2, 3]);
        $tide = new Tide($space);
        // What others have paid since some day before now would count in months that depend on the day.
        foreach (['_purchase_events', Holdings::STORED, '_purchases'] as $stored) {
            DB::connection((new DataFile($app, DataSet::Sandbox))->connection)->table($stored)->delete();
        }
        $from = new DateTimeImmutable('first day of this month 00:00', new DateTimeZone('UTC'));
        foreach ([1 => Story::Well, 2 => Story::Leaves, 3 => Story::Refund] as $person => $story) {
            $tide->tell($rows[$person], $membership, $membership->plan('monthly'), $story, Sold::SmallStore, $from->modify('-5 months'), 'DE');
        }
        (new PurchaseBook($space))->give($rows[1], $membership, $from->modify('-5 months'), null);
        $found = $this->getJson("/api/apps/{$app->id}/figures/sandbox?product=membership")->assertOk();
        self::assertMeets('studio', (string) $found->getContent(), 'FiguresState');
        // After a month all three have it; the one who asked for the money back and the one who left do not after two.
        self::assertSame([3, [3, 1, 1, 1]], [$found->json('cohorts.0.began'), $found->json('cohorts.0.kept')]);
        self::assertSame($from->modify('-5 months')->format('Y-m'), $found->json('months.0.month'));
        self::assertSame([3, 1], [$found->json('months.0.people'), $found->json('months.2.people')]);
        self::assertSame([], $this->getJson("/api/apps/{$app->id}/figures/live?product=membership")->json('cohorts'), 'Gifts are no sale.');
        $this->getJson("/api/apps/{$app->id}/figures/sandbox?product=nothing")->assertNotFound();
        $this->getJson("/api/apps/{$app->id}/figures/sandbox")->assertStatus(422);
    }

    private function appOf(string $script): App
    {
        $this->founder ??= $this->stranger();
        $this->actingAs($this->founder);

        return app(RevisionBook::class)->begin($this->founder, Blueprint::fromScript($script));
    }
}
