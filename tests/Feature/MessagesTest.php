<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\People\Sessions;
use App\Reach\Herald;
use App\Reach\MessageBook;
use App\Reach\PhoneBook;
use App\Reach\Postbox;
use App\Records\DataSet;
use App\Space;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\AtCrier;
use Tests\TestCase;

/** Messages from the sentence to the phone: who gets them, when, and what becomes of them. */
final class MessagesTest extends TestCase
{
    use AtCrier;

    private const APP = <<<'APP'
    app Reef
    sign-in at In
      as a guest
    table People, each a Person, who sign in
      may be seen by everyone
      Name is a text, required
      Favourites are many Spots
      Role is a text
    table Spots, each a Spot
      may be seen by everyone
      Name is a text, required
      Water is a decimal
    table Orders, each an Order
      may be seen by the person in Buyer
      Buyer is one Person
      What is a text
      State is one of "paid", "sent"
      Arrives is a date and time
    screen Start, first
      Text "Here"
      Button "Tell me"
        tapped:
          ask to send messages, because "So that you know when the water is warm."
            then:
              say "We will."
            otherwise:
              say "As you like."
    screen Spot, about one Spot
      Text "{spot.name}"
    screen In
      Text "in"
    messages, quiet from "22:00" until "07:00", at most 3 a day
      channel Water, for "Warm water"
      channel News, off at first
    message Warm, on Water, when one Spot is changed, if water >= 15, to those where any(favourites, this == spot), at most once in 48 hours
      says "{spot.name} is at {spot.water}", then "Come in, {me.name}."
      opens Spot with spot
    message Sent, when one Order is changed, if state == "sent", to order.buyer, even in quiet hours
      says "Your {order.what} is on its way"
    message Arriving, for each Order, as soon as it is arrives - hours(2), if state == "sent", to order.buyer, good for 2 hours, in place of the one before
      says "{order.what} comes at {time(order.arrives)}"
    message Weekly, on News, every monday, at the time "18:00", where they are
      says "The week", then "What is new"
    message Leak, when one Order is added, to those where name == "Ben"
      says "{order.what}"
    message Hello, to those where role == "host", hoping for "Tell me" on Start
      says "Hello, {me.name}"
    language German
      for "{0} is at {1}" say "{0} hat {1} Grad"
      for "Come in, {0}." say "Komm herein, {0}."
    APP;

    private int $ada;

    private int $ben;

    private int $cove;

    private function people(): void
    {
        $this->travelTo('2026-12-02 12:00:00');
        $this->cove = $this->adds('Spots', ['name' => 'Lantern Cove', 'water' => 12.0]);
        $slip = $this->adds('Spots', ['name' => 'Gannet Slip', 'water' => 12.0]);
        $this->ada = $this->adds('People', ['name' => 'Ada', 'favourites' => [$this->cove, $slip], 'role' => 'host']);
        $this->ben = $this->adds('People', ['name' => 'Ben', 'favourites' => [$slip]]);
    }

    #[TestWith(['web'])]
    #[TestWith(['android'])]
    #[TestWith(['ios'])]
    public function test_a_row_that_comes_to_meet_the_condition_is_told_of_to_those_whom_it_concerns(string $platform): void
    {
        $this->people();
        [$a, $b] = [$this->lets($this->ada, $platform), $this->lets($this->ben, $platform)];
        $this->changes('Spots', $this->cove, ['water' => 14.5]);
        self::assertSame([[], []], [$this->titles($a), $this->titles($b)]);
        $this->changes('Spots', $this->cove, ['water' => 15.5]);
        [$told] = $this->lies($a);
        self::assertSame(
            ['Lantern Cove is at 15.5', 'Come in, Ada.', ['screen' => 'spot', 'args' => [$this->cove]], false],
            [$told['title'], $told['text'], $told['data'], $told['silent']],
        );
        self::assertSame([], $this->titles($b));
        // It held already: that it is warmer still is no news.
        $this->changes('Spots', $this->cove, ['water' => 16.0]);
        // It holds anew, but Ada had it today.
        $this->changes('Spots', $this->cove, ['water' => 10.0]);
        $this->changes('Spots', $this->cove, ['water' => 17.0]);
        self::assertCount(1, $this->lies($a));
        self::assertSame(['They had it less than 48 hours ago.' => 1], $this->why('warm'));
        $this->travel(3)->days();
        $this->changes('Spots', $this->cove, ['water' => 10.0]);
        $this->changes('Spots', $this->cove, ['water' => 18.0]);
        self::assertSame(['Lantern Cove is at 15.5', 'Lantern Cove is at 18'], $this->titles($a));
    }

