<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use App\Records\SchemaFollower;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Rows\TooMuch;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Rows of one table looked up for each row of another: by an index, or refused before it is begun. */
final class QueryCostTest extends TestCase
{
    private const SCRIPT = "app L\ntable Things, each a Thing\n  may be seen by everyone\n  Kind is a text\n  Places is a whole number\n"
        ."table Others, each an Other\n  may be seen by everyone\n  Code is a text\n  Weight is a whole number\nscreen S, first\n"
            ."  Text \"{count(where(things, count(where(others, code == kind)) > 3))}\"\n";

    #[TestWith(['count(where(things, count(where(others, code == kind)) > 3))', 15_000, 15_000])]
    #[TestWith(['count(where(things, any(others, kind == code and weight > 5)))', 15_000, 15_000])]
    #[TestWith(['count(things, count(where(things, places > 3)) > 3)', 15_000, 15_000])]
    #[TestWith(['count(where(things, count(where(others, lower(code) == lower(kind))) > 3))', 15_000, null])]
    #[TestWith(['count(where(things, count(where(others, weight > places)) > 3))', 15_000, null])]
    #[TestWith(['count(where(things, count(where(others, weight > places)) > 3))', 3_000, 3_000])]
    public function test_rows_are_looked_up_or_it_is_refused_at_once(string $formula, int $rows, ?int $value): void
    {
        $blueprint = Blueprint::fromScript(self::SCRIPT);
        $app = new App();
        $app->id = 7;
        (new SchemaFollower($app, DataSet::Sandbox))->follow($blueprint);
        $database = DB::connection((new DataFile($app, DataSet::Sandbox))->connection);
        self::assertContains('ix_others_code', array_column($database->select("select name from sqlite_master where type = 'index'"), 'name'));
        $database->insert(
            "with recursive n(i) as (select 1 union all select i + 1 from n where i < $rows) insert into things (kind, places) select 'kind ' || (i % "
                .'50), i % 41 from n',
        );
        $database->insert(
            "with recursive n(i) as (select 1 union all select i + 1 from n where i < $rows) insert into others (code, weight) select 'kind ' || (i % "
                .'70), i from n',
        );
        $evaluation = new Evaluation(
            new Moment(new DateTimeImmutable(), new DateTimeZone('UTC')),
            new Reader(new EloquentRecordStore($app, DataSet::Sandbox, $blueprint)),
            [],
        );
        if ($value === null) {
            $this->expectException(TooMuch::class);
            $this->expectExceptionMessage('This would compare too many rows with one another');
        }

        self::assertSame($value, $evaluation->of(Formula::of($formula)));
    }
}
