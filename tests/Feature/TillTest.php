<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Earnings\Counter;
use App\Earnings\PurchaseBook;
use App\Models\App;
use App\People\Belongings;
use App\People\Departure;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Play\Outcome;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\PracticeServices;
use Tests\TestCase;

/** Buying by card, with the till that ships with Lanai, over HTTP. */
final class TillTest extends TestCase
{
    use PracticeServices;

    private const APP = <<<'APP'
    app Reef
    sign-in at In
      as a guest
    table People, each a Person, who sign in
      may be seen by everyone
      Name is a text, required
      Member is an entitlement
    product Club is a subscription, giving Member
      plan Monthly, every month at 3.99 EUR
      plan Yearly, every year at 29.99 EUR, after 7 days free
      plan Weekly, every week at 1.99 EUR, at first 0.99 for 2 times
    product Chart is bought once, at 4.99 EUR, giving Member
    screen Start, first
      Text "Member: {me.member}"
      Button "Monthly"
        tapped: buy Club, with Monthly
      Button "Yearly"
        tapped: buy Club, with Yearly
      Button "Chart"
        tapped: buy Chart
      Button "End"
        tapped: end Club
      Button "Go on"
        tapped: go on with Club
      Offer of Club
      Button "Weekly"
        tapped: buy Club, with Weekly
      Button "To the year"
        tapped: switch Club, to Yearly
      Button "Look"
        tapped: manage Club
    screen In
      Text "in"
    APP;

    private App $reef;

    private Row $ada;

    protected static function more(): array
    {
        return ['LANAI_STANDIN_TOKEN' => 'a-key-for-the-till'];
    }

    protected function prepare(): void
    {
        config(['lanai.till' => ['url' => 'http://127.0.0.1:'.self::$port.'/till', 'key' => 'a-key-for-the-till']]);
        $this->reef = app(RevisionBook::class)->begin($this->stranger(), Blueprint::fromScript(self::APP));
        $store = $this->space()->store();
        $people = $this->space()->blueprint()->table('People');
        $id = $store->add($people, ['name' => 'Ada']);
        $this->ada = $store->byIds($people, [$id])[$id];
    }

    public function test_who_pays_is_a_member_and_stays_one_until_it_ends(): void
    {
        $this->prepare();
        $page = $this->begun(1);
        self::assertStringContainsString('€3.99 every month', Http::get($page)->body());
        self::assertSame('Member: no', $this->text());
        $back = Http::withOptions(['allow_redirects' => false])->asForm()->post($page, ['card' => '4000 0000 0000 0002', 'country' => 'FR', 'do' => 'pay']);
        $this->get((string) parse_url($back->header('Location'), PHP_URL_PATH))->assertRedirect("/s/{$this->reef->share_code}?back=1");
        self::assertSame('Member: yes', $this->text());
        // Coming back twice changes nothing; the books know the tax of the buyer's country.
        $this->get((string) parse_url($back->header('Location'), PHP_URL_PATH))->assertRedirect();
        $lines = $this->ledger()->where('why', 'paid')->pluck('amount', 'account')->all();
        self::assertEquals(['owed by Till' => 368, 'commission' => 31, 'tax owed FR' => -66, 'received in advance' => -333], $lines);

        self::assertSame('You have this already.', $this->tap(1)->refused);
        self::assertSame('', $this->tap(4)->refused);
        $own = (new PurchaseBook($this->space()))->of($this->ada, new DateTimeImmutable())[0];
        self::assertSame(['ending', true, 'Monthly'], [$own['status'], $own['has'], $own['plan']]);
        // The line that offers it says the same, and does what its button says and nothing else.
        self::assertSame(['stay', []], [$this->offer()['turn'], $this->offer()['plans']]);
        self::assertStringContainsString('Then it ends.', $this->offer()['state']);
        self::assertSame(['It goes on.'], $this->tap(6, '/stay')->say);
        self::assertSame('end', $this->offer()['turn']);
        self::assertNotNull($this->tap(6, '/end')->confirm);
        self::assertSame(['It ends with what is paid.'], $this->tap(6, '/end', ['/screens/0/lines/6/offer/0'])->say);
        self::assertSame('stay', $this->offer()['turn']);
        $this->tap(5);
        self::assertSame('active', (new PurchaseBook($this->space()))->of($this->ada, new DateTimeImmutable())[0]['status']);
    }

    public function test_a_lower_price_at_first_is_what_is_charged(): void
    {
        $this->prepare();
        $page = $this->begun(7);
        self::assertStringContainsString('€0.99 the first 2 times, then €1.99 every week', Http::get($page)->body());
        $this->pays($page, '4000000000000002');
        // 0.99 with 19 % in it are 0.83 without.
        self::assertSame(-83, (int) $this->ledger()->where(['why' => 'paid', 'account' => 'received in advance'])->value('amount'));
        self::assertTrue((new PurchaseBook($this->space()))->everPaid($this->ada, $this->space()->blueprint()->product('club')));
    }

