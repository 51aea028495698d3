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

    /** Changes whenever something was written to the file. */
    public function version(): string
    {
        clearstatcache();
        $marks = [];
        foreach ([$this->path, "$this->path-wal"] as $file) {
            $marks[] = is_file($file) ? filemtime($file).'.'.filesize($file) : '0';
        }
        // The log can be overwritten in place within one second: its header counts the writes.
        $header = is_file("$this->path-wal") ? file_get_contents("$this->path-wal", false, null, 0, 32) : '';

        return substr(hash('sha256', implode('|', $marks).$header), 0, 12);
    }
}
