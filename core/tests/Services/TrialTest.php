<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Services;

use Lanai\Core\Data\RowCheck;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Play\Scene;
use Lanai\Core\Play\Trail;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Services\Call;
use Lanai\Core\Services\InStep;
use Lanai\Core\Services\PictureFromWords;
use Lanai\Core\Tests\Support\InMemoryRecordStore;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

/** What a founder sees who tries a request: the call with what was typed, a table as it would be kept in step, what pictures will cost. */
final class TrialTest extends TestCase
{
    private const APP = <<<'SCRIPT'
    app Tides

    table Spots, each a Spot
      Name is a text
      Code is a text, no two alike
      Celsius is a decimal

    service Almanac is at "https://almanac.example"
      request Day is GET "/spots/{code}/days/{number}"
        takes Code is a text, at first "cove", tried with "kelp"
        takes Number is a whole number, at first 1 + 1

    service Painter is at "https://painter.example", priced in USD
      price with "brush" is 0.02 for a picture
      picture Badge from "brush"
        of: "A badge"
    SCRIPT;

    public function test_what_is_not_typed_is_what_it_is_tried_with_else_what_it_is_at_first(): void
    {
        $url = fn (array $typed): string => $this->call($typed)->message->url;

        self::assertSame('https://almanac.example/spots/kelp/days/2', $url([]));
        self::assertSame('https://almanac.example/spots/kelp/days/2', $url(['code' => '', 'number' => '']));
        self::assertSame('https://almanac.example/spots/weir/days/7', $url(['code' => 'weir', 'number' => '7']));
    }

    public function test_a_value_that_cannot_be_read_is_told_with_its_name(): void
    {
        $this->expectException(UnreadableValue::class);
        $this->expectExceptionMessage('Number: “many” is not a whole number.');

        $this->call(['number' => 'many']);
    }

    public function test_a_table_to_be_kept_in_step_is_told_in_words_first(): void
    {
        [$blueprint, $scene, $store] = $this->world();
        $table = $blueprint->table('Spots') ?? self::fail();
        $store->add($table, ['name' => 'Cove', 'code' => 'a', 'celsius' => 13.0]);
        $store->add($table, ['name' => 'Gone', 'code' => 'b']);
        $rows = array_map(fn (array $values): Row => new Row($table, 0, $values), [
            ['name' => 'Cove', 'code' => 'a', 'celsius' => null],
            ['name' => 'New', 'code' => 'c', 'celsius' => null],
        ]);

        self::assertSame(
            ['added' => 1, 'changed' => 1, 'gone' => 1, 'same' => 0, 'lines' => ['New: Name: New, Code: c', 'Cove: Celsius: nothing'], 'wrong' => []],
            InStep::plan($table, 'Code', $rows, [], $scene, new RowCheck($store, World::moment(), null))->told($table),
        );
    }

    public function test_many_changes_are_counted_and_the_first_are_told(): void
    {
        [$blueprint, $scene, $store] = $this->world();
        $table = $blueprint->table('Spots') ?? self::fail();
        $rows = array_map(fn (int $i): Row => new Row($table, 0, ['name' => "Spot $i", 'code' => "c$i", 'celsius' => null]), range(1, 9));
        $told = InStep::plan($table, 'Code', $rows, [], $scene, new RowCheck($store, World::moment(), null))->told($table);

        self::assertSame([9, 8], [$told['added'], count($told['lines'])]);
    }

    public function test_what_pictures_cost_and_take_grows_with_their_number_and_their_pixels(): void
    {
        [$service, $badge] = Call::asked(Blueprint::fromScript(self::APP), 'Badge') ?? self::fail();
        self::assertInstanceOf(PictureFromWords::class, $badge);
        [$small, , $large] = $badge->forecast($service, 0.01);

        self::assertSame(['0.02 USD', '0.04 USD', '0.06 USD', '0.08 USD'], $small['costs']);
        self::assertSame(['0.7 s', '10.5 s'], [$small['seconds'][0], $large['seconds'][0]]);
        self::assertSame(['', '', '', ''], $badge->forecast($service, null)[0]['seconds'], 'Nothing is known before one was drawn.');
    }

    /** @param  array<string, mixed>  $typed */
    private function call(array $typed): Call
    {
        [$blueprint, $scene] = $this->world();
        [$service, $asked] = Call::asked($blueprint, 'Day') ?? self::fail();

        return Call::tried($service, $asked, $typed, $scene, 'https://almanac.example');
    }

    /** @return array{Blueprint, Scene, InMemoryRecordStore} */
    private function world(): array
    {
        $blueprint = Blueprint::fromScript(self::APP);
        $store = new InMemoryRecordStore($blueprint);

        return [$blueprint, new Scene($blueprint, $store, new Reader($store), World::moment(), Trail::none()), $store];
    }
}
