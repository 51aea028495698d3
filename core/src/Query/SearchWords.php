<?php

declare(strict_types=1);

namespace Lanai\Core\Query;

use Lanai\Core\Model\Row;
use Lanai\Core\Text\Pattern;

/** Whether a row's texts hold the words that are searched for, if only begun, accents and case aside. */
final class SearchWords
{
    public static function in(Row $row, string $search): bool
    {
        Pattern::matchAll('/[\p{L}\p{N}]+/u', self::folded($search), $wanted);
        Pattern::matchAll('/[\p{L}\p{N}]+/u', self::folded(implode(' ', array_filter($row->values, is_string(...)))), $words);
        foreach ($wanted[0] as $part) {
            if (array_filter($words[0], fn (string $word): bool => str_starts_with($word, $part)) === []) {
                return false;
            }
        }

        return trim($search) === '' || $wanted[0] !== [];
    }

    private static function folded(string $text): string
    {
        return Pattern::replace('/\p{M}/u', '', mb_convert_case((string) normalizer_normalize($text, \Normalizer::FORM_D), MB_CASE_FOLD));
    }
}
