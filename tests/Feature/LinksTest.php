<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use App\Records\SchemaFollower;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Model\Blueprint;
use Tests\TestCase;

/** Links to many rows in their file, while the app's shape changes around them. */
final class LinksTest extends TestCase
{
    private const SCRIPT = <<<'SCRIPT'
    app A

    table Spots, each a Spot
      Name is a text

    table People, each a Person
      Name is a text

    table Swims, each a Swim
      Title is a text
      Guests are many People
    SCRIPT;

    public function test_links_are_kept_beside_the_table_with_real_keys(): void
    {
        $database = $this->followed(self::SCRIPT);
        $keys = $database->select("select \"from\", \"table\", on_delete from pragma_foreign_key_list('_links_swims_guests') order by \"from\"");

        self::assertSame(
            [['other', 'people', 'CASCADE'], ['row', 'swims', 'CASCADE']],
            array_map(fn ($k): array => [$k->from, $k->table, $k->on_delete], $keys),
        );
        self::assertSame(['id', 'title'], $database->getSchemaBuilder()->getColumnListing('swims'), 'The table itself has no column for them.');
    }

    public function test_a_link_cannot_lead_to_a_row_that_is_not_there(): void
    {
        $database = $this->followed(self::SCRIPT);
        $database->table('swims')->insert(['title' => 'Dip']);

        $this->expectException(\Illuminate\Database\QueryException::class);
        $database->table('_links_swims_guests')->insert(['row' => 1, 'other' => 99]);
    }

    public function test_links_that_turn_to_another_table_come_back_with_it(): void
    {
        $database = $this->followed(self::SCRIPT);
        $database->table('people')->insert([['name' => 'Ada'], ['name' => 'Bo']]);
        $database->table('spots')->insert(['name' => 'Cove']);
        $database->table('swims')->insert(['title' => 'Dip']);
        $database->table('_links_swims_guests')->insert([['row' => 1, 'other' => 1], ['row' => 1, 'other' => 2]]);

        $turned = str_replace('many People', 'many Spots', self::SCRIPT);
        $this->followed($turned);
        self::assertSame(0, $database->table('_links_swims_guests')->count());
        $database->table('_links_swims_guests')->insert(['row' => 1, 'other' => 1]);

        $this->followed(self::SCRIPT);
        self::assertSame([1, 2], $database->table('_links_swims_guests')->orderBy('other')->pluck('other')->all());
        $this->followed($turned);
        self::assertSame([1], $database->table('_links_swims_guests')->pluck('other')->all());
        self::assertSame([], $database->select('pragma foreign_key_check'));
    }

    public function test_a_removed_field_keeps_its_links_for_an_undo(): void
    {
        $database = $this->followed(self::SCRIPT);
        $database->table('people')->insert(['name' => 'Ada']);
        $database->table('swims')->insert(['title' => 'Dip']);
        $database->table('_links_swims_guests')->insert(['row' => 1, 'other' => 1]);
        $this->followed(str_replace("  Guests are many People\n", '', self::SCRIPT."\n"));
        $this->followed(self::SCRIPT);

        self::assertSame([1], $database->table('_links_swims_guests')->pluck('other')->all());
    }

    public function test_a_renamed_field_and_table_keep_their_links(): void
    {
        $database = $this->followed(self::SCRIPT);
        $database->table('people')->insert(['name' => 'Ada']);
        $database->table('swims')->insert(['title' => 'Dip']);
        $database->table('_links_swims_guests')->insert(['row' => 1, 'other' => 1]);
        $script = str_replace(
            ['table Swims, each a Swim', 'Guests are many People', 'table People, each a Person'],
            ['table Dips, each a Dip, stored as swims', 'Friends are many Folk, stored as guests', 'table Folk, each a Soul, stored as people'],
            self::SCRIPT,
        );
        $this->followed($script);
        $blueprint = Blueprint::fromScript($script);
        $store = new EloquentRecordStore($this->app(), DataSet::Sandbox, $blueprint);

        self::assertSame([1], $store->byIds($blueprint->tables[2], [1])[1]->values['guests']);
        self::assertSame('dips', array_key_first($blueprint->backLinks($blueprint->tables[1])));
    }

    public function test_each_change_of_links_replaces_all_of_them_and_none_twice(): void
    {
        $database = $this->followed(self::SCRIPT);
        $blueprint = Blueprint::fromScript(self::SCRIPT);
        $store = new EloquentRecordStore($this->app(), DataSet::Sandbox, $blueprint);
        [$people, $swims] = [$blueprint->tables[1], $blueprint->tables[2]];
        $ids = array_map(fn (string $name): int => $store->add($people, ['name' => $name]), ['Ada', 'Bo', 'Cy']);
        $swim = $store->add($swims, ['title' => 'Dip', 'guests' => [$ids[0], $ids[1]]]);
        $store->change($swims, $swim, ['guests' => [$ids[2], $ids[1], $ids[1]]]);
        self::assertSame([$ids[1], $ids[2]], $store->byIds($swims, [$swim])[$swim]->values['guests']);
        $store->change($swims, $swim, ['title' => 'Long dip']);
        self::assertSame(2, $database->table('_links_swims_guests')->count(), 'A change of something else leaves them alone.');
        $store->change($swims, $swim, ['guests' => null]);
        self::assertSame(0, $database->table('_links_swims_guests')->count());
    }

    private function app(): App
    {
        $app = new App();
        $app->id = 81;

        return $app;
    }

    private function followed(string $script): Connection
    {
        (new SchemaFollower($this->app(), DataSet::Sandbox))->follow(Blueprint::fromScript($script));

        return DB::connection((new DataFile($this->app(), DataSet::Sandbox))->connection);
    }
}
