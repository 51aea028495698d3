<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use DateTimeImmutable;
use Lanai\Core\Values\Day;
use Lanai\Core\Values\Duration;
use Lanai\Core\Values\Money;

/** What + - * / % and ** make of each pair of types. Nothing with anything gives nothing, and so does dividing by zero. */
final class Arithmetic
{
    /** The type of the result; null where the two do not go together. */
    public static function type(string $operator, Type $a, Type $b): ?Type
    {
        $any = fn (Type $t): bool => $t->kind === Kind::Any || $t->kind === Kind::Nothing;
        if ($any($a) || $any($b)) {
            return match (true) {
                $any($a) && $any($b) => Type::of(Kind::Decimal),
                $any($a) => $b,
                default => $a,
            };
        }
        $sum = $operator === '+' || $operator === '-';
        $factor = $operator === '*' || $operator === '/';

        return match (true) {
            $a->isNumber() && $b->isNumber() => Type::of(
                $a->kind === Kind::Whole && $b->kind === Kind::Whole && $operator !== '/' && $operator !== '**' ? Kind::Whole : Kind::Decimal,
            ),
            $a->isMeasure() && $a->fits($b) => match (true) {
                $sum => $a,
                $operator === '/' => Type::of(Kind::Decimal),
                default => null,
            },
            $a->isMeasure() && $b->isNumber() => $factor ? $a : null,
            $b->isMeasure() && $a->isNumber() => $operator === '*' ? $b : null,
            $a->kind === Kind::Moment && $b->kind === Kind::Duration => $sum ? $a : null,
            $a->kind === Kind::Moment && $b->kind === Kind::Moment => $operator === '-' ? Type::of(Kind::Duration) : null,
            $a->kind === Kind::Date && $b->kind === Kind::Whole => $sum ? $a : null,
            $a->kind === Kind::Date && $b->kind === Kind::Date => $operator === '-' ? Type::of(Kind::Whole) : null,
            default => null,
        };
    }

    public static function of(string $operator, mixed $a, mixed $b): mixed
    {
        $x = is_int($a) || is_float($a) ? $a : null;
        $y = is_int($b) || is_float($b) ? $b : null;

        return match (true) {
            $x !== null && $y !== null => self::numbers($operator, $x, $y),
            $a instanceof Money && $b instanceof Money && $a->currency === $b->currency => match ($operator) {
                '+' => new Money($a->minor + $b->minor, $a->currency),
                '-' => new Money($a->minor - $b->minor, $a->currency),
                '/' => $b->minor === 0 ? null : $a->minor / $b->minor,
                default => null,
            },
            $a instanceof Money && $y !== null => match (true) {
                $operator === '*' => $a->times($y),
                $operator === '/' && $y != 0 => $a->over($y),
                default => null,
            },
            $b instanceof Money && $x !== null => $operator === '*' ? $b->times($x) : null,
            $a instanceof Duration && $b instanceof Duration => match ($operator) {
                '+' => new Duration($a->seconds + $b->seconds),
                '-' => new Duration($a->seconds - $b->seconds),
                '/' => $b->seconds === 0 ? null : $a->seconds / $b->seconds,
                default => null,
            },
            $a instanceof Duration && $y !== null => match (true) {
                $operator === '*' => new Duration((int) round($a->seconds * $y)),
                $operator === '/' && $y != 0 => new Duration((int) round($a->seconds / $y)),
                default => null,
            },
            $b instanceof Duration && $x !== null => $operator === '*' ? new Duration((int) round($b->seconds * $x)) : null,
            $a instanceof DateTimeImmutable && $b instanceof Duration => $a->modify(sprintf('%+d seconds', $operator === '-' ? -$b->seconds : $b->seconds)),
            $a instanceof DateTimeImmutable && $b instanceof DateTimeImmutable => $operator === '-'
                ? new Duration($a->getTimestamp() - $b->getTimestamp())
                : null,
            $a instanceof Day && is_int($b) => $a->plusDays($operator === '-' ? -$b : $b),
            $a instanceof Day && $b instanceof Day => $operator === '-'
                ? intdiv((int) strtotime("$a->iso UTC") - (int) strtotime("$b->iso UTC"), 86400)
                : null,
            default => null,
        };
    }

    private static function numbers(string $operator, int|float $a, int|float $b): int|float|null
    {
        $result = match ($operator) {
            '+' => $a + $b,
            '-' => $a - $b,
            '*' => $a * $b,
            '**' => $a ** $b,
            '/' => $b == 0 ? null : $a / $b,
            '%' => match (true) {
                (int) $b === 0 => null,
                is_int($a) && is_int($b) => $a % $b,
                default => fmod($a, $b),
            },
            default => null,
        };

        return is_float($result) && ! is_finite($result) ? null : $result;
    }
}
