<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Records\SchemaFollower;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Model\Blueprint;
use PDO;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** A process that dies in the middle of its work leaves the state before it or the state after it; SQLite itself says that the file is whole. */
final class KilledTest extends TestCase
{
    private const SCRIPT = "app A\ntable Spots, each a Spot\n  Name is a text\ntable Swims, each a Swim\n  Title is a text\n"
        ."  Places is a whole number\n  Spot is one Spot\n";

    private const POINTS = 20;

    #[TestWith(['import'])]
    #[TestWith(['shape'])]
    #[TestWith(['remove'])]
    public function test_killed_at_any_point_the_file_holds_the_before_or_the_after(string $what): void
    {
        // The first run of all warms the file cache; the second tells how long the work takes.
        $this->work($this->prepared('warm'), $what)->mustRun();
        $first = $this->prepared('first');
        $before = $this->state($first);
        $from = microtime(true);
        $this->work($first, $what)->mustRun();
        $whole = microtime(true) - $from;
        $after = $this->state($first);
        self::assertNotSame($before, $after);

        $random = new Randomizer(new Mt19937(crc32($what)));
        $seen = [];
        foreach (range(1, self::POINTS) as $i) {
            $folder = $this->prepared("kill-$i");
            $work = $this->work($folder, $what);
            $work->start();
            // The first part of the time goes into starting PHP.
            usleep((int) (($whole * 1e6 * $random->getInt(250, 950)) / 1000));
            if ($work->isRunning()) {
                $work->signal(SIGKILL);
            }
            $work->wait();
            $state = $this->state($folder);
            self::assertContains($state, [$before, $after], "$what, point $i");
            $seen[$state] = true;
        }
        self::assertArrayHasKey($before, $seen);
    }

    private function prepared(string $name): string
    {
        $folder = $this->folder()."/$name";
        mkdir("$folder/5", 0700, true);
        $made = $this->folder().'/made';
        if (! is_dir($made)) {
            $this->make($made);
        }
        copy("$made/5/sandbox.sqlite", "$folder/5/sandbox.sqlite");
        copy("$made/app.script", "$folder/app.script");
        copy("$made/rows.csv", "$folder/rows.csv");

        return $folder;
    }

    private function make(string $folder): void
    {
        mkdir("$folder/5", 0700, true);
        file_put_contents("$folder/app.script", self::SCRIPT);
        file_put_contents(
            "$folder/rows.csv",
            "Title,Places,Spot\n".implode('', array_map(fn (int $i): string => "Swim $i,".$i % 9 .',Spot '.(($i % 5) + 1)."\n", range(1, 4000))),
        );
        config(['lanai.apps' => $folder]);
        $app = new App();
        $app->id = 5;
        (new SchemaFollower($app, DataSet::Sandbox))->follow(Blueprint::fromScript(self::SCRIPT));
        $file = new DataFile($app, DataSet::Sandbox);
        DB::connection($file->connection)->statement("insert into spots (name) values ('Spot 1'), ('Spot 2'), ('Spot 3'), ('Spot 4'), ('Spot 5')");
        DB::connection($file->connection)->statement(
            "with recursive n(i) as (select 1 union all select i + 1 from n where i < 4000) insert into swims (title, places, spot) select 'Old ' ||"
                .' i, i % 7, i % 5 + 1 from n',
        );
        DB::connection($file->connection)->statement('pragma wal_checkpoint(truncate)');
        DB::purge($file->connection);
    }

    private function work(string $folder, string $what): Process
    {
        return new Process([PHP_BINARY, __DIR__.'/../Support/long-work.php', $folder, '5', $what], base_path(), timeout: 60);
    }

    private function state(string $folder): string
    {
        $file = new PDO("sqlite:$folder/5/sandbox.sqlite", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        self::assertSame('ok', $file->query('pragma integrity_check')->fetchColumn());
        self::assertSame([], $file->query('pragma foreign_key_check')->fetchAll());
        $columns = $file->query('select group_concat(name || type) from pragma_table_info(\'swims\')')->fetchColumn();

        return $columns.' '.$file->query('select count(*) || \' \' || ifnull(sum(id * 7 + length(title) + places), 0) from swims')->fetchColumn();
    }
}
