<?php

declare(strict_types=1);

namespace Lanai\Core\Data\Exchange;

use Lanai\Core\Data\FieldType;
use Lanai\Core\Data\FieldTypes;
use Lanai\Core\Data\UnreadableValue;

/** Which type a column of texts has, found by looking: the first that reads all of them. */
final class TypeGuess
{
    /**
     * @param  list<string>  $values  some of the column
     * @return string the type as a sentence has it, such as "is a whole number"
     */
    public static function of(array $values): string
    {
        $values = array_values(array_filter(array_map(trim(...), $values), fn (string $v): bool => $v !== ''));
        if ($values === []) {
            return 'is a text';
        }
        $patterns = [
            'is yes or no' => '/^(yes|no|true|false)$/i',
            'is a whole number' => '/^[+-]?(0|[1-9]\d{0,14})$/',
            'is a decimal' => '/^[+-]?(0|[1-9]\d{0,14})(\.\d+)?(e[+-]?\d{1,2})?$/i',
            'is a date' => '/^\d{4}-\d\d-\d\d$/',
            'is a date and time' => '/^\d{4}-\d\d-\d\d[T ]\d\d:\d\d/',
            'is a time of day' => '/^\d{1,2}:\d\d$/',
            'is an e-mail address' => '/^[^@\s]+@[^@\s]+\.[^@\s]+$/',
            'is a web address' => '~^https?://~i',
            'is a phone number' => '/^\+[\d\s().-]{7,20}$/',
            'is a colour' => '/^#[0-9a-f]{6}$/i',
            'is a place' => '/^-?\d{1,2}\.\d+\s*[,;]\s*-?\d{1,3}\.\d+$/',
        ];
        $kinds = ['is yes or no' => 'yesNo', 'is a whole number' => 'whole', 'is a decimal' => 'decimal', 'is a date' => 'date', 'is a date and time' => 'moment', 'is a time of day' => 'time',
            'is an e-mail address' => 'email', 'is a web address' => 'web', 'is a phone number' => 'phone', 'is a colour' => 'colour', 'is a place' => 'place'];
        foreach ($patterns as $sentence => $pattern) {
            $type = FieldTypes::tagged($kinds[$sentence]);
            if ($type !== null && preg_grep($pattern, $values, PREG_GREP_INVERT) === [] && self::readsAll($type, $values)) {
                return $sentence;
            }
        }
        $different = array_values(array_unique($values));
        if (count($values) >= 12 && count($different) <= 6 && max(array_map(mb_strlen(...), $different)) <= 24 && count($different) * 3 <= count($values)) {
            return 'is one of '.implode(', ', array_map(fn (string $v): string => '"'.addcslashes($v, '"\\').'"', $different));
        }

        return array_filter($values, fn (string $v): bool => str_contains($v, "\n") || mb_strlen($v) > 120) === [] ? 'is a text' : 'is a long text';
    }

    /** @param  list<string>  $values */
    private static function readsAll(FieldType $type, array $values): bool
    {
        try {
            foreach ($values as $value) {
                $type->read($value);
            }
        } catch (UnreadableValue) {
            return false;
        }

        return true;
    }
}
