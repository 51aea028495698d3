<?php

declare(strict_types=1);

namespace App\Studio;

use App\Models\App;
use App\Models\Revision;
use App\Records\DataFile;
use App\Records\DataSet;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Lanai\Core\Model\Blueprint;

/** The rows of a sandbox beside the sandbox: an app that is there for the moment only, whose number belongs to none. */
final readonly class SandboxCopy
{
    public const TOO_LARGE = 'The sandbox is too large to be copied for this: 48 MB at most.';

    /** Bytes of a sandbox that is copied. */
    private const LARGEST = 48 * 1024 * 1024;

    /** Seconds after which what a process that ended has left is removed. */
    private const LEFT = 3600;

    private function __construct(public App $app, public string $connection, private string $folder)
    {
    }

    /** @return self|null null where there are too many rows */
    public static function of(App $app): ?self
    {
        $from = new DataFile($app, DataSet::Sandbox);
        if (filesize($from->path) > self::LARGEST) {
            return null;
        }
        $copy = self::app($app, -random_int(1, PHP_INT_MAX), $app->revision);
        $to = new DataFile($copy, DataSet::Sandbox);
        DB::purge($to->connection);
        File::delete($to->path);
        DB::connection($from->connection)->statement('VACUUM INTO ?', [$to->path]);

        return new self($copy, $to->connection, dirname($to->path));
    }

    /** An app as it would be with another revision and these rows. */
    public static function app(App $app, int $number, Revision $revision): App
    {
        $copy = (clone $app)->setAttribute('id', $number);
        $copy->setRelation('revision', $revision);

        return $copy;
    }

    /** A revision that is kept nowhere. */
    public static function revision(App $app, Blueprint $blueprint): Revision
    {
        $revision = new Revision(['blueprint' => $blueprint->data(), 'number' => $app->revision->number]);

        return $revision->setAttribute('id', $app->revision->id)->alreadyRead($blueprint);
    }

    public function remove(): void
    {
        DB::purge($this->connection);
        File::deleteDirectory($this->folder);
    }

    public static function forget(int $number): void
    {
        if ($number < 0) {
            File::deleteDirectory(config('lanai.apps').'/'.$number);
        }
    }

    /** @return int how many were left by processes that ended, and are removed */
    public static function prune(): int
    {
        clearstatcache();
        $left = array_filter(glob(config('lanai.apps').'/-*', GLOB_ONLYDIR) ?: [], fn (string $folder): bool => filemtime($folder) < time() - self::LEFT);
        array_map(File::deleteDirectory(...), $left);

        return count($left);
    }
}
