<?php

declare(strict_types=1);

namespace Lanai\Core\Release;

use Lanai\Core\Lines\ListLine;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Screen;
use Lanai\Core\Model\StorePicture;

/** Which screens tell best what an app is, where nobody has said it: the one it opens with, those of its tabs, and what its lists lead to. */
final class PictureChoice
{
    private const MOST = 5;

    /** @return list<StorePicture> those that were said, else those that are proposed */
    public static function of(Blueprint $blueprint): array
    {
        return $blueprint->pictures !== [] ? $blueprint->pictures : self::proposed($blueprint);
    }

    /** @return list<StorePicture> */
    public static function proposed(Blueprint $blueprint): array
    {
        $slugs = [
            $blueprint->firstScreen()?->slug(),
            ...array_map(fn (object $tab): ?string => $blueprint->screen($tab->screen)?->slug(), $blueprint->tabs),
            ...ListLine::leadTo($blueprint),
            ...array_map(fn (Screen $screen): string => $screen->slug(), $blueprint->screens),
        ];
        $proposed = [];
        foreach (array_unique(array_filter($slugs)) as $slug) {
            $screen = $blueprint->screen($slug);
            if ($screen !== null && count($proposed) < self::MOST && self::tells($screen, $blueprint)) {
                $proposed[] = new StorePicture($screen->name);
            }
        }

        return $proposed;
    }

    /** A form that is empty, or a page to sign in on, tells nothing of an app. */
    private static function tells(Screen $screen, Blueprint $blueprint): bool
    {
        return $screen->lines() !== [] && $screen->name !== ($blueprint->signIn->at ?? '');
    }
}
