<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\People\Sessions;
use App\Reach\Carriers\Carried;
use App\Reach\Carriers\OwnWay;
use App\Reach\Carriers\Parcel;
use App\Reach\Carriers\Phone;
use App\Reach\Herald;
use App\Reach\MessageFigures;
use App\Reach\PhoneBook;
use App\Reach\Shelf;
use App\Records\DataSet;
use App\Space;
use Illuminate\Testing\TestResponse;
use Lanai\Core\Reach\Words;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\AtCrier;
use Tests\TestCase;

/** Messages that lie ready until a package without a carrier fetches them. */
final class FetchedMessagesTest extends TestCase
{
    use AtCrier;

    private const APP = <<<'APP'
    app Reef
    sign-in at In
      as a guest
    table People, each a Person, who sign in
      may be seen by everyone
      Name is a text, required
    table Spots, each a Spot
      may be seen by everyone
      Name is a text, required
      Water is a decimal
      Photo is a picture
    screen Start, first
      Text "Here"
    screen Spot, about one Spot, taking Why is a text
      Text "{spot.name} {why}"
    screen In
      Text "in"
    messages
      channel Water, for "Warm water"
    message Warm, on Water, when one Spot is changed, if water >= 15, good for 2 hours, in place of the one before
      says "{spot.name} is at {spot.water}", then "Come in, {me.name}."
      opens Spot with spot, "warm & wet/ä"
    message Hello, without a sound
      says "Hello, {me.name}"
    language German
      for "Water" say "Wasser"
      for "{0} is at {1}" say "{0} hat {1} Grad"
    APP;

    private int $ada;

    private int $ben;

    private int $spot;

    private function people(): void
    {
        $this->travelTo('2026-12-02 12:00:00');
        [$this->ada, $this->ben] = array_map(fn (string $name): int => $this->adds('People', ['name' => $name]), ['Ada', 'Ben']);
        $this->spot = $this->adds('Spots', ['name' => 'Cove', 'water' => 9.0]);
    }

    public function test_what_is_due_is_fetched_until_the_phone_says_that_it_is_there_and_is_then_told_as_arrived(): void
    {
        $this->people();
        $phone = $this->fetches($this->ada, language: 'de');
        self::assertSame([], $this->fetch($phone));
        $this->warms(15.5);
        [$told] = $this->fetch($phone);
        self::assertSame(['Cove hat 15,5 Grad', 'Come in, Ada.', '', false], [$told['title'], $told['text'], $told['picture'], $told['silent']]);
        self::assertSame(['water', 'Wasser', "/spot/$this->spot/~warm%20%26%20wet%2F%C3%A4"], [$told['channel'], $told['channelName'], $told['place']]);
        self::assertSame([1, 0, 0], $this->figures('warm'));
        self::assertSame([$told], $this->fetch($phone), 'The answer may have been lost on the way.');
        self::assertSame([], $this->fetch($phone, [$told['id'], '00000000-0000-4000-8000-000000000000']));
        self::assertSame([], $this->fetch($phone));
        self::assertSame([1, 1, 0], $this->figures('warm'));
        $this->postJson("/device/share/{$this->reef->share_code}/notify/opened", ['id' => $told['id']])->assertNoContent();
        self::assertSame([1, 1, 1], $this->figures('warm'));
        self::assertSame(0, $this->lying("told like '%Cove%'"), 'What has come lies nowhere any more.');
    }

    public function test_one_takes_the_place_of_another_and_what_is_worth_nothing_any_more_is_not_given(): void
    {
        $this->people();
        $phone = $this->fetches($this->ada);
        $this->warms(15.0);
        $this->warms(16.0);
        $this->warms(17.0);
        self::assertSame(['Cove is at 17'], array_column($this->fetch($phone), 'title'));
        $this->travel(3)->hours();
        self::assertSame([], $this->fetch($phone));
        self::assertSame(1, $this->lying());
        $this->book()->database->table('_shelf')->update(['until' => 1]);
        $this->artisan('lanai:prune');
        self::assertSame(0, $this->lying());
    }

    public function test_it_is_laid_ready_once_however_often_it_is_tried_and_no_phone_gets_more_than_it_should(): void
    {
        $this->people();
        $handle = $this->fetches($this->ada);
        $phone = (new PhoneBook($this->space()))->called($handle) ?? self::fail();
        $way = new OwnWay(new Shelf($this->space()));
        foreach ([1, 2, 3] as $ignored) {
            self::assertEquals(Carried::sent(), $way->call($this->parcel($phone, 1)));
        }
        self::assertCount(1, $this->fetch($handle));
        $this->fetch($handle, [$this->parcel($phone, 1)->id]);
        $way->call($this->parcel($phone, 1));
        self::assertSame([], $this->fetch($handle), 'It was fetched before somebody was killed over writing that down.');
        foreach (range(2, Shelf::MOST + 6) as $n) {
            $way->call($this->parcel($phone, $n));
        }
        self::assertSame(array_map(fn (int $n): string => "Number $n", range(7, Shelf::MOST + 6)), array_column($this->fetch($handle), 'title'));
    }

