<?php

declare(strict_types=1);

namespace Lanai\Core\Rows;

use Lanai\Core\Formula\TextTooLong;
use Lanai\Core\Query\Pairs;

/** More rows would have to be looked at one by one than one visit may take: it is said, and nothing half counted is shown. */
final class TooMuch extends Refused
{
    /** @param  float  $pairs  of rows that a query would compare with one another */
    public static function pairs(float $pairs): self
    {
        return new self(
            'This would compare too many rows with one another: about '.
                Pairs::words($pairs).
                ' pairs. Look rows up by a field that must be like another one (==), or choose fewer rows first.',
        );
    }

    /** @param  string  $formula  what was being worked out */
    public static function text(string $formula): self
    {
        return new self(
            '“'.
                self::short($formula).
                '” makes a text of more than '.
                number_format(TextTooLong::MOST).
                ' characters and was stopped. Put fewer rows or shorter texts together.',
        );
    }

    private static function short(string $formula): string
    {
        return mb_strlen($formula) > 80 ? mb_substr($formula, 0, 79).'…' : $formula;
    }

    /** @param  string  $formula  what was being worked out */
    public static function steps(string $formula, int $most): self
    {
        return new self(
            '“'.
                self::short($formula).
                '” looks at too many rows one by one and was stopped after '.
                number_format($most).
                ' steps. Compare fields of the table with values, or choose fewer rows first.',
        );
    }

    public static function of(string $what, int $most): self
    {
        return new self("There are too many $what to work this out one by one: it stops after ".number_format($most).'.');
    }
}
