<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Findings;

use Lanai\Core\Findings\Contrast;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** WCAG 2.2, definition of contrast ratio; the greys are the well-known border cases of 4.5:1 (common practice, no source). */
final class ContrastTest extends TestCase
{
    public function test_black_on_white_is_21_to_1(): void
    {
        self::assertEqualsWithDelta(21.0, Contrast::ratio('#000000', '#FFFFFF'), 1e-9);
        self::assertEqualsWithDelta(1.0, Contrast::ratio('#0B6E5F', '#0B6E5F'), 1e-9);
    }

    public function test_the_border_greys_fall_on_their_sides_of_4_5(): void
    {
        self::assertGreaterThanOrEqual(4.5, Contrast::ratio('#767676', '#FFFFFF'));
        self::assertLessThan(4.5, Contrast::ratio('#777777', '#FFFFFF'));
    }

    #[TestWith(['#777777', '#FFFFFF'])]
    #[TestWith(['#F4C95D', '#FFFFFF'])]
    #[TestWith(['#808080', '#808080'])]
    #[TestWith(['#FFFFFF', '#FFFFFF'])]
    public function test_a_mended_colour_reaches_the_ratio(string $colour, string $ground): void
    {
        self::assertGreaterThanOrEqual(4.5, Contrast::ratio(Contrast::reaching(4.5, $colour, $ground), $ground));
    }
}
