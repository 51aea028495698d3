<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use App\Models\Import;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Records\Imports\Workplace;
use App\Services\TileDesk;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** What work leaves behind, and when it is removed. */
final class OldWork
{
    /** Days that the answer to a tap is kept, so that the same tap sent again acts once: as long as a phone may be without a connection. */
    private const TAPS = 14;

    /** Hours that a file waits to be brought in. */
    private const IMPORTS = 24;

    /** Minutes after which a folder of work is left over: none takes so long. */
    private const FOLDERS = 60;

    private const LOG = 5 * 1024 * 1024;

    private const LOGS_KEPT = 3;

    /** @return array<string, int> what => how many */
    public static function prune(): array
    {
        $pruned = ['answers to taps' => 0, 'files to be brought in' => 0, 'folders of work' => 0, 'tiles of maps' => 0, 'sessions' => 0];
        foreach (Import::query()->with('app')->where('state', 'looked at')->where('updated_at', '<', now()->subHours(self::IMPORTS))->get() as $import) {
            is_file($import->path()) && unlink($import->path());
            $import->delete();
            $pruned['files to be brought in']++;
        }
        foreach (App::query()->cursor() as $app) {
            $pruned['folders of work'] += self::folders($app, now()->subMinutes(self::FOLDERS)->getTimestamp());
            $pruned['tiles of maps'] += TileDesk::prune($app);
            foreach (DataSet::cases() as $set) {
                if (is_file($app->folder()."/$set->value.sqlite")) {
                    $pruned['answers to taps'] += self::taps($app, $set);
                    self::shadows($app, $set);
                }
            }
        }
        $sessions = Config::string('session.files');
        foreach (Config::string('session.driver') === 'file' && is_dir($sessions) ? File::files($sessions) : [] as $file) {
            if ($file->getMTime() < now()->subMinutes(Config::integer('session.lifetime'))->getTimestamp() && $file->getFilename()[0] !== '.') {
                $pruned['sessions'] += (int) @unlink($file->getPathname());
            }
        }

        return $pruned;
    }

    /**
     * Removes folders in which packages were made.
     *
     * @param  int  $before  only those that were begun before, in seconds since 1970
     */
    public static function folders(App $app, int $before): int
    {
        $old = array_filter(glob($app->folder().'/work-*', GLOB_ONLYDIR) ?: [], fn (string $folder): bool => filemtime($folder) < $before);
        array_map(File::deleteDirectory(...), $old);

        return count($old);
    }

    /** Logs that have grown are begun anew; who writes to one goes on with the same file. */
    public static function logs(): void
    {
        foreach (glob(Config::string('lanai.logs').'/*.log') ?: [] as $log) {
            if (filesize($log) < self::LOG) {
                continue;
            }
            for ($i = self::LOGS_KEPT - 1; $i >= 1; $i--) {
                is_file("$log.$i") && rename("$log.$i", "$log.".($i + 1));
            }
            copy($log, "$log.1");
            file_put_contents($log, '');
        }
    }

    private static function taps(App $app, DataSet $set): int
    {
        $database = DB::connection((new DataFile($app, $set))->connection);
        if ($database->scalar("select 1 from sqlite_master where name = '_taps'") === null) {
            return 0;
        }
        $pruned = 0;
        do {
            // A few at a time: others write meanwhile.
            $before = now('UTC')->subDays(self::TAPS)->format('Y-m-d H:i:s');
            $some = $database->delete('delete from "_taps" where "tap" in (select "tap" from "_taps" where "at" < ? limit 2000)', [$before]);
            $pruned += $some;
        } while ($some === 2000);

        return $pruned;
    }

    /** Tables of an import that was killed. */
    private static function shadows(App $app, DataSet $set): void
    {
        $free = Workplace::free($app, $set);
        if ($free !== null) {
            (new Workplace($app, $set))->sweep();
            fclose($free);
        }
    }
}
