<?php

declare(strict_types=1);

namespace Lanai\Core\Text;

/** Texts that are the same to people: whatever their case, and however their characters are composed. */
final class Texts
{
    /** Normalizer::FORM_KC_CF, which extensions of PHP 8.2 have and its descriptions lack. */
    private const FOLDED = 48;

    /** By Unicode's NFKC_Casefold (UAX #44), so that "Straße" is "STRASSE"; without spaces around. */
    public static function folded(string $text): string
    {
        $text = trim($text);
        if (! Pattern::match('/[^\x00-\x7F]/', $text)) {
            return strtolower($text);
        }
        $folded = mb_check_encoding($text, 'UTF-8') ? normalizer_normalize($text, self::FOLDED) : false;

        return $folded === false ? $text : $folded;
    }
}
