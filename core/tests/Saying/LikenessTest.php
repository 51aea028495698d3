<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Saying;

use Lanai\Core\Findings\Contrast;
use Lanai\Core\Model\Asset;
use Lanai\Core\Saying\Hues;
use Lanai\Core\Saying\Likeness;
use Lanai\Core\Saying\Sayer;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The look of a picture, and what is proposed of it. */
final class LikenessTest extends TestCase
{
    private const SCRIPT = <<<'SCRIPT'
        app Boats

        asset Harbour is "abc.png"

        asset Notes is "notes.pdf"

        screen Quay, first
          Text "Quay"

        SCRIPT;

    /**
     * @param  array<string, int>  $parts  #RRGGBB => so many of a hundred
     * @return list<array{int, int, int}>
     */
    private static function pixels(array $parts): array
    {
        $pixels = [];
        foreach ($parts as $colour => $many) {
            [$r, $g, $b] = array_map(hexdec(...), str_split(ltrim($colour, '#'), 2));
            array_push($pixels, ...array_fill(0, $many, [(int) $r, (int) $g, (int) $b]));
        }

        return $pixels;
    }

    /** @return iterable<string, array{array<string, int>, float|null, string}> parts of a picture, the hue that stands out, how heavy it is */
    public static function pictures(): iterable
    {
        yield 'a red boat on a grey sea' => [['#9AA5AD' => 70, '#C8D0D4' => 20, '#B3261E' => 10], 3.0, 'calm'];
        yield 'a green mark on white' => [['#FFFFFF' => 85, '#1F7A4D' => 15], 150.0, 'calm'];
        yield 'a night with one lamp' => [['#0B0F14' => 95, '#F2B705' => 5], 45.0, 'bold'];
        yield 'much pale blue and a little orange' => [['#DCEBF5' => 80, '#E0671A' => 12, '#20242A' => 8], 23.0, 'balanced'];
        yield 'a few stray pixels do not stand out' => [['#2E6FB7' => 399, '#FF00FF' => 1], 212.0, 'calm'];
        yield 'black and white' => [['#FFFFFF' => 70, '#111111' => 30], null, 'bold'];
        yield 'nothing but one grey' => [['#777777' => 100], null, 'calm'];
    }

    /** @param  array<string, int>  $parts */
    #[DataProvider('pictures')]
    public function test_what_stands_out_is_the_main_colour(array $parts, ?float $hue, string $scale): void
    {
        $likeness = Likeness::of(self::pixels($parts)) ?? self::fail();
        [$h, $s] = Hues::parts($likeness->main);
        if ($hue === null) {
            self::assertLessThan(0.2, $s);
        } else {
            self::assertLessThan(12, min(abs($h - $hue), 360 - abs($h - $hue)), $likeness->main);
        }
        self::assertSame($scale, $likeness->scale);
        self::assertGreaterThan(0.9, Hues::parts($likeness->ground)[2]);
    }

    public function test_of_nothing_there_is_no_look(): void
    {
        self::assertNull(Likeness::of([]));
    }

    /** Whatever the picture: buttons and texts can be read (WCAG 2.2, 1.4.3 and 1.4.11). */
    public function test_what_is_proposed_can_be_read(): void
    {
        foreach (['#FFFF00', '#000000', '#FFFFFF', '#FF00FF', '#00FF00', '#808080', '#FDF6E3'] as $colour) {
            $sayer = new Sayer(null, fn (Asset $asset): array => self::pixels([$colour => 60, '#FAFAFA' => 40]));
            foreach (['make it look like the picture "Harbour"', 'take the colours of harbour', 'a look like Harbour'] as $saying) {
                $proposals = $sayer->hear(World::of(self::SCRIPT)->blueprint, $saying)[0]['understood']->proposals;
                $theme = ($proposals[0] ?? self::fail("$saying $colour"))->after->theme;
                self::assertGreaterThanOrEqual(4.5, Contrast::ratio($theme->onMain, $theme->main));
                self::assertGreaterThanOrEqual(3.0, Contrast::ratio($theme->main, $theme->background));
                self::assertGreaterThanOrEqual(4.5, Contrast::ratio($theme->text, $theme->background));
            }
        }
    }

    public function test_a_picture_becomes_the_icon_with_its_colours_or_without(): void
    {
        $sayer = new Sayer(null, fn (Asset $asset): array => self::pixels(['#FFFFFF' => 60, '#B3261E' => 40]));
        $proposals = $sayer->hear(World::of(self::SCRIPT)->blueprint, 'use Harbour as the icon')[0]['understood']->proposals;
        self::assertSame(['Harbour as the icon', 'Harbour as the icon, and its colours'], array_map(fn ($one): string => $one->label, $proposals));
        self::assertSame('abc.png', $proposals[0]->after->release->icon);
        self::assertNotSame($proposals[0]->after->theme->main, $proposals[1]->after->theme->main);
    }

    public function test_what_is_no_picture_is_not_looked_at(): void
    {
        $sayer = new Sayer(null, fn (Asset $asset): array => []);
        $blueprint = World::of(self::SCRIPT)->blueprint;
        $torn = $sayer->hear($blueprint, 'make it look like Harbour')[0]['understood'];
        self::assertStringContainsString('Nothing can be seen in “Harbour”', $torn->answer);
        self::assertSame([], $sayer->hear($blueprint, 'make it look like Notes')[0]['understood']->proposals);
        self::assertSame([], $sayer->hear($blueprint, 'use Nobody as the icon')[0]['understood']->proposals);
    }
}
