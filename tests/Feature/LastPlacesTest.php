<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\Term;
use Symfony\Component\Process\Process;
use Tests\TestCase;

final class LastPlacesTest extends TestCase
{
    /** 200 people tap for the last 20 places: 20 processes at the same time, each with a connection of its own. */
    public function test_twenty_places_are_sold_twenty_times_however_many_tap(): void
    {
        $app = $this->demo();
        $blueprint = $app->revision->read();
        $store = new EloquentRecordStore($app, DataSet::Sandbox, $blueprint);
        $swims = $blueprint->table('Swims') ?? self::fail('Swims');
        $store->change($swims, 1, ['places' => 20]);
        file_put_contents($this->folder().'/blueprint.json', json_encode($blueprint->data()));

        $taps = array_map(function (int $n) use ($app): Process {
            $tap = new Process([PHP_BINARY, __DIR__.'/../Support/tap.php', $this->folder(), (string) $app->id, "Swimmer $n", '10'], base_path());
            $tap->start();

            return $tap;
        }, range(1, 20));
        $in = $refused = 0;
        foreach ($taps as $tap) {
            $tap->wait();
            $said = json_decode($tap->getOutput(), true) ?? self::fail($tap->getOutput().$tap->getErrorOutput());
            $in += $said['in'];
            $refused += $said['refused'];
        }

        self::assertSame([20, 180], [$in, $refused]);
        self::assertSame(0, $store->byIds($swims, [1])[1]->values['places']);
        self::assertSame(
            2 + 20,
            $store->count(
                new Query(
                    $blueprint->table('Bookings') ?? self::fail('Bookings'),
                    Term::operator(
                        '==',
                        Type::of(Kind::YesNo),
                        Term::column(0, $blueprint->table('Bookings')->fields[0]),
                        Term::value(1, Type::of(Kind::Whole)),
                    ),
                ),
            ),
        );
    }
}
