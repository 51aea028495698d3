<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Layout;

use Lanai\Core\Geometry\Device;
use Lanai\Core\Layout\Page;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where the parts of a page stand: facts of the design, in dp. Chromium's opinion is in tests/Browser/layout.spec.ts. */
final class PageTest extends TestCase
{
    private const PHONE = ['a phone', 390.0, 844.0];

    public function test_the_bar_the_page_and_the_tabs_share_the_screen(): void
    {
        $frames = $this->frames("  Text \"Hello\"\n\ntab S as \"Start\"\ntab S as \"Again\"\n");

        self::assertSame([0.0, 0.0, 390.0, 56.0], $this->box($frames, 'bar'));
        self::assertSame([0.0, 785.0, 390.0, 59.0], $this->box($frames, 'tabs'));
        self::assertSame([0.0, 56.0, 390.0, 729.0], $this->box($frames, 'main'));
        self::assertSame([16.0, 72.0, 358.0, 24.0], $this->box($frames, '/screens/0/lines/0'));
        self::assertSame(195.0, $this->box($frames, 'tabs/1')[2]);
    }

    public function test_the_system_keeps_its_room_at_the_top_and_bottom(): void
    {
        $frames = $this->frames("  Text \"Hello\"\n\ntab S as \"Start\"\n", new Device('a phone', 390, 844, 47, 34));

        self::assertSame([103.0, 751.0], [$this->box($frames, 'main')[1], $this->box($frames, 'tabs')[1]]);
    }

    public function test_what_is_pinned_stays_at_its_edge_at_its_distance(): void
    {
        $frames = $this->frames(
            "  Button \"Go\", pinned to the bottom, at a distance of 30\n    tapped:\n      go back\n  Text \"Above\", pinned to the top\n  Text \"Page\"\n",
        );

        self::assertSame([16.0, 764.0, 358.0, 50.0], $this->box($frames, '/screens/0/lines/0'));
        self::assertSame(68.0, $this->box($frames, '/screens/0/lines/1')[1]);
        self::assertSame([0.0, 104.0, 390.0, 648.0], $this->box($frames, 'main'));
    }

    public function test_a_button_floats_over_the_corner(): void
    {
        self::assertSame(
            [318.0, 712.0, 56.0, 56.0],
            $this->box($this->frames("  Floating button \"New\"\n    tapped:\n      go back\n"), '/screens/0/lines/0'),
        );
    }

    /** @return iterable<string, array{string, list<float>}> a line; x, y, width and height of its frame */
    public static function lines(): iterable
    {
        yield 'a heading has room above' => ['Heading "Hi"', [16, 80, 358, 26]];
        yield 'small text' => ['Text "Hi", small', [16, 72, 358, 20]];
        yield 'a wide picture' => ['Picture of null', [16, 72, 358, 223.75]];
        yield 'a square of a third' => ['Picture of null, shaped square, at width 33 %', [16, 72, 118.14, 118.14]];
        yield 'a banner' => ['Picture of null, shaped a banner', [16, 72, 358, 119.33]];
        yield 'a portrait' => ['Picture of null, shaped round', [16, 72, 96, 96]];
        yield 'a fixed height' => ['Picture of null, at height 120 dp', [16, 72, 358, 120]];
        yield 'half of the page, in the middle' => ["Button \"Hi\", at width 50 %, in the middle\n    tapped:\n      go back", [105.5, 72, 179, 50]];
        yield 'a divider' => ['Divider', [16, 76, 358, 1]];
        yield 'a space' => ['Space of 33', [16, 72, 358, 33]];
        yield 'a link as wide as its words' => ["Link \"More\"\n    tapped:\n      go back", [16, 72, 37.36, 48]];
        yield 'an input with its label' => ['Input Name is a text', [16, 72, 358, 74]];
        yield 'an input with help' => ['Input Name is a text, help "As on the list"', [16, 72, 358, 98]];
        yield 'a long text' => ['Input Name is a long text', [16, 72, 358, 130]];
        yield 'a switch' => ['Input Name is yes or no', [16, 72, 358, 48]];
        yield 'a web page' => ['Web page at "https://example.org"', [16, 72, 358, 320]];
        yield 'a video' => ['Video at "https://example.org/a.mp4"', [16, 72, 358, 201.38]];
        yield 'a sound' => ['Sound at "https://example.org/a.mp3"', [16, 72, 358, 82]];
        yield 'a menu' => ["Menu \"More\"\n    entry \"a\"\n      tapped:\n        go back", [16, 72, 358, 50]];
        yield 'a closed fold' => ["Fold \"More\"\n    Text \"in it\"", [16, 72, 358, 57]];
        yield 'an open fold' => ["Fold \"More\", open at first\n    Text \"in it\"", [16, 72, 358, 91]];
        yield 'a card' => ["Card\n    Text \"in it\"\n    Text \"and this\"", [16, 72, 358, 90]];
        // The page has 844 dp, of which 56 are the bar's and 48 its own edges; the highest page, dots, two buttons, and 12 between them.
        yield 'pages' => ["Pages\n    page\n      Text \"in it\"\n    page\n      Space of 400", [16, 72, 358, 400 + 12 + 24]];
        yield 'one page' => ["Pages\n    page\n      Text \"in it\"", [16, 72, 358, 24]];
        yield 'pages that fill the page' => [
            "Pages, ending with \"On\", which may be skipped\n    page\n      Text \"in it\"\n    page\n      Text \"and this\"",
            [16, 72, 358, 844 - 56 - 48],
        ];
        yield 'sections' => ["Sections\n    section \"a\"\n      Text \"in it\"\n    section \"b\"\n      Space of 400", [16, 72, 358, 94]];
    }

