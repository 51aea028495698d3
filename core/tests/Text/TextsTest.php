<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Text;

use Lanai\Core\Text\Texts;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class TextsTest extends TestCase
{
    /** Pairs of the tables in UTS #10, sections 1.1 and 1.9 (levels of comparison; from memory), without their level of case. */
    #[TestWith(['role', 'roles'])]
    #[TestWith(['roles', 'rule'])]
    #[TestWith(['role', 'rôle'])]
    #[TestWith(['rôle', 'roles'])]
    #[TestWith(['cote', 'coté'])]
    #[TestWith(['résumé', 'Resumes'])]
    #[TestWith(['öf', 'oz'])]
    #[TestWith(['item 9', 'Item 10'])]
    #[TestWith(['a1b9', 'A1B10'])]
    #[TestWith(['', ' '])]
    #[TestWith(['9', 'a'])]
    #[TestWith(['STRASSE', 'Straße'])]
    #[TestWith(['Straße', 'Strassen'])]
    public function test_one_stands_before_the_other(string $first, string $then): void
    {
        self::assertLessThan(0, Texts::order($first, $then));
        self::assertGreaterThan(0, Texts::order($then, $first));
        self::assertLessThan(0, strcmp(Texts::key($first), Texts::key($then)));
    }

    #[TestWith(['Role', 'role'])]
    #[TestWith(["e\u{301}", "\u{e9}"])]
    #[TestWith(['007', '7'])]
    public function test_both_stand_at_one_place(string $a, string $b): void
    {
        self::assertSame(0, Texts::order($a, $b));
        self::assertSame(Texts::key($a), Texts::key($b));
    }

    /** Foldings of CaseFolding.txt and DerivedNormalizationProps.txt of the Unicode Character Database (from memory). */
    #[TestWith(['Straße', 'strasse'])]
    #[TestWith(['ﬁn', 'fin'])]
    #[TestWith(['ΣΊΣΥΦΟΣ', 'σίσυφοσ'])]
    #[TestWith(["co\u{ad}op", 'coop'])]
    #[TestWith(['Ｌａｎｅ', 'lane'])]
    #[TestWith(["E\u{301}va", "\u{e9}va"])]
    public function test_folding(string $text, string $folded): void
    {
        self::assertSame($folded, Texts::fold($text));
        self::assertTrue(Texts::holds("x $text y", $folded) && Texts::begins($text, $folded) && Texts::ends($text, $folded));
    }

    /** What an index keeps and what is compared in memory is one order, for any texts. */
    public function test_keys_stand_as_their_texts_do(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $letters = ['a', 'A', 'b', 'ß', 'é', "e\u{301}", '1', '9', '0', ' ', '-', 'Ж', 'ж', '中', "\u{1F600}", "\xFF", "\0", str_repeat('x', 999)];
        $make = fn (): string => implode('', array_map(fn (): string => $letters[$random->getInt(0, count($letters) - 1)], range(1, $random->getInt(1, 7))));
        for ($i = 0; $i < 3000; $i++) {
            [$a, $b] = [$make(), $make()];
            self::assertSame(
                Texts::order($a, $b) <=> 0,
                strcmp(Texts::key($a), Texts::key($b)) <=> 0,
                json_encode([bin2hex($a), bin2hex($b)], JSON_THROW_ON_ERROR),
            );
        }
    }
}
