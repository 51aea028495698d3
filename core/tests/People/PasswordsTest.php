<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\People;

use Lanai\Core\Model\People\WithPassword;
use Lanai\Core\People\Passwords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** NIST SP 800-63B-4, section 3.1.1.2 (from memory): length, no composition, all of Unicode, a block list, no truncation. */
final class PasswordsTest extends TestCase
{
    /** @return iterable<string, array{string, string}> password; a word of the sentence that refuses it, or '' */
    public static function passwords(): iterable
    {
        yield 'short' => ['elevenchars', 'at least 15'];
        yield 'long, in small letters only' => ['three grey seals swim', ''];
        yield 'spaces at the ends count' => ['   fourteen  ab ', ''];
        yield 'sixty-four characters' => [str_repeat('abcd wxyz ', 6).'1234', ''];
        yield 'more than can be taken' => [str_repeat('abcd wxyz ', 30), 'at most 256'];
        yield 'no digit, no sign, no capital is asked for' => ['onlysmallletters', ''];
        yield 'emoji' => ['🌊🦭🌊🐚🌅🌊🦭🌊🐚🌅🌊🦭🌊🐚🌅', ''];
        yield 'letters are counted, not bytes' => ['äöüäöüäöüäöüäö', 'at least 15'];
        yield 'of a common list' => ['qwertyuiop123456', ''];
        yield 'one character again and again' => ['aaaaaaaaaaaaaaaa', 'repeats'];
        yield 'two characters again and again' => ['abababababababab', 'repeats'];
        yield 'the alphabet' => ['abcdefghijklmnop', 'repeats'];
        yield 'backwards' => ['ponmlkjihgfedcba', 'repeats'];
        yield 'the address' => ['somebody@lanai.example', 'your address'];
        yield 'the address and a digit' => ['somebody@lanai.example1', 'your address'];
        yield 'the address in a sentence' => ['somebody@lanai.example swims at dawn', ''];
    }

    #[DataProvider('passwords')]
    public function test_length_counts_and_what_is_easy_to_guess_is_refused(string $password, string $word): void
    {
        $wrong = Passwords::wrong($password, 15, ['somebody', 'somebody@lanai.example']);

        self::assertSame($word === '', $wrong === '', $wrong);
        self::assertStringContainsString($word, $wrong);
    }

    public function test_passwords_that_many_use_are_refused_in_any_case(): void
    {
        foreach (['password123', 'Password123', 'iloveyou1', 'qwertyuiop', '1qaz2wsx3edc'] as $common) {
            self::assertStringContainsString('many people use', Passwords::wrong($common, 8), $common);
        }
        // Whole words only: a part of a common one is none.
        self::assertSame('', Passwords::wrong('assword12', 8));
    }

    public function test_one_password_has_one_form_however_it_is_typed(): void
    {
        // U+00E9, and e with U+0301; U+FB01, and "fi" (Unicode Standard Annex 15).
        self::assertSame(Passwords::normal("caf\u{E9} \u{FB01}re"), Passwords::normal("cafe\u{301} fire"));
        self::assertNotSame(Passwords::normal('a b'), Passwords::normal('ab'));
    }

    public function test_a_founder_can_ask_for_less_but_not_for_too_little(): void
    {
        self::assertSame([15, 10, 8, 64], array_map(fn (?int $n): int => (new WithPassword($n))->length(), [null, 10, 3, 500]));
    }
}
