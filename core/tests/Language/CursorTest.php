<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Language;

use Lanai\Core\Language\Cursor;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class CursorTest extends TestCase
{
    #[TestWith(['starts > now(), by Starts', 'starts > now()'])]
    #[TestWith(['f(a, b) as title', 'f(a, b)'])]
    #[TestWith(['"as, with" ~ x as note', '"as, with" ~ x'])]
    #[TestWith(["'it\\'s, ok' == x", "'it\\'s, ok' == x"])]
    #[TestWith(['x ? [1, 2] : {a: 1, b: 2} as y', 'x ? [1, 2] : {a: 1, b: 2}'])]
    #[TestWith(['asset.name as title', 'asset.name'])]
    public function test_a_formula_ends_at_a_comma_or_a_following_word_outside_quotes_and_brackets(string $line, string $formula): void
    {
        self::assertSame($formula, (new Cursor($line))->formula(['as']));
    }

    public function test_words_are_taken_whole_whatever_their_case_and_spacing(): void
    {
        $cursor = new Cursor('  LIST   of Listings');

        self::assertTrue($cursor->words('List of'));
        self::assertFalse($cursor->words('List'), '“Listings” does not begin with the word “List”.');
        self::assertTrue($cursor->words('Listings'));
        self::assertTrue($cursor->done());
    }

    public function test_what_was_quoted_is_read_back(): void
    {
        foreach (['', 'plain', 'a "b" c', 'back\\slash\\', "two\nlines\ttab\r", '\\n', '`tick`', '🏊‍♀️ swim'] as $text) {
            self::assertSame($text, (new Cursor(Cursor::quote($text)))->quoted());
            self::assertSame($text === '' ? '' : $text, (new Cursor(Cursor::quote($text, '`')))->formula([]));
        }
    }

    public function test_the_mistake_is_told_where_reading_got_furthest(): void
    {
        $cursor = new Cursor('List of Swims sorted', 7, 4);
        $cursor->words('List of');
        $cursor->name();
        $cursor->words('where');
        $cursor->words('by');

        $mistake = $cursor->mistake();
        self::assertSame([7, 25], [$mistake->scriptLine, $mistake->column]);
        self::assertSame('Line 7, column 25: expected “where” or “by”, but the line ends.', $mistake->getMessage());
    }
}