    /** @param  list<float>  $expected */
    #[DataProvider('lines')]
    public function test_a_line_has_its_place_and_size(string $line, array $expected): void
    {
        $box = $this->box($this->frames("  $line\n"), '/screens/0/lines/0');

        foreach ($expected as $i => $value) {
            self::assertEqualsWithDelta($value, $box[$i], 0.01, "$line: ".implode(' ', $box));
        }
    }

    public function test_columns_share_their_room_and_stand_below_each_other_with_large_text(): void
    {
        $lines = "  Columns\n    Text \"a\"\n    Text \"b\"\n    Icon button heart, described as \"c\"\n      tapped:\n        go back\n";
        $frames = $this->frames($lines);
        $large = $this->frames($lines, (new Device(...self::PHONE))->reading(2));

        self::assertSame(
            [[16.0, 143.0], [171.0, 143.0], [326.0, 48.0]],
            array_map(fn (int $i): array => [$this->box($frames, "/screens/0/lines/0/lines/$i")[0], $this->box($frames, "/screens/0/lines/0/lines/$i")[2]], [
                0,
                1,
                2,
            ]),
        );
        self::assertSame([358.0, 132.0], [$this->box($large, '/screens/0/lines/0/lines/1')[2], $this->box($large, '/screens/0/lines/0/lines/1')[1]]);
    }

    public function test_on_wide_screens_the_page_keeps_to_the_middle(): void
    {
        self::assertSame(
            [200.0, 72.0, 880.0, 24.0],
            $this->box($this->frames("  Text \"Hello\"\n", new Device('a tablet', 1280, 800)), '/screens/0/lines/0'),
        );
    }

    public function test_a_full_screen_has_neither_bar_nor_tabs(): void
    {
        $frames = $this->frames("  Text \"Hello\"\n\ntab S as \"Start\"\n", first: ', full screen');

        self::assertSame([0.0, 0.0, 390.0, 844.0], $this->box($frames, 'main'));
        self::assertArrayNotHasKey('tabs', $frames);
    }

    /** @return array<string, array{float, float, float, float}> */
    private function frames(string $lines, ?Device $device = null, string $first = ''): array
    {
        $device ??= new Device(...self::PHONE);
        $view = World::of("app X\n\nscreen S, first$first\n$lines")->show();
        $frames = [];
        foreach (Page::frames($view, $device)->all() as $frame) {
            $frames[$frame->box->key] = [round($frame->x, 2), round($frame->y, 2), round($frame->width, 2), round($frame->height, 2)];
        }

        return $frames;
    }

    /**
     * @param  array<string, array{float, float, float, float}>  $frames
     * @return array{float, float, float, float}
     */
    private function box(array $frames, string $key): array
    {
        return $frames[$key] ?? self::fail("$key is not among ".implode(', ', array_keys($frames)));
    }

    public function test_a_large_title_stands_on_the_page_and_one_over_the_picture_takes_no_room(): void
    {
        $lines = "  Picture of null\n  Text \"a\"\n";
        $app = fn (string $clause): array => $this->frames($lines, first: $clause);

        // Below the bar and the page's own edge, 36 dp of a title, and the gap of the look.
        self::assertSame([16.0, 56.0 + 16 + 36 + 14], array_slice($this->box($app(', its title large'), '/screens/0/lines/0'), 0, 2));
        $over = $app(', its title over the picture');
        self::assertSame([0.0, 0.0, 390.0, 243.75], $this->box($over, '/screens/0/lines/0'));
        self::assertSame([16.0, 243.75 + 14], array_slice($this->box($over, '/screens/0/lines/1'), 0, 2));
        self::assertSame(72.0, $this->box($this->frames("  Text \"a\"\n", first: ', its title over the picture'), '/screens/0/lines/0')[1]);
    }
}