    public function test_nobody_gets_what_is_for_somebody_else(): void
    {
        $this->people();
        $phone = $this->fetches($this->ada);
        $this->warms(15.0);
        $this->ask('notify', ['handle' => $phone], $this->ben)->assertJson(['known' => true]);
        self::assertSame([], $this->fetch($phone), 'Ben uses this phone now.');
        $this->ask('notify', ['handle' => $phone], $this->ada);
        self::assertCount(1, $this->fetch($phone));
        $other = $this->fetches($this->ben);
        self::assertSame([], $this->fetch($other, [$this->fetch($phone)[0]['id']]));
        self::assertCount(1, $this->fetch($phone), 'Nobody says for another phone that it is there.');
        (new PhoneBook($this->space()))->forgetPerson($this->ada);
        self::assertSame([], $this->fetch($phone));
        self::assertSame(0, $this->lying(), 'With a person goes what lay ready for them.');
    }

    public function test_whoever_has_signed_out_fetches_nothing(): void
    {
        $this->people();
        app(RevisionBook::class)->goLive($this->reef->refresh());
        $space = new Space($this->reef->refresh()->load('liveRevision'), DataSet::Live, $this->reef->revision);
        $person = $space->store()->add($space->blueprint()->table('People'), ['name' => 'Cleo']);
        $account = $space->people()->accounts()->create(['person' => $person, 'guest' => true]);
        $sessions = new Sessions($space->people());
        $token = $sessions->open($account, 'guest', 'a test');
        $handle = '11111111-2222-4333-8444-555555555555';
        $body = ['handle' => $handle, 'allowed' => true, 'fetches' => true];
        $this->postJson("/device/live/{$this->reef->slug}/notify", $body, ['Authorization' => "Bearer $token"])->assertJson(['known' => true]);
        $phone = (new PhoneBook($space))->called($handle) ?? self::fail();
        self::assertSame([$person, 'own'], [$phone->person, $phone->carrier]);
        (new Shelf($space))->lay($this->parcel($phone, 1));
        $fetch = fn (): array => $this->postJson("/device/live/{$this->reef->slug}/notify/fetch", ['handle' => $handle])->assertOk()->json('messages');
        self::assertCount(1, $fetch());
        $sessions->end($sessions->find($token)->session->id ?? self::fail());
        self::assertSame([], $fetch());
    }

    /** @param  array<string, mixed>  $body */
    #[TestWith([[]])]
    #[TestWith([['handle' => 'x']])]
    #[TestWith([['handle' => '11111111-2222-4333-8444-555555555555', 'had' => 'all']])]
    #[TestWith([['handle' => '11111111-2222-4333-8444-555555555555', 'had' => ["' or 1=1 --"]]])]
    public function test_what_cannot_be_read_is_refused(array $body): void
    {
        $this->ask('notify/fetch', $body)->assertStatus(422);
        $this->ask('notify/came', $body)->assertStatus(422);
    }

    public function test_a_phone_that_others_carry_to_fetches_nothing_and_nobody_is_told_whether_there_is_one(): void
    {
        $this->people();
        self::assertSame([], $this->fetch('11111111-2222-4333-8444-555555555555'));
        $phone = $this->lets($this->ada, 'android');
        (new Herald($this->space()))->now($this->space()->blueprint()->message('hello'));
        self::assertSame([], $this->fetch($phone));
        self::assertSame([1, 0, 0], $this->figures('hello'));
        // The deck looks at what lies on its phone: then it is there.
        $this->postJson("/device/deck/{$this->reef->id}/notify/lies", ['handle' => $phone])->assertOk()->assertJsonCount(1, 'lies');
        self::assertSame([1, 1, 0], $this->figures('hello'));
    }

    public function test_a_browser_tells_that_a_message_has_come(): void
    {
        $this->people();
        $phone = $this->lets($this->ada);
        (new Herald($this->space()))->now($this->space()->blueprint()->message('hello'));
        $id = $this->book()->database->table('_deliveries')->value('uid');
        $this->ask('notify/came', ['id' => $id])->assertNoContent();
        self::assertSame([1, 1, 0], $this->figures('hello'));
        $this->ask('notify/came', ['id' => '00000000-0000-4000-8000-000000000000'])->assertNoContent();
        self::assertSame(['Hello, Ada'], $this->titles($phone));
    }

