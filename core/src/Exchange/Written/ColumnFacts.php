<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange\Written;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\FieldTypes\WholeNumberType;

/** What is known of the cells of a column after all of them were looked at. */
final readonly class ColumnFacts
{
    /**
     * @param  bool|null  $comma  whether its numbers have a comma before the decimals; null where it cannot be told
     * @param  bool  $groups  whether there are numbers such as 1.234, which could be either
     * @param  bool  $signs  whether there are points or commas at all
     * @param  int  $first  the greatest first number of days such as 1/2/2026; 0 where there are none
     * @param  int  $second  the greatest second one
     * @param  bool  $marks  whether there is a mark here and nothing there
     */
    public function __construct(public ?bool $comma, public bool $groups, public bool $signs, public int $first, public int $second, public bool $marks)
    {
    }

    /** @param  array<array-key, mixed>  $data  as data() gives it */
    public static function of(array $data): self
    {
        return new self(
            is_bool($data[0] ?? null) ? $data[0] : null,
            (bool) ($data[1] ?? false),
            (bool) ($data[2] ?? false),
            is_int($data[3] ?? null) ? $data[3] : 0,
            is_int($data[4] ?? null) ? $data[4] : 0,
            (bool) ($data[5] ?? false),
        );
    }

    /** @return list<bool|int|null> */
    public function data(): array
    {
        return [$this->comma, $this->groups, $this->signs, $this->first, $this->second, $this->marks];
    }

    /**
     * How it is written, for a field of this type.
     *
     * @param  bool|null  $comma  what the other columns of the file tell
     */
    public function reading(FieldType $type, ?bool $comma = null): Reading
    {
        return match ($type->type()->kind) {
            Kind::Whole, Kind::Decimal, Kind::Money => $this->hasComma($type, $comma) ? Reading::Comma : Reading::Point,
            Kind::Date, Kind::Moment => $this->second > 12 && $this->first <= 12 ? Reading::MonthFirst : Reading::DayFirst,
            Kind::YesNo => $this->marks ? Reading::Marks : Reading::Plain,
            default => Reading::Plain,
        };
    }

    /**
     * Readings that mean different things here; [] where all mean the same.
     *
     * @return list<Reading>
     */
    public function choices(FieldType $type): array
    {
        $all = Reading::for($type);
        $different = match ($all[0]) {
            Reading::Point => $this->signs,
            Reading::DayFirst => $this->first > 0,
            default => $this->marks,
        };

        return $different && count($all) > 1 ? $all : [];
    }

    private function hasComma(FieldType $type, ?bool $others): bool
    {
        // "1.234" in a column of whole numbers can only be one thousand and some.
        return $this->comma ?? ($type instanceof WholeNumberType && $this->groups ? true : $others ?? false);
    }

    /**
     * What several columns tell together of the sign before decimals.
     *
     * @param  list<self>  $columns
     */
    public static function together(array $columns): ?bool
    {
        $with = count(array_filter($columns, fn (self $c): bool => $c->comma === true));
        $without = count(array_filter($columns, fn (self $c): bool => $c->comma === false));

        return $with === $without ? null : $with > $without;
    }
}
