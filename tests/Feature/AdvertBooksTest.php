<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Adverts\AdvertLedger;
use App\Earnings\Statements;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\AtExchange;
use Tests\TestCase;

/** What adverts earn, in the books: to the cent, and held against what the network pays. */
final class AdvertBooksTest extends TestCase
{
    use AtExchange;

    private const APP = <<<'APP'
    app Reef
    table People, each a Person
      Name is a text, required
    adverts through Bunting, as seller "pub-7"
    screen Start, first
      Text "Here"
      Advert Below, as a box
    APP;

    /** By hand: 0.004 and 0.008 euro are no cent, 0.015 are one; the rest is kept for the next. */
    public function test_a_days_entry_makes_the_sum_of_all_days_whole(): void
    {
        $this->earns('2026-03-01', 4_000);
        $this->earns('2026-03-02', 4_000);
        $this->earns('2026-03-03', 7_000);
        $this->earns('2026-03-04', 2_345_000);
        (new AdvertLedger($this->space()))->book((int) strtotime('2026-03-05T10:00:00Z'));
        self::assertSame([['adverts/EUR/2026-03-03', 1]], $this->entries());
        (new AdvertLedger($this->space()))->book((int) strtotime('2026-03-06T00:00:01Z'));
        self::assertSame([['adverts/EUR/2026-03-03', 1], ['adverts/EUR/2026-03-04', 235]], $this->entries());
        (new AdvertLedger($this->space()))->book((int) strtotime('2026-03-06T00:00:01Z'));
        self::assertCount(2, $this->entries(), 'Written twice it stands once.');
        self::assertSame([], (new AdvertLedger($this->space()))->check());
        $this->database()->table('_ledger')->where('account', AdvertLedger::EARNED)->limit(1)->update(['amount' => -90_000]);
        self::assertCount(1, (new AdvertLedger($this->space()))->check());
    }

    public function test_over_any_days_and_however_often_it_is_written_no_cent_is_lost_or_made_up(): void
    {
        $random = new Randomizer(new Mt19937(18));
        $ledger = new AdvertLedger($this->space());
        $earned = ['EUR' => 0, 'JPY' => 0, 'BHD' => 0];
        for ($day = 1; $day <= 60; $day++) {
            $date = gmdate('Y-m-d', (int) strtotime("2026-01-01 +$day days"));
            foreach (array_keys($earned) as $currency) {
                $much = $random->getInt(0, 3) === 0 ? 0 : $random->getInt(0, 9_999_999);
                $earned[$currency] += $much;
                $this->earns($date, $much, $currency, $random->getInt(0, 1) === 0 ? 'below' : 'above');
            }
            if ($random->getInt(0, 2) === 0) {
                $ledger->bookUntil($date);
            }
            if ($random->getInt(0, 9) === 0) {
                // Something of that day is counted after it was written.
                $this->earns($date, 123_456, 'EUR', 'late');
                $earned['EUR'] += 123_456;
            }
        }
        $this->earns('2026-06-01', 0);
        $ledger->bookUntil('2026-06-02');
        $this->earns('2026-06-02', 0);
        $ledger->bookUntil('2026-06-02');
        foreach (['EUR' => 100, 'JPY' => 1, 'BHD' => 1000] as $currency => $minor) {
            $lines = $this->database()->table('_ledger')->where('currency', $currency);
            $owed = (int) (clone $lines)->where('account', 'owed by '.AdvertLedger::NETWORK)->sum('amount');
            self::assertSame(intdiv($earned[$currency] * $minor, 1_000_000), $owed, $currency);
            self::assertSame(0, (int) $lines->sum('amount'));
        }
        self::assertSame(0, $this->database()->table('_ledger')->where('account', AdvertLedger::EARNED)->where('amount', '>', 0)->count());
        self::assertSame([], $ledger->check());
    }

