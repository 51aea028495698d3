<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Play;

use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Edits\Uses;
use Lanai\Core\Tests\Support\World;
use Lanai\Core\Values\Place;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MoreLinesTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>}> a line; what its node says */
    public static function nodes(): iterable
    {
        yield 'a place' => [
            'Map of first(coves).lies, saying "{first(coves).name}"',
            ['place' => ['latitude' => 50.1, 'longitude' => -5.2], 'text' => 'Bay'],
        ];
        yield 'no place' => ['Map of null', ['place' => null, 'text' => '']];
        yield 'a page of the web' => [
            'Web page at "https://example.org/a?b=c", called "Tides"',
            ['address' => 'https://example.org/a?b=c', 'title' => 'Tides'],
        ];
        yield 'a page that would run script' => ['Web page at "javascript:alert(1)"', ['address' => '', 'title' => 'Web page']];
        yield 'a page that is data' => ['Web page at "data:text/html,x"', ['address' => '']];
        yield 'a video' => ['Video at "https://example.org/a.mp4"', ['media' => 'https://example.org/a.mp4', 'title' => 'Video']];
        yield 'a file that the app keeps' => ['Sound at asset.bell, called "Bell"', ['media' => str_repeat('ab', 32).'.mp3', 'title' => 'Bell']];
        yield 'a path of the server' => ['Sound at "../../etc/passwd"', ['media' => '']];
        yield 'an icon button' => [
            'Icon button heart, described as "Like {first(coves).name}", marked',
            ['icon' => 'heart', 'alt' => 'Like Bay', 'marked' => true],
        ];
        yield 'a floating button' => ['Floating button "New"', ['label' => 'New', 'icon' => 'plus']];
        yield 'a link' => ['Link "{count(coves)} more"', ['label' => '1 more']];
        yield 'a picture of an asset' => [
            'Picture of asset.logo, described as "L", shaped round, shown whole',
            ['picture' => str_repeat('cd', 32).'.png', 'shape' => 'round', 'whole' => true],
        ];
        yield 'a picture of the web' => [
            'Picture of picture("https://example.org/a.png"), described as "L"',
            ['picture' => 'https://example.org/a.png', 'shape' => 'wide'],
        ];
        yield 'a picture that is none' => ['Picture of picture("javascript:1")', ['picture' => '']];
        yield 'a text with emphasis' => [
            'Text "*{first(coves).name}* is _calm_", with emphasis',
            [
                'text' => '*Bay* is _calm_',
                'runs' => [
                    ['text' => 'Bay', 'strong' => true, 'slanted' => false],
                    ['text' => ' is ', 'strong' => false, 'slanted' => false],
                    ['text' => 'calm', 'strong' => false, 'slanted' => true],
                ],
            ],
        ];
        yield 'a form of one question at a time' => ['Form for a new Cove asking Name, Lies, one question at a time', ['oneByOne' => true]];
    }

    /** @param  array<string, mixed>  $expected */
    #[DataProvider('nodes')]
    public function test_a_line_draws_what_it_says(string $line, array $expected): void
    {
        $node = $this->world($line)->show()['nodes'][0];

        self::assertSame($expected, array_intersect_key($node, $expected));
    }

    public function test_a_line_without_effects_does_nothing_when_it_is_tapped(): void
    {
        self::assertSame('Nothing happens here yet.', $this->world('Link "More"')->tap('s', 0)->refused);
    }

    public function test_what_is_renamed_is_followed_by_all_that_call_it(): void
    {
        $app = $this->world(
            "Picture of asset.logo, described as \"x\"\n  Text \"{app.unit}\"\n    tapped:\n      set value Unit to app.unit\n"
                ."      do Note with first(coves)\n      open sheet Choices\n  Piece Head with first(coves)\n  Sheet Choices\n    Text \"a\"",
        )->blueprint;
        foreach (
            [
                '/assets/1/name' => ['Sign', 'Picture of asset.sign'],
                '/values/0/name' => ['Measure', 'set value Measure to app.measure'],
                '/routines/0/name' => ['Keep', 'do Keep with'],
                '/pieces/0/name' => ['Top', 'Piece Top with'],
                '/pieces/0/taking/0/name' => ['Place', '"{place.name}"'],
                '/screens/0/lines/3/name' => ['More', 'open sheet More'],
            ] as $at => [$name, $words]
        ) {
            self::assertStringContainsString($words, (new Fill($at, $name))->on($app)->blueprint->script(), $at);
        }
        self::assertSame(['Text "{app.unit}"', 'set value Unit to app.unit'], array_column(Uses::of($app, '/values/0'), 'sentence'));
    }

    private function world(string $line): World
    {
        $world = World::of(
            "app X\n\ntable Coves, each a Cove\n  Name is a text\n  Lies is a place\n\nvalue Unit is a text, at first \"km\"\n\nasset Bell is \"".
                str_repeat('ab', 32).
                ".mp3\"\n\nasset Logo is \"".
                str_repeat('cd', 32).
                ".png\"\n\nscreen S, first\n  $line\n\npiece Head taking Cove is one Cove\n  Text \"{cove.name}\"\n\n"
                    ."routine Note taking Cove is one Cove\n  say \"{cove.name}\"\n",
        );
        $world->add('Coves', ['name' => 'Bay', 'lies' => Place::of('50.1, -5.2')]);

        return $world;
    }
}
