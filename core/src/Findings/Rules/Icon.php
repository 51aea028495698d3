<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Text\Pattern;

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
            $letter = mb_strtoupper(mb_substr($reading->blueprint->name, 0, 1));
            yield Finding::blocking(
                self::class,
                '/release/letter',
                'The app has no icon. Upload a square picture, or make one from a letter and the theme.',
                Mend::put("Make one from “{$letter}”", '/release/letter', $letter),
            );
        } elseif ($release->icon === '' && ! Pattern::match('/^[\p{Latin}\p{Greek}\p{Cyrillic}\p{Nd}\p{P}\p{S}]+$/u', $release->letter)) {
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
