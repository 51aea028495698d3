<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Review;

use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Languages\Translated;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Review\Book;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\Opinion;
use Lanai\Core\Review\Reason;
use Lanai\Core\Review\Reasons\ReviewersGetIn;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Reasons for which stores turn versions down: common practice, no source, for each of them. */
final class BookTest extends TestCase
{
    /** An app against which nothing stands. */
    private const GOOD = <<<'APP'
    app Kelp

    table Beds, each a Bed
      may be seen by everyone
      may be added by everyone
      may be changed by nobody
      may be removed by nobody
      Name is a text, required

    screen Start, first
      Heading "Beds of kelp"
      List of Beds
        shows name as title
        tapped:
          go to Bed with this
        when empty: "No bed is known yet."
      Button "Tell of a bed"
        tapped:
          go to Tell

    screen Bed, about one Bed
      Text "{bed.name}"
      Button "Report this"
        tapped:
          open "mailto:keeper@kelp.example"
      Button "Read about kelp"
        tapped:
          open "https://kelp.example/about"

    screen Tell
      Form for a new Bed asking Name, saying "Tell"

    release
      package is "org.kelpwatch.app"
      version is "1.2.0"
      build number is 4
      icon letter is "K"
      title is "Kelp: beds along the coast"
      summary is "Where kelp grows, told by those who swim there."
      description is "Kelp shows the beds that swimmers have found, and lets you tell of the next. Each has its page, and what is out of place is reported."
      what is new is "Beds have pages of their own."
    APP;

    public function test_against_a_good_app_nothing_stands(): void
    {
        foreach (['quay', 'pier'] as $store) {
            self::assertSame([], $this->sentences(self::GOOD, $store));
        }
    }

    /** @return iterable<string, array{array<string, string>, string, bool, list<'quay'|'pier'>, string}> changes, what is said, for certain, where, the mend */
    public static function flaws(): iterable
    {
        $both = ['quay', 'pier'];
        yield 'a title in capitals' => [
            ['Kelp: beds along the coast' => 'KELP BEDS'],
            'The title is written in capitals.',
            true,
            $both,
            'Write it “Kelp Beds”',
        ];
        yield 'a title with pictures' => [['Kelp: beds' => 'Kelp 🌊🌊: beds'], 'The title is written with signs', true, $both, 'Write it “Kelp : beds'];
        yield 'a title with signs' => [
            ['Kelp: beds along the coast' => 'Kelp beds!!!'],
            'The title is written with signs',
            true,
            $both,
            'Write it “Kelp beds!”',
        ];
        yield 'a title without the name' => [['Kelp: beds along the coast' => 'Green water'], 'does not have “Kelp” in it', false, $both, ''];
        yield 'praise' => [['Where kelp grows' => 'The best app for where kelp grows'], 'The short description says “best app”', true, $both, ''];
        yield 'a price' => [['lets you tell' => 'lets you for free tell'], 'The full description says “for free”', false, $both, ''];
        yield 'a short description' => [
            ['Kelp shows the beds that swimmers have found, and lets you tell of the next. ' => ''],
            'tells too little',
            false,
            $both,
            '',
        ];
        yield 'other phones' => [['told by those' => 'on iPhone, told by those'], 'Here stands “iPhone”', true, ['quay'], ''];
        yield 'other phones in the app' => [['"Beds of kelp"' => '"Beds of kelp on Android"'], 'Here stands “Android”', false, ['pier'], ''];
        yield 'filler' => [['"Beds of kelp"' => '"Lorem ipsum dolor"'], 'Here stands “Lorem ipsum”', true, $both, ''];
        yield 'to be done' => [['Where kelp grows' => 'TODO: where kelp grows'], 'Here stands “TODO:”', true, $both, ''];
        yield 'no news' => [['Beds have pages of their own.' => 'Bug fixes and improvements.'], 'tells nobody what is new', false, $both, ''];
        yield 'an id of examples' => [['org.kelpwatch.app' => 'com.example.kelp'], 'is kept for examples', true, $both, ''];
        yield 'an empty screen' => [["\n    release\n" => "\n    screen Left\n\n    release\n", "\nrelease\n" => "\nscreen Left\n\nrelease\n"],
            'Nothing stands on “Left”.', true, $both, 'Remove it'];
        yield 'an empty screen to which something leads' => [["screen Tell\n  Form for a new Bed asking Name, saying \"Tell\"" => 'screen Tell'],
            'Nothing stands on “Tell”.', true, $both, ''];
        yield 'nothing to do' => [
            [self::GOOD => "app Kelp\n\nscreen Start, first\n  Text \"Kelp\"\n\nscreen Two\n  Text \"More\"\n"],
            'Nothing can be done in this app',
            true,
            $both,
            '',
        ];
        yield 'one screen' => [
            [self::GOOD => "app Kelp\n\nscreen Start, first\n  Button \"Go\"\n    tapped:\n      say \"Hi\"\n"],
            'a single screen',
            true,
            $both,
            '',
        ];
        yield 'a page of the web' => [
            ['  Heading "Beds of kelp"' => "  Web page at \"https://kelp.example\"\n\nscreen Old"],
            'shows a page of the web',
            true,
            $both,
            '',
        ];
        yield 'without encryption' => [
            ['https://kelp.example' => 'http://kelp.example'],
            'is without encryption',
            false,
            $both,
            'Open https://kelp.example/about',
        ];
        yield 'nobody may report' => [
            ["  Button \"Report this\"\n    tapped:\n      open \"mailto:keeper@kelp.example\"\n" => ''],
            'no line lets them report it',
            false,
            $both,
            '',
        ];
        yield 'a reason for nothing' => [
            ["\n  title is" => "\n  location is used to \"show the beds near you\"\n  title is"],
            'never asks for it',
            false,
            $both,
            'Say nothing of it',
        ];
        $place = ['  Name is a text, required' => "  Name is a text, required\n  Lies is a place", 'asking Name,' => 'asking Name, Lies,'];
        yield 'no reason for a place' => [$place, 'does not say what for', true, $both, ''];
        yield 'a poor reason' => [$place + ["\n  title is" => "\n  location is used to \"work\"\n  title is"], 'does not tell what it is for', true, $both, ''];
    }

