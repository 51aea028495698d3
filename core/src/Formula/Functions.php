<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use DateTimeImmutable;

/** The functions that formulas can call. A null where a value is needed gives null. */
final class Functions
{
    /** @var array<string, Signature>|null */
    private static ?array $all = null;

    public static function named(string $name): ?Signature
    {
        return self::all()[$name] ?? null;
    }

    /** @return array<string, Signature> */
    public static function all(): array
    {
        if (self::$all !== null) {
            return self::$all;
        }
        $text = fn (mixed $v): string => is_scalar($v) ? (string) $v : '';
        $number = fn (mixed $v): int|float => is_int($v) || is_float($v) ? $v : 0;
        $at = fn (mixed $v): DateTimeImmutable => $v instanceof DateTimeImmutable ? $v : new DateTimeImmutable('@0');
        $list = [
            new Signature('now', [], Kind::Moment, 'this moment', fn (Moment $m): DateTimeImmutable => $m->now),
            new Signature('today', [], Kind::Moment, 'the start of today', fn (Moment $m): DateTimeImmutable => Formats::startOfDay($m->now, $m->zone)),
            new Signature('addDays', [Kind::Moment, Kind::Whole], Kind::Moment, 'so many days later',
                fn (Moment $m, mixed $v, mixed $n): DateTimeImmutable => $at($v)->setTimezone($m->zone)->modify(sprintf('%+d days', $number($n)))->setTimezone(new \DateTimeZone('UTC'))),
            new Signature('addHours', [Kind::Moment, Kind::Whole], Kind::Moment, 'so many hours later',
                fn (Moment $m, mixed $v, mixed $n): DateTimeImmutable => $at($v)->modify(sprintf('%+d hours', $number($n)))),
            new Signature('date', [Kind::Moment], Kind::Text, 'the day, as in Sat 28 Nov', fn (Moment $m, mixed $v): string => Formats::pattern($at($v), 'EEE d MMM', $m)),
            new Signature('time', [Kind::Moment], Kind::Text, 'the time of day, as in 07:30', fn (Moment $m, mixed $v): string => Formats::pattern($at($v), 'HH:mm', $m)),
            new Signature('relative', [Kind::Moment], Kind::Text, 'how far away, as in “in 3 hours”', fn (Moment $m, mixed $v): string => Formats::relative($at($v), $m)),
            new Signature('upper', [Kind::Text], Kind::Text, 'in capitals', fn (Moment $m, mixed $v): string => mb_strtoupper($text($v))),
            new Signature('lower', [Kind::Text], Kind::Text, 'in small letters', fn (Moment $m, mixed $v): string => mb_strtolower($text($v))),
            new Signature('trim', [Kind::Text], Kind::Text, 'without spaces around it', fn (Moment $m, mixed $v): string => trim($text($v))),
            new Signature('length', [Kind::Text], Kind::Whole, 'how many characters', fn (Moment $m, mixed $v): int => (int) grapheme_strlen($text($v))),
            new Signature('number', [Kind::Text], Kind::Decimal, 'the number that a text spells; nothing where it spells none',
                fn (Moment $m, mixed $v): int|float|null => is_numeric(trim($text($v))) ? trim($text($v)) + 0 : null),
            new Signature('whole', [Kind::Any], Kind::Whole, 'the whole number in a text or number, without its decimals',
                fn (Moment $m, mixed $v): ?int => is_numeric(trim($text($v))) && abs((float) $text($v)) < 1e15 ? (int) (trim($text($v)) + 0) : null),
            new Signature('text', [Kind::Any], Kind::Text, 'any value as text', fn (Moment $m, mixed $v): string => Formats::show($v, $m)),
            new Signature('round', [Kind::Decimal, Kind::Whole], Kind::Decimal, 'rounded half up to so many decimals',
                fn (Moment $m, mixed $v, mixed $n = 0): float => round($number($v), (int) $number($n)), 1),
            new Signature('min', [Kind::Decimal, Kind::Decimal], Kind::Decimal, 'the smaller one', fn (Moment $m, mixed $a, mixed $b): int|float => min($number($a), $number($b))),
            new Signature('max', [Kind::Decimal, Kind::Decimal], Kind::Decimal, 'the larger one', fn (Moment $m, mixed $a, mixed $b): int|float => max($number($a), $number($b))),
            new Signature('plural', [Kind::Whole, Kind::Text, Kind::Text], Kind::Text, '“1 place”, “2 places”',
                fn (Moment $m, mixed $n, mixed $one, mixed $many): string => $number($n).' '.($number($n) === 1 ? $text($one) : $text($many))),
        ];

        return self::$all = array_combine(array_map(fn (Signature $s): string => $s->name, $list), $list);
    }
}
