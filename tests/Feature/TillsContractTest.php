<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\Facts;
use App\Apps\RevisionBook;
use App\Earnings\PurchaseBook;
use App\Earnings\Refusals;
use App\Earnings\Tills\Forged;
use App\Models\App;
use App\Models\Founder;
use App\Records\DataFile;
use App\Records\DataSet;
use DateTimeImmutable;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Pool;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Lanai\Core\Earnings\Event;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Rows\Refused;
use PHPUnit\Framework\Attributes\DataProvider;
use Standins\Till\Till;
use Tests\AtTills;
use Tests\TestCase;

/** What every till keeps to, whichever it is: the same test for all of them, over HTTP. */
final class TillsContractTest extends TestCase
{
    use AtTills;

    #[DataProvider('tills')]
    public function test_what_is_paid_is_had_until_it_ends_and_goes_on_when_taken_back(string $till): void
    {
        $this->prepare($till);
        $page = $this->begin('club', 'monthly');
        self::assertStringContainsString('€3.99 every month', Http::get($page)->body());
        self::assertFalse($this->has());
        $this->pay($page);
        self::assertTrue($this->has());
        $club = $this->space()->blueprint()->product('club');
        $this->counter()->turn($this->ada, $club, false);
        self::assertSame('ending', $this->own()['status']);
        $this->counter()->turn($this->ada, $club, true);
        self::assertSame('active', $this->own()['status']);
        // Asked again and again, nothing is there twice.
        $this->counter()->restore($this->ada);
        $this->counter()->askAround();
        self::assertCount(3, $this->own()['events']);
        self::assertSame(-335, (int) $this->database()->table('_ledger')->where(['why' => 'paid', 'account' => 'received in advance'])->value('amount'));
        self::assertSame([], (new PurchaseBook($this->space()))->check());
    }

    #[DataProvider('tills')]
    public function test_it_is_renewed_as_time_runs_and_a_card_that_fails_is_told(string $till): void
    {
        $this->prepare($till);
        $this->pay($this->begin('club', 'monthly'), fails: true, short: true);
        self::assertSame('active', $this->own()['status']);
        // A month passes in five minutes; the till is told to remember that it began earlier.
        $this->earlier(400);
        $this->database()->table('_purchases')->update(['asked' => 0]);
        $this->counter()->restore($this->ada);
        self::assertSame(['bought', 'a payment failed'], array_slice(array_column($this->own()['events'], 'what'), 0, 2));
    }

    #[DataProvider('tills')]
    public function test_money_that_is_given_back_takes_what_it_paid_for(string $till): void
    {
        $this->prepare($till);
        $this->pay($this->begin('chart'));
        self::assertTrue($this->has());
        self::assertSame('Ada', $this->ada->label());
        $this->counter()->giveBack($this->ada, $this->own()['id']);
        self::assertFalse($this->has());
        self::assertSame('revoked', $this->own()['status']);
        $owed = (int) $this->database()->table('_ledger')->where('account', 'like', 'owed by %')->sum('amount');
        self::assertSame(0, $owed, 'What the till owed it owes no more.');
        $this->expectException(Refused::class);
        $ben = $this->space()->store()->byIds($this->space()->blueprint()->table('People'), [$this->ada->id + 1])[$this->ada->id + 1];
        $this->counter()->giveBack($ben, $this->own()['id']);
    }

    #[DataProvider('tills')]
    public function test_what_is_used_up_can_be_bought_again_and_is_given_each_time(string $till): void
    {
        $this->prepare($till);
        foreach ([1, 2] as $times) {
            $this->pay($this->begin('candle'));
            self::assertSame($times, (int) $this->database()->table('people')->where('id', $this->ada->id)->value('candles'));
        }
        self::assertSame(2, $this->database()->table('_purchases')->where('received', true)->count());
    }

    #[DataProvider('tills')]
    public function test_taps_at_the_same_time_come_to_one_page_and_another_plan_takes_its_place(string $till): void
    {
        $this->prepare($till);
        $pages = array_map(fn (): string => $this->begin('club', 'monthly'), range(1, 20));
        self::assertCount(1, array_unique($pages));
        $this->begin('club', 'yearly');
        // The page of the other plan is not to be paid any more.
        $this->submit($pages[0]);
        self::assertFalse($this->has());
        $this->pay($this->begin('club', 'yearly'));
        self::assertSame(['trial', 'Yearly'], [$this->own()['status'], $this->own()['plan']]);
        self::assertSame(1, $this->database()->table('_purchases')->count());
    }

