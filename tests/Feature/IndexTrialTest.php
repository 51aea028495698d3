<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Records\IndexChoice;
use App\Records\IndexTrial;
use App\Records\SchemaFollower;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Storage\Indexes;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Where there are many rows, SQLite itself says on a sample of them which index serves a list. */
final class IndexTrialTest extends TestCase
{
    /** One in 40,000 is open, all start later, half are cheap; the spot "Cove" is one of 400. */
    private const SCRIPT = "app A\ntable Spots, each a Spot\n  Name is a text\ntable Swims, each a Swim\n  Title is a text\n  Open is yes or no\n"
        ."  Places is a whole number\n  Starts is a date and time\n  Spot is one Spot\nscreen S\n  List of Swims";

    #[TestWith([' where starts > now() and places == 39999, by Starts upward', 'ix_swims_places_starts', 60_000])]
    #[TestWith([' where places < 50, by Starts upward', 'ix_swims_places', 60_000])]
    #[TestWith([' where places >= 0, by Starts upward', 'ix_swims_starts', 60_000])]
    #[TestWith([' where spot.name == "Spot 7" and starts > now(), by Starts upward', 'ix_swims_spot_starts', 60_000])]
    #[TestWith([' where spot.name != "Spot 7" and places < 30, by Title upward', 'ix_swims_places', 60_000])]
    #[TestWith([' where spot.name == "Spot 7" and places < 3, by Starts upward', 'ix_swims_spot_places', 60_000])]
    public function test_the_index_that_is_best_for_these_rows_is_made(string $list, string $index, int $rows): void
    {
        $blueprint = Blueprint::fromScript(self::SCRIPT.$list);
        $app = $this->unkept();
        $database = $this->filled(new SchemaFollower($app, DataSet::Sandbox), $rows);
        $follower = new SchemaFollower($app, DataSet::Sandbox);
        $follower->follow($blueprint);
        self::assertContains($index, $this->indexes($database));
        $before = $this->indexes($database);
        $follower->follow($blueprint);
        self::assertSame($before, $this->indexes($database));
        self::assertFalse($follower->reconsider($blueprint), 'What was found is kept.');
    }

    public function test_when_rows_have_come_in_the_indexes_are_reconsidered(): void
    {
        $app = $this->unkept();
        $blueprint = Blueprint::fromScript(self::SCRIPT.' where places < 50, by Title upward');
        $follower = new SchemaFollower($app, DataSet::Sandbox);
        $follower->follow($blueprint);
        $database = $this->filled($follower, 30_000);
        $first = $this->indexes($database);
        self::assertTrue($follower->reconsider($blueprint));
        self::assertFalse($follower->reconsider($blueprint));

        self::assertContains('ix_swims_title_sorted', $first);
        self::assertSame(['ix_swims_places', 'ix_swims_spot'], $this->indexes($database), 'What it takes the place of goes.');
        $asked = implode(
            ' ',
            array_column($database->select('explain query plan select * from swims where places < 50 order by lanai_order("title"), id limit 100'), 'detail'),
        );
        self::assertStringContainsString('ix_swims_places', $asked);
    }

    public function test_trials_end_after_a_while_and_go_on_the_next_time(): void
    {
        $script = self::SCRIPT." where places < 50, by Starts upward\n  List of Swims where places < 70, by Title upward\n";
        $blueprint = Blueprint::fromScript($script);
        $database = $this->filled(new SchemaFollower($this->unkept(), DataSet::Sandbox), 60_000);
        $choose = function (array $known, float $patience) use ($database, $blueprint): IndexChoice {
            $choice = new IndexChoice(new IndexTrial($database), $known, $patience);
            Indexes::of($blueprint, $choice->of(...));

            return $choice;
        };
        self::assertCount(0, $choose([], 0.0)->kept());
        $first = $choose([], 0.0001)->kept();
        self::assertCount(1, $first);
        self::assertCount(2, $choose([$first[0]['col'] => (int) $first[0]['tag']], 0.0001)->kept());
    }

    private function filled(SchemaFollower $follower, int $rows): Connection
    {
        $follower->follow(Blueprint::fromScript(self::SCRIPT.($rows < 40_000 ? ' where places < 50, by Title upward' : '')));
        $database = DB::connection((new DataFile($this->unkept(), DataSet::Sandbox))->connection);
        $database->insert(
            "with recursive n(i) as (select 1 union all select i + 1 from n where i < 400) insert into spots (name) select 'Spot ' || i from n",
        );
        $database->insert(
            "with recursive n(i) as (select 1 union all select i + 1 from n where i < $rows) insert into swims (title, open, places, starts, spot) ".
                "select 'Swim ' || (i * 7919 % 1000), i % 40000 = 0, i * 31 % 40000, strftime('%Y-%m-%dT%H:%M:%SZ', 4000000000 + i * 104729 % "
                    ."63072000, 'unixepoch'), i % 400 + 1 from n",
        );

        return $database;
    }

    /** @return list<string> */
    private function indexes(Connection $database): array
    {
        return array_column(
            $database->select("select name from sqlite_master where type = 'index' and name like 'ix\\_swims%' escape '\\' order by name"),
            'name',
        );
    }

    private function unkept(): App
    {
        $app = new App();
        $app->id = 78;

        return $app;
    }
}
