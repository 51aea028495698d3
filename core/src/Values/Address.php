<?php

declare(strict_types=1);

namespace Lanai\Core\Values;

use Lanai\Core\Text\Pattern;

/** Addresses that an app may lead to or show. */
final class Address
{
    /** An http or https address, or '' where it is none: nothing that could run script in the app's own page. */
    public static function web(mixed $value): string
    {
        $text = is_string($value) ? trim($value) : '';

        return Pattern::match('~^https?://[^\s/?#]+~i', $text) && filter_var($text, FILTER_VALIDATE_URL) !== false ? $text : '';
    }

    /** As web(), or the name of a file that the app keeps. */
    public static function media(mixed $value): string
    {
        return is_string($value) && Pattern::match('/^[0-9a-f]{64}\.\w{3,4}$/', $value) ? $value : self::web($value);
    }
}
