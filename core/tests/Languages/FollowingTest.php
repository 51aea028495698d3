<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Languages;

use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\Edits;
use Lanai\Core\Edits\Kinds\PutRight;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Languages\Said;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is written in other languages when the app changes, and what is found about it. */
final class FollowingTest extends TestCase
{
    private const APP = <<<'APP'
        app Lifts

        table Lifts, each a Lift
          Seats is a whole number

        screen Start, first
          Heading "Lifts near you"
          Text "{count(lifts)} today"
          Button "Go on"
        screen Other
          Button "Go on"
          Choice of the language

        language German
          for "Lifts near you" say "Mitfahrten"
          for "{0} today" say "Heute {0}"
          for "Go on" say "Weiter"
          for "Seats" say "Plätze"
          for "Start" say "Anfang"
          for "Other" say "Anderes"

        release
          title is "Lifts"
        APP;

    private Blueprint $app;

    protected function setUp(): void
    {
        $this->app = Blueprint::fromScript(self::APP);
    }

    public function test_a_text_takes_along_what_was_written_for_it(): void
    {
        $this->edit(['do' => 'fill', 'at' => '/screens/0/lines/0/text', 'text' => 'Lifts around you']);
        self::assertSame('for "Lifts around you" say "Mitfahrten", written for "Lifts near you"', $this->said('Lifts around you'));

        $this->edit(['do' => 'fill', 'at' => '/screens/0/lines/0/text', 'text' => 'Lifts today']);
        self::assertSame('for "Lifts today" say "Mitfahrten", written for "Lifts near you"', $this->said('Lifts today'));

        $this->edit(['do' => 'fill', 'at' => '/screens/0/lines/0/text', 'text' => 'Lifts near you']);
        self::assertSame('for "Lifts near you" say "Mitfahrten"', $this->said('Lifts near you'));
        self::assertCount(6, $this->app->languages[0]->says());
    }

    public function test_what_stands_elsewhere_too_keeps_its_own(): void
    {
        $this->edit(['do' => 'fill', 'at' => '/screens/0/lines/2/label', 'text' => 'Go ahead']);

        self::assertSame('for "Go ahead" say "Weiter", written for "Go on"', $this->said('Go ahead'));
        self::assertSame('for "Go on" say "Weiter"', $this->said('Go on'));
    }

    public function test_values_that_get_other_names_change_nothing_and_names_are_followed(): void
    {
        $this->edit(['do' => 'fill', 'at' => '/screens/0/lines/1/text', 'text' => '{count(where(lifts, seats > 1))} today']);
        self::assertSame('for "{0} today" say "Heute {0}"', $this->said('{0} today'));

        $this->edit(['do' => 'fill', 'at' => '/tables/0/fields/0/name', 'text' => 'Places']);
        self::assertSame('for "Places" say "Plätze", written for "Seats"', $this->said('Places'));
        self::assertStringContainsString('places > 1', $this->app->script());
    }

    public function test_what_is_old_missing_or_used_no_more_is_found_and_told(): void
    {
        self::assertSame(['One text is not there in German: “Lifts”.'], $this->found());
        $this->edit(['do' => 'translate', 'tongue' => 'de', 'says' => [['source' => 'Lifts', 'says' => 'Fahrten']]]);
        self::assertSame([], $this->found());

        $this->edit(['do' => 'fill', 'at' => '/screens/0/lines/0/text', 'text' => 'Lifts']);
        $this->edit(['do' => 'remove', 'places' => ['/screens/1']]);
        $this->edit(['do' => 'write', 'list' => '/screens/0/lines', 'text' => 'Text "A {seats} b"']);
        self::assertSame(
            [
                'One text is not there in German: “A {0} b”.',
                '2 texts in German stand nowhere in the app any more.',
                'People get the language of their phone and cannot choose another: let a screen show the “Choice of the language”.',
            ],
            $this->found(),
        );
        $this->edit(['do' => 'translate', 'tongue' => 'de', 'says' => [['source' => 'A {0} b', 'says' => 'C {0, plural, one {#} two {#} other {#}}']]]);
        self::assertContains('German: “A {0} b”. German has no “two” for numbers: these words never stand anywhere.', $this->found());

        $findings = Findings::in(Reading::of($this->app));
        $mend = array_values(array_filter($findings, fn (Finding $f): bool => str_contains($f->sentence, 'stand nowhere')))[0]->mend;
        self::assertNotNull($mend);
        $this->app = (new PutRight($mend->label, $mend->operations))->on($this->app)->blueprint;
        self::assertSame([], array_filter($this->found(), fn (string $sentence): bool => str_contains($sentence, 'nowhere in the app')));
    }

