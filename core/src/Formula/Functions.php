<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Formula\Kind as K;
use Lanai\Core\Text\Pattern;
use Lanai\Core\Values\Currency;
use Lanai\Core\Values\Day;
use Lanai\Core\Values\Duration;
use Lanai\Core\Values\Money;
use Lanai\Core\Values\Place;
use Lanai\Core\Values\TimeOfDay;

/** The functions that formulas can call. A null where a value is needed gives null. */
final class Functions
{
    /** What people call functions who know them from elsewhere; only those that mean the same with the same values. */
    public const ALSO_CALLED = [
        'len' => 'length',
        'size' => 'length',
        'strlen' => 'length',
        'avg' => 'average',
        'mean' => 'average',
        'ceil' => 'ceiling',
        'int' => 'whole',
        'str' => 'text',
        'string' => 'text',
        'uppercase' => 'upper',
        'lowercase' => 'lower',
        'filter' => 'where',
        'total' => 'sum',
        'ifelse' => 'if',
        'iif' => 'if',
        'minimum' => 'min',
        'maximum' => 'max',
        'absolute' => 'abs',
    ];

    private const DAYS = [K::Moment, K::Date];

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
        $list = [...self::texts(), ...self::numbers(), ...self::dates(), ...self::lists(), ...self::choices(), ...self::formats()];

