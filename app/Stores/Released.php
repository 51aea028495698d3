<?php

declare(strict_types=1);

namespace App\Stores;

use App\Models\App;
use App\Models\Submission;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Play\Newer;
use Lanai\Core\Play\Releases;

/** What the stores have released of an app, known from the releases themselves. */
final readonly class Released implements Releases
{
    /** Where the deck pretends that the version of this revision was released. */
    public const DECK = 'deck';

    public function __construct(private App $app, private Blueprint $blueprint)
    {
    }

    public function newer(string $store, int $build): ?Newer
    {
        if ($store === self::DECK) {
            $release = $this->blueprint->release;

            return $release->build > $build ? new Newer($release->version, $release->build, $release->news, '') : null;
        }
        $newest = Submission::query()
            ->where('submissions.app_id', $this->app->id)
            ->where('store', $store)
            ->where('submissions.state', 'released')
            ->join('builds', 'builds.id', '=', 'submissions.build_id')
            ->where('builds.number', '>', $build)
            ->orderByDesc('builds.number')
            ->orderByDesc('submissions.id')
            ->select('submissions.*')
            ->with('build.revision')
            ->first();
        if ($newest === null) {
            return null;
        }
        $made = $newest->build;

        return new Newer($made->version, $made->number, $made->revision->spoken($this->blueprint->theme->tongue())->release->news, $newest->page);
    }
}