    #[DataProvider('tills')]
    public function test_who_pays_after_they_have_gone_has_their_money_back(string $till): void
    {
        $this->prepare($till);
        $page = $this->begin('chart');
        (new PurchaseBook($this->space()))->leave($this->ada->id);
        $this->submit($page);
        self::assertSame([], $this->counter()->askAround());
        self::assertSame(0, $this->database()->table('_purchases')->count());
        $told = $this->counter()->till($till)->told(basename($page));
        self::assertSame(['bought', 'was given back'], array_map(fn (Event $event): string => $event->what->value, $told->events));
        self::assertSame(0, $this->database()->table('_checkouts')->where('open', true)->count());
    }

    #[DataProvider('tills')]
    public function test_what_is_not_sold_any_more_is_still_asked_about_and_can_be_given_back(string $till): void
    {
        $this->prepare($till);
        $page = $this->begin('chart');
        $this->pay($this->begin('club', 'monthly'));
        foreach (['_purchases', '_checkouts'] as $table) {
            $this->database()->table($table)->update(['product' => 'gone']);
        }
        // Somebody pays for what was taken out of the app a moment ago.
        $this->submit($page);
        self::assertSame([], $this->counter()->askAround());
        self::assertSame('was given back', $this->counter()->till($till)->told(basename($page))->events[1]->what->value);
        self::assertSame(1, $this->database()->table('_purchases')->count());
        $this->counter()->giveBack($this->ada, $this->own()['id']);
        self::assertSame(['bought', 'was given back'], array_column($this->own()['events'], 'what'));
        self::assertSame([], (new PurchaseBook($this->space()))->check());
    }

    /** A thousand in all, fifty at a time. */
    #[DataProvider('tills')]
    public function test_a_thousand_purchases_at_the_same_time_with_one_key_are_one(string $till): void
    {
        $this->prepare($till);
        $page = $this->begin('chart');
        $base = 'http://127.0.0.1:'.self::$port;
        $sent = ['name' => 'Chart', 'price' => 499, 'currency' => 'EUR', 'back' => 'http://localhost/', 'product' => 'chart', 'account' => 'a'];
        $package = fn (): string => (fn (): string => $this->package)->call($this->counter()->till($till));
        $url = $till === 'card' ? "$base/till/sessions" : "$base/$till/billing/{$package()}/purchases";
        $ids = [];
        for ($round = 0; $round < 20; $round++) {
            $answers = Http::pool(fn (Pool $pool): array => array_map(
                fn (): mixed => $pool->withToken('a-key-for-the-till')->withHeaders(['Idempotency-Key' => 'the same'])->post($url, $sent),
                range(1, 50),
            ));
            foreach ($answers as $answer) {
                self::assertSame(201, $answer->status());
                $ids[$answer->json('id')] = true;
            }
        }
        self::assertCount(1, $ids);
        self::assertStringNotContainsString((string) array_key_first($ids), $page, 'Another key is another purchase.');
    }

    #[DataProvider('tills')]
    public function test_a_purchase_of_somebody_else_is_not_taken(string $till): void
    {
        $this->prepare($till);
        $this->pay($this->begin('chart'));
        // Ben says that what Ada bought is his.
        $this->database()->table('_receipts')->delete();
        $this->database()->table('_purchases')->delete();
        $this->database()->table('_checkouts')->update(['person' => $this->ada->id + 1, 'open' => true]);
        $this->counter()->askAround();
        $taken = $this->database()->table('_purchases')->count();
        // A provider of cards knows nobody; there the way back is what nobody can guess.
        self::assertSame($till === 'card' ? 1 : 0, $taken);
    }

    #[DataProvider('tills')]
    public function test_its_messages_are_heard_and_nobody_elses(string $till): void
    {
        $this->prepare($till);
        $page = $this->begin('chart');
        $this->submit($page);
        self::assertFalse($this->has(), 'Nobody came back.');
        [$headers, $body] = $this->message($page);
        self::assertSame(202, $this->heard($headers, $body));
        self::assertTrue($this->has());
        // It may come twice.
        self::assertSame(202, $this->heard($headers, $body));
        self::assertSame(1, $this->database()->table('_purchases')->count());
        self::assertSame(401, $this->heard(...$this->message($page, forged: true)));
        self::assertSame(401, $this->heard($headers, substr_replace($body, 'x', 20, 1)));
        self::assertSame(401, $this->heard($this->till === 'pier' ? $headers : [], $this->till === 'pier' ? 'x' : $body));
        self::assertSame(413, $this->heard($headers, str_repeat('x', 70000)));
        self::assertCount(3, (new Refusals($this->space()))->last(9));
        try {
            $this->counter()->till($till)->heard(array_change_key_case($headers), $body, new DateTimeImmutable('+10 minutes'));
            self::fail('An old message was taken.');
        } catch (Forged $forged) {
            self::assertStringContainsString('old', $forged->getMessage());
        }
    }

