<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use App\Records\ImmediatePdo;
use App\Records\Imports\Importer;
use App\Records\Imports\ImportReport;
use App\Records\SchemaFollower;
use App\Records\WorkCancelled;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Exchange\CsvSheet;
use Lanai\Core\Exchange\Mapping;
use Lanai\Core\Exchange\UnreadableFile;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Query\Query;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Imports of many rows, while others write to the same table. */
final class MeanwhileTest extends TestCase
{
    private const SCRIPT = "app A\ntable Spots, each a Spot\n  Name is a text\n  Code is a text, no two alike\ntable Swims, each a Swim\n"
        ."  Title is a text\n  Places is a whole number, at first 12\n  Code is a text, no two alike\n  Spot is one Spot\n  Friends are many Spots\n"
            ."  Changed is when it was last changed\n";

    private App $own;

    private Blueprint $blueprint;

    private Connection $database;

    protected function setUp(): void
    {
        parent::setUp();
        config(['lanai.apps' => $this->folder()]);
        $this->own = new App();
        $this->own->id = 5;
        $this->blueprint = Blueprint::fromScript(self::SCRIPT);
        (new SchemaFollower($this->own, DataSet::Sandbox))->follow($this->blueprint);
        $this->database = DB::connection((new DataFile($this->own, DataSet::Sandbox))->connection);
        $this->database->insert(
            'with recursive n(i) as (select 1 union all select i + 1 from n where i < 300) insert into spots (name, code) select \'Spot \' || i, '
                .'\'S-\' || i from n',
        );
        $this->database->insert(
            'with recursive n(i) as (select 1 union all select i + 1 from n where i < 6000) insert into swims (title, places, code, spot) select '
                .'\'Old \' || i, i % 7, case when i % 3 = 0 then \'C-\' || i else \'O-\' || i end, i % 300 + 1 from n',
        );
    }

    /** Every row of the file, every row that was written meanwhile, each once: none lost, none undone. */
    public function test_what_others_write_meanwhile_is_neither_lost_nor_undone(): void
    {
        // Its words are looked for, so that the search index has to follow.
        $this->searched('old');
        $lines = array_map(fn (int $i): string => "New $i,C-$i,S-".(($i % 300) + 1).',Spot '.(($i % 9) + 1).'; Spot 1', range(1, 20_000));
        $csv = $this->csv("Title,Code,Spot,Friends\n".implode("\n", $lines)."\n");
        $writer = new Process([PHP_BINARY, __DIR__.'/../Support/write-meanwhile.php', $this->folder(), '5', '6'], base_path(), timeout: 60);
        $writer->start();
        while (! is_file($this->folder().'/ready') && $writer->isRunning()) {
            usleep(10_000);
        }
        $report = $this->import($csv, 'code', true);
        $writer->wait();
        $wrote = json_decode($writer->getOutput(), true);

        self::assertIsArray($wrote, $writer->getErrorOutput());
        // A writer that waits is turned away after five seconds; how short it is when nothing else runs is for the benchmarks.
        self::assertLessThan(ImmediatePdo::PATIENCE / 1000 / 2, $wrote['longest'], 'Nobody waits for long, even on a busy machine.');
        self::assertSame(20_000, $report->added + $report->changed + $report->bad);
        self::assertSame($wrote['n'], (int) $this->database->scalar("select count(*) from swims where title = 'tapped'"), 'Each tapped row is there.');
        self::assertSame((7 % 7) + 1000 * $wrote['n'], (int) $this->database->scalar("select places from swims where title = 'Old 7'"));
        foreach (range(101, min(100 + $wrote['n'], 6000)) as $i) {
            // A row that was removed before the file changed it is gone; one that the file had renamed by then was not found.
            self::assertSame(0, (int) $this->database->scalar('select count(*) from swims where title = ?', ["Old $i"]));
        }
        self::assertSame(
            0,
            (int) $this->database->scalar('select count(*) from (select code from swims where code is not null group by code having count(*) > 1)'),
        );
        self::assertSame('ok', $this->database->scalar('pragma integrity_check'));
        self::assertSame([], $this->database->select('pragma foreign_key_check'));
        self::assertSame(
            [],
            $this->database->select("select name from sqlite_master where name like '\\_in%' escape '\\' or name like '\\_was%' escape '\\'"),
        );
        self::assertSame((int) $this->database->scalar("select count(*) from swims where title like 'New %'"), $this->searched('new'));
        self::assertSame((int) $this->database->scalar("select count(*) from swims where title = 'tapped'"), $this->searched('tapped'));
        self::assertSame((int) $this->database->scalar("select count(*) from swims where title like 'Old %'"), $this->searched('old'));
        $one = $this->database->selectOne("select * from swims where code = 'C-19999'");
        self::assertSame(['New 19999', 12, (19999 % 300) + 1], [$one->title, $one->places, $one->spot]);
        self::assertSame(
            [1, (19999 % 9) + 1],
            $this->database->table('_links_swims_friends')->where('row', $one->id)->orderBy('other')->pluck('other')->all(),
        );
        // The next row has a number of its own, and indexes are found again, whatever they are called.
        (new EloquentRecordStore($this->own, DataSet::Sandbox, $this->blueprint))->add($this->blueprint->tables[1], ['title' => 'after']);
        $indexes = fn (): int => (int) $this->database->scalar(
            "select count(*) from sqlite_master where type = 'index' and tbl_name = 'swims' and sql is not null",
        );
        $before = $indexes();
        (new SchemaFollower($this->own, DataSet::Sandbox))->follow($this->blueprint);
        self::assertSame([$before, 2], [$indexes(), $before]);
    }

