<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Geometry;

use Lanai\Core\Geometry\Face;
use Lanai\Core\Geometry\Paragraph;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ParagraphTest extends TestCase
{
    /** Widths measured once with HarfBuzz (harfbuzzjs), in thousandths of the font size. */
    #[TestWith(['AVATAR', 400])]
    #[TestWith(['Saltlark', 650])]
    #[TestWith(['To Wave, “fjord”', 700])]
    public function test_pairs_of_letters_move_together(string $text, int $weight): void
    {
        $apart = array_sum(array_map(fn (string $c): float => Face::shipped()->width($c, $weight), mb_str_split($text)));
        $together = Face::shipped()->width($text, $weight);

        self::assertNotEquals($apart, $together);
        self::assertEqualsWithDelta($apart, $together, 0.5);
    }

    public function test_what_the_face_does_not_have_still_takes_room(): void
    {
        self::assertSame(4.0, Face::shipped()->width('海が好き', 400), 'Wide scripts take a full em (Unicode, East Asian Width).');
        self::assertSame(Face::shipped()->width('e', 400), Face::shipped()->width("e\u{301}", 400), 'A combining mark takes none.');
    }

    /** Places where a line may end, by UAX 14 (the examples follow its classes; from memory). */
    #[TestWith(['one two three', 45.0, 3])]
    #[TestWith(['well-known fact', 60.0, 3])]
    #[TestWith(["first\nsecond", 500.0, 2])]
    #[TestWith(["a\u{A0}b c", 30.0, 2])]
    #[TestWith(['100 %', 500.0, 1])]
    #[TestWith(["well--'known' fact", 60.0, 3])]
    #[TestWith(['', 100.0, 1])]
    public function test_lines_end_where_they_may(string $text, float $room, int $lines): void
    {
        self::assertCount($lines, Paragraph::of($text, 16, 24)->set($room)[0]);
    }

    public function test_a_word_longer_than_its_line_is_broken_and_that_is_told(): void
    {
        [$lines, $broken] = Paragraph::of('Donaudampfschifffahrt', 16, 24)->set(80);

        self::assertTrue($broken);
        self::assertGreaterThan(1, count($lines));
        self::assertLessThanOrEqual(80.01, max($lines));
        self::assertEqualsWithDelta(Paragraph::of('Donaudampfschifffahrt', 16, 24)->natural(), array_sum($lines), 3.0);
    }

    public function test_no_line_is_wider_than_its_room_and_nothing_gets_lost(): void
    {
        $text = 'Sheltered from the west. Steps on the left, warm showers until ten; bring a towel and somebody who waits.';
        foreach (range(40, 400, 20) as $room) {
            [$lines] = Paragraph::of($text, 16, 24)->set($room);
            self::assertLessThanOrEqual($room + 0.02, max($lines));
            self::assertLessThanOrEqual(Paragraph::of($text, 16, 24)->natural() + 1, array_sum($lines));
        }
    }
}