    /** @param  list<array<string, mixed>>  $says */
    #[TestWith([[['source' => '{0} today', 'says' => '{1} heute']], 'the last is {0}'])]
    #[TestWith([[['source' => '{0} today', 'says' => '{0, plural, one {#}}']], 'other'])]
    #[TestWith([[['source' => 'Unknown', 'says' => 'x']], 'not among the texts'])]
    #[TestWith([[['source' => 'Go on', 'says' => 'x', 'on' => 'Elsewhere']], 'does not stand in Elsewhere'])]
    #[TestWith([[['source' => 'Go on', 'says' => 7]], 'not be understood'])]
    public function test_what_cannot_stand_in_the_place_of_a_text_is_refused(array $says, string $why): void
    {
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessageMatches('~'.preg_quote($why, '~').'~');

        $this->edit(['do' => 'translate', 'tongue' => 'de', 'says' => $says]);
    }

    public function test_a_language_is_begun_unseen_and_offered_when_it_is_ready(): void
    {
        $this->edit(['do' => 'addLanguage', 'tongue' => 'fi']);
        self::assertStringContainsString('language Finnish, not shown yet', $this->app->script());
        self::assertSame([], array_filter($this->found(), fn (string $sentence): bool => str_contains($sentence, 'Finnish')));
        $this->edit(['do' => 'offerLanguage', 'tongue' => 'fi', 'offered' => true]);
        self::assertStringContainsString("language Finnish\n", $this->app->script());
        self::assertCount(2, array_filter($this->found(), fn (string $sentence): bool => str_contains($sentence, 'Finnish')));
        $this->edit(['do' => 'translate', 'tongue' => 'fi', 'says' => [['source' => 'Please sign in first.', 'says' => 'Kirjaudu ensin.', 'on' => 'Lanai']]]);

        foreach (['fi' => 'already', 'en' => 'already', 'xx' => 'no such language'] as $tongue => $why) {
            try {
                $this->edit(['do' => 'addLanguage', 'tongue' => $tongue]);
                self::fail($tongue);
            } catch (EditRefused $refused) {
                self::assertStringContainsString($why, $refused->getMessage());
            }
        }
    }

    public function test_one_text_may_say_something_else_in_one_place(): void
    {
        $this->edit(['do' => 'translate', 'tongue' => 'de', 'says' => [['source' => 'Go on', 'says' => 'Los', 'on' => 'Other']]]);
        self::assertSame(['Weiter', 'Los'], array_values(array_map(
            fn (Said $said): string => $said->says,
            array_filter($this->app->languages[0]->says(), fn (Said $said): bool => $said->source === 'Go on'),
        )));
        $this->edit(['do' => 'translate', 'tongue' => 'de', 'says' => [['source' => 'Go on', 'says' => '', 'on' => 'Other']]]);
        self::assertCount(6, $this->app->languages[0]->says());
    }

    /** @param  array<string, mixed>  $edit */
    private function edit(array $edit): void
    {
        $this->app = Edits::read($edit)->on($this->app)->blueprint;
    }

    private function said(string $source): string
    {
        preg_match('~^ *(for "'.preg_quote($source, '~').'".*)$~m', $this->app->script(), $found);

        return $found[1] ?? '';
    }

    /** @return list<string> */
    private function found(): array
    {
        $here = array_filter(Findings::in(Reading::of($this->app)), fn (Finding $f): bool => $f->rule === 'LanguageMatters');

        return array_values(array_map(fn (Finding $f): string => $f->sentence, $here));
    }
}
