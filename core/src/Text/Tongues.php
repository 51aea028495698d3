<?php

declare(strict_types=1);

namespace Lanai\Core\Text;

/** The languages that an app's own words may be in, by their tags (BCP 47), and how each is called here. */
final class Tongues
{
    public const NAMES = [
        'ar' => 'Arabic',
        'cs' => 'Czech',
        'da' => 'Danish',
        'de' => 'German',
        'el' => 'Greek',
        'en' => 'English',
        'es' => 'Spanish',
        'fa' => 'Persian',
        'fi' => 'Finnish',
        'fr' => 'French',
        'he' => 'Hebrew',
        'hi' => 'Hindi',
        'hr' => 'Croatian',
        'hu' => 'Hungarian',
        'it' => 'Italian',
        'ja' => 'Japanese',
        'ko' => 'Korean',
        'nb' => 'Norwegian',
        'nl' => 'Dutch',
        'pl' => 'Polish',
        'pt' => 'Portuguese',
        'ro' => 'Romanian',
        'ru' => 'Russian',
        'sk' => 'Slovak',
        'sl' => 'Slovenian',
        'sv' => 'Swedish',
        'tr' => 'Turkish',
        'uk' => 'Ukrainian',
        'ur' => 'Urdu',
        'zh' => 'Chinese',
    ];

    /** Those that are written from right to left (Unicode CLDR, layout of the locale); the last is one of its pseudo-locales. */
    private const LEFTWARD = ['ar', 'fa', 'he', 'ur', 'ar-XB'];

    /** A language as it calls itself (Unicode CLDR). */
    public static function itself(string $tag): string
    {
        $name = (string) \Locale::getDisplayLanguage($tag, $tag);

        return mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1);
    }

    /** @return 'ltr'|'rtl' as HTML has it */
    public static function direction(string $tag): string
    {
        return in_array($tag, self::LEFTWARD, true) ? 'rtl' : 'ltr';
    }
}
