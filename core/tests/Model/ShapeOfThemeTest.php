<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Model;

use Lanai\Core\Findings\Pairs;
use Lanai\Core\Geometry\Device;
use Lanai\Core\Geometry\Frame;
use Lanai\Core\Layout\Page;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Theme;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

final class ShapeOfThemeTest extends TestCase
{
    public function test_a_theme_says_what_the_device_needs(): void
    {
        $plain = Blueprint::fromScript("app X\n\nscreen S, first\n")->theme->drawn();
        $theme = Blueprint::fromScript(
            "app X\n\ntheme, also in the dark\n  corners are 4\n  density is compact\n  headings are bold\n  in the dark the background is #101010\n"
                ."\nscreen S, first\n",
        )->theme->drawn();

        self::assertSame([16, 'comfortable', 'balanced', null], [$plain['corner'], $plain['density'], $plain['scale'], $plain['dark']]);
        self::assertSame(
            [4, 'compact', 'bold', '#101010', Theme::DARK['text']],
            [$theme['corner'], $theme['density'], $theme['scale'], $theme['dark']['background'], $theme['dark']['text']],
        );
    }

    public function test_density_and_headings_change_the_layout(): void
    {
        $height = fn (string $theme): float => array_sum(
            array_map(
                fn (Frame $f): float => $f->box->key === '/screens/0/lines/2' ? $f->y : 0,
                iterator_to_array(
                    Page::frames(
                        World::of("app X\n\ntheme\n$theme\nscreen S, first\n  Heading \"a\"\n  Text \"b\"\n  Text \"c\"\n")->show(),
                        new Device('a phone', 390, 844),
                    )->all(),
                    false,
                ),
            ),
        );

        self::assertSame(
            [12.0, -8.0, 4.0, -2.0],
            [
                $height("  density is airy\n") - $height(''),
                $height("  density is compact\n") - $height(''),
                $height("  headings are bold\n") - $height(''),
                $height("  headings are calm\n") - $height(''),
            ],
        );
    }

    public function test_colours_in_the_dark_that_are_not_said_can_be_read(): void
    {
        foreach (Pairs::of(Theme::DARK) as $pair) {
            self::assertGreaterThanOrEqual($pair['least'], $pair['ratio'], $pair['where']);
        }
        foreach (Pairs::of((new Theme())->byDay()) as $pair) {
            self::assertGreaterThanOrEqual($pair['least'], $pair['ratio'], $pair['where']);
        }
    }

    public function test_what_stands_flat_among_the_keys_of_a_node_is_shaped_into_its_own_object(): void
    {
        $line = Blueprint::fromScript("app X\n\nscreen S, first\n  Text \"a\", if 1 < 2, at width 50 %, pinned to the top\n")->screens[0]->lines()[0];

        self::assertSame(['1 < 2', '50 %', 'top', null], [$line->placing()->if, $line->placing()->width, $line->placing()->pin, $line->placing()->distance]);
        self::assertSame(
            ['kind', 'text', 'if', 'width', 'pin'],
            array_keys(
                Blueprint::fromScript("app X\n\nscreen S, first\n  Text \"a\", if 1 < 2, at width 50 %, pinned to the top\n")->data()['screens'][0][
                    'lines'
                ][0],
            ),
        );
    }
}