    public function test_each_phone_gets_the_words_of_its_language(): void
    {
        $this->people();
        $second = $this->adds('People', ['name' => 'Eva', 'favourites' => [$this->cove]]);
        [$english, $german] = [$this->lets($this->ada), $this->lets($second, language: 'de')];
        $this->changes('Spots', $this->cove, ['water' => 15.5]);

        self::assertSame(['Lantern Cove is at 15.5'], $this->titles($english));
        self::assertSame(['Lantern Cove hat 15,5 Grad', 'Komm herein, Eva.'], [$this->lies($german)[0]['title'], $this->lies($german)[0]['text']]);
    }

    /** By hand: of two who got it, one in each language and each at her own hour, one opened it and one turned its channel off. */
    public function test_it_is_told_by_language_and_hour_and_who_turned_it_off(): void
    {
        $this->people();
        $second = $this->adds('People', ['name' => 'Eva', 'favourites' => [$this->cove]]);
        [$english] = [$this->lets($this->ada, zone: 'UTC'), $this->lets($second, zone: 'Asia/Tokyo', language: 'de')];
        $this->changes('Spots', $this->cove, ['water' => 15.5]);
        $this->postJson("/device/share/{$this->reef->share_code}/notify/opened", ['id' => $this->lies($english)[0]['id']])->assertNoContent();
        (new Postbox($this->space()))->turn($second, 'water', false);
        $figures = $this->getJson("/api/apps/{$this->reef->id}/messages/sandbox")->assertOk();
        self::assertMeets('studio', (string) $figures->getContent(), 'MessagesState');
        $warm = array_values(array_filter($figures->json('messages'), fn (array $one): bool => $one['name'] === 'Warm'))[0];
        self::assertSame([2, 1, 1], [$warm['sent'], $warm['opened'], $warm['off']]);
        $parts = array_map(fn (array $part): array => array_values($part), $warm['by']);
        sort($parts);
        self::assertSame([
            ['hour', '12', 1, 1, 0], ['hour', '21', 1, 0, 1],
            ['language', 'English', 1, 1, 0], ['language', 'German', 1, 0, 1],
            ['revision', '1', 2, 1, 1],
        ], $parts);
        // Turned off again later, it is not held against what came long before.
        $this->travel(8)->days();
        (new Postbox($this->space()))->turn($this->ada, 'water', false);
        self::assertSame(1, $this->book()->database->table('_posts')->where('off', '>', 0)->count());
    }

    public function test_at_night_it_waits_for_the_morning_where_each_person_is(): void
    {
        $this->people();
        $this->travelTo('2026-12-02 22:30:00');
        $lisbon = $this->lets($this->ada, zone: 'Europe/Lisbon');
        $this->changes('Spots', $this->cove, ['water' => 15.5]);
        self::assertSame([], $this->titles($lisbon));
        $this->travelTo('2026-12-03 06:59:00');
        $this->artisan('lanai:messages');
        self::assertSame([], $this->titles($lisbon));
        $this->travelTo('2026-12-03 07:00:00');
        $this->artisan('lanai:messages');
        self::assertSame(['Lantern Cove is at 15.5'], $this->titles($lisbon));
    }

    public function test_what_does_not_hold_any_more_in_the_morning_is_not_sent(): void
    {
        $this->people();
        $this->travelTo('2026-12-02 22:30:00');
        $phone = $this->lets($this->ada);
        $this->changes('Spots', $this->cove, ['water' => 15.5]);
        $this->changes('Spots', $this->cove, ['water' => 9.0]);
        $this->travelTo('2026-12-03 07:00:00');
        $this->artisan('lanai:messages');
        self::assertSame([], $this->titles($phone));
        self::assertSame(['What it waits for does not hold any more.' => 1], $this->why('warm'));
    }

