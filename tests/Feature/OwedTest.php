<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Earnings\Owed;
use App\Earnings\PurchaseBook;
use App\Jobs\DoOwed;
use App\Jobs\SendLetters;
use App\Models\App;
use App\Models\RoutineRun;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Lanai\Core\Earnings\Event;
use Lanai\Core\Earnings\Happened;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Tests\TestCase;

/** What a purchase brings, and the routines that wait for it: each once, whatever breaks. */
final class OwedTest extends TestCase
{
    private const APP = <<<'APP'
    app Reef
    sign-in at In
      as a guest
    table People, each a Person, who sign in
      Name is a text, required
      Candles is a whole number
      Member is an entitlement
    table Notes, each a Note
      Text is a text
    product Club is a subscription, giving Member
      plan Monthly, every month at 3.99 EUR
    product Candle is used up, at 1.99 EUR
      bought:
        raise me.candles by 1
        add a Note
          set Text = "A candle for " ~ me.name
        send a letter to me about "Your candle" saying "Here it is."
    routine Welcome, when somebody buys Club
      add a Note
        set Text = "Welcome, " ~ me.name
    routine Sorry, when somebody fails to pay for Club
      add a Note
        set Text = "Sorry, " ~ me.name
    product Day pass is used up, at 0.99 EUR
      bought:
        give Club to me, for hours(24)
    routine Again, when somebody comes back to Club
      add a Note
        set Text = "Again, " ~ me.name
    screen Start, first
      Text "Here"
    screen In
      Text "in"
    APP;

    private App $reef;

    private Row $ada;

    protected function setUp(): void
    {
        parent::setUp();
        $this->reef = app(RevisionBook::class)->begin($this->stranger(), Blueprint::fromScript(self::APP));
        $store = $this->space()->store();
        $people = $this->space()->blueprint()->table('People');
        $id = $store->add($people, ['name' => 'Ada', 'candles' => 0]);
        $this->ada = $store->byIds($people, [$id])[$id];
    }

    public function test_what_is_used_up_is_given_once_for_each_purchase_however_often_it_is_told(): void
    {
        foreach (['a', 'a', 'b', 'a', 'b'] as $token) {
            $this->tell($token, 'candle', $this->bought());
        }
        self::assertSame(2, $this->candles());
        self::assertSame(['A candle for Ada', 'A candle for Ada'], $this->notes());
        // Nothing of it is had, so it can be bought again.
        self::assertFalse((new PurchaseBook($this->space()))->held($this->ada, $this->space()->blueprint()->product('candle'), new DateTimeImmutable()));
        self::assertSame(['Candle is bought', 'Candle is bought'], RoutineRun::query()->where('state', 'done')->pluck('routine')->all());
    }

    public function test_what_broke_off_is_found_and_done_once(): void
    {
        Queue::fake();
        $this->tell('a', 'candle', $this->bought());
        Queue::assertPushed(DoOwed::class);
        self::assertSame(0, $this->candles(), 'The queue was killed before it came to it.');
        $owed = new Owed($this->space());
        self::assertTrue($owed->any(time()));
        $owed->doAll(time());
        self::assertSame(1, $this->candles());
        Queue::assertPushed(SendLetters::class, 1);
        self::assertFalse($owed->any(time() + 1_000_000));
        // Killed after the work was kept and before it was crossed off.
        $database = $this->database();
        $database->table('_owed')->insert(['id' => 1, 'purchase' => 1, 'event' => 'e0', 'routine' => '', 'next' => 0]);
        $owed->doAll(time());
        self::assertSame(1, $this->candles());
        // Whether its letter was posted nobody can say: better twice than not at all.
        Queue::assertPushed(SendLetters::class, 2);
    }

    public function test_what_is_refused_stays_owed_and_is_tried_again(): void
    {
        $this->database()->statement('create trigger "no" before insert on "notes" begin select raise(abort, \'the disk is full\'); end');
        $this->tell('a', 'candle', $this->bought());
        self::assertSame(0, $this->candles(), 'All of it or nothing.');
        self::assertSame('waiting', RoutineRun::query()->value('state'));
        $owed = new Owed($this->space());
        self::assertFalse($owed->any(time()), 'It waits a while.');
        $this->database()->statement('drop trigger "no"');
        $owed->doAll(time() + 120);
        self::assertSame(1, $this->candles());
        self::assertSame(['done', 2], [RoutineRun::query()->value('state'), (int) RoutineRun::query()->value('tries')]);
    }

    public function test_routines_wait_for_what_happens_to_a_purchase(): void
    {
        $month = new DateTimeImmutable('+1 month');
        $this->tell('s', 'club', new Event('e0', Happened::Bought, new DateTimeImmutable('-2 days'), new DateTimeImmutable('-1 hour')));
        $this->tell('s', 'club', new Event('e1', Happened::Failed, new DateTimeImmutable('-1 hour')));
        self::assertSame(['Welcome, Ada', 'Sorry, Ada'], $this->notes());
        $this->tell('t', 'club', new Event('e0', Happened::Bought, new DateTimeImmutable('-1 minute'), $month));
        self::assertSame(['Welcome, Ada', 'Sorry, Ada', 'Welcome, Ada', 'Again, Ada'], $this->notes());
    }

    public function test_what_is_bought_can_give_something_for_a_while_and_twice_is_twice_as_long(): void
    {
        $this->tell('a', 'day_pass', $this->bought());
        $ends = fn (): int => strtotime((string) $this->database()->table('_holdings')->max('ends')) - time();
        self::assertEqualsWithDelta(86400, $ends(), 5);
        $this->tell('b', 'day_pass', $this->bought());
        self::assertEqualsWithDelta(2 * 86400, $ends(), 5);
        $this->tell('b', 'day_pass', $this->bought());
        self::assertEqualsWithDelta(2 * 86400, $ends(), 5);
    }

    public function test_what_is_long_past_made_up_or_given_sets_nothing_off(): void
    {
        $this->tell('old', 'club', new Event('e0', Happened::Bought, new DateTimeImmutable('-90 days'), new DateTimeImmutable('-60 days')));
        $this->tell('story-1', 'candle', $this->bought());
        (new PurchaseBook($this->space()))->give($this->ada, $this->space()->blueprint()->product('club'), new DateTimeImmutable(), null);
        self::assertSame([[], 0], [$this->notes(), $this->candles()]);
    }

    private function bought(): Event
    {
        return new Event('e0', Happened::Bought, new DateTimeImmutable('-1 minute'), new DateTimeImmutable('9999-12-31T00:00:00Z'));
    }

    private function tell(string $token, string $product, Event $event): void
    {
        (new PurchaseBook($this->space()))->take('card', $token, $this->ada, $this->space()->blueprint()->product($product), $event);
    }

    private function candles(): int
    {
        return (int) $this->database()->table('people')->value('candles');
    }

    /** @return list<string> */
    private function notes(): array
    {
        return $this->database()->table('notes')->orderBy('id')->pluck('text')->all();
    }

    private function database(): \Illuminate\Database\Connection
    {
        return DB::connection((new DataFile($this->reef, DataSet::Sandbox))->connection);
    }

    private function space(): Space
    {
        return Space::sandbox($this->reef->refresh());
    }
}
