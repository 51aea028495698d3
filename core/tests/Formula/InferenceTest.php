<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Formula;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Type;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class InferenceTest extends TestCase
{
    /** @return iterable<array{string, string}> */
    public static function types(): iterable
    {
        yield ['title', 'a text'];
        yield ['spot', 'a Spot'];
        yield ['spot.water', 'a number'];
        yield ['swim.spot.name', 'a text'];
        yield ['places - 1', 'a whole number'];
        yield ['places / 2', 'a number'];
        yield ['places > 0 and starts > now()', 'yes or no'];
        yield ['me == host', 'yes or no'];
        yield ['title ?? "none"', 'a text'];
        yield ['places > 1 ? "many" : "few"', 'a text'];
        yield ['spot.photo', 'a picture'];
        yield ['input.howMany + 1', 'a whole number'];
        yield ['plural(places, "place", "places")', 'a text'];
        yield ['title in ["a", "b"]', 'yes or no'];
        yield ['screen.swim.title', 'a text'];
    }

    #[DataProvider('types')]
    public function test_every_formula_has_a_type(string $formula, string $type): void
    {
        self::assertSame($type, Formula::of($formula)->typeIn(self::scope())->inWords());
    }

    /** @return iterable<array{string, int, string, string|null}> formula, position, part of the sentence, mended formula */
    public static function mistakes(): iterable
    {
        yield ['titel', 0, 'Did you mean “title”?', 'title'];
        yield ['spot.nam', 5, 'Spots has no field called “nam”. Did you mean “name”?', 'spot.name'];
        yield ['1 + title', 2, 'needs a number', '1 + number(title)'];
        yield ['title - 1 > 0', 6, '“title” is a text', 'number(title) - 1 > 0'];
        yield ['places > "3"', 7, 'compares a whole number with a text', 'places > number("3")'];
        yield ['host == spot', 5, 'never alike', null];
        yield ['uper(title)', 0, 'Did you mean “upper”?', 'upper(title)'];
        yield ['upper(title, 1)', 0, 'takes one value, not 2', null];
        yield ['now > starts', 0, 'Write now() to call the function', 'now() > starts'];
        yield ['title.name', 6, 'only a row has parts', null];
        yield ['places and true', 7, 'needs yes or no', null];
        yield ['input.age', 6, 'There is no input called “age”', null];
        yield ['(places', 0, 'opened here and not closed', null];
        yield ['places +', 8, 'stops too early', null];
    }

    #[DataProvider('mistakes')]
    public function test_a_mistake_has_a_place_plain_words_and_a_mend(string $formula, int $position, string $words, ?string $mended): void
    {
        try {
            Formula::of($formula)->typeIn(self::scope());
            self::fail('Nothing was wrong with it.');
        } catch (FormulaMistake $mistake) {
            self::assertStringContainsString($words, $mistake->getMessage());
            self::assertSame([$position, $mended], [$mistake->position, $mistake->mended], $mistake->getMessage());
        }
    }

    private static function scope(): Scope
    {
        $blueprint = World::saltlark()->blueprint;

        return Scope::of($blueprint)
            ->with(['swim' => Type::row('Swim')])
            ->asking(['howMany' => Type::of(\Lanai\Core\Formula\Kind::Whole)])
            ->inRow($blueprint->table('Swims'));
    }
}
