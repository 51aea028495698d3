<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Model;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ShapeTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function noBlueprints(): iterable
    {
        yield 'no name' => [['tables' => []]];
        yield 'a line of no kind' => [['name' => 'A', 'screens' => [['name' => 'S', 'lines' => [['text' => 'x']]]]]];
        yield 'a line of an unknown kind' => [['name' => 'A', 'screens' => [['name' => 'S', 'lines' => [['kind' => 'dance']]]]]];
        yield 'a list where a text is' => [['name' => ['A']]];
        yield 'a field without a type' => [['name' => 'A', 'tables' => [['name' => 'T', 'singular' => 'U', 'fields' => [['name' => 'F']]]]]];
    }

    /** @param  array<string, mixed>  $data */
    #[DataProvider('noBlueprints')]
    public function test_what_is_no_blueprint_is_not_read(array $data): void
    {
        $this->expectException(\UnexpectedValueException::class);

        Blueprint::fromData($data);
    }

    public function test_a_new_app_can_be_read_printed_and_run(): void
    {
        $blueprint = Blueprint::begin('Tide Table');

        self::assertSame('Start', $blueprint->firstScreen()?->name);
        self::assertSame($blueprint->script(), Blueprint::fromScript($blueprint->script())->script());
        self::assertSame([], World::of($blueprint->script())->show()['nodes']);
    }

    public function test_things_are_found_by_their_names_whatever_the_case(): void
    {
        $blueprint = World::saltlark()->blueprint;

        self::assertSame('Swims', $blueprint->table('SWIMS')?->name);
        self::assertSame('Swims', $blueprint->tableOfOne('swim')?->name);
        self::assertSame('People', $blueprint->peopleTable()?->name);
        self::assertSame('Upcoming', $blueprint->screen('upcoming')?->name);
        self::assertNull($blueprint->screen('nowhere'));
    }

    public function test_a_column_never_takes_the_place_of_the_rows_number(): void
    {
        $blueprint = Blueprint::fromScript("app A\ntable T, each a U\n  Id is a text");

        self::assertSame(['id_'], array_map(fn (Field $f): string => $f->column(), $blueprint->tables[0]->fields));
    }
}
