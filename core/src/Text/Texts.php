<?php

declare(strict_types=1);

namespace Lanai\Core\Text;

use Collator;

/**
 * Texts as people see them: the same whatever their case and however their characters are composed, and in natural order,
 * in which "item 9" stands before "Item 10".
 */
final class Texts
{
    /** Normalizer::FORM_KC_CF, which extensions of PHP 8.2 have and its descriptions lack. */
    private const FOLDED = 48;

    /** So many bytes of a text decide where it stands. */
    private const DECIDING = 1000;

    private static ?Collator $collator = null;

    /** By Unicode's NFKC_Casefold (UAX #44), so that "Straße" is "STRASSE". */
    public static function fold(string $text): string
    {
        if (! Pattern::match('/[^\x00-\x7F]/', $text)) {
            return strtolower($text);
        }
        $folded = mb_check_encoding($text, 'UTF-8') ? normalizer_normalize($text, self::FOLDED) : false;

        return $folded === false ? $text : $folded;
    }

    /** The same without spaces around. */
    public static function folded(string $text): string
    {
        return self::fold(trim($text));
    }

    public static function holds(string $text, string $part): bool
    {
        return str_contains(self::fold($text), self::fold($part));
    }

    public static function begins(string $text, string $with): bool
    {
        return str_starts_with(self::fold($text), self::fold($with));
    }

    public static function ends(string $text, string $with): bool
    {
        return str_ends_with(self::fold($text), self::fold($with));
    }

    /**
     * By the Unicode Collation Algorithm (UTS #10) with the root order of CLDR, at its second strength: accents count and case
     * does not; runs of digits count as numbers.
     *
     * @return int below, above or 0 where they stand at the same place
     */
    public static function order(string $a, string $b): int
    {
        $order = $a === $b ? 0 : self::collator()->compare(self::deciding($a), self::deciding($b));

        return $order === false ? strcmp($a, $b) : $order;
    }

    /** Bytes that stand to one another as order() says of their texts; good as long as version() is the same. */
    public static function key(string $text): string
    {
        return self::collator()->getSortKey(self::deciding($text));
    }

    /** Of the tables by which texts are folded and ordered. */
    public static function version(): string
    {
        return 'ICU '.INTL_ICU_VERSION.' '.INTL_ICU_DATA_VERSION.', 1';
    }

    private static function deciding(string $text): string
    {
        $text = strlen($text) > self::DECIDING ? mb_strcut($text, 0, self::DECIDING, 'UTF-8') : $text;

        return mb_check_encoding($text, 'UTF-8') ? $text : mb_scrub($text, 'UTF-8');
    }

    private static function collator(): Collator
    {
        if (self::$collator === null) {
            self::$collator = new Collator('root');
            self::$collator->setStrength(Collator::SECONDARY);
            self::$collator->setAttribute(Collator::NUMERIC_COLLATION, Collator::ON);
        }

        return self::$collator;
    }
}
