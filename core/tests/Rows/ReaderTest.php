<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Rows;

use Lanai\Core\Model\Row;
use Lanai\Core\Rows\NoRows;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

final class ReaderTest extends TestCase
{
    private World $world;

    private int $swim;

    protected function setUp(): void
    {
        $this->world = World::saltlark();
        $spot = $this->world->add('Spots', ['name' => 'Cove']);
        $this->swim = $this->world->add('Swims', ['title' => 'Dip', 'spot' => $spot, 'places' => 3]);
        $ines = $this->world->add('People', ['name' => 'Ines', 'favourite_spots' => [$spot]]);
        $this->world->add('Bookings', ['swim' => $this->swim, 'person' => $ines, 'name' => 'Ines']);
        $this->world->add('Bookings', ['swim' => $this->swim, 'name' => 'Guest']);
    }

    public function test_a_row_has_its_fields_and_what_links_to_it(): void
    {
        $reader = new Reader($this->world->store);
        $swim = $this->row('Swim', $this->swim);

        self::assertSame(
            [true, true, true, false],
            [$reader->has($swim, 'title'), $reader->has($swim, 'bookings'), $reader->has($swim, 'booked'), $reader->has($swim, 'people')],
        );
        self::assertSame(['Ines', 'Guest'], $this->names($reader->linked($swim, 'bookings')));
        self::assertNull($reader->linked($swim, 'title'));
    }

    public function test_links_to_many_are_followed_from_both_ends(): void
    {
        $reader = new Reader($this->world->store);

        self::assertSame(['Cove'], $this->names($reader->linked($this->row('Person', 3), 'favouriteSpots')));
        self::assertSame(['Ines'], $this->names($reader->linked($this->row('Spot', 1), 'people')));
    }

    public function test_whole_tables_are_read_by_their_names(): void
    {
        $reader = new Reader($this->world->store);

        self::assertSame(['Dip'], $this->names($reader->all('swims')));
        self::assertNull($reader->all('nothing'));
    }

    public function test_what_was_read_is_kept_until_it_is_forgotten(): void
    {
        $reader = new Reader($this->world->store);
        $swim = $this->row('Swim', $this->swim);
        $reader->linked($swim, 'bookings');
        $this->world->add('Bookings', ['swim' => $this->swim, 'name' => 'Late']);
        self::assertCount(2, $reader->linked($swim, 'bookings') ?? []);
        $reader->forget();

        self::assertCount(3, $reader->linked($swim, 'bookings') ?? []);
    }

    public function test_where_there_are_no_rows_nothing_is_found(): void
    {
        $none = new NoRows();
        $swim = $this->row('Swim', $this->swim);

        self::assertSame(
            [null, null, false, null, null],
            [$none->blueprint(), $none->row('Swim', 1), $none->has($swim, 'title'), $none->linked($swim, 'bookings'), $none->all('swims')],
        );
    }

    private function row(string $one, int $id): Row
    {
        return (new Reader($this->world->store))->row($one, $id) ?? self::fail("$one $id");
    }

    /**
     * @param  list<Row>|null  $rows
     * @return list<string>
     */
    private function names(?array $rows): array
    {
        return array_map(fn (Row $row): string => $row->label(), $rows ?? self::fail('No list.'));
    }
}
