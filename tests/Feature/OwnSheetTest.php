<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\People;
use App\People\Sessions;
use App\Records\DataSet;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Testing\TestResponse;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Play\Visit;
use Standins\Till\Drawer;
use Tests\AtTills;
use Tests\TestCase;

/** Somebody buys by the sheet of their phone's own store: the phone tells a number, and the store is asked what it stands for. */
final class OwnSheetTest extends TestCase
{
    use AtTills;

    public function test_where_the_phone_has_a_sheet_it_is_asked_for_it_and_else_a_page_is_opened(): void
    {
        $this->prepare('pier');
        $practice = config('lanai.stores.pier.url');
        config(['lanai.stores.pier.url' => 'https://pier.example']);
        self::assertMatchesRegularExpression(
            '~^sheet:club\.yearly\?account=[0-9a-f]{8}-[0-9a-f]{4}-8[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$~',
            $this->begun('club', 'yearly', true),
        );
        self::assertStringStartsWith('sheet:candle?account=', $this->begun('candle', '', true));
        self::assertTrue($this->reef->refresh()->sells, 'Then the till is asked how it goes on.');
        config(['lanai.stores.pier.url' => $practice]);
        self::assertStringStartsWith('http', $this->begun('club', 'yearly', true), 'The store for practice has a sheet on no phone.');
        self::assertStringStartsWith('http', $this->begun('club', 'yearly', false));
    }

    public function test_what_the_store_says_was_bought_is_given_to_whom_it_says(): void
    {
        $this->prepare('pier');
        $transaction = $this->paid('club', 'yearly');
        $this->tell($transaction)->assertUnauthorized();
        $ben = $this->signedIn($this->other());
        $this->tell($transaction, $ben)->assertUnprocessable()->assertJsonPath('message', 'This purchase belongs to somebody else.');
        self::assertFalse($this->has());

        $ada = $this->signedIn($this->ada->id);
        foreach (['', '../statements', 'a b', str_repeat('a', 101)] as $odd) {
            $this->tell($odd, $ada)->assertUnprocessable();
        }
        $this->tell(str_repeat('0', 32), $ada)->assertStatus(422);
        self::assertFalse($this->has());
        $this->tell($transaction, $ada)->assertOk()->assertJsonPath('paid', true);
        self::assertTrue($this->has());
        self::assertSame(['club', 'yearly', $transaction], [$this->known()->product, $this->known()->plan, $this->known()->token]);
        // Told again, as a phone does that was not heard, it is the same.
        $this->tell($transaction, $ada)->assertOk()->assertJsonPath('paid', true);
        self::assertSame(1, $this->database()->table('_purchases')->count());
        $this->counter()->askAround();
        self::assertTrue((bool) $this->known()->received, 'The store hears that it was given.');
    }

    public function test_what_was_bought_is_what_the_store_says_and_not_what_was_wanted(): void
    {
        $this->prepare('pier');
        // Whoever pays for a candle has a candle.
        $this->tell($this->paid('candle'), $this->signedIn($this->ada->id))->assertOk();
        self::assertSame('candle', $this->known()->product);
        self::assertFalse($this->has());
        $people = $this->space()->blueprint()->peopleTable();
        self::assertSame(1, $this->space()->store()->byIds($people, [$this->ada->id])[$this->ada->id]->values['candles']);
    }

    public function test_what_was_bought_by_the_name_that_tills_had_for_people_at_first_is_still_theirs(): void
    {
        $this->prepare('pier');
        $this->pay($this->begin('club', 'yearly'));
        $before = (fn (int $person): string => $this->accountBefore($person))->call($this->counter(), $this->ada->id);
        (new Drawer(self::$practice, 'pier-billing'))->change(function (array &$all) use ($before): void {
            foreach ($all['sessions'] as &$sale) {
                $sale['account'] = $before;
            }
        });
        $this->counter()->turn($this->ada, $this->space()->blueprint()->product('club'), false);
        self::assertSame('ending', $this->own()['status']);
    }

    public function test_what_is_not_paid_yet_is_not_given(): void
    {
        $this->prepare('pier');
        $this->tell(basename($this->begin('chart')), $this->signedIn($this->ada->id))->assertOk()->assertJsonPath('paid', false);
        self::assertFalse($this->has());
    }

    private function begun(string $product, string $plan, bool $sheet): string
    {
        $of = $this->space()->blueprint()->product($product);
        $moment = new Moment(new DateTimeImmutable(), new DateTimeZone('UTC'));

        return $this->counter()->begin($this->ada, $of, $of->plan($plan), new Visit($moment, person: $this->ada->id, till: Sold::Pier->value, sheet: $sheet));
    }

    /** @return string what the store calls it; here nobody has come back from a page */
    private function paid(string $product, string $plan = ''): string
    {
        $page = $this->begin($product, $plan);
        $this->submit($page);
        $this->database()->table('_checkouts')->delete();

        return basename($page);
    }

    private function other(): int
    {
        $people = $this->space()->blueprint()->peopleTable();

        return $this->space()->store()->add($people, ['name' => 'Cleo']);
    }

    private function signedIn(int $person): string
    {
        $people = new People($this->reef, DataSet::Sandbox, $this->reef->revision->read());
        $account = $people->accounts()->where('person', $person)->first();
        $account ??= $people->accounts()->create(['person' => $person, 'email' => null]);

        return (new Sessions($people))->open($account, 'guest', 'a test');
    }

    private function known(): \stdClass
    {
        return $this->database()->table('_purchases')->orderByDesc('id')->firstOrFail();
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function tell(string $transaction, string $session = ''): TestResponse
    {
        $headers = $session === '' ? [] : ['Authorization' => "Bearer $session"];

        return $this->postJson("/device/share/{$this->reef->share_code}/bought", ['transaction' => $transaction], $headers);
    }
}
