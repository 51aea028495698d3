<?php

declare(strict_types=1);

namespace App\Records\Imports;

use App\Models\App;
use App\Records\DataFile;
use App\Records\DataSet;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;

/** That the rows of an import have come in, written together with them: a process that dies right after does not bring them twice. */
final class Came
{
    public static function note(Connection $database, int $import, ImportReport $report): void
    {
        $database->statement('create table if not exists "_came" ("import" integer primary key, "report" text not null)');
        $database->insert('insert or replace into "_came" values (?, ?)', [$import, json_encode($report->data(), JSON_THROW_ON_ERROR)]);
    }

    /** @return array<string, mixed>|null null where they have not come */
    public static function report(App $app, DataSet $set, int $import): ?array
    {
        $database = self::database($app, $set);
        $report = self::isThere($database) ? $database->scalar('select "report" from "_came" where "import" = ?', [$import]) : null;
        $data = is_string($report) ? json_decode($report, true) : null;

        return is_array($data) ? $data : null;
    }

    public static function forget(App $app, DataSet $set, int $import): void
    {
        $database = self::database($app, $set);
        if (self::isThere($database)) {
            $database->delete('delete from "_came" where "import" = ?', [$import]);
        }
    }

    private static function isThere(Connection $database): bool
    {
        return $database->scalar("select 1 from sqlite_master where name = '_came'") !== null;
    }

    private static function database(App $app, DataSet $set): Connection
    {
        return DB::connection((new DataFile($app, $set))->connection);
    }
}