    public function test_what_is_silent_is_told_to_be_and_a_picture_is_as_wide_as_a_phone_shows_it(): void
    {
        $this->people();
        $handle = $this->fetches($this->ada);
        (new Herald($this->space()))->now($this->space()->blueprint()->message('hello'));
        self::assertTrue($this->fetch($handle)[0]['silent']);
        $phone = (new PhoneBook($this->space()))->called($handle) ?? self::fail();
        (new Shelf($this->space()))->lay($this->parcel($phone, 9, 'https://x.example/media/1/a.jpg'));
        self::assertSame(['https://x.example/media/1/a.jpg?w=640', ''], [$this->fetch($handle)[1]['picture'], $this->fetch($handle)[1]['place']]);
    }

    private function warms(float $water): void
    {
        $this->changes('Spots', $this->spot, ['water' => 9.0]);
        $this->changes('Spots', $this->spot, ['water' => $water]);
        $this->artisan('lanai:messages');
    }

    private function parcel(Phone $phone, int $n, string $picture = ''): Parcel
    {
        $id = sprintf('%08d-0000-8000-8000-000000000000', $n);

        return new Parcel($id, $phone, new Words("Number $n", 'Text'), $picture, '', now()->getTimestamp() + 600, false, false);
    }

    /** A package without a carrier lets messages in. */
    public function test_an_iphone_is_found_by_its_maker_where_there_is_an_account_there_and_fetches_otherwise(): void
    {
        $this->people();
        $phone = $this->fetches($this->ada);
        $carried = function (string $token) use ($phone): array {
            $this->ask('notify', ['handle' => $phone, 'allowed' => true, 'fetches' => true, 'token' => $token], $this->ada)->assertJson(['known' => true]);
            $kept = (new PhoneBook($this->space()))->called($phone);

            return [$kept?->carrier, $kept?->address];
        };
        $token = str_repeat('0af9', 16);
        self::assertSame(['own', "own:$phone"], $carried($token), 'The carrier for practice reaches no real phone.');
        file_put_contents($this->folder().'/key.pem', 'a key');
        config(['lanai.push.live.ios.url' => 'https://carrier.example/3/device', 'lanai.push.live.ios.key' => $this->folder().'/key.pem']);
        self::assertSame(['ios', $token], $carried($token));
        config(['lanai.push.live.ios.key' => $this->folder().'/none.pem']);
        self::assertSame(['own', "own:$phone"], $carried($token));
        $this->ask('notify', ['handle' => $phone, 'allowed' => true, 'fetches' => true, 'token' => 'not a number'], $this->ada)->assertUnprocessable();
    }

    private function fetches(int $person, string $language = ''): string
    {
        $handle = sprintf('%08d-0000-4000-8000-%012d', $person, random_int(1, 999_999_999));
        $this->ask('notify', ['handle' => $handle, 'allowed' => true, 'fetches' => true, 'language' => $language], $person)->assertJson(['known' => true]);

        return $handle;
    }

    /**
     * @param  list<string>  $had
     * @return list<array<string, mixed>>
     */
    private function fetch(string $handle, array $had = []): array
    {
        return $this->ask('notify/fetch', ['handle' => $handle] + ($had === [] ? [] : ['had' => $had]))->assertOk()->json('messages');
    }

    /** @param  array<string, mixed>  $body */
    private function ask(string $what, array $body, ?int $person = null): TestResponse
    {
        $headers = $person === null ? [] : ['Authorization' => "Bearer {$this->token($person)}"];

        return $this->postJson("/device/share/{$this->reef->share_code}/$what", $body, $headers);
    }

    private function token(int $person): string
    {
        $people = $this->space()->people();

        $account = $people->accountOf($person) ?? $people->accounts()->create(['person' => $person, 'guest' => true]);

        return (new Sessions($people))->open($account, 'guest', 'a test');
    }

    /** @return array{int, int, int} sent, came, opened */
    private function figures(string $message): array
    {
        $all = (new MessageFigures($this->space()))->state(now()->getTimestamp())['messages'];
        $mine = array_values(array_filter($all, fn (array $one): bool => $one['key'] === $message))[0];

        return [$mine['sent'], $mine['came'], $mine['opened']];
    }

    private function lying(string $where = '1'): int
    {
        return $this->book()->database->table('_shelf')->whereRaw($where)->count();
    }
}
