<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Languages;

use FilesystemIterator;
use Lanai\Core\Formula\Template;
use Lanai\Core\Languages\AppText;
use Lanai\Core\Languages\AppTexts;
use Lanai\Core\Languages\Wording;
use Lanai\Core\Text\OwnWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

final class OwnWordsTest extends TestCase
{
    #[TestWith(['de'])]
    #[TestWith(['ar'])]
    public function test_a_language_that_lanai_brings_along_is_whole_and_right(string $tongue): void
    {
        $words = OwnWords::known($tongue);

        self::assertSame(array_keys(OwnWords::all()), array_keys($words));
        foreach (AppTexts::own() as $text) {
            $wording = Wording::of($words[$text->source], $text, $tongue);
            self::assertSame('', $wording->wrong, $text->source);
            self::assertSame([], array_filter($wording->doubts, fn (string $doubt): bool => str_contains($doubt, 'is not in it')), $text->source);
        }
    }

    public function test_what_is_said_is_listed_and_what_is_listed_is_said(): void
    {
        $root = dirname(__DIR__, 3);
        $written = [];
        foreach (['core/src' => 'server', 'app' => 'server', 'bootstrap' => 'server', 'web/device' => 'device'] as $folder => $who) {
            $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS));
            foreach ($files as $file) {
                if (! str_contains((string) $file, '/practice/')) {
                    $written[$who] = ($written[$who] ?? '').file_get_contents((string) $file);
                }
            }
        }
        foreach ($written as $who => $code) {
            preg_match_all("~(?:->own|->say|\bown)\(\s*'((?:[^'\\\\]|\\\\.)*)'~", $code, $said);
            $said = array_unique(array_map(stripslashes(...), $said[1]));
            self::assertGreaterThan(50, count($said));
            self::assertSame([], array_values(array_diff($said, array_keys(OwnWords::all()))), "The $who says it, and it is not listed.");
            $heard = $who === 'device' ? array_keys(OwnWords::all(), 'device', true) : array_keys(OwnWords::all());
            self::assertSame([], array_values(array_diff($said, $heard)), "The $who says it, and does not hear of it in other languages.");
        }
        $unsaid = array_filter(OwnWords::all(), fn (string $who, string $sentence): bool => ! self::isSaid($sentence, $written[$who]), ARRAY_FILTER_USE_BOTH);
        self::assertSame([], array_keys($unsaid), 'It is listed, and nowhere said.');
    }

    /** What comes from an exception is put together of pieces, and names of colours of a tone and a hue. */
    private static function isSaid(string $sentence, string $code): bool
    {
        if (str_contains($code, $sentence) || str_contains($code, addcslashes($sentence, "'")) || str_contains($code, "'".ucfirst($sentence)."',")) {
            return true;
        }
        foreach (preg_split('~(?: a )?\{\d\}| seconds?\b| minutes| times?\b|\. ~', $sentence) ?: [] as $piece) {
            if (mb_strlen(trim($piece, ' .:')) > 3 && ! str_contains($code, trim($piece, ' .:'))) {
                return false;
            }
        }

        return true;
    }

    public function test_in_english_a_name_has_its_article(): void
    {
        self::assertSame('You are an Owner now', OwnWords::in('en')->say('You are a {0} now', 'Owner'));
        self::assertSame('You are a Host now', OwnWords::in('en_GB')->say('You are a {0} now', 'Host'));
        $said = OwnWords::in('fi')->say('You asked to be a {0} in {1}. You are one now.', 'Owner', 'Reef');
        self::assertSame('You asked to be an Owner in Reef. You are one now.', $said);
    }

    public function test_what_was_refused_in_english_is_said_again(): void
    {
        $german = OwnWords::in('de_AT');
        $name = fn (string $name): string => ['Spot' => 'Stelle'][$name] ?? $name;

        self::assertSame('Bitte melde dich zuerst an.', $german->again('Please sign in first.', $name));
        self::assertSame('Stelle: Das gibt es nicht mehr.', $german->again('This Spot is no longer there.', $name));
        self::assertSame('„x“ ist keine ganze Zahl.', $german->again('“x” is not a whole number.', $name));
        foreach (['a Spot', 'an Order'] as $one) {
            $said = $german->again("There is already $one with this Name.", fn (string $name): string => $name);
            self::assertSame('Name: Das gibt es schon ('.explode(' ', $one)[1].').', $said);
        }
        self::assertSame('Nobody knows this.', $german->again('Nobody knows this.', $name));
        self::assertSame('Please sign in first.', OwnWords::in('fi')->again('Please sign in first.', $name));
        self::assertSame('Kirjaudu ensin.', OwnWords::in('fi', ["Lanai\nPlease sign in first." => 'Kirjaudu ensin.'])->again('Please sign in first.', $name));
    }

    public function test_numbers_are_written_as_the_language_does(): void
    {
        self::assertSame('Nur die ersten 2.000 werden gezeigt.', OwnWords::in('de')->say('Only the first {0} are shown.', 2000));
        self::assertSame('قبل 3 أيام', strtr(OwnWords::in('ar')->say('{0, plural, one {# day} other {# days}} ago', 3), ['٣' => '3']));
        self::assertSame('in 1 day', OwnWords::in('en_GB')->say('in {0, plural, one {# day} other {# days}}', 1));
    }

    public function test_in_english_the_values_stand_in_their_order(): void
    {
        foreach (array_filter(AppTexts::own(), fn (AppText $text): bool => count($text->formulas) > 1) as $text) {
            preg_match_all('/\{(\d)/', $text->source, $found);
            self::assertSame($text->formulas, array_values(array_unique($found[1])), $text->source);
        }
        $values = array_map(strval(...), range(0, 9));
        self::assertSame([], array_filter(array_keys(OwnWords::all()), fn (string $s): bool => Template::ofMessage($s, $values)->parts === []));
    }
}
