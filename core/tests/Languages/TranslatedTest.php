<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Languages;

use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Template;
use Lanai\Core\Languages\AppText;
use Lanai\Core\Languages\AppTexts;
use Lanai\Core\Languages\Pseudo;
use Lanai\Core\Languages\Translated;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

final class TranslatedTest extends TestCase
{
    private const APP = <<<'APP'
        app Lifts

        table Lifts, each a Lift
          Place is a text, required
          Seats is a whole number
          State is one of "open", "full"
        table Tools, each a Tool
          State is one of "open", "lent"

        screen Start, first
          Heading "Lifts near you"
          Text "{plural(count(lifts), \"lift\", \"lifts\")} today"
          List of Lifts, as cards, offering a choice of State
            shows place as title
            shows "Seats: " ~ seats as note
            shows state as badge
            when empty: "No lifts yet"
          Form for a new Lift asking Place, Seats, State
        screen Open
          Text "Open"

        tab Start as "Near"

        language German
          for "Lifts near you" say "Mitfahrten in der Nähe"
          for "{0, plural, one {# lift} other {# lifts}} today" say "Heute {0, plural, one {# Fahrt} other {# Fahrten}}"
          for "Seats: {0}" say "Plätze: {0}"
          for "Near" say "Nah"
          for "Place" say "Wohin"
          for "open", on "Lifts" say "frei"
          for "open", on "Tools" say "verfügbar"
          for "Open", on "Start" say "kommt nicht vor"
          for "full" say "voll {0}"

        release
        APP;

    public function test_an_app_speaks_another_language_and_stays_the_same_app(): void
    {
        $world = World::of(str_replace('for "open", on "Lifts" say "frei"', 'for "open" say "frei", on "Lifts"', str_replace(
            ['for "open", on "Tools" say "verfügbar"', 'for "Open", on "Start" say "kommt nicht vor"'],
            ['for "open" say "verfügbar", on "Tools"', 'for "Open" say "kommt nicht vor", on "Start"'],
            self::APP,
        )));
        $world->add('Lifts', ['place' => 'Harbour', 'seats' => 3, 'state' => 'open']);
        $german = Translated::into($world->blueprint, 'de')->of($world->blueprint);
        $visit = new Visit(new Moment(World::moment()->now, World::moment()->zone, 'de_DE'), tongue: 'de');
        $view = (new Player($german, $world->store, rehearsal: true))->show($visit, Trail::none());

        self::assertSame('Mitfahrten in der Nähe', $view['nodes'][0]['text']);
        self::assertSame('Heute 1 Fahrt', str_replace("\u{AD}", '', $view['nodes'][1]['text']));
        $item = $view['nodes'][2]['items'][0];
        self::assertSame(['Harbour', 'Plätze: 3', 'frei'], [$item['title'], $item['note'], $item['badge']]);
        self::assertSame([['id' => 'open', 'label' => 'frei'], ['id' => 'full', 'label' => 'full']], $view['nodes'][2]['chips'][0]['choices']);
        self::assertSame(['Wohin', 'Seats', 'State'], array_column($view['nodes'][3]['boxes'] ?? $view['nodes'][3]['inputs'] ?? [], 'label'));
        self::assertSame(['Nah'], array_column($view['tabs'], 'label'));
        self::assertSame('de', $view['theme']['lang']);
        // What is missing, or cannot stand there, is as it was.
        self::assertSame('Open', $german->screens[1]->name);
        self::assertSame('Open', $german->data()['screens'][1]['lines'][0]['text']);
        self::assertSame($world->blueprint->tables, $german->tables);
        self::assertSame('en', $german->begunIn());

        $refused = (new Player($german, $world->store, rehearsal: true))->tap($visit, '/screens/0/lines/3', null, '', Trail::none());
        self::assertSame(['place' => 'Bitte fülle zuerst etwas aus.'], $refused->errors);
    }

    public function test_the_same_is_made_of_what_was_kept(): void
    {
        $app = World::saltlark()->blueprint;
        $made = Translated::into($app, 'en-XA');

        self::assertSame($made->of($app)->data(), Translated::kept($made->toKeep())->of($app)->data());
        self::assertNotSame($app->data(), $made->of($app)->data());
    }

    public function test_every_text_is_found_with_its_values_in_words(): void
    {
        $app = World::saltlark()->blueprint;
        $texts = AppTexts::of($app);
        $placed = array_filter($texts, fn (AppText $text): bool => count($text->formulas) > 1);

        self::assertGreaterThan(40, count($texts));
        self::assertNotSame([], $placed);
        foreach ($placed as $text) {
            self::assertCount(count($text->formulas), $text->values);
        }
        self::assertSame([], array_filter($texts, fn (AppText $text): bool => $text->at === ''));
    }

    public function test_the_language_that_nobody_speaks_is_longer_and_keeps_the_values(): void
    {
        foreach ([...AppTexts::of(World::saltlark()->blueprint), ...AppTexts::own()] as $text) {
            $said = Pseudo::Accented->message($text->source);
            $before = Template::ofMessage($text->source, $text->formulas);
            $after = Template::ofMessage($said, $text->formulas);

            self::assertGreaterThan(mb_strlen($text->source), mb_strlen($said), $text->source);
            self::assertEquals(
                array_map(fn ($f) => $f->text, $before->formulas()),
                array_map(fn ($f) => $f->text, $after->formulas()),
                $text->source,
            );
        }
        self::assertSame('rtl', Translated::into(World::saltlark()->blueprint, 'ar-XB')->of(World::saltlark()->blueprint)->theme->direction());
    }
}
