<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange\Written;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\UnreadableValue;

/** How the cells of a column write numbers, days, and yes or no. */
enum Reading: string
{
    case Plain = '';
    case Point = 'point';
    case Comma = 'comma';
    case DayFirst = 'day first';
    case MonthFirst = 'month first';
    case Marks = 'marks';

    /** @return list<self> those that a column of this type can be written in; the first is taken where nothing tells */
    public static function for(FieldType $type): array
    {
        return match ($type->type()->kind) {
            Kind::Whole, Kind::Decimal, Kind::Money => [self::Point, self::Comma],
            Kind::Date, Kind::Moment => [self::DayFirst, self::MonthFirst],
            Kind::YesNo => [self::Plain, self::Marks],
            default => [self::Plain],
        };
    }

    /** As it is chosen by, on screen. */
    public function words(): string
    {
        return match ($this) {
            self::Plain => 'as it stands',
            self::Point => 'numbers as in 1,234.50',
            self::Comma => 'numbers as in 1.234,50',
            self::DayFirst => 'dates as in 24.12.2026, the day first',
            self::MonthFirst => 'dates as in 12/24/2026, the month first',
            self::Marks => 'a mark such as x is yes, an empty cell is no',
        };
    }

    /**
     * The cell as the field's type reads it: a number with a point, a day as in 2026-12-24, yes or no. A text stays as it is.
     *
     * @throws UnreadableValue where it is not written so
     */
    public function plain(string $cell, FieldType $type): string
    {
        if ($cell === '') {
            return $this === self::Marks ? 'no' : '';
        }

        return match ($type->type()->kind) {
            Kind::Whole, Kind::Decimal => ctype_digit($cell) ? $cell : Numerals::plain($cell, $this === self::Comma),
            Kind::Money => ctype_digit($cell) ? $cell : Numerals::plain(Marks::without($cell, $type), $this === self::Comma),
            Kind::Date => Dates::day($cell, $this === self::MonthFirst),
            Kind::Moment => Dates::moment($cell, $this === self::MonthFirst),
            Kind::Time => Dates::clock($cell),
            Kind::YesNo => YesNoWords::plain($cell),
            default => $cell,
        };
    }
}
