<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

/** What sort of value a formula gives; the value is the plain word for it. */
enum Kind: string
{
    case Text = 'a text';
    case Whole = 'a whole number';
    case Decimal = 'a number';
    case YesNo = 'yes or no';
    case Moment = 'a date and time';
    case Date = 'a date';
    case Time = 'a time of day';
    case Duration = 'a duration';
    case Money = 'money';
    case Place = 'a place';
    case Picture = 'a picture';
    case File = 'a file';
    case Row = 'a row';
    case Several = 'several values';
    case Nothing = 'nothing';
    case Any = 'anything';

    /** Numbers, texts and dates come before or after one another. */
    public function isOrdered(): bool
    {
        return Kinds\Kinds::of($this)->isOrdered();
    }

    public static function named(mixed $name): self
    {
        foreach (self::cases() as $kind) {
            if ($kind->name === $name) {
                return $kind;
            }
        }

        return self::Any;
    }
}