        return self::$all = array_combine(array_map(fn (Signature $s): string => $s->name, $list), $list);
    }

    /** @return list<Signature> */
    private static function texts(): array
    {
        return [
            new Signature('upper', [K::Text], K::Text, 'in capitals', fn (Moment $m, string $v): string => mb_strtoupper($v)),
            new Signature('lower', [K::Text], K::Text, 'in small letters', fn (Moment $m, string $v): string => mb_strtolower($v)),
            new Signature('trim', [K::Text], K::Text, 'without spaces around it', fn (Moment $m, string $v): string => trim($v)),
            new Signature('length', [K::Text], K::Whole, 'how many characters', fn (Moment $m, string $v): int => (int) grapheme_strlen($v)),
            new Signature(
                'replace',
                [K::Text, K::Text, K::Text],
                K::Text,
                'with one part replaced by another',
                fn (Moment $m, string $v, string $old, string $new): string => self::replaced($v, $old, $new),
            ),
            new Signature(
                'part',
                [K::Text, K::Whole, K::Whole],
                K::Text,
                'so many characters from a position, the first being 1',
                fn (Moment $m, string $v, int $from, int $count = PHP_INT_MAX): string => mb_substr($v, max(0, $from - 1), max(0, $count)),
                1,
            ),
            new Signature(
                'number',
                [K::Text],
                K::Decimal,
                'the number that a text spells; nothing where it spells none',
                fn (Moment $m, string $v): int|float|null => is_numeric(trim($v)) && is_finite((float) trim($v)) ? trim($v) + 0 : null,
            ),
            new Signature(
                'whole',
                [[K::Text, K::Decimal]],
                K::Whole,
                'the whole number in a text or number, without its decimals',
                fn (Moment $m, string|int|float $v): ?int => is_numeric(trim((string) $v)) && abs((float) $v) < 1e15 ? (int) (trim((string) $v) + 0) : null,
            ),
            new Signature(
                'picture',
                [K::Text],
                K::Picture,
                'the picture at an https address of the web',
                fn (Moment $m, string $v): ?string => Pattern::match('~^https://[^\s/?#]+\S*$~i', trim($v)) ? trim($v) : null,
            ),
            new Signature('text', [K::Any], K::Text, 'any value as text', fn (Moment $m, mixed $v): string => Formats::show($v, $m), withNothing: true),
        ];
    }

    private static function replaced(string $text, string $old, string $new): string
    {
        if ($old === '') {
            return $text;
        }
        $longer = substr_count($text, $old) * (strlen($new) - strlen($old));

        return strlen($text) + $longer > TextTooLong::MOST ? throw TextTooLong::now() : str_replace($old, $new, $text);
    }

    /** @return list<Signature> */
    private static function numbers(): array
    {
        $ordered = [K::Decimal, K::Money, K::Duration, K::Moment, K::Date, K::Time, K::Several];

        return [
            new Signature(
                'round',
                [K::Decimal, K::Whole],
                K::Decimal,
                'rounded half away from zero to so many decimals',
                fn (Moment $m, int|float $v, int $n = 0): float => round($v, max(-12, min(12, $n))),
                1,
            ),
            new Signature('floor', [K::Decimal], K::Whole, 'rounded down', fn (Moment $m, int|float $v): ?int => abs($v) < 1e15 ? (int) floor($v) : null),
            new Signature('ceiling', [K::Decimal], K::Whole, 'rounded up', fn (Moment $m, int|float $v): ?int => abs($v) < 1e15 ? (int) ceil($v) : null),
            new Signature('abs', [K::Decimal], fn (array $g): Type => $g[0], 'without its sign', fn (Moment $m, int|float $v): int|float => abs($v)),
            new Signature(
                'min',
                [$ordered, [K::Any]],
                self::both(...),
                'the smaller one, or the smallest of a list',
                fn (Moment $m, mixed $a, mixed $b): mixed => Comparison::of($a, $b) <= 0 ? $a : $b,
            ),
            new Signature(
                'max',
                [$ordered, [K::Any]],
                self::both(...),
                'the larger one, or the largest of a list',
                fn (Moment $m, mixed $a, mixed $b): mixed => Comparison::of($a, $b) >= 0 ? $a : $b,
            ),
            new Signature(
                'between',
                [[K::Decimal, K::Money, K::Duration, K::Moment, K::Date, K::Time, K::Text], K::Any, K::Any],
                K::YesNo,
                'from one value to another, both included',
                fn (Moment $m, mixed $v, mixed $a, mixed $b): bool => Comparison::of($v, $a) >= 0 && Comparison::of($v, $b) <= 0,
            ),
            new Signature(
                'distance',
                [K::Place, K::Place],
                K::Decimal,
                'the kilometres between two places, as the crow flies',
                fn (Moment $m, Place $a, Place $b): float => $a->distanceTo($b),
            ),
        ];
    }

    /** @return list<Signature> */
    private static function dates(): array
    {
        $field = fn (string $letter): \Closure => fn (Moment $m, mixed $v): int => (int) self::local($v, $m)->format($letter);

        return [
            new Signature('now', [], K::Moment, 'this moment', fn (Moment $m): DateTimeImmutable => $m->now),
            new Signature('today', [], K::Moment, 'the start of today', fn (Moment $m): DateTimeImmutable => self::start($m->now, 'day', $m)),
            new Signature('day', [K::Moment], K::Date, 'the day of a moment', fn (Moment $m, DateTimeImmutable $v): Day => Day::at($v, $m->zone)),
            new Signature(
                'addDays',
                [self::DAYS, K::Whole],
                self::first(...),
                'so many days later',
                fn (Moment $m, mixed $v, int $n): mixed => self::moved($v, "$n days", $m),
            ),
            new Signature(
                'addMonths',
                [self::DAYS, K::Whole],
                self::first(...),
                'so many months later, at most the month’s last day',
                fn (Moment $m, mixed $v, int $n): mixed => self::months($v, $n, $m),
            ),
            new Signature(
                'addHours',
                [K::Moment, K::Whole],
                K::Moment,
                'so many hours later',
                fn (Moment $m, DateTimeImmutable $v, int $n): DateTimeImmutable => $v->modify(sprintf('%+d hours', $n)),
            ),
            new Signature(
                'addMinutes',
                [K::Moment, K::Whole],
                K::Moment,
                'so many minutes later',
                fn (Moment $m, DateTimeImmutable $v, int $n): DateTimeImmutable => $v->modify(sprintf('%+d minutes', $n)),
            ),
            new Signature(
                'startOf',
                [self::DAYS, K::Text],
                self::first(...),
                'the start of its "hour", "day", "week", "month" or "year"',
                fn (Moment $m, mixed $v, string $unit): mixed => $v instanceof Day
                    ? Day::of(self::start(self::instant($v, $m), $unit, $m)->setTimezone($m->zone)->format('Y-m-d'))
                    : self::start(self::instant($v, $m), $unit, $m),
            ),
            new Signature(
                'daysBetween',
                [self::DAYS, self::DAYS],
                K::Whole,
                'how many midnights lie between',
                fn (Moment $m, mixed $a, mixed $b): mixed => Arithmetic::of(
                    '-',
                    $b instanceof Day ? $b : Day::at(self::instant($b, $m), $m->zone),
                    $a instanceof Day ? $a : Day::at(self::instant($a, $m), $m->zone),
                ),
            ),
            new Signature('year', [self::DAYS], K::Whole, 'its year', $field('Y')),
            new Signature('month', [self::DAYS], K::Whole, 'its month, 1 to 12', $field('n')),
            new Signature('dayOfMonth', [self::DAYS], K::Whole, 'its day, 1 to 31', $field('j')),
            new Signature('weekday', [self::DAYS], K::Whole, 'its weekday, Monday being 1', $field('N')),
            new Signature('hour', [K::Moment], K::Whole, 'its hour, 0 to 23', $field('G')),
            new Signature(
                'minute',
                [K::Moment],
                K::Whole,
                'its minute, 0 to 59',
                fn (Moment $m, DateTimeImmutable $v): int => (int) $v->setTimezone($m->zone)->format('i'),
            ),
            new Signature(
                'at',
                [K::Date, K::Time],
                K::Moment,
                'a day and a time as one moment, on the clock here',
                fn (Moment $m, Day $d, TimeOfDay $t): DateTimeImmutable => (new DateTimeImmutable("$d->iso $t->iso", $m->zone))->setTimezone(
                    new DateTimeZone('UTC'),
                ),
            ),
            new Signature(
                'minutes',
                [[K::Duration, K::Whole]],
                fn (array $g): Type => Type::of($g[0]->kind === K::Duration ? K::Decimal : K::Duration),
                'a duration of so many minutes, or the minutes of a duration',
                fn (Moment $m, mixed $v): mixed => match (true) {
                    $v instanceof Duration => $v->seconds / 60,
                    is_int($v) => new Duration($v * 60),
                    default => null,
                },
            ),
            new Signature(
                'hours',
                [[K::Duration, K::Whole]],
                fn (array $g): Type => Type::of($g[0]->kind === K::Duration ? K::Decimal : K::Duration),
                'a duration of so many hours, or the hours of a duration',
                fn (Moment $m, mixed $v): mixed => match (true) {
                    $v instanceof Duration => $v->seconds / 3600,
                    is_int($v) => new Duration($v * 3600),
                    default => null,
                },
            ),
        ];
    }

    /** @return list<Signature> */
    private static function lists(): array
    {
        $any = K::Any;

        return [
            self::list('count', [$any], 'how many there are, or how many of which something is true', 1),
            self::list('sum', [$any], 'all of them added up', 1),
            self::list('average', [$any], 'their mean', 1),
            self::list('first', [$any], 'the first one, or the first of which something is true', 1),
            self::list('last', [$any], 'the last one, or the last of which something is true', 1),
            self::list('any', [$any], 'whether there is one, or one of which something is true', 1),
            self::list('every', [$any], 'whether something is true of each', 1),
            self::list('where', [K::YesNo], 'those of which something is true'),
            self::list('sortBy', [$any, K::Text], 'in the order of something; "downward" for the largest first', 1),
            self::list('join', [$any, K::Text], 'one after another as text, with a separator', 2),
        ];
    }

    /** @return list<Signature> */
    private static function choices(): array
    {
        return [
            new Signature(
                'if',
                [K::YesNo, K::Any, K::Any],
                fn (array $g): Type => ($g[1] ?? Type::of(K::Any))->joined($g[2] ?? Type::of(K::Nothing)),
                'one value where something is true, else another',
                fn (Moment $m, mixed $c, mixed $a, mixed $b = null): mixed => $c === true ? $a : $b,
                1,
                true,
            ),
            new Signature(
                'coalesce',
                [K::Any, K::Any, K::Any, K::Any],
                fn (array $g): Type => array_reduce($g, fn (Type $a, Type $b): Type => $a->joined($b), Type::of(K::Nothing)),
                'the first that is there',
                fn (Moment $m, mixed ...$all): mixed => array_values(array_filter($all, fn (mixed $v): bool => $v !== null))[0] ?? null,
                3,
                true,
            ),
        ];
    }

    /** @return list<Signature> */
    private static function formats(): array
    {
        return [
            new Signature(
                'date',
                [self::DAYS, K::Text],
                K::Text,
                'the day, as in Sat 28 Nov, with its year where that is far',
                fn (Moment $m, mixed $v, string $zone = ''): string => Formats::day(self::instant($v, $m), self::in($m, $zone)),
                1,
            ),
            new Signature(
                'longDate',
                [self::DAYS, K::Text],
                K::Text,
                'the whole date as the language writes it',
                fn (Moment $m, mixed $v, string $zone = ''): string => Formats::longDate(self::instant($v, $m), self::in($m, $zone)),
                1,
            ),
            new Signature(
                'time',
                [[K::Moment, K::Time], K::Text],
                K::Text,
                'the time of day, as in 07:30',
                fn (Moment $m, mixed $v, string $zone = ''): string => $v instanceof TimeOfDay
                    ? $v->iso
                    : Formats::pattern(self::instant($v, $m), 'HH:mm', self::in($m, $zone)),
                1,
            ),
            new Signature(
                'relative',
                [self::DAYS],
                K::Text,
                'how far away, as in “in 3 hours”',
                fn (Moment $m, mixed $v): string => Formats::relative(self::instant($v, $m), $m),
            ),
            new Signature(
                'money',
                [[K::Money, K::Decimal], K::Text],
                K::Text,
                'an amount as the language writes it; a number needs a currency, as in money(5, "EUR")',
                fn (Moment $m, Money|int|float $v, string $currency = 'EUR'): string => ($v instanceof Money
                    ? $v
                    : Money::of(number_format($v, Currency::digits($currency), '.', ''), $currency) ?? new Money(0, $currency)
                )->shown($m->locale),
                1,
            ),
            new Signature(
                'amount',
                [K::Decimal, K::Text],
                K::Money,
                'a number as money, as in amount(places * 5, "EUR")',
                fn (Moment $m, int|float $v, string $currency): ?Money => isset(Currency::all()[$currency])
                    ? (new Money(10 ** Currency::digits($currency), $currency))->times($v)
                    : null,
            ),
            new Signature(
                'percent',
                [K::Decimal, K::Whole],
                K::Text,
                'a share in percent: 0.25 is 25%',
                fn (Moment $m, int|float $v, int $digits = 0): string => Formats::percent($v, max(0, min(6, $digits)), $m),
                1,
            ),
            new Signature(
                'decimal',
                [K::Decimal, K::Whole],
                K::Text,
                'a number as the language writes it, with so many decimals',
                fn (Moment $m, int|float $v, int $digits): string => Formats::decimal($v, max(0, min(12, $digits)), $m),
            ),
            new Signature(
                'plural',
                [K::Whole, K::Text, K::Text],
                K::Text,
                '“1 place”, “2 places”',
                fn (Moment $m, int $n, string $one, string $many): string => $n.' '.Formats::plural($n, $one, $many, $m),
            ),
        ];
    }

    /** @param  list<Kind>  $takes after the list */
    private static function list(string $name, array $takes, string $help, int $optional = 0): Signature
    {
        return new Signature($name, [K::Several, ...$takes], K::Any, $help, null, $optional);
    }

    /** @param  list<Type>  $given */
    private static function first(array $given): Type
    {
        return $given[0] ?? Type::of(K::Any);
    }

    /** @param  list<Type>  $given */
    private static function both(array $given): Type
    {
        return self::first($given)->joined($given[1] ?? Type::of(K::Nothing));
    }

    private static function start(DateTimeImmutable $at, string $unit, Moment $m): DateTimeImmutable
    {
        $local = $at->setTimezone($m->zone);
        $start = match (rtrim($unit, 's')) {
            'hour' => $local->setTime((int) $local->format('G'), 0),
            'week' => $local->modify('-'.((int) $local->format('N') - 1).' days')->setTime(0, 0),
            'month' => $local->modify('first day of this month')->setTime(0, 0),
            'year' => $local->setDate((int) $local->format('Y'), 1, 1)->setTime(0, 0),
            default => $local->setTime(0, 0),
        };

        return $start->setTimezone(new DateTimeZone('UTC'));
    }

    private static function moved(mixed $v, string $by, Moment $m): mixed
    {
        return match (true) {
            $v instanceof Day => $v->plusDays((int) $by),
            $v instanceof DateTimeImmutable => $v
                ->setTimezone($m->zone)
                ->modify(($by[0] === '-' ? '' : '+').$by)
                ->setTimezone(new DateTimeZone('UTC')),
            default => null,
        };
    }

    private static function months(mixed $v, int $n, Moment $m): mixed
    {
        $local = self::local($v, $m);
        $first = $local->modify('first day of this month')->modify(sprintf('%+d months', $n));
        $there = $first->setDate((int) $first->format('Y'), (int) $first->format('n'), min((int) $local->format('j'), (int) $first->format('t')));

        return $v instanceof Day ? Day::of($there->format('Y-m-d')) : $there->setTimezone(new DateTimeZone('UTC'));
    }

    private static function local(mixed $v, Moment $m): DateTimeImmutable
    {
        return match (true) {
            $v instanceof Day => new DateTimeImmutable($v->iso, $m->zone),
            $v instanceof DateTimeImmutable => $v->setTimezone($m->zone),
            default => $m->now,
        };
    }

    private static function instant(mixed $v, Moment $m): DateTimeImmutable
    {
        return match (true) {
            $v instanceof Day => $v->begins($m->zone),
            $v instanceof DateTimeImmutable => $v,
            default => $m->now,
        };
    }

    private static function in(Moment $m, string $zone): Moment
    {
        return $zone === '' || ! in_array($zone, DateTimeZone::listIdentifiers(), true) ? $m : new Moment($m->now, new DateTimeZone($zone), $m->locale);
    }
}
