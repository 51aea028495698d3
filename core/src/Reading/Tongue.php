<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

use Lanai\Core\Text\Pattern;

/** In which language a paragraph is written, by the small words that each is full of. */
final class Tongue
{
    private const SMALL = [
        'English' => [
            'the', 'a', 'an', 'and', 'of', 'to', 'with', 'has', 'have', 'is', 'are', 'can', 'for', 'their', 'who', 'it', 'they', 'each',
            'or', 'in', 'on',
        ],
        'German' => [
            'der', 'die', 'das', 'und', 'ein', 'eine', 'einen', 'mit', 'für', 'ist', 'sind', 'hat', 'haben', 'soll', 'sollen', 'ich',
            'wir', 'kann', 'können', 'den', 'dem', 'von', 'zu', 'nicht', 'auch', 'oder', 'jede', 'jeder', 'jedes',
        ],
        'French' => [
            'le', 'la', 'les', 'des', 'un', 'une', 'et', 'avec', 'pour', 'est', 'sont', 'je', 'nous', 'peut', 'peuvent', 'du', 'de', 'qui',
            'leurs', 'chaque', 'ou', 'dans', 'sur', 'ont',
        ],
        'Spanish' => [
            'el', 'la', 'los', 'las', 'un', 'una', 'y', 'con', 'para', 'es', 'son', 'que', 'de', 'del', 'puede', 'pueden', 'cada', 'tiene',
            'tienen', 'sus', 'o', 'en', 'por',
        ],
        'Italian' => [
            'il', 'lo', 'la', 'gli', 'un', 'una', 'e', 'con', 'per', 'è', 'sono', 'che', 'di', 'del', 'della', 'può', 'possono', 'ogni',
            'ha', 'hanno', 'o', 'in',
        ],
    ];

    /** Words without which nobody can tell. */
    private const LEAST = 4;

    private const LOOKED = 400;

    /** @return string the language, in English; '' for English, and where nobody can tell */
    public static function of(string $text): string
    {
        Pattern::matchAll('/\p{L}+/u', mb_strtolower(mb_substr(mb_scrub($text), 0, 4000)), $found);
        $words = array_count_values(array_slice($found[0], 0, self::LOOKED));
        $hits = array_map(fn (array $small): int => array_sum(array_intersect_key($words, array_flip($small))), self::SMALL);
        arsort($hits);
        $first = (string) array_key_first($hits);

        return $first === 'English' || $hits[$first] < self::LEAST || $hits[$first] <= $hits['English'] + 1 ? '' : $first;
    }
}
