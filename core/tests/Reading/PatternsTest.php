<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Reading;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Reading\Building;
use Lanai\Core\Reading\Reader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What is called for by what is said: each pattern by itself, and any of them together. */
final class PatternsTest extends TestCase
{
    /** What is said => what it brings, as sentences of the app. */
    private const SAID = [
        'a request that its owner answers' => [
            'Each garden has a name, a picture and a place. People offer gardens. People ask for a garden; the owner says yes or no. '
                .'Each request has a reason.',
            [
                'may be seen by anyone if garden.owner == me',
                'may be added by nobody if state != "asked"',
                'may be changed by the person in Owner, as to Reason',
                'State is one of "asked", "accepted", "declined", required, at first "asked"',
                'Form for a new Request asking Reason, saying "Ask for it", if me != null and not (garden.owner == me)',
                'change request, only while request.state == "asked", otherwise say "It is answered already."',
                'to request.owner, also in the inbox',
            ],
        ],
        'a reservation that a role answers' => [
            'There are rooms with a name and a size. Members make reservations of a room with a date. The caretaker approves or declines reservations. '
                .'Only the caretaker may add rooms.',
            [
                'may be seen by a Caretaker',
                'may be changed by a Caretaker',
                'if me.role == "Caretaker" and reservation.state == "asked"',
                'screen My Reservations',
            ],
        ],
        'orders that whoever sells hands over' => [
            'A loaf has a name, a picture and a price. Only the baker may add loaves. Customers order loaves.',
            [
                'may be seen by a Baker',
                'may be changed by a Baker, as to Stage',
                'Stage is one of "ordered", "ready", "handed over", required, at first "ordered"',
                'Button "It is ready", if (me.role == "Baker")',
                'screen My Orders',
            ],
        ],
        'orders of what others offer' => [
            'People offer jams. A jam has a name and a price. People order jams.',
            ['may be seen by anyone if jam.owner == me', 'Button "Order it", if me != null and not (jam.owner == me)'],
        ],
        'letters from one to another' => [
            'Each skill has a name and a description. People offer skills. People can chat with each other.',
            [
                'may be seen by the person in Recipient',
                'screen Talk, about one Person',
                'set Recipient = person',
                'message Written, on News, when one Message is added, to message.recipient',
            ],
        ],
        'things that are followed' => [
            'A lake has a name and a place. People follow lakes and are told when a new reading is added. '
                .'A reading belongs to a lake and has a date and a level.',
            [
                'Followed lakes are many Lakes',
                'may be seen by the person themselves, as to Followed lakes',
                'put lake into me.followedLakes',
                'when one Reading is added, to those where any(followedLakes, this == reading.lake)',
            ],
        ],
        'people who follow each other, and who has added most' => [
            'People post sketches with a title and a picture. They follow each other and like sketches. There is a ranking.',
            [
                'Followed people are many People',
                'where me != null and any(me.followedPeople, this == owner)',
                'Sketches added = count(sketches)',
                'List of People where sketchesAdded > 0, by Sketches added downward',
            ],
        ],
        'what each ticks off' => [
            'A drill has a name and a description. Only the chief may add drills. Members tick off the drills they have done.',
            ['Done drills are many Drills', 'put drill into me.doneDrills', 'take drill out of me.doneDrills'],
        ],
        'what is marked' => [
            'People report holes with a picture, a place and a description. A worker marks a hole as filled.',
            ['Button "Mark it as filled"', 'Button "It is not filled after all", quiet'],
        ],
        'a reminder of what is booked' => [
            'There are walks with a title, a date, a time and up to 12 places. Members book walks and get a reminder three hours before each walk.',
            [
                'message "Soon: Walk", on News, for each Booking, as soon as it is walk.date - hours(3), to booking.owner',
                'Inbox',
                'Channels',
                'ask to send messages',
            ],
        ],
        'a reminder of what is one’s own' => [
            'I log doses with a name, a date and a time. My doses are private. I want a reminder 1 day before each dose.',
            ['for each Dose, as soon as it is date - hours(24), to dose.owner'],
        ],
        'a helper' => [
            'A mushroom has a name, a description and whether it is edible. A chatbot answers questions about mushrooms.',
            ['knowing Mushrooms, as to Name and Description and Edible, at most 20', 'Conversation with Helper'],
        ],
        'pages for newcomers' => [
            'A lamp has a name and a place. Newcomers see an introduction with pages first.',
            ['Card, if app.welcomed != true', 'Pages, ending with "Let us go", which may be skipped', 'Here you find lamps.'],
        ],
        'adverts' => [
            'A spoon has a name and a picture. The app is free with ads, and members pay 3 euros a month.',
            ['with an advert after every 8', 'none for those with Member', 'asking on "Adverts and you"'],
        ],
        'a loan' => [
            'Each tool has a name and a deposit. People borrow tools; the owner says yes or no.',
            ['may be added by nobody if state != "asked"', 'Button "It is back"'],
        ],
        'a goal, week by week' => [
            'I log paddles with a date, a distance and a note. I want a goal and a chart of each week.',
            ['Weekly goal', 'Chart of Paddles'],
        ],
        'a map' => ['A spring has a name and a place. People look for springs on a map.', ['as a map, marking where one is']],
        'favourites and stars' => [
            'A kite has a name and a colour. People save kites as favourites, rate them with stars and comment on kites.',
            ['screen Favourites', 'Stars is a rating'],
        ],
    ];

