<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Text;

use Lanai\Core\Geometry\Paragraph;
use Lanai\Core\Text\Hyphenation;
use Lanai\Core\Text\Pattern;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

final class HyphenationTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function languages(): iterable
    {
        $of = ['cs' => 'cs', 'da' => 'da', 'de' => 'de-1996', 'en' => 'en-us', 'es' => 'es', 'fi' => 'fi', 'fr' => 'fr', 'it' => 'it', 'nl' => 'nl'];
        foreach ($of + ['nb' => 'nb', 'pl' => 'pl', 'pt' => 'pt', 'ru' => 'ru', 'sv' => 'sv', 'tr' => 'tr', 'uk' => 'uk'] as $tag => $patterns) {
            yield $tag => [$tag, $patterns];
        }
    }

    /** The npm package “hyphen” divides as we do, but for the last two letters, which it would leave alone. */
    #[DataProvider('languages')]
    public function test_words_are_divided_as_another_program_does(string $tag, string $patterns): void
    {
        $words = [
            'de' => 'Donaudampfschifffahrtsgesellschaft Geschwindigkeitsbegrenzung Wochenende Schwimmbegleitung Übernachtungsmöglichkeiten außergewöhnlich',
            'en' => 'hyphenation algorithm associate present projects extraordinary swimming information understanding reciprocity',
            'fr' => 'anticonstitutionnellement bibliothèque développement',
            'fi' => 'epäjärjestelmällisyydellänsäkään uimaretki',
            'ru' => 'достопримечательность плавание взаимодействие',
            'uk' => 'взаємодія зацікавленість',
            'pl' => 'konstantynopolitańczykowianeczka pływanie',
        ][$tag] ?? '';
        $words .= ' '.implode(' ', self::madeUp(400, $tag));
        $script = 'const make = require("hyphen"), patterns = require("hyphen/patterns/'.$patterns.'.js");'
            .'process.stdout.write(make(patterns, { minWordLength: 6 })(require("fs").readFileSync(0, "utf8")))';
        $process = new Process(['node', '-e', $script], dirname(__DIR__, 3), input: $words);
        $process->mustRun();
        // Ours leaves three letters behind a hyphen.
        $theirs = Pattern::replace('/\x{AD}(?=\p{L}{2}(?!\p{L}|\x{AD}))/u', '', $process->getOutput());

        self::assertSame($theirs, Hyphenation::in($tag)?->text($words));
        self::assertGreaterThan(50, substr_count($theirs, Hyphenation::SOFT));
    }

    #[TestWith(['https://example.org/information/understanding'])]
    #[TestWith(['somebody@understanding.example'])]
    #[TestWith(['UNDERSTANDING'])]
    #[TestWith(['name_understanding version1understanding'])]
    #[TestWith(["infor\u{AD}mation"])]
    #[TestWith(['short'])]
    public function test_what_is_no_common_word_stays_whole(string $text): void
    {
        self::assertSame($text, Hyphenation::in('en')?->text($text));
    }

    public function test_a_language_without_patterns_divides_nothing(): void
    {
        self::assertNull(Hyphenation::in('ja'));
        self::assertNull(Hyphenation::in('../fonts/hanken-grotesk'));
        self::assertNull(Hyphenation::in(''));
    }

    public function test_a_line_ends_with_a_hyphen_only_where_that_has_room(): void
    {
        $word = Paragraph::of('Wochen', 16, 24)->natural();
        $hyphen = Paragraph::of('-', 16, 24)->natural();
        $text = Paragraph::of("Wo\u{AD}chen\u{AD}ende", 16, 24);

        self::assertEqualsWithDelta($word + $hyphen, $text->set($word + $hyphen + 0.1)[0][0], 0.6);
        self::assertEqualsWithDelta(Paragraph::of('Wo-', 16, 24)->natural(), $text->set($word + $hyphen - 1)[0][0], 0.6);
        self::assertCount(1, $text->set(500)[0]);
        self::assertEqualsWithDelta(Paragraph::of('Wochenende', 16, 24)->natural(), $text->natural(), 0.6);
        self::assertFalse($text->set($word + $hyphen - 1)[1]);
    }

    public function test_a_mark_before_the_edge_gives_its_first_line_more_room(): void
    {
        $mark = Paragraph::of('„', 16, 24)->natural();
        $text = '„Wasser heute';
        $whole = Paragraph::of($text, 16, 24)->natural();

        self::assertCount(2, (new Paragraph([[$text, 400]], 16, 24))->set($whole - $mark / 2)[0]);
        self::assertCount(1, (new Paragraph([[$text, 400]], 16, 24, hang: $mark))->set($whole - $mark / 2)[0]);
    }

    /** @return list<string> words of letters that stand beside one another in known ones, as good as any for patterns */
    private static function madeUp(int $count, string $seed): array
    {
        $parts = in_array($seed, ['ru', 'uk'], true)
            ? ['вз', 'а', 'мо', 'дей', 'ст', 'ви', 'пла', 'ни', 'е', 'об', 'щест', 'в', 'раз', 'го', 'вор']
            : ['ber', 'schl', 'a', 'in', 'ter', 'est', 'o', 'gra', 'ph', 'ing', 'un', 'con', 'sti', 'tu', 'tion', 'e', 'ss', 'el', 'lan', 'k'];
        mt_srand(crc32($seed));
        $words = [];
        for ($i = 0; $i < $count; $i++) {
            $words[] = implode('', array_map(fn (): string => $parts[mt_rand(0, count($parts) - 1)], range(1, mt_rand(2, 7))));
        }

        return $words;
    }
}
