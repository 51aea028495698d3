<?php

declare(strict_types=1);

namespace App\Packaging;

use App\Apps\Facts;
use App\Models\App;
use App\Models\Revision;
use Closure;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Model\Blueprint;

/** Makes packages in a folder of their own, which is gone afterwards. */
final class Packager
{
    /**
     * @param  bool  $here  for this computer only: a phone need not reach the server
     * @return list<string> why no package of the newest revision can be built, in sentences; none where it can
     */
    public static function refusals(App $app, bool $here): array
    {
        $blocking = array_filter(Facts::findings($app), fn (Finding $f): bool => $f->blocks);
        $unreachable = $here ? '' : ServerAddress::refusal($app);

        return array_values(array_filter([
            ...array_map(fn (Finding $f): string => $f->sentence, $blocking),
            $app->live_revision_id === null ? 'Nothing is live yet: the package would open an empty app. Put a revision live first.' : '',
            $unreachable === '' ? '' : "$unreachable Until then, a package can be built for this computer only.",
        ]));
    }

    /**
     * @param  Closure(int, string): void  $tell
     * @param  Closure(): bool  $cancelled
     * @param  Revision|null  $revision  whose blueprint it is, where its rows are looked at, too; null for the newest
     */
    public static function make(
        App $app,
        Blueprint $blueprint,
        Target $target,
        string $file,
        Closure $tell,
        Closure $cancelled,
        ?Revision $revision = null,
    ): void {
        $folder = $app->folder('work-'.Str::lower(Str::random(12)));
        try {
            $job = new Job($app, $blueprint, ServerAddress::of($app), $folder, $tell, $cancelled, $revision ?? $app->revision);
            $target->recipe()->make($job, $file);
        } finally {
            File::deleteDirectory($folder);
        }
    }
}
