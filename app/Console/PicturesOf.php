<?php

declare(strict_types=1);

namespace App\Console;

use App\Packaging\Packager;
use App\Packaging\PackagingFailed;
use App\Packaging\Target;
use Illuminate\Console\Command;
use ZipArchive;

/** Takes the pictures of an app for its pages in the stores, and puts them into a folder. */
final class PicturesOf extends Command
{
    use FindsApp;

    protected $signature = 'lanai:pictures {app : its address or number} {--out=. : a folder}';

    protected $description = 'Take the store pictures of an app';

    public function handle(): int
    {
        $app = $this->app();
        $out = rtrim((string) $this->option('out'), '/');
        if ($app === null || ! is_dir($out)) {
            $this->error($app === null ? 'Nothing was taken.' : "There is no folder “{$out}”.");

            return self::FAILURE;
        }
        $file = "$out/".Target::Pictures->fileName($app->slug, $app->revision->read()->release->version);
        try {
            Packager::make(
                $app,
                $app->revision->read(),
                Target::Pictures,
                $file,
                fn (int $percent, string $line) => $line === '' ? null : $this->line(sprintf('%3d %%  %s', $percent, $line)),
                fn (): bool => false,
            );
        } catch (PackagingFailed $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        }
        $zip = new ZipArchive();
        $taken = $zip->open($file, ZipArchive::RDONLY) === true && $zip->extractTo($out) ? $zip->numFiles - 1 : 0;
        $zip->close();
        unlink($file);
        $this->info("$taken pictures are in $out.");

        return $taken > 0 ? self::SUCCESS : self::FAILURE;
    }
}