    /**
     * @param  array<string, string>  $changes
     * @param  list<string>  $stores
     */
    #[DataProvider('flaws')]
    public function test_each_flaw_is_seen_and_its_mend_puts_it_right(array $changes, string $said, bool $certain, array $stores, string $mend): void
    {
        $script = strtr(self::GOOD, $changes);
        self::assertNotSame(self::GOOD, $script);
        foreach (['quay', 'pier'] as $store) {
            $found = array_values(array_filter($this->findings($script, $store), fn (Finding $f): bool => str_contains($f->sentence, $said)));
            self::assertSame(in_array($store, $stores, true), $found !== [], "$store: ".implode("\n", $this->sentences($script, $store)));
            if ($found === []) {
                continue;
            }
            self::assertSame($certain, $found[0]->blocks);
            self::assertTrue(str_starts_with((string) $found[0]->mend?->label, $mend), (string) $found[0]->mend?->label);
            self::assertSame($mend !== '', $found[0]->mend !== null);
            if ($found[0]->mend !== null) {
                $data = (new Patch($found[0]->mend->operations))->applyTo(Blueprint::fromScript($script)->data());
                $after = array_column(
                    array_merge(...array_map(fn (Opinion $o): array => $o->findings, $this->opinions(Blueprint::stored($data), $store))),
                    'sentence',
                );
                self::assertSame([], array_filter($after, fn (string $sentence): bool => str_contains($sentence, $said)));
            }
        }
    }

    public function test_signing_in_through_others_alone_is_turned_down_by_the_store_for_iphones(): void
    {
        $people = "\ntable People, each a Person, who sign in\n  may be seen by the person themselves\n  Name is a text\n\nscreen In\n  Text \"in\"\n";
        $through = strtr(self::GOOD, ["app Kelp\n" => "app Kelp\n\nsign-in at In\n  through Gatehouse\n$people"]);
        $said = 'Let them in with their own address as well.';
        self::assertStringContainsString($said, implode(' ', $this->sentences($through, 'pier')));
        self::assertStringNotContainsString($said, implode(' ', $this->sentences($through, 'quay')));
        self::assertStringContainsString('Reviewers cannot get in by themselves.', implode(' ', $this->sentences($through, 'quay')));
        $both = str_replace("  through Gatehouse\n", "  through Gatehouse\n  with a code by e-mail\n", $through);
        self::assertStringNotContainsString($said, implode(' ', $this->sentences($both, 'pier')));
        // A code goes to an address that reviewers do not read; with a password they need an account, and a guest needs nothing.
        self::assertStringContainsString('Reviewers cannot', implode(' ', $this->sentences($both, 'pier')));
        $word = str_replace('with a code by e-mail', 'with e-mail and password', $both);
        self::assertStringContainsString('Reviewers have no account', implode(' ', $this->sentences($word, 'pier')));
        $given = new Candidate(Blueprint::fromScript($word), 'pier', reviewer: true);
        self::assertSame([], [...(new ReviewersGetIn())->look($given)]);
        $guests = str_replace('with a code by e-mail', 'as a guest', $both);
        self::assertStringNotContainsString('Reviewers', implode(' ', $this->sentences($guests, 'pier')));
        $walled = str_replace('screen Start, first', 'screen Start, first, only when signed in', $both);
        self::assertStringContainsString('show something of the app before', implode(' ', $this->sentences($walled, 'pier')));
    }