    public function test_one_tap_that_changes_a_row_twice_tells_once_and_one_that_is_undone_tells_nothing(): void
    {
        $this->people();
        $phone = $this->lets($this->ada);
        $order = $this->adds('Orders', ['buyer' => $this->ada, 'what' => 'Cap', 'state' => 'paid']);
        $store = $this->space()->store();
        $orders = $this->space()->blueprint()->table('Orders');
        try {
            $store->together(function () use ($store, $orders, $order): void {
                $store->change($orders, $order, ['state' => 'sent']);
                throw new \RuntimeException('No.');
            });
        } catch (\RuntimeException) {
        }
        self::assertSame([], $this->titles($phone));
        $store->together(function () use ($store, $orders, $order): void {
            $store->change($orders, $order, ['what' => 'Cape']);
            $store->change($orders, $order, ['state' => 'sent']);
            $store->change($orders, $order, ['what' => 'Cape, blue']);
        });
        self::assertSame(['Your Cape, blue is on its way'], $this->titles($phone));
    }

    /** Whose order it is sees it; whoever must not see a row is not told of it. */
    public function test_nobody_is_told_what_they_may_not_see(): void
    {
        $this->people();
        $phone = $this->lets($this->ben);
        $this->adds('Orders', ['buyer' => $this->ada, 'what' => 'Cap', 'state' => 'paid']);
        self::assertSame([], $this->titles($phone));
        self::assertSame(['They may not see this Order, or it is gone.' => 1], $this->why('leak'));
    }

    public function test_a_row_with_a_time_of_its_own_is_told_of_when_that_has_come(): void
    {
        $this->people();
        $phone = $this->lets($this->ada);
        $this->artisan('lanai:messages');
        $order = ['buyer' => $this->ada, 'state' => 'sent', 'arrives' => new \DateTimeImmutable('2026-12-02 15:00', new \DateTimeZone('UTC'))];
        $this->adds('Orders', ['what' => 'Cap'] + $order);
        $this->adds('Orders', ['what' => 'Towel', 'state' => 'paid'] + $order);
        $this->travelTo('2026-12-02 12:59:00');
        $this->artisan('lanai:messages');
        self::assertSame([], $this->titles($phone));
        $this->travelTo('2026-12-02 13:00:00');
        $this->artisan('lanai:messages');
        $this->artisan('lanai:messages');
        $this->travelTo('2026-12-02 13:01:00');
        $this->artisan('lanai:messages');
        self::assertSame(['Cap comes at 15:00'], $this->titles($phone));
    }

    public function test_at_a_time_where_they_are_each_zone_has_its_own(): void
    {
        $this->people();
        $london = $this->lets($this->ada, zone: 'Europe/London');
        $oslo = $this->lets($this->ben, zone: 'Europe/Oslo');
        $phones = new PhoneBook($this->space());
        $news = $this->space()->blueprint()->messages->channel('News');
        $phones->choose($this->ada, $news, true);
        $phones->choose($this->ben, $news, true);
        // A Monday.
        foreach (['16:59', '17:00', '17:01'] as $time) {
            $this->travelTo("2026-12-07 $time:00");
            $this->artisan('lanai:messages');
        }
        self::assertSame([[], ['The week']], [$this->titles($london), $this->titles($oslo)]);
        $this->travelTo('2026-12-07 18:00:00');
        $this->artisan('lanai:messages');
        self::assertSame([['The week'], ['The week']], [$this->titles($london), $this->titles($oslo)]);
    }

    public function test_who_has_not_turned_a_channel_on_that_is_off_at_first_gets_nothing(): void
    {
        $this->people();
        $phone = $this->lets($this->ada);
        $this->travelTo('2026-12-07 18:00:00');
        $this->artisan('lanai:messages');
        self::assertSame([], $this->titles($phone));
        self::assertSame(['“News” is turned off.' => 1], $this->why('weekly'));
    }

