<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange;

use Lanai\Core\Exchange\Written\Column;
use Lanai\Core\Exchange\Written\ColumnFacts;
use Lanai\Core\Exchange\Written\Marks;
use Lanai\Core\Exchange\Written\YesNoWords;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\FieldTypes;
use Lanai\Core\Model\FieldTypes\MoneyType;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Text\Pattern;

/** Which type a column of texts has, found by looking: the first that reads all of them as they are written. */
final class TypeGuess
{
    /** Type => what its values look like once they are written as Lanai writes them. */
    private const PATTERNS = [
        'is yes or no' => ['yesNo', '/^(yes|no)$/'],
        'is a whole number' => ['whole', '/^[+-]?(0|[1-9]\d{0,14})$/'],
        'is a decimal' => ['decimal', '/^[+-]?(0|[1-9]\d{0,14})(\.\d+)?(e[+-]?\d{1,2})?$/i'],
        'is a date' => ['date', '/^\d{4}-\d\d-\d\d$/'],
        'is a date and time' => ['moment', '/^\d{4}-\d\d-\d\d([T ]\d\d:\d\d|$)/'],
        'is a time of day' => ['time', '/^\d{1,2}:\d\d$/'],
        'is an e-mail address' => ['email', '/^[^@\s]+@[^@\s]+\.[^@\s]+$/'],
        'is a web address' => ['web', '~^https?://~i'],
        'is a phone number' => ['phone', '/^\+[\d\s().-]{7,20}$/'],
        'is a colour' => ['colour', '/^#[0-9a-f]{6}$/i'],
        'is a place' => ['place', '/^-?\d{1,2}\.\d+\s*[,;]\s*-?\d{1,3}\.\d+$/'],
    ];

    /**
     * @param  list<string>  $values  some of the column
     * @param  bool|null  $comma  whether the rest of the file writes decimals with a comma
     * @return string the type as a sentence has it, such as "is a whole number"
     */
    public static function of(array $values, ?bool $comma = null): string
    {
        $all = count($values);
        $values = array_values(array_filter(array_map(trim(...), $values), fn (string $v): bool => $v !== ''));
        $gaps = count($values) < $all;
        if ($values === []) {
            return 'is a text';
        }
        $column = new Column;
        array_map($column->see(...), $values);
        $facts = $column->facts();
        foreach (self::PATTERNS as $sentence => [$tag, $pattern]) {
            $type = FieldTypes::tagged($tag);
            if ($type === null || ! self::canBe($tag, $values, $gaps)) {
                continue;
            }
            $plain = self::plain($values, $type, $facts, $comma);
            if ($plain !== null && Pattern::allOf($pattern, $plain)) {
                return $sentence;
            }
        }
        $currency = self::currency($values);
        $money = $currency === '' ? null : self::plain($values, new MoneyType($currency), $facts, $comma);
        if ($money !== null && Pattern::allOf('/^-?\d{1,13}(\.\d+)?$/', $money)) {
            return "is money in $currency";
        }
        $different = array_values(array_unique($values));
        if (count($values) >= 12 && count($different) <= 6 && max(array_map(mb_strlen(...), $different)) <= 24 && count($different) * 3 <= count($values)) {
            return 'is one of '.implode(', ', array_map(fn (string $v): string => '"'.addcslashes($v, '"\\').'"', $different));
        }

        return array_filter($values, fn (string $v): bool => str_contains($v, "\n") || mb_strlen($v) > 120) === [] ? 'is a text' : 'is a long text';
    }

    /** @param  list<string>  $values */
    private static function canBe(string $tag, array $values, bool $gaps): bool
    {
        return match ($tag) {
            // A lone 1 or 0 is a number and a lone letter a text, but a mark here and nothing there is yes and no.
            'yesNo' => max([0, ...array_map(mb_strlen(...), $values)]) > 1 || ($gaps && array_diff($values, YesNoWords::MARKS) === []),
            'date' => ! Pattern::anyOf('/:/', $values),
            default => true,
        };
    }

    /**
     * @param  list<string>  $values
     * @return list<string>|null null where one of them is no value of the type
     */
    private static function plain(array $values, FieldType $type, ColumnFacts $facts, ?bool $comma): ?array
    {
        $reading = $facts->reading($type, $comma);
        $plain = [];
        try {
            foreach ($values as $value) {
                $plain[] = $written = $reading->plain($value, $type);
                $type->read($written);
            }
        } catch (UnreadableValue) {
            return null;
        }

        return $plain;
    }

    /** @param  list<string>  $values */
    private static function currency(array $values): string
    {
        $marks = array_unique(array_map(fn (string $v): string => Marks::apart($v)[1], $values));

        return count($marks) === 1 && $marks[0] !== '' ? Marks::currency($marks[0]) : '';
    }
}
