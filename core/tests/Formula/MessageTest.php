<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Formula;

use Lanai\Core\Formula\Choosing;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Template;
use Lanai\Core\Languages\Plurals;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\NoRows;
use Lanai\Core\Tests\Support\World;
use Lanai\Core\Text\Tongues;
use MessageFormatter;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use ResourceBundle;

/** Texts whose words depend on values: ICU MessageFormat in braces. */
final class MessageTest extends TestCase
{
    public function test_words_go_by_a_number_and_by_a_word(): void
    {
        $text = '{n, plural, =0 {Nobody} one {# person} other {# persons}} {who, select, she {and her dog} none {alone} other {and {who}}}';

        self::assertSame('Nobody alone', self::said($text, ['n' => 0, 'who' => null]));
        self::assertSame('1 person and her dog', self::said($text, ['n' => 1, 'who' => 'she']));
        self::assertSame('1,250 persons and Ada', self::said('{n, plural, one {#} other {1,250 persons}} and {who}', ['n' => 1250, 'who' => 'Ada']));
        self::assertSame('You and 2 others', self::said('{n, plural, offset:1 =1 {You} other {You and # others}}', ['n' => 3]));
        self::assertSame('the 22nd', self::said('the {n, selectordinal, one {#st} two {#nd} few {#rd} other {#th}}', ['n' => 22]));
        self::assertSame('yes it is', self::said('{n > 2, select, yes {yes it is} other {no}}', ['n' => 3]));
        self::assertSame("it's {5}", self::said("{n, plural, other {it's '{'#'}'}}", ['n' => 5]));
        self::assertSame('a, b', self::said('{n > 1 ? "a, b" : "c"}', ['n' => 2]));
    }

    /** @param  array<string, mixed>  $names */
    private static function said(string $text, array $names, string $locale = 'en_GB'): string
    {
        $now = World::moment();

        return (new Evaluation(new Moment($now->now, $now->zone, $locale), new NoRows(), $names))->text(Template::of($text));
    }

    #[TestWith(['{n, plural, one {#}}', 'missing'])]
    #[TestWith(['{n, plural, some {#} other {#}}', 'one of zero'])]
    #[TestWith(['{n, plural, other {#}', 'at the end'])]
    #[TestWith(['{n, plural, other {#', 'not closed'])]
    #[TestWith(['{n, plural, other {a} other {b}}', 'twice'])]
    #[TestWith(['{n, select, a {1}}', 'missing'])]
    #[TestWith(['{n, plural, other {{m +}}}', 'stops too early'])]
    #[TestWith(['{a, select, other {{a, select, other {{a, select, other {{a, select, other {{a, select, other {{a, select, other {x}}}}}}}}}}}}', 'deep'])]
    public function test_what_does_not_read_as_a_message_is_told(string $text, string $why): void
    {
        $this->expectException(FormulaMistake::class);
        $this->expectExceptionMessageMatches("~$why~");

        Template::of($text);
    }

    #[TestWith(['{1}', 'the last is \{0\}'])]
    #[TestWith(['{name}', 'number of a value'])]
    #[TestWith(['{0, number}', 'plural, selectordinal or select'])]
    #[TestWith(['a } b', 'closes nothing'])]
    #[TestWith(['{0', 'number of a value'])]
    public function test_a_translation_knows_only_the_values_of_its_text(string $message, string $why): void
    {
        $this->expectException(FormulaMistake::class);
        $this->expectExceptionMessageMatches("~$why~");

        Template::ofMessage($message, ['spot.name']);
    }

    public function test_a_text_and_its_message_say_the_same(): void
    {
        $text = "It's {n, plural, one {# place at {spot}} other {# places at {spot}}}, {{so}} {n}'s";
        [$message, $formulas] = Template::of($text)->message();

        self::assertSame("It's {0, plural, one {# place at {1}} other {# places at {1}}}, '{'so'}' {0}'s", $message);
        self::assertSame(['n', 'spot'], $formulas);
        self::assertSame($text, Template::ofMessage($message, $formulas)->written());
        self::assertSame(['n', 'spot', 'spot', 'n'], array_map(fn (Formula $f): string => $f->text, Template::of($text)->formulas()));
        self::assertSame('{N, plural, one {#} other {{M +}}}', Template::changed('{n, plural, one {#} other {{m +}}}', strtoupper(...)));
    }