    public function test_called_off_at_any_point_nothing_of_it_stays(): void
    {
        $csv = $this->csv("Title,Code\n".implode("\n", array_map(fn (int $i): string => "New $i,N-$i", range(1, 8000)))."\n");
        $before = $this->state();
        foreach ([1, 5, 9, 11, 13] as $at) {
            $told = 0;
            try {
                $this->import($csv, '', false, function () use (&$told, $at): void {
                    if (++$told === $at) {
                        throw new WorkCancelled();
                    }
                });
                self::fail("It went on to its end; told $told times, not $at.");
            } catch (WorkCancelled) {
                self::assertSame($before, $this->state());
            }
        }
        self::assertSame(8000, $this->import($csv, '', false)->added);
    }

    public function test_a_table_that_changes_its_shape_meanwhile_is_begun_with_again(): void
    {
        $csv = $this->csv("Title,Code\n".implode("\n", array_map(fn (int $i): string => "New $i,N-$i", range(1, 4000)))."\n");
        $told = 0;
        $report = $this->import($csv, '', false, function () use (&$told): void {
            if (++$told === 8) {
                (new SchemaFollower($this->own, DataSet::Sandbox))->follow(Blueprint::fromScript(self::SCRIPT."  Depth is a decimal\n"));
            }
        });
        self::assertSame([4000, 10_000], [$report->added, (int) $this->database->scalar('select count(*) from swims')]);
        self::assertNull($this->database->scalar('select max(depth) from swims'));
        $this->expectException(UnreadableFile::class);
        $this->import($this->csv("Title\n".str_repeat("x\n", 4000)), '', false, function (): void {
            static $n = 0;
            (new SchemaFollower($this->own, DataSet::Sandbox))->follow(Blueprint::fromScript(self::SCRIPT.'  Depth'.++$n." is a decimal\n"));
        });
    }

    /** Devices ask for the mark to learn whether to read anew: what is missed here stays wrong on their screens. */
    public function test_each_write_is_noticed_however_soon_and_nothing_else_is(): void
    {
        $file = new DataFile($this->own, DataSet::Sandbox);
        $store = new EloquentRecordStore($this->own, DataSet::Sandbox, $this->blueprint);
        $marks = [$file->version()];
        for ($i = 0; $i < 30; $i++) {
            $store->together(fn (): int => DB::connection($file->connection)->update("update swims set places = $i where title = 'Old 1'"));
            // As each request does: the last one that closes puts the log into the file.
            DB::purge($file->connection);
            $marks[] = $file->version();
        }
        self::assertCount(31, array_unique($marks));
        $this->database = DB::connection($file->connection);
        $store->together(fn (): array => $this->database->select('select 1'));
        self::assertSame(end($marks), $file->version());
        $this->database->beginTransaction();
        $this->database->update("update swims set places = 77 where title = 'Old 1'");
        $this->database->rollBack();
        self::assertSame(end($marks), $file->version());
    }

    public function test_a_preview_writes_nothing_and_locks_nothing(): void
    {
        $csv = $this->csv("Title,Code\n".implode("\n", array_map(fn (int $i): string => "New $i,C-$i", range(1, 5000)))."\n");
        $file = new DataFile($this->own, DataSet::Sandbox);
        $version = $file->version();
        $this->database->beginTransaction();
        $this->database->update("update swims set places = 1 where title = 'Old 1'");
        $table = $this->blueprint->tables[1];
        $report = (new Importer($this->own, DataSet::Sandbox, $this->blueprint, $table, new Mapping(['title', 'code'], 'code')))->preview(
            $this->sheet($csv),
            20_000,
        );
        $this->database->rollBack();

        self::assertSame([3334, 1666], [$report->added, $report->changed]);
        self::assertSame($version, $file->version());
    }

    private function csv(string $text): string
    {
        $path = $this->folder().'/'.md5($text).'.csv';
        file_put_contents($path, $text);

        return $path;
    }

    private function sheet(string $path): CsvSheet
    {
        return CsvSheet::of(fn () => fopen($path, 'rb'));
    }

    private function import(string $path, string $key, bool $onlyRight, ?\Closure $tell = null): ImportReport
    {
        $sheet = $this->sheet($path);
        $table = $this->blueprint->tables[1];

        return (new Importer($this->own, DataSet::Sandbox, $this->blueprint, $table, new Mapping(Mapping::byName($sheet->columns(), $table)->to, $key)))->run(
            $sheet,
            $onlyRight,
            [],
            $tell ?? fn (int $done): null => null,
        );
    }

    private function searched(string $word): int
    {
        return (new EloquentRecordStore($this->own, DataSet::Sandbox, $this->blueprint))->count(new Query($this->blueprint->tables[1], search: $word));
    }

    /** @return list<mixed> */
    private function state(): array
    {
        return [
            $this->database->scalar('select count(*) from sqlite_master'),
            $this->database->scalar('select count(*) || \' \' || sum(id) || \' \' || sum(length(title)) from swims'),
            $this->database->scalar('pragma integrity_check'),
        ];
    }
}
