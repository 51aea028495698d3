<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Reading;

use Lanai\Core\Reading\Reader;
use Lanai\Core\Reading\Tagger;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Paragraphs as people write them, read into what an app keeps and what is done in it. */
final class ReaderTest extends TestCase
{
    private static ?Reader $reader = null;

    public function test_what_is_understood_says_from_which_words_it_came(): void
    {
        $text = 'Für uns: Each tool has a name, a “nice” picture and a deposit.';
        $table = self::read($text)['tables'][0];
        $at = fn (array $from): string => mb_substr($text, $from[0], $from[1] - $from[0]);
        self::assertSame('Each tool', $at($table['from']));
        self::assertSame(['a name', 'a “nice” picture', 'a deposit'], array_map(fn (array $field): string => $at($field['from']), $table['fields']));
    }

    /** @return array<string, array{string, list<string>}> what is said, and sentences of what is understood */
    public static function said(): array
    {
        return [
            'fields and choices' => [
                'A bike has a brand, a price, a condition (new, used or broken) and whether it is insured.',
                ['You keep Bikes: Brand, Price (money), Condition (new, used, broken), Insured (yes or no).'],
            ],
            'what a list below says' => ["Every boat has\n- a name\n- a length\n- photos", ['You keep Boats: Name, Length (duration), Photo (picture).']],
            'somebody alone may' => ['A film has a title. Only the curator may add films.', ['Curators add Films.', 'Only Curators may add Films.']],
            'a number of places' => [
                'A walk has a date and up to 12 places. Members book a walk.',
                ['Members book Walks, up to 12 of them.', 'You keep Bookings: whose it is, its Walk.'],
            ],
            'a stamp of whose it is' => ['I write down my dreams. A dream has a date and a text. My dreams are private.',
                ['Only the person whose they are may see Dreams.']],
            'it and them' => [
                'Each bench has a place. People can find benches and save them as favourites.',
                ['People keep Benches as favourites.', 'You keep Favourites: whose it is, its Bench.'],
            ],
            'something of something' => [
                'A boat has a name. People write comments on a boat.',
                ['You keep Comments: Words (long text), whose it is, its Boat.', 'People comment on Boats.'],
            ],
            'what is not wanted' => ['A boat has a name. No ads, and without sign-in.', ['There are no adverts.', 'Nobody has to sign in.']],
            'what is paid again and again' => ['A boat has a name. Members pay 4,50 euros a month.', ['A membership costs 4.50 EUR every month.']],
            'what is asked' => ['A boat has a name.', ['Who may add Boats? anyone who has signed in / only you']],
            'a date and a time are one moment' => [
                'A tour has a date, a time and a place.',
                ['You keep Tours: Date (date and time), Place (place).'],
            ],
        ];
    }

    /** @param  list<string>  $understood */
    #[DataProvider('said')]
    public function test_what_is_said_is_understood(string $text, array $understood): void
    {
        $sentences = (self::$reader ??= new Reader())->read($text)->sentences();
        self::assertSame([], array_values(array_diff($understood, $sentences)), implode("\n", $sentences));
    }

    public function test_at_most_five_questions_are_asked(): void
    {
        $text = implode(' ', array_map(fn (string $one): string => "A $one has a name.", ['boat', 'bike', 'bench', 'film', 'song', 'tool', 'room',
            'tent']));
        self::assertCount(5, self::read($text)['questions']);
    }

    public function test_whatever_stands_there_is_read_to_its_end_and_no_further(): void
    {
        mt_srand(20261130);
        $words = explode(' ', 'a the each tool tools has have with of to , . : ( ) and or who can only not it them name price 12 — “ '
            .'emoji 🦉 يوم größe is whether how many '
            .'book books as favourites save writes 9:30 e.g such');
        for ($i = 0; $i < 400; $i++) {
            $text = implode(' ', array_map(fn (): string => $words[mt_rand(0, count($words) - 1)], range(1, mt_rand(1, 60))));
            $letters = mb_strlen($text);
            $data = self::read($text);
            array_walk_recursive($data, function (mixed $value, string|int $key) use ($letters, $text): void {
                if (is_int($value) && ($key === 0 || $key === 1)) {
                    self::assertGreaterThanOrEqual(0, $value, $text);
                    self::assertLessThanOrEqual($letters, $value, $text);
                }
            });
        }
        self::assertSame([], self::read('')['tables']);
        self::assertSame([], self::read("\xFF\xFE broken")['tables']);
    }

    public function test_a_very_long_paragraph_is_read_in_bounded_time(): void
    {
        $from = hrtime(true);
        self::read(str_repeat('Each tool has a name, ', 4000));
        self::read(str_repeat('(', Tagger::LONGEST));
        self::read(str_repeat('a', 3 * Tagger::LONGEST));
        // Some ten times what it takes: a bound, and no measure.
        self::assertLessThan(20, (hrtime(true) - $from) / 1e9);
    }