    public function test_free_days_are_given_once_and_what_is_kept_is_kept(): void
    {
        $this->prepare();
        $this->pays($this->begun(2), '4000000000000002');
        $own = (new PurchaseBook($this->space()))->of($this->ada, new DateTimeImmutable())[0];
        self::assertSame(['trial', 'Yearly'], [$own['status'], $own['plan']]);
        self::assertSame(0, $this->ledger()->count(), 'Nothing is paid in free days.');
        $this->pays($this->begun(3), '4000000000000002');
        self::assertSame('active', (new PurchaseBook($this->space()))->of($this->ada, new DateTimeImmutable())[0]['status']);
        self::assertTrue((new PurchaseBook($this->space()))->hadFreeDays($this->ada, $this->space()->blueprint()->product('club')));
    }

    public function test_who_goes_is_no_longer_charged_and_stays_in_the_books_without_their_name(): void
    {
        $this->prepare();
        $this->pays($this->begun(1), '4000000000000002');
        $mine = (new Belongings($this->space()->people()))->of($this->ada->id);
        self::assertSame(['Club', 'Monthly', 'active'], [$mine['purchases'][0]['product'], $mine['purchases'][0]['plan'], $mine['purchases'][0]['status']]);
        $lines = $this->ledger()->count();
        (new Departure($this->space()->people()))->of($this->ada->id);
        self::assertSame($lines, $this->ledger()->count());
        $database = DB::connection((new DataFile($this->reef, DataSet::Sandbox))->connection);
        self::assertSame(0, $database->table('_holdings')->count());
        $purchase = $database->table('_purchases')->first();
        self::assertSame([null, 1], [$purchase->person, (int) $purchase->end]);
        $this->artisan('lanai:tills')->assertSuccessful();
        self::assertSame(0, (int) $database->table('_purchases')->value('end'));
        $told = Http::withToken('a-key-for-the-till')->get(config('lanai.till.url')."/sessions/$purchase->token")->json();
        self::assertSame(['bought', 'left'], array_column($told['events'], 'type'));
    }

    public function test_an_offer_says_what_a_plan_costs_saves_and_begins_with(): void
    {
        $this->prepare();
        $offer = $this->offer();
        self::assertSame(['Monthly', 'Yearly', 'Weekly'], array_column($offer['plans'], 'label'));
        // A week at 1.99 is 8.62 a month; of that 3.99 saves 53 %, and 29.99 a year, 2.499 a month, 71 %.
        self::assertSame(['Saves 53 %', '7 days free at first, saves 71 %', '€0.99 the first 2 times'], array_column($offer['plans'], 'note'));
        self::assertSame(['Terms', 'Privacy'], array_column($offer['pages'], 'label'));
        self::assertStringContainsString('at the latest a day before', $offer['conditions']);
        $outcome = $this->tap(6, '/plans/1');
        self::assertStringContainsString('7 days free, then €29.99 every year', Http::get($outcome->onDevice[0]['text'])->body());
        self::assertSame('This is not offered any more.', $this->tap(6, '/elsewhere')->refused);
        self::assertSame('What you have bought is here.', $this->tap(6, '/restore')->say[0]);
    }

    public function test_who_has_it_is_offered_the_other_plans_and_hears_of_a_higher_price(): void
    {
        $this->prepare();
        self::assertSame('There is nothing that is paid for.', $this->tap(9)->refused);
        self::assertSame('There is nothing that could be changed.', $this->tap(8)->refused);
        $this->pays($this->begun(1), '4000000000000002');
        $offer = $this->offer();
        self::assertStringStartsWith('You have Club, Monthly. It goes on by itself on ', $offer['state']);
        self::assertSame([1, 2], array_column($offer['changes'], 'plan'));
        self::assertStringStartsWith('Change to Yearly, €29.99 a year', $offer['changes'][0]['label']);
        self::assertStringEndsWith('on. Nothing is paid now.', $offer['changes'][0]['note']);
        self::assertSame('At once: what is left of Monthly is taken off.', $offer['changes'][1]['note']);
        self::assertSame('see', $offer['manage']);
        self::assertStringContainsString('You pay nothing now.', Http::get($this->tap(6, '/changes/1')->onDevice[0]['text'])->body());
        self::assertStringContainsString('/manage/', $this->begun(8));
        self::assertSame('This plan is not sold any more.', $this->tap(6, '/changes/7')->refused);
        $token = (string) $this->ledger()->getConnection()->table('_purchases')->value('token');
        (new Counter($this->space()))->raise('card', $token, 599, new DateTimeImmutable('+60 days'), true);
        self::assertMatchesRegularExpression('/ From .+ on it costs €5\.99\. If you do not agree, it ends then\.$/', $this->offer()['state']);
        self::assertSame('agree', $this->offer()['manage']);
        $page = $this->tap(6, '/manage')->onDevice[0]['text'];
        self::assertStringContainsString('If you do not agree, it ends then.', Http::get($page)->body());
        Http::withOptions(['allow_redirects' => false])->asForm()->post($page, ['do' => 'agree']);
        (new Counter($this->space()))->restore($this->ada);
        self::assertStringEndsWith('it costs €5.99.', $this->offer()['state']);
        self::assertSame('see', $this->offer()['manage']);
    }

