<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Support;

use Random\Randomizer;

/** Makes formulas of a type about a Swim of RecordStoreContract. */
final readonly class FormulaMaker
{
    public function __construct(private Randomizer $random)
    {
    }

    /** @param  'yesNo'|'number'|'text'|'moment'|'date'|'money'|'duration'  $type */
    public function one(string $type, int $depth): string
    {
        $of = fn (string $t): string => $this->one($t, $depth - 1);
        $order = fn (): string => $this->pick(['==', '!=', '<', '>', '<=', '>=']);
        if ($depth <= 0) {
            return $this->pick(
                match ($type) {
                    'yesNo' => [
                        'open',
                        'not open',
                        'open == false',
                        'spot == spot1',
                        'spot != null',
                        'this.open',
                        'me == null',
                        'places in [0, 10]',
                        'title not in ["a", "b"]',
                        'any(guests)',
                        'any(bookings, done)',
                        'every(bookings, done)',
                    ],
                    'number' => [
                        'places',
                        'water',
                        '3',
                        '0.5',
                        'left',
                        'total',
                        'count(bookings)',
                        'count(guests)',
                        'spot.id',
                        'sum(guests.age)',
                        'max(guests, age)',
                        'null',
                    ],
                    'text' => ['title', '"b"', '"Ä"', '"item 9"', '"STRASSE"', 'spot.name', 'min(bookings, swim.title)', 'max(guests.name)', 'null'],
                    'moment' => ['starts', 'now()'],
                    'date' => ['day', 'day(now())', 'day(starts)'],
                    'money' => ['fee', 'sum(bookings, paid)', 'average(bookings.paid)'],
                    default => ['length', 'minutes(3)'],
                },
            );
        }

        return match ($type) {
            'yesNo' => $this->pick([
                fn (): string => "({$of('yesNo')}) {$this->pick(['and', 'or'])} ({$of('yesNo')})",
                fn (): string => "not ({$of('yesNo')})",
                fn (): string => "({$of('number')}) {$order()} ({$of('number')})",
                fn (): string => "({$of('text')}) {$order()} ({$of('text')})",
                fn (): string => "({$of('moment')}) {$order()} ({$of('moment')})",
                fn (): string => "({$of('date')}) {$order()} ({$of('date')})",
                fn (): string => "({$of('money')}) {$order()} ({$of('money')})",
                fn (): string => "({$of('duration')}) {$order()} ({$of('duration')})",
                fn (): string => "({$of('text')}) {$this->pick(['contains', 'starts with', 'ends with'])} ({$of('text')})",
                fn (): string => "between({$of('number')}, 0, 3)",
                fn (): string => "any(where(bookings, {$this->pick(['done', 'seats > 1', 'not done', 'seats == places', 'paid < fee'])}))",
            ])(),
            'number' => $this->pick([
                fn (): string => "({$of('number')}) {$this->pick(['+', '-', '*', '/', '%'])} ({$of('number')})",
                fn (): string => "round({$of('number')}, {$this->random->getInt(0, 2)})",
                fn (): string => "-({$of('number')})",
                fn (): string => "length({$of('text')})",
                fn (): string => "if({$of('yesNo')}, {$of('number')}, {$of('number')})",
                fn (): string => "count(bookings, {$this->pick(['done', 'seats == 1', 'seats == places'])})",
                fn (): string => "{$this->pick(['sum', 'min', 'max', 'average'])}(bookings, seats * 2)",
                fn (): string => "daysBetween({$of('moment')}, {$of('date')})",
                fn (): string => "hour({$of('moment')})",
                fn (): string => "month({$of('date')})",
                fn (): string => "({$of('number')}) ?? 0",
                fn (): string => "floor({$of('number')})",
                fn (): string => "abs({$of('number')})",
                fn (): string => "number({$of('text')})",
                fn (): string => "({$of('yesNo')}) ? 1 : 2.5",
            ])(),
            'text' => $this->pick([
                fn (): string => "({$of('text')}) ~ ({$of('number')})",
                fn (): string => "upper({$of('text')})",
                fn (): string => "time({$of('moment')})",
                fn (): string => "text({$of('money')})",
                fn (): string => "coalesce({$of('text')}, \"none\")",
                fn (): string => 'plural(count(guests), "guest", "guests")',
                fn (): string => "part({$of('text')}, 1, 1)",
                fn (): string => "longDate({$of('date')})",
            ])(),
            'moment' => $this->pick([
                fn (): string => "addDays({$of('moment')}, {$this->random->getInt(-2, 200)})",
                fn (): string => "startOf({$of('moment')}, \"{$this->pick(['hour', 'day', 'week', 'month', 'year'])}\")",
                fn (): string => "({$of('moment')}) + ({$of('duration')})",
                fn (): string => "addMonths({$of('moment')}, {$this->random->getInt(-2, 3)})",
            ])(),
            'date' => $this->pick([
                fn (): string => "addMonths({$of('date')}, {$this->random->getInt(-2, 14)})",
                fn (): string => "({$of('date')}) + 3",
                fn (): string => "startOf({$of('date')}, \"month\")",
            ])(),
            'money' => $this->pick([
                fn (): string => "({$of('money')}) + ({$of('money')})",
                fn (): string => "({$of('money')}) * {$this->pick(['2', '0.5', '1.075'])}",
                fn (): string => "({$of('money')}) / 3",
                fn (): string => "coalesce({$of('money')}, fee)",
            ])(),
            default => $this->pick([fn (): string => "({$of('duration')}) + ({$of('duration')})", fn (): string => "({$of('moment')}) - ({$of('moment')})"])(),
        };
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    private function pick(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }
}