    public function test_what_the_network_pays_is_held_against_what_was_counted(): void
    {
        for ($i = 0; $i < 12; $i++) {
            $device = sprintf('%08d-2222-4333-8444-555555555555', $i);
            $key = $this->ask(['device' => $device])->json('advert.key') ?? self::fail('There was none.');
            $this->postJson("{$this->base()}/advert/seen", ['key' => $key])->assertOk();
        }
        $answer = $this->postJson("/api/apps/{$this->reef->id}/payouts/sandbox", ['now' => true])->assertOk();
        self::assertMeets('studio', (string) $answer->getContent(), 'PayoutsState');
        self::assertSame([[], 1], [$answer->json('troubles'), count($answer->json('payouts'))]);
        $payout = $answer->json('payouts.0');
        self::assertSame(['Bunting', true, 0, []], [$payout['till'], $payout['adverts'], $payout['purchases'], $payout['differs']]);
        self::assertGreaterThan(0.0, (float) $payout['paid']);
        $balance = fn (string $account): int => (int) $this->database()->table('_ledger')->where('account', $account)->sum('amount');
        self::assertSame((int) round(100 * (float) $payout['paid']), $balance('bank'));
        self::assertEqualsWithDelta(0, $balance('owed by '.AdvertLedger::NETWORK), 1);
        self::assertSame([], (new Statements($this->space()))->check());

        // Asked again it pays nothing twice; and where something else was counted here, that is said.
        self::assertCount(1, $this->postJson("/api/apps/{$this->reef->id}/payouts/sandbox", ['now' => true])->json('payouts'));
        $this->database()->table('_advert_days')->increment('earned', 5_000_000);
        $differs = $this->get("/api/apps/{$this->reef->id}/payouts/sandbox")->json('payouts.0.differs.0');
        self::assertMatchesRegularExpression('/^0\.\d\d EUR were paid so far, and 5\.\d\d EUR were counted here until that day\.$/', $differs);
    }

    #[TestWith([['id' => '']])]
    #[TestWith([['total' => -1]])]
    #[TestWith([['total' => 1.5]])]
    #[TestWith([['at' => 'soon']])]
    #[TestWith([['until' => '2026-13-40']])]
    #[TestWith([['currency' => 'euro']])]
    public function test_a_statement_that_makes_no_sense_is_not_kept(array $part): void
    {
        $payout = $part + ['id' => 'a', 'at' => '2026-03-01', 'until' => '2026-02-28', 'total' => 7, 'currency' => 'EUR'];
        \Illuminate\Support\Facades\Http::fake(['*/payouts*' => \Illuminate\Support\Facades\Http::response(['payouts' => [$payout]])]);
        $answer = $this->postJson("/api/apps/{$this->reef->id}/payouts/sandbox", ['now' => false])->assertOk();
        self::assertSame(['Bunting: It sent a statement that cannot be read. Nothing of it was kept.'], $answer->json('troubles'));
        self::assertSame([], $answer->json('payouts'));
        self::assertSame([], $this->entries());
    }

    public function test_a_network_that_does_not_answer_is_said(): void
    {
        config(['lanai.adverts.sandbox.payouts' => 'http://127.0.0.1:'.self::$port.'/bunting/nowhere']);
        $answer = $this->postJson("/api/apps/{$this->reef->id}/payouts/sandbox", ['now' => false])->assertOk();
        self::assertSame(['Bunting: It answered what cannot be read.'], $answer->json('troubles'));
    }

    private function earns(string $day, int $millionths, string $currency = 'EUR', string $place = 'below'): void
    {
        $row = ['day' => $day, 'place' => $place, 'country' => 'DE', 'currency' => $currency];
        $this->database()->table('_advert_days')->insertOrIgnore($row);
        $this->database()->table('_advert_days')->where($row)->increment('earned', $millionths);
    }

    /** @return list<array{string, int}> entry and what is owed by it */
    private function entries(): array
    {
        $lines = $this->database()->table('_ledger')->where('account', 'owed by '.AdvertLedger::NETWORK)->where('amount', '>', 0)->orderBy('id')->get();

        return array_map(fn (\stdClass $l): array => [(string) $l->entry, (int) $l->amount], $lines->all());
    }
}