    #[TestWith(['4000000000000010', 'There is not enough money on this card.'])]
    #[TestWith(['4000000000000044', 'This card has expired.'])]
    #[TestWith(['4000000000000093', 'This payment was taken for fraud.'])]
    #[TestWith(['1234', 'This is none of the cards for practice.'])]
    public function test_a_declined_card_buys_nothing_and_says_why(string $card, string $why): void
    {
        $this->prepare();
        $page = $this->begun(1);
        self::assertStringContainsString($why, Http::asForm()->post($page, ['card' => $card, 'do' => 'pay'])->body());
        $this->artisan('lanai:tills')->assertSuccessful();
        self::assertSame('Member: no', $this->text());
    }

    public function test_a_bank_asks_for_a_code_and_nobody_has_to_come_back(): void
    {
        $this->prepare();
        $page = $this->begun(1);
        self::assertStringContainsString('Type the code', Http::asForm()->post($page, ['card' => '4000000000003006', 'do' => 'pay'])->body());
        self::assertStringContainsString('not the code', Http::asForm()->post($page, ['card' => '4000000000003006', 'code' => '0000'])->body());
        Http::withOptions(['allow_redirects' => false])->asForm()->post($page, ['card' => '4000000000003006', 'code' => '1207']);
        self::assertSame('Member: no', $this->text(), 'Nobody came back, so nothing is known yet.');
        $this->artisan('lanai:tills')->assertSuccessful();
        self::assertSame('Member: yes', $this->text());
    }

    public function test_a_till_that_does_not_answer_is_said_and_a_made_up_way_back_is_nobodys(): void
    {
        $this->prepare();
        config(['lanai.till.key' => 'another']);
        self::assertStringContainsString('does not answer as it should', $this->tap(1)->refused);
        config(['lanai.till.url' => 'http://127.0.0.1:1/till']);
        self::assertStringContainsString('does not answer just now', $this->tap(1)->refused);
        $this->get("/paid/sandbox/{$this->reef->slug}/00000000-0000-0000-0000-000000000000")->assertNotFound();
        self::assertSame('There is nothing to end.', $this->tap(4)->refused);
    }

    private function space(): Space
    {
        return Space::sandbox($this->reef->refresh());
    }

    private function ledger(): Builder
    {
        return DB::connection((new DataFile($this->reef, DataSet::Sandbox))->connection)->table('_ledger');
    }

    /** The page of the till that a button leads to. */
    private function begun(int $line): string
    {
        $outcome = $this->tap($line);
        self::assertSame('', $outcome->refused);
        self::assertSame('pay at', $outcome->onDevice[0]['do'] ?? '');

        return $outcome->onDevice[0]['text'];
    }

    private function pays(string $page, string $card): void
    {
        $back = Http::withOptions(['allow_redirects' => false])->asForm()->post($page, ['card' => $card, 'country' => 'DE', 'do' => 'pay']);
        $this->get((string) parse_url($back->header('Location'), PHP_URL_PATH))->assertRedirect();
    }

    /** @param  list<string>  $confirmed */
    private function tap(int $line, string $part = '', array $confirmed = []): Outcome
    {
        return $this->space()->player()->tap($this->visit($confirmed), "/screens/0/lines/$line$part", null, '', Trail::none());
    }

    /** @return array<string, mixed> */
    private function offer(): array
    {
        return $this->space()->player()->show($this->visit(), Trail::none())['nodes'][6];
    }

    private function text(): string
    {
        return $this->space()->looking()->show($this->visit(), Trail::none())['nodes'][0]['text'];
    }

    /** @param  list<string>  $confirmed */
    private function visit(array $confirmed = []): Visit
    {
        return new Visit(new Moment(new DateTimeImmutable(), new DateTimeZone('UTC')), 'start', [], $this->ada->id, confirmed: $confirmed);
    }
}
