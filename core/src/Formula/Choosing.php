<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use MessageFormatter;

/**
 * A place in a text at which one of several wordings stands, by a number or by a word: ICU MessageFormat's plural, selectordinal and select.
 *
 * Source of the meaning: ICU User Guide, "Formatting Messages"; categories by Unicode CLDR plural rules, as PHP intl has them.
 */
final readonly class Choosing
{
    public const PLURAL = 'plural';

    public const ORDINAL = 'selectordinal';

    public const SELECT = 'select';

    /** What select calls a value that is not there; yes and no are called so. A plural of nothing says nothing. */
    public const NOTHING = 'none';

    /**
     * @param  self::PLURAL|self::ORDINAL|self::SELECT  $by
     * @param  int  $offset  is taken from the number before a wording is chosen, and from what # shows
     * @param  array<string, list<string|Formula|self|TheNumber>>  $wordings  by CLDR category or "=" and a number; or by word. "other" is always there
     */
    public function __construct(public Formula $of, public string $by, public int $offset, public array $wordings)
    {
    }

    /** @return list<string|Formula|self|TheNumber> the wording for a value */
    public function wording(mixed $value, Moment $moment): array
    {
        if ($this->by !== self::SELECT && $this->number($value) === null) {
            return [];
        }
        $key = $this->by === self::SELECT ? self::word($value, $moment) : $this->category($value, $moment);

        return $this->wordings[$key] ?? $this->wordings['other'] ?? [];
    }

    /** What # shows for a value; null for one that is no number. */
    public function number(mixed $value): int|float|null
    {
        return is_int($value) || is_float($value) ? $value - $this->offset : null;
    }

    private function category(mixed $value, Moment $moment): string
    {
        $number = $this->number($value);
        if ($number === null) {
            return 'other';
        }
        foreach (array_keys($this->wordings) as $key) {
            if ($key[0] === '=' && (float) substr($key, 1) === (float) ($number + $this->offset)) {
                return $key;
            }
        }

        return self::categoryOf($number, $this->by === self::ORDINAL ? self::ORDINAL : self::PLURAL, $moment->locale);
    }

    /**
     * The plural category of a number in a language.
     *
     * @param  self::PLURAL|self::ORDINAL  $by
     * @return 'zero'|'one'|'two'|'few'|'many'|'other'
     */
    public static function categoryOf(int|float $number, string $by, string $locale): string
    {
        $pattern = '{0, '.$by.', zero {zero} one {one} two {two} few {few} many {many} other {other}}';
        $found = MessageFormatter::formatMessage($locale, $pattern, [$number]);

        return in_array($found, ['zero', 'one', 'two', 'few', 'many'], true) ? $found : 'other';
    }

    private static function word(mixed $value, Moment $moment): string
    {
        return match (true) {
            $value === null => self::NOTHING,
            is_bool($value) => $value ? 'yes' : 'no',
            is_string($value) => $value,
            default => Formats::show($value, $moment),
        };
    }
}