    /** @param  array<string, string>  $headers */
    private function heard(array $headers, string $body): int
    {
        $server = $this->transformHeadersToServerVars($headers);

        return $this->call('POST', "/heard/$this->till/sandbox/{$this->reef->slug}", [], [], [], $server, $body)->getStatusCode();
    }

    public function test_what_is_used_outside_the_app_is_paid_by_card_in_every_package_and_stands_on_no_shelf(): void
    {
        $this->prepare('quay', str_replace('is used up, at 1.99 EUR', 'is used up, at 1.99 EUR, used outside the app', self::APP));
        self::assertStringContainsString('/till/pay/', $this->begin('candle'));
        self::assertStringContainsString('/quay/billing/pay/', $this->begin('chart'));
        $shelf = $this->actingAs($this->founderOf($this->reef))->getJson("/api/apps/{$this->reef->id}/tills/sandbox")->assertOk();
        self::assertMeets('studio', (string) $shelf->getContent(), 'TillsState');
        self::assertSame(['club.monthly', 'club.yearly', 'chart'], array_column($shelf->json('tills.1.shelf'), 'id'));
    }

    public function test_a_shelf_says_what_differs_and_is_put_right(): void
    {
        $map = "product Map is bought once, at 2.50 EUR, giving Member\n";
        $this->prepare('quay', str_replace(['3.99 EUR', 'product Chart'], ['4.49 EUR', "{$map}product Chart"], self::APP));
        $this->actingAs($this->founderOf($this->reef));
        $at = "/api/apps/{$this->reef->id}/tills/sandbox";
        $differs = fn (array $tills): array => array_column($tills['tills'][1]['shelf'], 'differs', 'id');
        self::assertSame(
            ['club.monthly' => 'differs in its price and its price at first', 'club.yearly' => '', 'map' => 'is not there', 'chart' => '', 'candle' => ''],
            $differs($this->getJson($at)->json()),
        );
        self::assertSame('This is not sold here yet.', $this->refusals(fn () => $this->begin('map'))[0]);
        $found = fn (): array => array_map(
            fn (Finding $f): string => $f->sentence,
            array_values(array_filter(Facts::findings($this->reef->refresh()), fn (Finding $f): bool => $f->rule === 'ShelfDiffers')),
        );
        self::assertSame([
            'Club, Monthly differs in its price and its price at first at Quay. Put it up there again, on the page “Tills”.',
            'Map is not there at Quay. Put it up there again, on the page “Tills”.',
        ], $found());
        self::assertSame([], array_filter($differs($this->postJson("$at/quay")->assertOk()->json())));
        self::assertSame([], $found());
        config(['lanai.stores.quay.url' => 'http://127.0.0.1:1']);
        self::assertSame('Quay does not answer just now.', $this->getJson($at)->json('tills.1.trouble'));
        $this->postJson("$at/quay")->assertStatus(422);
        $this->postJson("$at/card")->assertNotFound();
    }

    public function test_a_store_gives_the_money_back_where_it_hears_nothing_and_hears_of_it_here(): void
    {
        $this->prepare('quay');
        $page = $this->begin('chart');
        $this->submit($page);
        // Somebody paid, and Lanai was away for four days.
        $this->earlier(4 * 86400);
        $this->counter()->askAround();
        self::assertSame(['bought', 'was given back'], array_column($this->own()['events'], 'what'));
        self::assertFalse($this->has());
    }

    public function test_what_is_broken_in_one_app_keeps_no_other_from_being_asked(): void
    {
        $founder = Founder::query()->create(['name' => 'Bo', 'email' => 'bo@founders.example', 'password' => 'a long enough one']);
        $broken = app(RevisionBook::class)->begin($founder, Blueprint::fromScript(self::APP));
        $broken->forceFill(['sells' => true])->save();
        DB::connection((new DataFile($broken, DataSet::Sandbox))->connection)->getSchemaBuilder()->drop('_checkouts');
        $this->prepare('card');
        $this->submit($this->begin('chart'));
        $this->artisan('lanai:tills')->expectsOutputToContain('something broke; it is tried again')->assertSuccessful();
        self::assertTrue($this->has());
    }

    public function test_a_store_that_has_not_heard_for_a_day_is_found(): void
    {
        $this->prepare('quay');
        $this->pay($this->begin('chart'));
        $found = fn (): array => array_values(array_filter(Facts::findings($this->reef->refresh()), fn (Finding $f): bool => $f->rule === 'StoreHasNotHeard'));
        $this->database()->table('_purchases')->update(['received' => false]);
        self::assertSame([], $found());
        $this->earlier(2 * 86400);
        self::assertSame(['/products/1'], array_map(fn (Finding $f): string => $f->at, $found()));
        $this->counter()->askAround();
        self::assertSame([], $found());
    }