    public function test_what_is_known_beside_the_sentences_counts(): void
    {
        $blueprint = Blueprint::fromScript(self::GOOD);
        $candidate = new Candidate(
            $blueprint,
            'quay',
            dead: ['https://kelp.example/about' => 'it answers 404.', 'https://other.example' => 'nothing answers there.'],
            broken: ['“Start” does not show.'],
            unreachable: 'Nothing answers at https://kelp.example.',
            lastBuild: 3,
            others: ['kelp: BEDS along the coast'],
            live: false,
            left: 7,
        );
        $said = array_column(array_merge(...array_map(fn (Opinion $o): array => $o->findings, Book::of($candidate))), 'sentence');

        self::assertSame(
            [
                'Another app of yours has the title “kelp: BEDS along the coast”, too.',
                '“Start” does not show.',
                'Nothing answers at https://kelp.example.',
                'Packages open what is live, and that is not this revision: a reviewer sees the one before.',
                'Nobody gets to https://kelp.example/about: it answers 404.',
                '7 screens were not laid out yet, as that takes a while. Look again, then it goes on from there.',
            ],
            $said,
        );
    }

    public function test_a_page_in_another_language_has_words_of_its_own(): void
    {
        $german = '  for "Where kelp grows, told by those who swim there." say "Wo Kelp wächst, erzählt von denen, die dort schwimmen."';
        $script = self::GOOD."\n\nlanguage German\n$german\n";
        $said = implode("\n", $this->sentences($script, 'quay'));
        self::assertStringContainsString('The full description in the store has no words of its own in German.', $said);
        self::assertStringNotContainsString('The short description in the store', $said);
    }

    public function test_what_was_found_counts_and_a_length_that_stores_do_not_take_is_certain(): void
    {
        $script = strtr(self::GOOD, ['Where kelp grows' => str_repeat('Where kelp grows and grows ', 5)]);
        $found = array_values(array_filter($this->findings($script, 'quay'), fn (Finding $f): bool => $f->rule === 'ListingSummary'));
        self::assertTrue($found[0]->blocks);
        $same = array_values(array_filter(Findings::in(Reading::of(Blueprint::fromScript($script))), fn (Finding $f): bool => $f->rule === 'ListingSummary'));
        self::assertFalse($same[0]->blocks, 'A package can be built with it all the same.');
        self::assertSame($same[0]->id(), $found[0]->id());
    }

    public function test_there_are_more_than_forty_reasons_and_each_says_what_holds(): void
    {
        $reasons = Book::reasons();
        self::assertGreaterThan(40, count($reasons));
        $holds = array_map(fn (Reason $reason): string => $reason->holds(), $reasons);
        self::assertSame($holds, array_unique($holds));
        foreach ($holds as $sentence) {
            self::assertMatchesRegularExpression('/^[A-Z].+\.$/', $sentence);
        }
    }

    /** @return list<Opinion> */
    private function opinions(Blueprint $blueprint, string $store): array
    {
        $spoken = [];
        foreach ($blueprint->languages as $language) {
            $spoken[$language->tongue] = Translated::into($blueprint, $language->tongue)->of($blueprint);
        }

        return Book::of(new Candidate($blueprint, $store === 'pier' ? 'pier' : 'quay', Findings::in(Reading::of($blueprint, 3)), $spoken, lastBuild: 3));
    }

    /** @return list<Finding> */
    private function findings(string $script, string $store): array
    {
        return array_merge(...array_map(fn (Opinion $o): array => $o->findings, $this->opinions(Blueprint::fromScript($script), $store)));
    }

    /** @return list<string> */
    private function sentences(string $script, string $store): array
    {
        return array_column($this->findings($script, $store), 'sentence');
    }
}