    /** @return iterable<string, array{string, list<string>}> */
    public static function said(): iterable
    {
        yield from self::SAID;
    }

    /** @param  list<string>  $brings */
    #[DataProvider('said')]
    public function test_what_is_said_brings_it_and_nothing_is_found_against_it(string $text, array $brings): void
    {
        $app = self::sound($text);
        foreach ($brings as $one) {
            self::assertTrue(str_contains($app->script(), $one), "Missing: $one");
        }
    }

    /** @return iterable<string, array{string}> */
    public static function refused(): iterable
    {
        yield 'adverts that are not wanted' => ['A spoon has a name. No ads.'];
        yield 'adverts for nobody' => ['A spoon has a name. There will never be adverts.'];
        yield 'people who help' => ['A stile has a name and a place. Helpers mark a stile as mended. Only the warden may add stiles.'];
        yield 'a request that nobody answers' => ['There are looms with a name. People request looms.'];
        yield 'a ranking of what others must not see' => ['I log climbs with a name and a date. My climbs are private. There is a ranking.'];
        yield 'a walk that is welcome' => ['A walk has a name. Dogs are welcome.'];
    }

    #[DataProvider('refused')]
    public function test_it_is_not_brought_where_it_is_not_meant(string $text): void
    {
        $script = self::sound($text)->script();
        foreach (['adverts through', 'Conversation with', 'Say yes', 'screen Ranking', 'Pages,'] as $one) {
            self::assertStringNotContainsString($one, $script);
        }
    }

    /** @return iterable<string, array{list<string>}> three to six of them, drawn */
    public static function together(): iterable
    {
        $drawn = new Randomizer(new Mt19937(5));
        for ($i = 0; $i < 60; $i++) {
            $keys = $drawn->pickArrayKeys(self::SAID, $drawn->getInt(3, 6));
            yield "$i: ".implode(', ', $keys) => [array_map(strval(...), $keys)];
        }
    }

    /** @param  list<string>  $keys */
    #[DataProvider('together')]
    public function test_any_of_them_hold_together(array $keys): void
    {
        $app = self::sound(implode("\n\n", array_map(fn (string $key): string => self::SAID[$key][0], $keys)));
        self::assertNotSame([], $app->screens);
        $names = array_map(fn ($screen): string => $screen->name, $app->screens);
        self::assertSame($names, array_values(array_unique($names)), 'Two patterns give two screens for one thing.');
        self::assertLessThanOrEqual(5, count($app->tabs));
    }

    /** An app that reads as it is written and against which nothing is found. */
    private static function sound(string $text): Blueprint
    {
        $app = Building::of('Trial', (new Reader())->read($text)->data(), $text);
        self::assertSame($app->script(), Blueprint::fromScript($app->script())->script());
        self::assertSame([], array_map(
            fn (Finding $one): string => "$one->at $one->sentence",
            array_values(iterator_to_array(Findings::in(Reading::of($app)))),
        ));

        return $app;
    }
}