    public function test_the_founder_gives_money_back_and_reads_the_books(): void
    {
        $this->prepare('card');
        $this->pay($this->begin('chart'));
        $this->pay($this->begin('candle'));
        $this->actingAs($this->founderOf($this->reef));
        $purchases = "/api/apps/{$this->reef->id}/purchases/sandbox/{$this->ada->id}";
        $chart = array_column($this->getJson($purchases)->json('purchases'), 'id', 'product')['Chart'];
        $back = $this->postJson("$purchases/$chart/back")->assertOk();
        self::assertMeets('studio', (string) $back->getContent(), 'PersonsPurchases');
        self::assertFalse(array_column($back->json('purchases'), 'has', 'product')['Chart']);
        $this->postJson("$purchases/999/back")->assertStatus(422);
        $at = "/api/apps/{$this->reef->id}/books/sandbox";
        $month = gmdate('Y-m');
        $books = $this->getJson("$at?period=$month")->assertOk();
        self::assertMeets('studio', (string) $books->getContent(), 'BooksState');
        // Of 1.99 with 19 % in it 1.67 are without; the chart came and went.
        self::assertSame([['country' => 'DE', 'rate' => '19', 'currency' => 'EUR', 'net' => '1.67', 'tax' => '0.32']], $books->json('taxes'));
        $sums = fn (string $side): float => array_sum(array_map(floatval(...), array_column($books->json('accounts'), $side)));
        self::assertEqualsWithDelta($sums('debit'), $sums('credit'), 0.001);
        // What is used up is earned within a day: on the last one of a month that is a part of the next one.
        $isWhole = gmdate('Y-m', time() + 86400) === $month;
        foreach ($isWhole ? [gmdate('Y'), gmdate('Y').'-Q'.intdiv((int) gmdate('n') + 2, 3)] : [] as $period) {
            self::assertSame($books->json('accounts'), $this->getJson("$at?period=$period")->json('accounts'));
        }
        self::assertSame([], $this->getJson("$at?period=2019-Q4")->json('accounts'));
        $this->getJson("$at?period=2019-Q5")->assertStatus(422);
        self::assertSame([], $this->postJson("$at/check")->json('wrong'));
        $journal = $this->get("$at/journal.csv?period=$month")->assertOk()->streamedContent();
        $lines = array_map(fn (string $line): array => str_getcsv($line, escape: ''), array_slice(explode("\r\n", trim($journal)), 1));
        $sum = fn (int $column): float => array_sum(array_map(floatval(...), array_column($lines, $column)));
        self::assertEqualsWithDelta($sum(4), $sum(5), 0.001);
        $this->artisan('lanai:ledger', ['app' => $this->reef->slug, '--set' => 'sandbox', '--journal' => true, '--month' => $month])->assertSuccessful();
    }

    #[DataProvider('tills')]
    public function test_a_till_that_is_silent_or_strange_is_said_and_changes_nothing(string $till): void
    {
        $this->prepare($till);
        $this->pay($this->begin('club', 'monthly'));
        config(['lanai.till.key' => 'another', 'lanai.stores.quay.token' => 'another', 'lanai.stores.pier.token' => 'another']);
        self::assertNotSame([], $this->refusals(fn () => $this->counter()->restore($this->ada)));
        config(['lanai.till.url' => 'http://127.0.0.1:1', 'lanai.stores.quay.url' => 'http://127.0.0.1:1', 'lanai.stores.pier.url' => 'http://127.0.0.1:1']);
        self::assertStringContainsString('does not answer just now', $this->refusals(fn () => $this->begin('candle'))[0]);
        self::assertTrue($this->has());
    }

    #[DataProvider('tills')]
    public function test_a_silent_till_is_left_alone_for_this_time_and_a_strange_answer_keeps_nothing_else_from_being_asked(string $till): void
    {
        $this->prepare($till);
        foreach (['chart', 'candle', 'club'] as $product) {
            $this->begin($product, $product === 'club' ? 'monthly' : '');
        }
        $asked = 0;
        $silent = true;
        $answer = function () use (&$asked, &$silent): mixed {
            $asked++;

            return $silent ? throw new ConnectionException('silent') : Http::response('?', 500);
        };
        Http::fake(['*' => $answer]);
        self::assertCount(1, $this->counter()->askAround());
        self::assertSame(1, $asked);
        $silent = false;
        self::assertCount(1, $this->counter()->askAround(), 'The same sentence once.');
        self::assertSame(4, $asked);
    }
}
