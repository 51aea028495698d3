<?php

declare(strict_types=1);

namespace App\Ways;

use App\Models\App;
use App\Packaging\ServerAddress;
use Lanai\Core\Model\Screen;

/** The pages of a live app that search engines may show: where it begins, and its screens that everybody sees and that are about nothing in particular. */
final class Listed
{
    /** Addresses that one sitemap may have (sitemaps.org). */
    public const MOST = 50_000;

    private const OF_ONE_APP = 30;

    /** @return list<array{string, string}> address, and the day on which it was put live */
    public static function of(App $app): array
    {
        $live = $app->liveRevision;
        if ($live === null) {
            return [];
        }
        $blueprint = $live->read();
        $home = ServerAddress::of($app)."/a/$app->slug";
        $day = $live->created_at?->utc()->format('Y-m-d') ?? '';
        $isOpen = fn (Screen $screen): bool => ! $screen->signedIn && $screen->having === '' && $screen->parameters() === []
            && ! $screen->first && $screen->name !== ($blueprint->signIn->at ?? '');
        $pages = array_map(
            fn (Screen $screen): array => ["$home?at=".rawurlencode($screen->slug()), $day],
            array_slice(array_values(array_filter($blueprint->screens, $isOpen)), 0, self::OF_ONE_APP),
        );

        return [[$home, $day], ...$pages];
    }
}
