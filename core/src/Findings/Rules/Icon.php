<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Release\IconLetter;

final class Icon implements Rule
{
    public function holds(): string
    {
        return 'The app has an icon.';
    }

    public function station(): Station
    {
        return Station::Release;
    }

    public function look(Reading $reading): iterable
    {
        $release = $reading->blueprint->release;
        if ($release->letter === '' && $release->icon === '') {
            $letter = IconLetter::of($reading->blueprint->name);
            yield Finding::blocking(
                self::class,
                '/release/letter',
                'The app has no icon. Upload a square picture, or make one from a letter and the theme.',
                $letter === '' ? null : Mend::put("Make one from “{$letter}”", '/release/letter', $letter),
            );
        } elseif ($release->icon === '' && ! IconLetter::isDrawn($release->letter)) {
            yield Finding::warning(
                self::class,
                '/release/letter',
                "“{$release->letter}” is not in the font in which icons are drawn. Upload a picture, or take another letter.",
            );
        } elseif ($release->icon === '' && grapheme_strlen($release->letter) > 2) {
            yield Finding::warning(
                self::class,
                '/release/letter',
                'More than two characters cannot be read on an icon.',
                Mend::put('Keep the first', '/release/letter', grapheme_substr($release->letter, 0, 1)),
            );
        }
    }
}
