<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\App;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;

/** The SQLite file of an app's data set, as a database connection. */
final readonly class DataFile
{
    public string $connection;

    public string $path;

    public function __construct(App $app, DataSet $set)
    {
        $this->path = $app->folder()."/$set->value.sqlite";
        $this->connection = "app_{$app->id}_$set->value";
        if (Config::get("database.connections.$this->connection.database") !== $this->path) {
            DB::purge($this->connection);
            Config::set("database.connections.$this->connection", ['database' => $this->path] + Config::array('database.connections.app_template'));
        }
        if (! is_file($this->path)) {
            touch($this->path);
            chmod($this->path, 0600);
        }
    }

    /**
     * Changes with every transaction that changes a row. Times and sizes of files do not tell: two writes can fall into one second, and one
     * can stand where another stood.
     */
    public function version(): string
    {
        return (string) DB::connection($this->connection)->scalar('pragma user_version');
    }
}
