<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Reading;

use Lanai\Core\Reading\Lexicon;
use Lanai\Core\Reading\Reader;
use Lanai\Core\Reading\Spelling;
use Lanai\Core\Reading\Tongue;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Words that somebody has mistyped, and paragraphs that are not English. */
final class SpellingTest extends TestCase
{
    #[TestWith(['descripton', 'description'])]
    #[TestWith(['pitcure', 'picture'])]
    #[TestWith(['memebrs', 'members'])]
    #[TestWith(['appoinments', 'appointments'])]
    #[TestWith(['comemnts', 'comments'])]
    #[TestWith(['adress', 'address'])]
    public function test_a_word_of_the_job_is_known_with_a_letter_wrong(string $typed, string $meant): void
    {
        self::assertSame($meant, (new Spelling(new Lexicon()))->meant($typed, []));
    }

    public function test_a_word_of_the_same_paragraph_comes_first(): void
    {
        $spelling = new Spelling(new Lexicon());

        self::assertSame('lantern', $spelling->meant('lantren', ['lantern', 'boat']));
        self::assertSame('lantren', $spelling->meant('lantren', []));
    }

    #[TestWith(['saltlark'])]
    #[TestWith(['boats'])]
    #[TestWith(['tilte'])]
    #[TestWith(['größe'])]
    #[TestWith(['zzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzz'])]
    public function test_names_and_what_is_known_stay(string $word): void
    {
        self::assertContains((new Spelling(new Lexicon()))->meant($word, []), [$word, 'title']);
    }

    public function test_a_badly_typed_paragraph_is_read_as_it_is_meant(): void
    {
        $clean = 'A boat has a picture, a description and a price. Members book boats and write comments. Only the owner may add boats.';
        $typed = 'A boat has a pitcure, a descripton and a price. Memebrs book boats and write comemnts. Only the owner may add boats.';
        $sentences = fn (string $text): array => (new Reader())->read($text)->sentences();

        self::assertSame($sentences($clean), $sentences($typed));
    }

    #[TestWith(['Eine App für Leute, die Boote leihen. Jedes Boot hat einen Namen und ein Bild, und die Leute können es leihen.', 'German'])]
    #[TestWith(['Une application pour les gens qui louent des bateaux. Chaque bateau est avec un nom et une photo, et les membres le louent.', 'French'])]
    #[TestWith(['Una aplicación para los que alquilan barcos. Cada barco tiene un nombre y una foto, y los miembros pueden alquilar el barco.', 'Spanish'])]
    #[TestWith(['A boat has a name and a picture. Members book a boat.', ''])]
    #[TestWith(['A die has a number and an icon. Players roll the die, and the app shows who was the last in a game of dice.', ''])]
    #[TestWith(['Bonjour', ''])]
    #[TestWith([''])]
    public function test_another_language_is_told_from_english(string $text, string $language = ''): void
    {
        self::assertSame($language, Tongue::of($text));
    }
}