    /** @return iterable<string, array{string, list<string>}> ways of saying it that are less tidy => what is understood, among other things */
    public static function loosely(): iterable
    {
        yield 'each one of what was spoken of' => [
            'We have twelve hives and each one has a number, where it stands, the strain of the queen and when she was born.',
            ['You keep Hives: Number (number), Where (place), Strain, Born (date).'],
        ];
        yield 'what is written down of something' => [
            'A hive has a number. Members check a hive once a week and write down the temper, how much brood there is, and anything else worth knowing.',
            ['You keep Checks: Temper, Brood (number), Note (long text), whose it is, its Hive.', 'People add Checks.'],
        ];
        yield 'something that was found' => [
            'Anybody can post something they found, with a photo, the line, the stop and the day.',
            ['You keep Finds: Photo (picture), Line, Stop, Day (date), whose it is.', 'People add Finds.'],
        ];
        yield 'what is seen of something' => [
            'I organise folk dances. Dancers should see the next dances, where it is and what it costs. They sign up alone or as a couple.',
            ['You keep Dances: Where (place), Price (money), whose it is.', 'People book Dances.'],
        ];
        yield 'an answer without what is answered' => [
            'Pupils send a request to a tutor with a subject and a preferred time. The tutor accepts or declines.',
            ['Tutors say yes to Requests.', 'Tutors say no to Requests.'],
        ];
        yield 'a profile' => [
            'A tutor fills in a profile: subjects, price per hour and a short text.',
            ['You keep People: Subject, Price (money), Short text (long text).'],
        ];
        yield 'what is put on a map' => [
            'Everyone who has a bin puts it on a map with how full it is and opening hours.',
            ['You keep Bins: How full (number), Opening hour (date and time).'],
        ];
        yield 'a list of one word each' => [
            'Pieces, each with composer, title, key, length and a photo.',
            ['You keep Pieces: Composer, Title, Key, Length (duration), Photo (picture).'],
        ];
        yield 'what each shows, and is marked as' => [
            'Each entry shows the plant, the variety, how many packets are left and a picture. The gardener marks it as gone.',
            ['You keep Entries: Plant, Variety, Packet (number), Picture (picture), Gone (yes or no).'],
        ];
        yield 'what is needed for each' => [
            'Every Thursday there is a screening. For each screening we need the title, the year and a photo.',
            ['You keep Screenings: Title, Year (number), Photo (picture).'],
        ];
        yield 'told to do it' => ['Log your runs. Each run: distance, route and weather.', ['People write Runs down.']];
        yield 'everything is private' => [
            'Each run has a distance and a photo. Everything else stays private.',
            ['Only the person whose they are may see Runs.'],
        ];
        yield 'a form that is answered' => [
            'Whoever wants the hall fills in a form with name, phone and reason. The caretaker confirms or refuses.',
            ['You keep Requests: Name, Phone (phone), Reason (long text), whose it is.', 'Caretakers say no to Requests.'],
        ];
        yield 'what is written has words' => [
            'Animals have a name. After a visit the vet writes a report.',
            ['You keep Reports: Text (long text), whose it is.'],
        ];
        yield 'old ones are taken down' => ['A route has a grade and a photo. Setters add routes and take old ones down.', ['People remove Routes.']];
        yield 'points from the first line on, all for oneself' => [
            "* patterns: name, difficulty, photo\n* fabrics: colour, metres left, shop\nI keep all of this for myself.",
            ['You keep Patterns: Name, Difficulty, Photo (picture), whose it is.', 'Only the person whose they are may see Fabrics.'],
        ];
    }

    /** @param  list<string>  $said */
    #[DataProvider('loosely')]
    public function test_what_is_said_less_tidily_is_understood(string $text, array $said): void
    {
        $sentences = (new Reader())->read($text)->sentences();
        foreach ($said as $one) {
            self::assertContains($one, $sentences, implode("\n", $sentences));
        }
    }

    /** The figures are printed by the bench; here they may not become worse. */
    public function test_the_paragraphs_are_understood_as_well_as_before(): void
    {
        foreach (['paragraphs' => [0.91, 0.86], 'aside' => [0.79, 0.74]] as $folder => [$precision, $recall]) {
            $sums = ['hits' => 0, 'wanted' => 0, 'found' => 0];
            foreach (Measure::of(__DIR__."/$folder") as $counts) {
                foreach ($counts as $key => $count) {
                    $sums[$key] += $count;
                }
            }
            self::assertGreaterThanOrEqual($precision, $sums['hits'] / $sums['found'], $folder);
            self::assertGreaterThanOrEqual($recall, $sums['hits'] / $sums['wanted'], $folder);
        }
    }

    /** @return array<string, mixed> */
    private static function read(string $text): array
    {
        return (self::$reader ??= new Reader())->read($text)->data();
    }
}
