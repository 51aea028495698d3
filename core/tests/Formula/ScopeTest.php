<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Formula;

use Lanai\Core\Language\BlankSpot;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ScopeTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, string|null>}> a blank, and what names mean there */
    public static function places(): iterable
    {
        yield 'on a screen about nothing' => ['/screens/0/lines/1/text', ['me' => 'a Person', 'title' => null, 'this' => null, 'swim' => null]];
        yield 'in an item of a list' => ['/screens/0/lines/2/shows/0/formula', ['title' => 'a text', 'this' => 'a Swim', 'me' => 'a Person']];
        yield 'in the condition of a list' => ['/screens/0/lines/2/where', ['starts' => 'a date and time']];
        yield 'in the line’s own condition the items are not there' => ['/screens/0/lines/2/if', ['starts' => null]];
        yield 'on a screen about a row' => ['/screens/1/lines/1/text', ['swim' => 'a Swim', 'title' => null]];
        yield 'a row’s own field wins over the screen’s name' => ['/screens/1/lines/9/where', ['swim' => 'a Swim', 'booked' => 'a date and time']];
        yield 'in an effect of a button' => ['/screens/1/lines/6/tapped/1/with/0/value', ['swim' => 'a Swim', 'name' => null]];
        yield 'after a form is saved' => ['/screens/2/lines/1/saved/0/text', ['this' => 'a Swim']];
    }

    /** @param  array<string, string|null>  $meanings */
    #[DataProvider('places')]
    public function test_a_place_knows_its_names(string $at, array $meanings): void
    {
        foreach ($meanings as $name => $meaning) {
            self::assertSame($meaning, $this->blank($at)->scope->typeOf($name)?->inWords(), $name);
        }
    }

    public function test_an_assignment_wants_the_type_of_its_field(): void
    {
        self::assertSame('a Person', $this->blank('/screens/2/lines/1/with/0/value')->scope->wanted?->inWords());
        self::assertSame('a Swim', $this->blank('/screens/1/lines/6/tapped/1/with/0/value')->scope->wanted?->inWords());
        self::assertSame('a text', $this->blank('/screens/1/lines/6/tapped/1/with/0/value')->scope->inputs['name']->inWords());
    }

    public function test_every_blank_is_visited_once(): void
    {
        $places = array_map(fn (BlankSpot $b): string => $b->at, World::saltlark()->blueprint->walk()->blanks);

        self::assertSame($places, array_values(array_unique($places)));
    }

    private function blank(string $at): BlankSpot
    {
        return World::saltlark()->blueprint->walk()->blankAt($at) ?? self::fail("There is no blank at $at.");
    }
}
