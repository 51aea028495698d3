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
use Lanai\Core\Model\Row;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\Sort;
use Tests\TestCase;

/** SQLite itself says what the files hold: its schema, its query plans, its integrity check. */
final class StorageTest extends TestCase
{
    private const SCRIPT = "app A\ntable Spots, each a Spot\n  Name is a text\ntable Swims, each a Swim\n  Spot is one Spot\n"
        ."  Places is a whole number\n  Starts is a date and time\nscreen S\n  List of Swims where starts > now(), by Starts upward\n";

    public function test_tables_have_real_columns_links_and_indexes(): void
    {
        $database = $this->followed(self::SCRIPT);

        self::assertSame(
            [['spot', 'INTEGER'], ['places', 'INTEGER'], ['starts', 'TEXT']],
            array_slice(array_map(fn ($c): array => [$c->name, $c->type], $database->select("select name, type from pragma_table_info('swims')")), 1),
        );
        self::assertSame('SET NULL', $database->selectOne("select on_delete from pragma_foreign_key_list('swims')")->on_delete);
        $plan = implode(
            ' ',
            array_column(
                $database->select("explain query plan select * from swims where starts is not null and starts > '2026' order by starts, id"),
                'detail',
            ),
        );
        self::assertStringContainsString('USING INDEX ix_swims_starts', $plan);
        self::assertStringNotContainsString('TEMP B-TREE', $plan);
    }

    public function test_the_natural_order_of_texts_comes_from_an_index_and_is_made_again_for_other_tables_of_characters(): void
    {
        $script = "app A\ntable Spots, each a Spot\n  Name is a text\nscreen S\n  List of Spots, by Name upward\n";
        $database = $this->followed($script);
        $database->table('spots')->insert(array_map(fn (string $name): array => ['name' => $name], ['item 10', 'Straße', 'Item 9', 'strand']));
        $store = new EloquentRecordStore($this->unkept(), DataSet::Sandbox, Blueprint::fromScript($script));
        $spots = $store->blueprint()->tables[0];
        $query = new Query($spots, null, [Sort::by($spots->fields[0])]);
        $names = fn (Query $q): array => array_map(fn (Row $r): mixed => $r->values['name'], $store->rows($q));
        self::assertSame([['Item 9', 'item 10', 'strand', 'Straße'], ['Straße']], [$names($query), $names($query->searching('STRASSE'))]);
        $database->enableQueryLog();
        $store->rows($query);
        $asked = $database->getQueryLog()[0];
        $plan = implode(' ', array_column($database->select('explain query plan '.$asked['query'], $asked['bindings']), 'detail'));
        self::assertStringContainsString('USING INDEX ix_spots_name_sorted', $plan);
        self::assertStringNotContainsString('TEMP B-TREE', $plan);

        // As a file looks that was written with other tables, or before there were any.
        $database
            ->table('_shape')
            ->where('col', 'texts')
            ->update(['tag' => 'ICU 1']);
        $before = $database->select('select name, sql from sqlite_master order by name');
        $follower = new SchemaFollower($this->unkept(), DataSet::Sandbox);
        self::assertTrue($follower->differs($store->blueprint()));
        $follower->follow($store->blueprint());
        self::assertFalse($follower->differs($store->blueprint()));
        self::assertSame(['Straße'], $names($query->searching('straß')));
        self::assertEquals($before, $database->select('select name, sql from sqlite_master order by name'));

        // Other programs do not know the order, and still read the rows.
        $other = new \PDO('sqlite:'.$database->getDatabaseName());
        self::assertSame(4, $other->query('select count(*) from spots where name > \'\'')->fetchColumn());
    }

    public function test_following_the_same_revision_again_changes_nothing(): void
    {
        $database = $this->followed(self::SCRIPT);
        $before = $database->select('select sql from sqlite_master order by name');

        self::assertEquals($before, $this->followed(self::SCRIPT)->select('select sql from sqlite_master order by name'));
    }

    public function test_a_shape_that_cannot_be_taken_leaves_the_old_one_intact(): void
    {
        $database = $this->followed(self::SCRIPT);
        $database->table('swims')->insert(['places' => 3]);
        $before = $database->select('select sql from sqlite_master order by name');
        $database->statement('create trigger stop before update on swims begin select raise(abort, \'stopped half way\'); end');

        try {
            $this->followed(
                str_replace(['Places is a whole number', 'Name is a text'], ['Places is a text', "Name is a text\n  Shore is a text"], self::SCRIPT),
            );
            self::fail('It went through.');
        } catch (\Illuminate\Database\QueryException $stopped) {
            self::assertStringContainsString('stopped half way', $stopped->getMessage());
        }
        $database->statement('drop trigger stop');
        self::assertEquals($before, $database->select('select sql from sqlite_master order by name'));
        self::assertSame('ok', $database->selectOne('pragma integrity_check')->integrity_check);
        self::assertSame(3, $database->table('swims')->value('places'));
    }

    public function test_a_link_that_turns_to_another_table_keeps_only_what_leads_somewhere(): void
    {
        $database = $this->followed(self::SCRIPT);
        $database->table('spots')->insert([['name' => 'a'], ['name' => 'b']]);
        $database->table('swims')->insert([['spot' => 1], ['spot' => 2]]);
        $this->followed(str_replace('Spot is one Spot', 'Spot is one Pier', self::SCRIPT)."table Piers, each a Pier\n  Name is a text\n");

        self::assertSame([null, null], $database->table('swims')->orderBy('id')->pluck('spot')->all());
        self::assertSame([], $database->select('pragma foreign_key_check'));
        $this->followed(self::SCRIPT);
        self::assertSame([1, 2], $database->table('swims')->orderBy('id')->pluck('spot')->all());
    }

    public function test_a_second_writer_waits_instead_of_failing(): void
    {
        $database = $this->followed(self::SCRIPT);
        $pdo = $database->getPdo();
        $other = new \App\Records\ImmediatePdo('sqlite:'.$database->getConfig('database'), options: [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
        $other->exec('pragma busy_timeout = 50');
        $pdo->beginTransaction();
        self::assertTrue($pdo->inTransaction());
        try {
            $other->beginTransaction();
            self::fail('Two transactions write at once.');
        } catch (\PDOException $locked) {
            self::assertStringContainsString('database is locked', $locked->getMessage());
        }
        $pdo->rollBack();
        self::assertTrue($other->beginTransaction() && $other->commit());
        self::assertFalse($other->inTransaction());
    }

    private function followed(string $script): Connection
    {
        $app = $this->unkept();
        (new SchemaFollower($app, DataSet::Sandbox))->follow(Blueprint::fromScript($script));

        return DB::connection((new DataFile($app, DataSet::Sandbox))->connection);
    }

    private function unkept(): App
    {
        $app = new App();
        $app->id = 77;

        return $app;
    }
}
