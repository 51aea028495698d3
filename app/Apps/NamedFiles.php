<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use App\Records\DataFile;
use App\Records\DataSet;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Whether anything of an app still speaks of a file: a cell, a removed row that can come back, a kept value, or any revision. */
final readonly class NamedFiles
{
    public function __construct(private App $app)
    {
    }

    public function has(string $name): bool
    {
        // Compactly written as they are, names stand in it as they are.
        if ($this->app->revisions()->whereRaw('instr(cast(blueprint as blob), cast(? as blob)) > 0', [$name])->exists()) {
            return true;
        }
        foreach (DataSet::cases() as $set) {
            $file = new DataFile($this->app, $set);
            foreach (Schema::connection($file->connection)->getTables() as $table) {
                // In whatever column it stands: a type that was changed has set its values aside.
                foreach (Schema::connection($file->connection)->getColumns($table['name']) as $column) {
                    $rows = DB::connection($file->connection)->table($table['name']);
                    if (stripos($column['type_name'], 'text') !== false && $rows->where($column['name'], 'like', "%$name%")->exists()) {
                        return true;
                    }
                }
            }
        }

        return false;
    }
}