    public function test_by_hand_it_goes_to_those_it_is_for_and_the_command_says_to_whom(): void
    {
        $this->people();
        $phone = $this->lets($this->ada);
        $hello = $this->space()->blueprint()->message('hello');
        $this->artisan('lanai:audience', ['app' => $this->reef->slug, 'message' => 'hello', '--set' => 'sandbox'])
            ->expectsOutputToContain('would go to 1 of 1 people')
            ->assertSuccessful();
        (new Herald($this->space()))->now($hello);
        self::assertSame(['Hello, Ada'], $this->titles($phone));
        $this->artisan('lanai:send', ['app' => $this->reef->slug, 'message' => 'Hello', '--to' => $this->ada, '--set' => 'sandbox'])->assertSuccessful();
        self::assertSame(['Hello, Ada', 'Hello, Ada'], $this->titles($phone));
        $this->artisan('lanai:send', ['app' => $this->reef->slug, 'message' => 'Hello', '--to' => $this->ben, '--set' => 'sandbox'])
            ->expectsOutputToContain('No phone of theirs lets messages in')
            ->assertFailed();
    }

    public function test_no_more_come_in_a_day_than_the_app_allows(): void
    {
        $this->people();
        $phone = $this->lets($this->ada);
        foreach (range(1, 5) as $ignored) {
            (new Herald($this->space()))->now($this->space()->blueprint()->message('hello'));
        }
        self::assertCount(3, $this->lies($phone));
        self::assertSame(['They had 3 messages in a day already.' => 2], $this->why('hello'));
        // What is urgent comes all the same.
        $order = $this->adds('Orders', ['buyer' => $this->ada, 'what' => 'Cap', 'state' => 'paid']);
        $this->changes('Orders', $order, ['state' => 'sent']);
        self::assertCount(4, $this->lies($phone));
    }

    #[TestWith(['web', '500'])]
    #[TestWith(['web', '429'])]
    #[TestWith(['web', 'cut'])]
    #[TestWith(['android', '500'])]
    #[TestWith(['android', 'malformed'])]
    #[TestWith(['ios', '429'])]
    #[TestWith(['ios', 'html'])]
    public function test_a_carrier_in_trouble_is_tried_again_and_it_is_shown_once(string $platform, string $mode): void
    {
        $this->people();
        $phone = $this->lets($this->ada, $platform);
        $this->goesWrong($mode);
        (new Herald($this->space()))->now($this->space()->blueprint()->message('hello'));
        self::assertSame([], $this->titles($phone));
        $this->goesWrong('');
        $this->artisan('lanai:messages');
        self::assertSame([], $this->titles($phone), 'It is not asked again at once.');
        $this->travel(2)->minutes();
        $this->artisan('lanai:messages');
        self::assertSame(['Hello, Ada'], $this->titles($phone));
    }

    #[TestWith(['web'])]
    #[TestWith(['android'])]
    #[TestWith(['ios'])]
    public function test_a_phone_that_is_gone_is_forgotten(string $platform): void
    {
        $this->people();
        $handle = $this->lets($this->ada, $platform);
        $phone = (new PhoneBook($this->space()))->called($handle);
        (new \App\Reach\PracticePhones($this->reef))->remove($phone);
        (new Herald($this->space()))->now($this->space()->blueprint()->message('hello'));
        self::assertNull((new PhoneBook($this->space()))->called($handle));
        self::assertSame(['The app is not on this phone any more.' => 1], $this->why('hello'));
    }

    public function test_who_is_killed_over_it_leaves_it_to_be_sent_again_and_no_phone_shows_it_twice(): void
    {
        $this->people();
        $phone = $this->lets($this->ada);
        (new Herald($this->space()))->now($this->space()->blueprint()->message('hello'));
        // As if the answer had come and nobody had written it down.
        $this->book()->database->table('_posts')->update(['state' => 'taken', 'taken' => now()->getTimestamp()]);
        $this->book()->database->table('_deliveries')->update(['state' => 'waiting']);
        $this->artisan('lanai:messages');
        self::assertSame('taken', $this->book()->database->table('_posts')->value('state'));
        $this->travel(3)->minutes();
        $this->artisan('lanai:messages');
        self::assertSame('sent', $this->book()->database->table('_posts')->value('state'));
        self::assertSame(['Hello, Ada'], $this->titles($phone));
    }

