<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\FromWords;
use App\Models\Founder;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Query\Query;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Apps that are built from a paragraph in which something can be had by a few only, while fifty people tap at the same time. */
final class BuiltBookingsTest extends TestCase
{
    private const PEOPLE = 50;

    private const PROCESSES = 10;

    #[
        TestWith(
            ['There are walks with a title, a date, a time and up to 12 seats. Members book a walk and can cancel it.', 'Walks', 'seats', 'Book a place', 7],
        ),
    ]
    #[TestWith(['An evening has a title and up to 30 places. People join evenings.', 'Evenings', 'places', 'Book a place', 1])]
    public function test_no_more_are_in_than_there_is_room_for(string $text, string $things, string $places, string $button, int $room): void
    {
        $app = app(FromWords::class)->begin(Founder::query()->findOrFail($this->stranger()->id), 'Trial', $text);
        $blueprint = $app->revision->read();
        $store = (new EloquentRecordStore($app, DataSet::Sandbox, $blueprint))->whole();
        $table = $blueprint->table($things) ?? self::fail();
        $people = $blueprint->peopleTable() ?? self::fail();
        $thing = $store->rows(new Query($table, limit: 1))[0]->id;
        $taken = count($this->bookings($store, $blueprint));
        $store->change($table, $thing, [$places => $room]);
        $ids = array_map(fn (int $n): int => $store->add($people, ['name' => "Person $n"]), range(1, self::PEOPLE));
        file_put_contents($this->folder().'/blueprint.json', json_encode($blueprint->data()));
        [$screen, $at] = $this->place($blueprint, $button);

        $each = intdiv(self::PEOPLE, self::PROCESSES);
        $taps = array_map(function (int $n) use ($app, $thing, $screen, $at, $ids, $each): Process {
            $of = [$screen, (string) $thing, $at, (string) $ids[$n * $each], (string) $ids[$n * $each + $each - 1]];
            $tap = new Process([PHP_BINARY, __DIR__.'/../Support/book.php', $this->folder(), (string) $app->id, ...$of], base_path());
            $tap->start();

            return $tap;
        }, range(0, self::PROCESSES - 1));
        $in = $refused = 0;
        foreach ($taps as $tap) {
            $tap->wait();
            $said = json_decode($tap->getOutput(), true) ?? self::fail($tap->getOutput().$tap->getErrorOutput());
            $in += $said['in'];
            $refused += $said['refused'];
        }

        self::assertSame([$room, self::PEOPLE - $room], [$in, $refused]);
        self::assertSame(0, $store->byIds($table, [$thing])[$thing]->values[$places]);
        self::assertCount($taken + $room, $this->bookings($store, $blueprint));
    }

    /** @return list<Row> */
    private function bookings(EloquentRecordStore $store, Blueprint $blueprint): array
    {
        return $store->rows(new Query($blueprint->table('Bookings') ?? self::fail(), limit: 500));
    }

    /** @return array{string, string} the screen on which a button stands, and where */
    private function place(Blueprint $blueprint, string $button): array
    {
        foreach ($blueprint->data()['screens'] as $i => $screen) {
            foreach ($screen['lines'] as $n => $line) {
                if (($line['label'] ?? '') === $button) {
                    return [$blueprint->screens[$i]->slug(), "/screens/$i/lines/$n"];
                }
            }
        }
        self::fail("There is no button “{$button}”.");
    }
}
