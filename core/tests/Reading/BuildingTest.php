<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Reading;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Reading\Building;
use Lanai\Core\Reading\Outline;
use Lanai\Core\Reading\Reader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Apps that are made of paragraphs: nothing is found against them, and they are sentences that can be read and written again. */
final class BuildingTest extends TestCase
{
    private const WALKS = 'A walk has a title, a date, a time and up to 12 seats. Members book a walk and write comments on a walk. '
        .'Only the guide may add walks. Members save walks as favourites.';

    private const RUNS = 'A run has a title, a distance, a date and a note. Runners log their own runs, my runs are private. I set a goal and see a chart '
        .'of my progress each week. Huts have a name, a place and a picture, anybody adds huts and sees on a map which hut is near.';

    /** @return iterable<string, array{string}> */
    public static function paragraphs(): iterable
    {
        foreach ([...glob(__DIR__.'/paragraphs/*.json') ?: [], ...glob(__DIR__.'/aside/*.json') ?: []] as $file) {
            yield basename($file, '.json') => [json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR)['text']];
        }
        yield 'nothing that is understood' => ['Hello there.'];
        yield 'nothing' => [''];
        yield 'words that mean something already' => [
            'A screen has a name. An account has a title and a price. An input has a text. A list of me has a date. '
                .'People book a screen. A table has a row and a field.',
        ];
        yield 'two that lead to each other' => ['A boat belongs to a crew. A crew belongs to a boat. A boat has a name. A crew has a title.'];
        yield 'a word that never ends' => ['A '.str_repeat('x', 19_000).' has a name. A boat has a name.'];
        yield 'a name that never ends' => ['A '.str_repeat('clay ', 3_900).'evening has a name.'];
        yield 'parts of parts' => ['A boat has a '.str_repeat('part of a ', 1_500).'boat and a name.'];
        foreach (['state', 'owner', 'loan', 'lent', 'person'] as $noun) {
            yield "a lent $noun" => ["A $noun has a name, a state and a picture. People borrow {$noun}s; the owner says yes or no."];
        }
        yield 'lent, booked, rated and kept at once' => ['A room has a name and 5 seats and a date. People book rooms. People borrow rooms; '
            .'the owner says yes or no. People rate rooms with stars. People save rooms as favourites. A membership costs 5 euros a month.'];
        yield 'logged, with a goal, and on a map' => [self::RUNS];
        yield 'logged by everybody, at a time' => ['A count has a number, a date and a time. People add counts. A chart shows how many there are each week.'];
        yield 'odd signs' => ['A "café" has a naïve name, a größe and a price in {euros}. People add cafés; they rate them with stars. \\ """ # %s'];
    }

    #[DataProvider('paragraphs')]
    public function test_nothing_is_found_against_it_and_it_is_read_as_it_is_written(string $text): void
    {
        $app = self::built('A “trial” {of} 7', $text);
        self::assertSame([], array_map(fn (Finding $one): string => "$one->at $one->sentence", Findings::in(Reading::of($app))), $text);
        $script = $app->script();
        self::assertSame($script, Blueprint::fromScript($script)->script());
    }

    public function test_the_short_name_of_something_is_that_thing_and_who_alone_adds_it_changes_it(): void
    {
        $text = 'There are clay evenings with a title, a date, a time, a place and up to 10 seats. Members book an evening and can cancel it. '
            .'Only the potter can add evenings. Members write comments on an evening and rate it with stars.';
        $script = self::built('Clay evenings', $text)->script();
        foreach (
            [
                'table Ratings, each a Rating, no two alike in Clay evening and Owner',
                "  Clay evening is one Clay evening, required\n", "  Stars is a rating\n",
                'List of Ratings of clayEvening', "  Place is a place\n", "  Seats is a whole number from 0\n", 'may be removed by a Potter',
                'Button "Change it", quiet, if me.role == "Potter" and me != null', 'Button "Remove it", dangerous, if me.role == "Potter" and me != null',
            ] as $sentence
        ) {
            self::assertStringContainsString(rtrim($sentence), $script);
        }
        self::assertStringNotContainsString('table Evenings', $script);
        $said = (new Reader())->read($text)->sentences();
        self::assertContains('People give stars to Clay evenings.', $said);
        self::assertStringContainsString('Seats (number)', implode("\n", $said));
    }

    public function test_what_an_owner_lends_is_answered_by_nobody_else(): void
    {
        $text = 'Each tool has a name, a picture and a deposit. People borrow tools; the owner says yes or no. People bring tools back.';
        $app = self::built('Tools', $text);
        $rights = explode("\n", explode("\n\n", explode("table Loans, each a Loan\n", $app->script())[1])[0]);
        self::assertSame([
            '  may be seen by the person in Owner',
            '  may be seen by anyone if tool.owner == me',
            '  may be added by signed-in people',
            '  may be added by nobody if state != "asked"',
            '  may be changed by anyone if tool.owner == me',
            '  may be removed by anyone if owner == me and state != "lent"',
        ], self::sorted(array_values(array_filter($rights, fn (string $line): bool => str_starts_with($line, '  may')))));
        self::assertStringContainsString('otherwise say "It is lent to somebody else."', $app->script());
        $outline = (new Reader())->read($text);
        self::assertContains('People bring Tools back.', $outline->sentences());
        self::assertSame([], $outline->data()['questions']);
        // Nobody's things have no owner who could say yes.
        $nobodys = self::built('Tools', 'Each tool has a name. Only the keeper may add tools. People borrow tools.')->script();
        self::assertStringNotContainsString('Ask to borrow it', $nobodys);
        self::assertStringNotContainsString('Lent is yes or no', $nobodys);
    }

    /**
     * @param  list<string>  $rights
     * @return list<string> in the order of seeing, adding, changing, removing
     */
    private static function sorted(array $rights): array
    {
        $order = fn (string $right): int => array_search(explode(' ', trim($right))[2], ['seen', 'added', 'changed', 'removed'], true) ?: 0;
        usort($rights, fn (string $a, string $b): int => $order($a) <=> $order($b));

        return $rights;
    }

    public function test_places_are_booked_once_and_given_back_and_a_guide_alone_adds(): void
    {
        $script = self::built('Walks', self::WALKS)->script();
        foreach (
            [
                "  may be added by a Guide\n", 'table Bookings, each a Booking, no two alike in Walk and Owner', "role Guide\n",
                'lower walk.seats by 1 while it is above 0, otherwise say "Somebody took the last place a moment ago."',
                'raise booking.walk.seats by 1', 'Form for a new Comment asking Words', 'screen Favourites', 'tab My Bookings as "Mine"',
                'may be changed by signed-in people, as to Seats', '  Seats is a whole number from 0',
            ] as $sentence
        ) {
            self::assertStringContainsString($sentence, $script);
        }
    }

    public function test_what_is_kept_of_a_booking_is_asked_for_with_it(): void
    {
        $text = 'A ferry has a name, a date and 4 seats. Passengers book ferries. Every booking has a name and a phone number.';
        $script = self::built('Ferries', $text)->script();
        self::assertStringContainsString("  Input Name is a text of at most 80, required, if me != null and ferry.seats > 0\n", $script);
        self::assertStringContainsString("        set Ferry = ferry\n        set Name = input.name\n        set Phone number = input.phoneNumber\n", $script);
    }

    public function test_what_is_booked_is_still_to_come_and_the_next_one_stands_first(): void
    {
        $script = self::built('Walks', self::WALKS)->script();
        self::assertStringContainsString('List of Walks where date > now(), by Date upward', $script);
        $ferries = self::built('Ferries', 'A ferry has a name, a date and 4 seats. People book ferries.')->script();
        self::assertStringContainsString('List of Ferries where date >= day(now()), by Date upward', $ferries);
    }

    public function test_what_is_logged_is_added_up_against_a_goal_and_what_lies_somewhere_is_on_a_map(): void
    {
        $script = self::built('Runs', self::RUNS)->script();
        foreach (
            [
                'value Weekly goal is a whole number, kept for each person',
                'Progress of sum(where(runs, owner == me and date >= day(startOf(now(), "week"))).distance)',
                'Chart of Runs where me != null and owner == me, by date, for each week, adding up distance, with a goal of app.weeklyGoal',
                'screen "Map of Huts"', 'shows place as place', 'tab "Map of Huts" as "Huts" with icon place',
            ] as $sentence
        ) {
            self::assertStringContainsString($sentence, $script);
        }
        // A goal that is held against something has no list of its own.
        self::assertStringNotContainsString('table Goals', $script);
    }

    public function test_what_is_answered_is_done(): void
    {
        $text = 'A boat has a name and a length.';
        self::assertStringContainsString("  may be added by nobody\n", self::built('Boats', $text)->script());
        $asks = 'Who may add Boats?';
        $anyone = self::built('Boats', $text, [$asks => Outline::ANYONE])->script();
        self::assertStringContainsString("  may be added by signed-in people\n", $anyone);
        self::assertStringContainsString('screen Add Boat, titled', $anyone);
        self::assertStringContainsString("  may be added by nobody\n", self::built('Boats', $text, [$asks => Outline::FOUNDER])->script());
        self::assertSame([], (new Reader())->read($text, [$asks => Outline::FOUNDER])->data()['questions']);
        self::assertCount(1, (new Reader())->read($text, [$asks => 'everybody and their dog'])->data()['questions'], 'What is no answer answers nothing.');

        $diary = 'A dream has a date and a text. I upload dreams.';
        $private = self::built('Dreams', $diary, ['Who may see Dreams?' => Outline::THEIRS])->script();
        self::assertStringContainsString("  may be seen by the person in Owner\n", $private);
        self::assertStringContainsString('where me != null and owner == me', $private);
        self::assertStringContainsString("  may be seen by everyone\n", self::built('Dreams', $diary)->script());
    }

    public function test_the_paragraph_stands_on_the_page_of_the_stores(): void
    {
        $app = self::built('Walks', self::WALKS);
        self::assertSame(['Walks', 'app.lanai.walks', self::WALKS], [$app->release->title, $app->release->package, $app->release->description]);
        self::assertLessThanOrEqual(80, mb_strlen($app->release->summary));
        self::assertSame('app.lanai.app_3', self::built('3', '')->release->package);
        self::assertSame('app.lanai.app', self::built('ÄÖ!', '')->release->package);
    }

    /** @param  array<string, string>  $answers */
    private static function built(string $name, string $text, array $answers = []): Blueprint
    {
        return Building::of($name, (new Reader())->read($text, $answers)->data(), $text);
    }
}
