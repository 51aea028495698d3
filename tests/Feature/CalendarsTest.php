<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use App\People\People;
use App\People\Subscriptions;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use Lanai\Core\Query\Query;
use Sabre\VObject\Reader;
use Tests\TestCase;

/** A calendar of the app that somebody's own calendar reads, at an address that only they have. */
final class CalendarsTest extends TestCase
{
    private App $demo;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo = $this->demo();
    }

    public function test_a_tap_gives_the_address_and_the_calendar_has_what_is_theirs_and_still_to_come(): void
    {
        $person = $this->person('ines@okafor.example');
        $this->asPerson($this->demo, 'ines@okafor.example');
        $screen = $this->demo->revision->read()->screenIndex('Mine');
        $line = array_search('Keep them in my calendar', array_map(
            fn (object $line): string => $line->label ?? '',
            $this->demo->revision->read()->screens[$screen]->lines(),
        ), true);
        $outcome = $this->postJson('/device/live/saltlark/do', ['screen' => 'mine', 'at' => "/screens/$screen/lines/$line"])->assertOk()->json('outcome');
        self::assertSame(['subscribe'], array_column($outcome['onDevice'], 'do'));
        $address = $outcome['onDevice'][0]['text'];
        self::assertMatchesRegularExpression("~^/calendar/live/saltlark/$person-[0-9a-f]{32}/my_swims\\.ics$~", $address);
        $this->flushHeaders();

        $answer = $this->get($address)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
        $read = Reader::read((string) $answer->getContent());
        self::assertSame([], $read->validate());
        $space = Space::of($this->demo, DataSet::Live) ?? self::fail('Nothing is live.');
        $due = [];
        $book = $space->store()->whole();
        foreach ($book->rows(new Query($space->blueprint()->table('Bookings') ?? self::fail('Bookings'))) as $booking) {
            $swim = $book->byIds($space->blueprint()->table('Swims') ?? self::fail('Swims'), [$booking->values['swim']])[$booking->values['swim']];
            if ($booking->values['person'] === $person && $booking->values['status'] === 'confirmed' && $swim->values['starts'] > new DateTimeImmutable()) {
                $due[] = (string) $swim->values['title'];
            }
        }
        $shown = array_map(fn (object $event): string => (string) $event->SUMMARY, iterator_to_array($read->VEVENT ?? [], false));
        sort($due);
        sort($shown);
        self::assertNotSame([], $due);
        self::assertSame($due, $shown);
    }

    public function test_nobody_reads_it_who_has_not_the_address_and_it_ends_with_the_password(): void
    {
        $people = $this->people();
        $account = $people->accountOf($this->person('ines@okafor.example')) ?? self::fail('Nobody.');
        $address = (new Subscriptions($people))->address($account, 'my_swims');
        $this->get($address)->assertOk();
        foreach ([
            preg_replace('/[0-9a-f]{32}/', str_repeat('0', 32), $address),
            str_replace("/$account->person-", '/'.($account->person + 1).'-', $address),
            str_replace('/live/', '/sandbox/', $address),
            str_replace('my_swims', 'another', $address),
            str_replace('/saltlark/', '/nothing/', $address),
        ] as $wrong) {
            $this->get((string) $wrong)->assertNotFound();
        }
        $account->update(['blocked_at' => now()]);
        $this->get($address)->assertNotFound();
        $account->update(['blocked_at' => null]);
        $this->get($address)->assertOk();
        $account->update(['password' => 'another']);
        $this->get($address)->assertNotFound();
    }

    private function people(): People
    {
        return (Space::of($this->demo, DataSet::Live) ?? self::fail('Nothing is live.'))->people();
    }

    private function person(string $email): int
    {
        return $this->people()->accounts()->where('email', $email)->firstOrFail()->person;
    }
}