    /** ICU itself, which PHP intl is made of, formats what was made here in the same words. */
    public function test_generated_messages_are_formatted_as_icu_formats_them(): void
    {
        $chance = new Randomizer(new Mt19937(19));
        for ($n = 0; $n < 600; $n++) {
            $locale = array_keys(Tongues::NAMES)[$chance->getInt(0, count(Tongues::NAMES) - 1)];
            $message = self::message($chance, $locale, 0);
            $number = [0, 1, 2, 3, 5, 11, 21, 100, 101, 1.5, 1_000_000][$chance->getInt(0, 10)];
            $word = ['she', 'he', 'they'][$chance->getInt(0, 2)];
            $expected = MessageFormatter::formatMessage($locale, $message, [$number, $word]);
            $now = World::moment();
            $evaluation = new Evaluation(new Moment($now->now, $now->zone, $locale), new NoRows(), ['n' => $number, 'word' => $word]);
            $template = Template::ofMessage($message, ['n', 'word']);

            self::assertSame($expected, $evaluation->text($template), "$locale: $message with $number and $word");
            self::assertSame($expected, $evaluation->text(Template::of($template->written())), $template->written());
        }
    }

    private static function message(Randomizer $chance, string $locale, int $depth): string
    {
        $message = '';
        for ($i = $chance->getInt(1, 3); $i > 0; $i--) {
            $message .= match ($chance->getInt(0, $depth > 1 ? 2 : 4)) {
                0 => ['a place', "it's", "'{'braces'}'", 'ä ö ü', 'שלום', "o''clock"][$chance->getInt(0, 5)],
                1 => '{1}',
                2 => ' ',
                3 => '{0, plural, '.implode(' ', array_map(
                    fn (string $key): string => $key.' {'.$key.self::message($chance, $locale, $depth + 1).'}',
                    [...$chance->getInt(0, 1) === 1 ? ['=2'] : [], ...Plurals::of($locale)],
                )).'}',
                default => '{1, select, she {her'.self::message($chance, $locale, $depth + 1).'} other {them'.self::message($chance, $locale, $depth + 1).'}}',
            };
        }

        return $message;
    }

    /** The samples stand in the plural rules of Unicode CLDR, as ICU's own data brings them along: "few: n % 100 = 3..10 @integer 3~10, 103~110, …". */
    public function test_numbers_are_sorted_as_the_samples_of_cldr_say(): void
    {
        $data = ResourceBundle::create('plurals', 'ICUDATA', false);
        $checked = 0;
        foreach (array_keys(Tongues::NAMES) as $tongue) {
            foreach ([Choosing::PLURAL => 'locales', Choosing::ORDINAL => 'locales_ordinals'] as $by => $sets) {
                $set = $data?->get($sets)?->get($tongue);
                foreach (is_string($set) ? $data->get('rules')->get($set) ?? [] : [] as $category => $rule) {
                    foreach (self::samples((string) $rule) as $sample) {
                        self::assertSame($category, Choosing::categoryOf($sample, $by, $tongue), "$tongue $by $sample");
                        self::assertContains($category, Plurals::of($tongue, $by));
                        $checked++;
                    }
                }
            }
        }
        self::assertGreaterThan(1000, $checked);
    }

    /** @return list<int> whole numbers of a rule's samples */
    private static function samples(string $rule): array
    {
        preg_match('/@integer ([^@]*)/', $rule, $found);
        $samples = [];
        foreach (explode(',', $found[1] ?? '') as $piece) {
            if (preg_match('/^\s*(\d+)(?:~(\d+))?\s*$/', $piece, $range) === 1) {
                array_push($samples, (int) $range[1], (int) ($range[2] ?? $range[1]));
            }
        }

        return $samples;
    }
}
