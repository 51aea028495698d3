<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange\Written;

/** Yes and no in the languages in which files come; common practice, no source. */
final class YesNoWords
{
    private const YES = [
        'yes',
        'y',
        'true',
        't',
        '1',
        'on',
        'x',
        '✓',
        '✔',
        '☑',
        'ja',
        'j',
        'wahr',
        'oui',
        'o',
        'vrai',
        'sí',
        'si',
        's',
        'sì',
        'verdadero',
        'vero',
        'sim',
        'verdadeiro',
        'tak',
        'da',
        'да',
        'evet',
        'はい',
    ];

    private const NO = [
        'no',
        'n',
        'false',
        'f',
        '0',
        'off',
        '–',
        '-',
        '☐',
        'nein',
        'falsch',
        'non',
        'faux',
        'falso',
        'não',
        'nao',
        'nee',
        'nej',
        'nei',
        'nie',
        'ne',
        'нет',
        'hayır',
        'いいえ',
    ];

    public const MARKS = ['x', '✓', '✔', '☑'];

    /** @var array<array-key, string>|null */
    private static ?array $words = null;

    public static function plain(string $cell): string
    {
        self::$words ??= array_fill_keys(self::YES, 'yes') + array_fill_keys(self::NO, 'no');

        return self::$words[$cell] ?? (self::$words[mb_strtolower(trim($cell))] ?? $cell);
    }
}
