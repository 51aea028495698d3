<?php

declare(strict_types=1);

namespace App\Packaging;

use App\Models\App;
use Closure;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;

/** Makes packages in a folder of their own, which is gone afterwards. */
final class Packager
{
    /** @return list<string> why no package can be built, in sentences; none where it can */
    public static function refusals(App $app, Blueprint $blueprint): array
    {
        $blocking = array_filter(Findings::in(Reading::of($blueprint)), fn (Finding $f): bool => $f->blocks);
        $reasons = array_values(array_map(fn (Finding $f): string => $f->sentence, $blocking));

        return $app->live_revision_id === null ? [...$reasons, 'Nothing is live yet: the package would open an empty app. Put a revision live first.'] : $reasons;
    }

    /**
     * @param  Closure(int, string): void  $tell
     * @param  Closure(): bool  $cancelled
     */
    public static function make(App $app, Blueprint $blueprint, Target $target, string $file, Closure $tell, Closure $cancelled): void
    {
        $folder = $app->folder('work-'.Str::lower(Str::random(12)));
        try {
            $target->recipe()->make(new Job($app, $blueprint, $folder, $tell, $cancelled), $file);
        } finally {
            File::deleteDirectory($folder);
        }
    }
}
