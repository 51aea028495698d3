<?php

declare(strict_types=1);

namespace App\Records\Imports;

use App\Models\App;
use App\Records\DataFile;
use App\Records\DataSet;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;

/**
 * A connection of an import's own to the data file: its temporary tables are in a file beside, so that nothing is locked
 * while rows are read and checked. Closed, it leaves none of them.
 */
final class Workplace
{
    public readonly Connection $database;

    private static int $made = 0;

    private readonly string $name;

    /** @var resource|null held while rows are brought in, so that others can tell whether the process is still there */
    private $held = null;

    public function __construct(App $app, DataSet $set)
    {
        $file = new DataFile($app, $set);
        $this->name = "$file->connection.import.".++self::$made;
        Config::set(
            "database.connections.$this->name",
            ['database' => $file->path, 'foreign_key_constraints' => false] + Config::array('database.connections.app_template'),
        );
        $this->database = DB::connection($this->name);
        // Freed pages are not overwritten (what was in them stands in the table that takes their place), and renaming a table
        // leaves links of others to it as they are. https://www.sqlite.org/lang_altertable.html
        foreach (['secure_delete = off', 'legacy_alter_table = on', 'temp_store = file', 'cache_size = -8000'] as $pragma) {
            $this->database->statement("pragma $pragma");
        }
    }

    /** Waits until no other import works on this data set. */
    public function hold(App $app, DataSet $set): void
    {
        $this->held = self::lock($app, $set, LOCK_EX);
    }

    /** @return resource|null null where somebody is at work */
    public static function free(App $app, DataSet $set)
    {
        return self::lock($app, $set, LOCK_EX | LOCK_NB);
    }

    /**
     * The write lock for a moment, and then a pause, in which others come to write: they look for it every millisecond or so.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    public function shortly(callable $work): mixed
    {
        $from = hrtime(true);
        $done = $this->database->transaction(\Closure::fromCallable($work));
        usleep(max(1500, min(5000, intdiv(hrtime(true) - $from, 4000))));

        return $done;
    }

    /** Leaves nothing of an import whose process has died. */
    public function sweep(): void
    {
        Shadow::sweep($this->database);
        $this->close();
    }

    public function close(): void
    {
        DB::purge($this->name);
        if ($this->held !== null) {
            fclose($this->held);
            $this->held = null;
        }
    }

    /** @return resource|null */
    private static function lock(App $app, DataSet $set, int $how)
    {
        $file = fopen($app->folder('imports')."/.$set->value.lock", 'ce');

        return $file !== false && flock($file, $how) ? $file : null;
    }
}
