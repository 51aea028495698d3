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

    /** Those that are written from right to left (Unicode CLDR, layout of the locale). */
    private const LEFTWARD = ['ar', 'fa', 'he', 'ur'];

    /** @return 'ltr'|'rtl' as HTML has it */
    public static function direction(string $tag): string
    {
        return in_array($tag, self::LEFTWARD, true) ? 'rtl' : 'ltr';
    }
}
