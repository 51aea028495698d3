<?php

declare(strict_types=1);

namespace Lanai\Core\Release;

use Lanai\Core\Text\Pattern;

/** Letters of which an icon can be made: those that are in the font of icons. */
final class IconLetter
{
    public static function isDrawn(string $text): bool
    {
        return Pattern::match('/^[\p{Latin}\p{Greek}\p{Cyrillic}\p{Nd}\p{P}\p{S}]+$/u', $text);
    }

    /** The first of a name that is drawn; '' where none is. */
    public static function of(string $name): string
    {
        return Pattern::match('/[\p{Latin}\p{Greek}\p{Cyrillic}\p{Nd}]/u', $name, $found) ? mb_strtoupper($found[0]) : '';
    }
}
