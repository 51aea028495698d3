<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use App\Packaging\IconPainter;
use GdImage;
use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Release\IconLetter;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class IconsTest extends TestCase
{
    #[TestWith(['S'])]
    #[TestWith(['W'])]
    #[TestWith(['g'])]
    #[TestWith(['Ä'])]
    #[TestWith(['i'])]
    #[TestWith(['42'])]
    #[TestWith(['Ж'])]
    #[TestWith(['Ł'])]
    #[TestWith(['Ω'])]
    public function test_the_letter_stands_in_the_middle_and_is_large_enough_to_see(string $letter): void
    {
        $box = $this->drawn($this->painted($letter, 0.9));

        self::assertEqualsWithDelta(96, ($box['left'] + $box['right']) / 2, 3, 'across');
        self::assertEqualsWithDelta(96, ($box['top'] + $box['bottom']) / 2, 3, 'down');
        self::assertGreaterThan(192 * 0.45, max($box['right'] - $box['left'], $box['bottom'] - $box['top']));
    }

    /** W3C Web Application Manifest: the safe zone of a maskable icon is a circle in its middle with a radius of 40 % of its side. */
    #[TestWith(['S'])]
    #[TestWith(['W'])]
    #[TestWith(['42'])]
    public function test_a_maskable_icon_keeps_its_letter_in_the_safe_zone(string $letter): void
    {
        $box = $this->drawn($this->painted($letter, 0.7));
        $reach = max(hypot($box['left'] - 96, $box['top'] - 96), hypot($box['right'] - 96, $box['bottom'] - 96));

        self::assertLessThanOrEqual(192 * 0.4, $reach);
    }

    public function test_an_adaptive_foreground_stands_on_nothing(): void
    {
        $image = imagecreatefromstring($this->painter('S')->png(108, 0.58, false)) ?: self::fail('No picture.');

        self::assertSame(127, imagecolorsforindex($image, (int) imagecolorat($image, 2, 2))['alpha']);
    }

    private function painted(string $letter, float $share): GdImage
    {
        return imagecreatefromstring($this->painter($letter)->png(192, $share)) ?: self::fail('No picture.');
    }

    private function painter(string $letter): IconPainter
    {
        $app = new App;
        $app->id = 5;

        return new IconPainter($app, (new Fill('/release/letter', $letter))->on(Blueprint::begin('Test'))->blueprint);
    }

    /** @return array{left: int, right: int, top: int, bottom: int} where anything but the ground is drawn */
    private function drawn(GdImage $image): array
    {
        $ground = imagecolorat($image, 0, 0);
        [$xs, $ys] = [[], []];
        for ($y = 0; $y < imagesy($image); $y++) {
            for ($x = 0; $x < imagesx($image); $x++) {
                if (imagecolorat($image, $x, $y) !== $ground) {
                    [$xs[], $ys[]] = [$x, $y];
                }
            }
        }
        if ($xs === [] || $ys === []) {
            self::fail('Nothing is drawn.');
        }

        return ['left' => min($xs), 'right' => max($xs), 'top' => min($ys), 'bottom' => max($ys)];
    }

    /** No sign for a letter that is missing: a plain ground, or the first letter of the name that there is. */
    public function test_a_letter_that_is_not_in_the_font_is_not_drawn_at_all(): void
    {
        self::assertSame('', IconLetter::of('نحل'));
        self::assertSame('B', IconLetter::of('نحل & bees'));
        $plain = imagecreatefromstring((new IconPainter(new App(), Blueprint::fromScript("app A\n\nrelease\n  icon letter is \"ن\"\n")))->png(48, 0.9));
        self::assertNotFalse($plain);
        $colours = [];
        for ($i = 0; $i < 48 * 48; $i++) {
            $colours[imagecolorat($plain, $i % 48, intdiv($i, 48))] = true;
        }
        self::assertCount(1, $colours);
    }
}
