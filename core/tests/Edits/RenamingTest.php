<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Edits;

use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RenamingTest extends TestCase
{
    private const SCRIPT = <<<'TXT'
    app A

    table Hens, each a Hen
      Name is a text
      Nest is one Nest

    table Nests, each a Nest
      Name is a text
      Keeper is one Hen

    screen Hen, about one Hen
      Text "{hen.name} in {hen.nest.name}, kept by {hen.nest.keeper.name}"
      Input Name is a text
      List of Nests where keeper == hen and name != input.name, by Name upward
        shows name as title
        shows keeper.name as note
        tapped:
          change this
            set Name = hen.name ~ " and " ~ this.name ~ " {name}"
      List of Hens where nest.name == "name" and this != screen.hen
        shows name as title
      Form for a new Hen asking Name, Nest

    TXT;

    /**
     * @return iterable<string, array{string, string, list<string>, list<string>}> what is renamed to what; what must stand there then, and what must
     *   not have changed
     */
    public static function renames(): iterable
    {
        yield 'a field, wherever a path leads to it' => [
            '/tables/0/fields/0/name',
            'Called',
            [
                '{hen.called} in {hen.nest.name}, kept by {hen.nest.keeper.called}',
                'shows keeper.called as note',
                'hen.called ~ " and " ~ this.name ~ " {name}"',
                'shows called as title',
                'asking Called, Nest',
                'Called is a text, stored as name',
            ],
            ['by Name upward', 'nest.name == "name"', 'input.name', 'set Name ='],
        ];
        yield 'a field of the same name in another table' => [
            '/tables/1/fields/0/name',
            'Label',
            [
                '{hen.name} in {hen.nest.label}',
                'by Label upward',
                'set Label = hen.name ~ " and " ~ this.label',
                'nest.label == "name"',
                'label != input.name',
            ],
            ['asking Name, Nest', 'keeper.name'],
        ];
        yield 'a link' => [
            '/tables/0/fields/1/name',
            'Home',
            ['hen.home.name', 'home.name == "name"', 'asking Name, Home'],
            ['table Nests, each a Nest', 'kept by'],
        ];
        yield 'what a row is called' => [
            '/tables/0/singular',
            'Bird',
            ['about one Bird', '{bird.name} in {bird.nest.name}', 'keeper == bird', 'this != screen.bird', 'Keeper is one Bird', 'Form for a new Bird'],
            ['table Hens', 'screen Hen,'],
        ];
        yield 'a table' => [
            '/tables/1/name',
            'Boxes',
            ['table Boxes, each a Nest, stored as nests', 'List of Boxes where'],
            ['Nest is one Nest', 'hen.nest.name'],
        ];
        yield 'a screen' => ['/screens/0/name', 'One hen', ['screen One hen, about one Hen'], ['each a Hen', '{hen.name}']];
        yield 'an input' => [
            '/screens/0/lines/1/name',
            'Part of it',
            ['Input "Part of it" is a text', 'name != input.partOfIt'],
            ['{hen.name}', 'by Name upward'],
        ];
        yield 'the app' => ['/name', 'Another', ['app Another'], ['table Hens']];
    }

    /**
     * @param  list<string>  $there
     * @param  list<string>  $kept
     */
    #[DataProvider('renames')]
    public function test_only_what_points_at_it_follows(string $at, string $name, array $there, array $kept): void
    {
        $script = (new Fill($at, $name))->on(Blueprint::fromScript(self::SCRIPT))->blueprint->script();

        foreach ([...$there, ...$kept] as $text) {
            self::assertStringContainsString($text, $script);
        }
    }

    public function test_a_second_rename_still_keeps_the_first_column(): void
    {
        $once = (new Fill('/tables/0/fields/0/name', 'Called'))->on(Blueprint::fromScript(self::SCRIPT))->blueprint;
        $twice = (new Fill('/tables/0/fields/0/name', 'Known as'))->on($once)->blueprint;

        self::assertSame('name', $twice->tables[0]->fields[0]->column());
        self::assertStringContainsString('"Known as" is a text, stored as name', $twice->script());
    }

    public function test_the_same_name_again_changes_nothing(): void
    {
        $before = Blueprint::fromScript(self::SCRIPT);

        self::assertSame(
            str_replace('Name is a text', 'Name is a text, stored as name', explode("\n\n", $before->script())[1]),
            explode("\n\n", (new Fill('/tables/0/fields/0/name', 'Name'))->on($before)->blueprint->script())[1],
        );
    }

    /** @return iterable<array{string, string}> */
    public static function refusals(): iterable
    {
        yield ['/tables/0/fields/0/name', ''];
        yield ['/tables/0/fields/0/name', '!?'];
        yield ['/tables/0/fields/0/name', str_repeat('x', 61)];
        yield ['/tables/0/fields/0/name', 'nest'];
        yield ['/tables/0/fields/0/name', 'ID'];
        yield ['/tables/0/name', 'NESTS'];
        yield ['/tables/0/singular', 'Nest'];
    }

    #[DataProvider('refusals')]
    public function test_a_name_that_cannot_be_is_refused(string $at, string $name): void
    {
        $this->expectException(EditRefused::class);

        (new Fill($at, $name))->on(Blueprint::fromScript(self::SCRIPT));
    }
}
