<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use App\Records\DataFile;
use App\Records\DataSet;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** An app that is removed can be brought back for a while; then it is gone with all that was kept of it. */
final class Removal
{
    /** Days. */
    public const KEPT = 30;

    public static function forever(App $app): void
    {
        $folder = $app->folder();
        foreach (DataSet::cases() as $set) {
            DB::purge((new DataFile($app, $set))->connection);
        }
        $app->forceDelete();
        File::deleteDirectory($folder);
    }

    /** @return int how many are gone for good now */
    public static function prune(): int
    {
        $count = 0;
        foreach (App::onlyTrashed()->where('deleted_at', '<', now()->subDays(self::KEPT))->get() as $app) {
            self::forever($app);
            $count++;
        }

        return $count;
    }
}