    public function test_opening_is_counted_once(): void
    {
        $this->people();
        $phone = $this->lets($this->ada);
        (new Herald($this->space()))->now($this->space()->blueprint()->message('hello'));
        [$told] = $this->lies($phone);
        $url = "/device/deck/{$this->reef->id}/notify/opened";
        $this->postJson($url, ['id' => $told['id']])->assertNoContent();
        $at = $this->book()->database->table('_posts')->value('opened');
        $this->travel(1)->hours();
        $this->postJson($url, ['id' => $told['id']])->assertNoContent();
        self::assertSame($at, $this->book()->database->table('_posts')->value('opened'));
        $this->postJson($url, ['id' => '00000000-0000-0000-0000-000000000000'])->assertNoContent();
    }

    public function test_what_was_hoped_for_is_counted_where_somebody_does_it_after_opening_it(): void
    {
        $this->people();
        app(RevisionBook::class)->goLive($this->reef->refresh());
        $space = new Space($this->reef->refresh()->load('liveRevision'), DataSet::Live, $this->reef->revision);
        $person = $space->store()->add($space->blueprint()->table('People'), ['name' => 'Cleo', 'role' => 'host']);
        $book = new MessageBook($space);
        $post = fn (int $opened): array => [
            'occasion' => $opened, 'message' => 'hello', 'person' => $person, 'due' => 1, 'worth' => 1, 'state' => 'sent', 'opened' => $opened,
        ];
        $now = now()->getTimestamp();
        $book->database->table('_posts')->insert([$post($now - 100), $post($now - 90_000), $post(0)]);
        $account = $space->people()->accounts()->create(['person' => $person, 'guest' => true]);
        $token = (new Sessions($space->people()))->open($account, 'guest', 'a test');
        $counted = ['device' => '11111111-2222-4333-8444-555555555555', 'steps' => [['what' => 'tap', 'of' => '/screens/0/lines/1']], 'source' => ''];
        $this->withToken($token)->postJson("/device/live/{$this->reef->slug}/view", ['screen' => 'start', 'counted' => $counted])->assertOk();
        self::assertSame([$now, 0, 0], array_map(intval(...), $book->database->table('_posts')->orderByDesc('opened')->pluck('led')->all()));
    }

    public function test_somebody_who_leaves_takes_everything_along(): void
    {
        $this->people();
        $handle = $this->lets($this->ada);
        (new Herald($this->space()))->now($this->space()->blueprint()->message('hello'));
        $people = $this->space()->people();
        self::assertSame(['Hello, Ada'], array_column((new \App\People\Belongings($people))->of($this->ada)['messages'], 'title'));
        (new \App\People\Departure($people))->of($this->ada);
        self::assertNull((new PhoneBook($this->space()))->called($handle));
        self::assertSame(0, $this->book()->database->table('_posts')->count() + $this->book()->database->table('_deliveries')->count());
    }

    public function test_the_app_asks_first_and_goes_on_by_what_the_phone_has_said(): void
    {
        $this->people();
        $tap = ['screen' => 'start', 'at' => '/screens/0/lines/1', 'person' => $this->ada];
        $url = "/device/deck/{$this->reef->id}/do";
        $asked = $this->postJson($url, $tap)->json('outcome');
        $confirm = $asked['confirm'];
        self::assertSame(['So that you know when the water is warm.', true, 'Not now'], [$confirm['text'], $confirm['messages'], $confirm['no']]);
        self::assertSame(['We will.'], $this->postJson($url, $tap + ['replies' => [$asked['confirm']['at'] => 'allowed']])->json('outcome.say'));
        foreach (['refused', ''] as $said) {
            self::assertSame(['As you like.'], $this->postJson($url, $tap + ['replies' => [$asked['confirm']['at'] => $said]])->json('outcome.say'));
        }
    }

    /** @return array<string, int> why a message was not sent => to how many */
    private function why(string $message): array
    {
        return array_column($this->book()->reasons($message, 0), 'n', 'why');
    }
}
