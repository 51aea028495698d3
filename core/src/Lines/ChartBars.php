<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Formula\Arithmetic;
use Lanai\Core\Formula\Comparison;
use Lanai\Core\Formula\Kinds\Kinds;
use Lanai\Core\Model\Row;
use Lanai\Core\Play\Scene;
use Lanai\Core\Values\Day;

/** The bars of a chart while they are put together: what is alike is added up, in each of its parts. */
final class ChartBars
{
    /** No more periods are counted through between the first and the last one. */
    private const PERIODS = 2000;

    /** @var array<string, array{alike: mixed, totals: array<string, mixed>}> */
    private array $bars = [];

    /** @var array<string, array{alike: mixed, total: mixed}> part => what it is in all bars */
    private array $parts = [];

    /** @var list<string> what the parts are called, where there are any */
    public array $names = [];

    /** @param  string  $every  day, week, month or year, where days are put together by them; '' where not */
    public function __construct(private readonly string $every, private readonly DateTimeZone $zone)
    {
    }

    public static function none(): self
    {
        return new self('', new DateTimeZone('UTC'));
    }

    /** @param  array{mixed}|null  $part */
    public function add(mixed $alike, mixed $amount, ?array $part, Scene $scene): void
    {
        if ($this->every !== '') {
            $alike = $this->period($alike);
        }
        $key = self::key($alike, $scene);
        $of = $part === null ? '' : self::key($part[0], $scene);
        $this->bars[$key] ??= ['alike' => $alike, 'totals' => []];
        $this->bars[$key]['totals'][$of] = self::sum($this->bars[$key]['totals'][$of] ?? null, $amount);
        if ($part !== null) {
            $this->parts[$of] = ['alike' => $part[0], 'total' => self::sum($this->parts[$of]['total'] ?? null, $amount)];
        }
    }

    /**
     * In the order of what they have alike; a ring largest first.
     *
     * @return list<array{label: string, value: int|float, text: string, when?: string, parts?: list<array{value: int|float, text: string}>}>
     */
    public function points(Scene $scene, bool $ring, int $most): array
    {
        $this->fill();
        uasort(
            $this->bars,
            fn (array $a, array $b): int => $ring
                ? self::long(self::whole($b['totals'])) <=> self::long(self::whole($a['totals']))
                : Comparison::of(self::ordered($a['alike']), self::ordered($b['alike'])),
        );
        $parts = $ring ? [] : $this->told($scene, $most);
        $points = [];
        foreach ($this->bars as $bar) {
            $total = self::whole($bar['totals']);
            $point = ['label' => $this->label($bar['alike'], $scene), 'value' => self::long($total), 'text' => $scene->show($total ?? 0)];
            if ($this->every !== '' && $bar['alike'] instanceof Day) {
                $point['when'] = $bar['alike']->iso;
            }
            foreach ($parts as $keys) {
                $sum = self::whole(array_intersect_key($bar['totals'], array_flip($keys)));
                $point['parts'][] = ['value' => self::long($sum), 'text' => $scene->show($sum ?? 0)];
            }
            $points[] = $point;
        }

        return $points;
    }

    /**
     * The parts that are told apart: the largest ones, and all others as one.
     *
     * @return list<list<string>> the keys of each
     */
    private function told(Scene $scene, int $most): array
    {
        uasort($this->parts, fn (array $a, array $b): int => self::long($b['total']) <=> self::long($a['total']));
        $keys = array_map(strval(...), array_keys($this->parts));
        $told = array_map(fn (string $key): array => [$key], count($keys) > $most ? array_slice($keys, 0, $most - 1) : $keys);
        $this->names = array_map(fn (array $keys): string => $this->label($this->parts[$keys[0]]['alike'], $scene), $told);
        if (count($keys) > $most) {
            $told[] = array_slice($keys, $most - 1);
            $this->names[] = 'Others';
        }

        return $told;
    }

    /** Days, weeks, months and years in which nothing was stand there as nothing. */
    private function fill(): void
    {
        $days = array_filter(array_column($this->bars, 'alike'), fn (mixed $alike): bool => $alike instanceof Day);
        if ($this->every === '' || count($days) < 2) {
            return;
        }
        $isos = array_map(fn (Day $day): string => $day->iso, $days);
        $last = max($isos);
        $at = Day::of(min($isos));
        for ($i = 0; $at !== null && $at->iso < $last && $i < self::PERIODS; $i++) {
            $at = Day::of((new DateTimeImmutable($at->iso.'T00:00:00Z'))->modify("+1 $this->every")->format('Y-m-d'));
            if ($at !== null) {
                $this->bars[$at->iso] ??= ['alike' => $at, 'totals' => []];
            }
        }
    }

    /** The day with which a day, a week (ISO 8601: from Monday on), a month or a year begins. */
    private function period(mixed $value): ?Day
    {
        $day = match (true) {
            $value instanceof Day => $value,
            $value instanceof DateTimeImmutable => Day::at($value, $this->zone),
            default => null,
        };

        return $day === null
            ? null
            : Day::of(
                (new DateTimeImmutable($day->iso.'T00:00:00Z'))
                    ->modify(match ($this->every) {
                        'week' => 'monday this week',
                        'month' => 'first day of this month',
                        'year' => 'first day of january this year',
                        default => 'today',
                    })
                    ->format('Y-m-d'),
            );
    }

    private function label(mixed $alike, Scene $scene): string
    {
        return match (true) {
            $alike === null => '–',
            $this->every === 'month' && $alike instanceof Day => substr($alike->iso, 0, 7),
            $this->every === 'year' && $alike instanceof Day => substr($alike->iso, 0, 4),
            default => $scene->show($alike),
        };
    }

    private static function key(mixed $alike, Scene $scene): string
    {
        return match (true) {
            $alike instanceof Row => "#$alike->id",
            $alike instanceof Day => $alike->iso,
            default => $scene->show($alike),
        };
    }

    private static function ordered(mixed $alike): mixed
    {
        return $alike instanceof Row ? $alike->label() : $alike;
    }

    /** @param  array<array-key, mixed>  $totals */
    private static function whole(array $totals): mixed
    {
        return array_reduce($totals, self::sum(...));
    }

    private static function sum(mixed $so, mixed $more): mixed
    {
        return match (true) {
            $more === null => $so,
            $so === null => $more,
            default => Arithmetic::of('+', $so, $more),
        };
    }

    private static function long(mixed $total): int|float
    {
        return $total === null ? 0 : Kinds::holding($total)->length($total);
    }
}
