<?php

declare(strict_types=1);

namespace App\Reach;

use App\Space;
use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Model\Reach\Funnel;
use Lanai\Core\Reach\Coming;
use Lanai\Core\Reach\Share;

/** How many come to an app and come back, and where they go in it. */
final readonly class Figures
{
    /** Days that are looked at. */
    public const DAYS = 30;

    private const MOST = 40;

    /** So many sources and revisions are told of a way. */
    private const PARTS = 8;

    private CountBook $book;

    public function __construct(private Space $space)
    {
        $this->book = new CountBook($space);
    }

    /** @return array<string, mixed> as ReachState in docs/studio.schema.json */
    public function state(DateTimeImmutable $now): array
    {
        $today = $now->setTimezone(new DateTimeZone('UTC'))->setTime(0, 0);
        $from = $today->modify('-'.(self::DAYS - 1).' days');
        $before = $today->modify('+1 day');
        $people = $this->book->byDay('people', $from, $before);
        $visits = $this->book->byDay('visits', $from, $before);
        $new = $this->book->byDay('new', $from, $before);
        $days = [];
        for ($day = $from; $day < $before; $day = $day->modify('+1 day')) {
            $key = $day->format('Y-m-d');
            $of = fn (array $counts): int => $counts[$key][''] ?? 0;
            $days[] = ['day' => $key, 'people' => $of($people), 'visits' => $of($visits), 'new' => $of($new)];
        }
        $month = $today->format('Y-m');

        return [
            'days' => $days,
            'week' => $this->week($now),
            'month' => $this->sum('month', $month, $today->modify('-31 days'), $before),
            'back' => array_map(fn (int $after): array => $this->back($after, $today), Coming::BACK),
            'screens' => $this->screens($from, $before),
            'taps' => $this->taps($from, $before),
            'ways' => $this->ways($from, $before),
            'funnels' => $this->funnels($from, $before),
            'trials' => $this->book->trials()->state($this->space->blueprint(), $this->book, $before),
            'sources' => $this->named($this->book->sums('source', $from, $before, self::MOST)),
        ];
    }

    /** How many people came in the last seven days and today. */
    public function week(DateTimeImmutable $now): int
    {
        $today = $now->setTimezone(new DateTimeZone('UTC'))->setTime(0, 0);

        return $this->sum('week', Coming::week($today->format('Y-m-d')), $today->modify('-7 days'), $today->modify('+1 day'));
    }

    private function sum(string $what, string $of, DateTimeImmutable $from, DateTimeImmutable $before): int
    {
        return array_sum(array_map(fn (array $counts): int => $counts[$of] ?? 0, $this->book->byDay($what, $from, $before)));
    }

    /**
     * Of those whose day is over: who came first on one of the days that are looked at, and so many days later again.
     *
     * @return array{after: int, came: int, of: int, low: float, high: float} low and high: shares from 0 to 1
     */
    private function back(int $after, DateTimeImmutable $today): array
    {
        // The last first day of which the day of coming back is over.
        $before = $today->modify("-$after days");
        $from = $before->modify('-'.self::DAYS.' days');
        $of = array_sum(array_map(fn (array $counts): int => $counts[''] ?? 0, $this->book->byDay('new', $from, $before)));
        $came = 0;
        foreach ($this->book->byDay('back', $from, $today) as $counts) {
            foreach ($counts as $key => $count) {
                [$first, $n] = explode('+', "$key+");
                $came += (int) $n === $after && $first >= $from->format('Y-m-d') && $first < $before->format('Y-m-d') ? $count : 0;
            }
        }
        $share = new Share(min($came, $of), $of);

        return ['after' => $after, 'came' => $share->part, 'of' => $of, 'low' => round($share->low, 4), 'high' => round($share->high, 4)];
    }

    /** @return list<array{screen: string, at: string, count: int}> */
    private function screens(DateTimeImmutable $from, DateTimeImmutable $before): array
    {
        $told = [];
        foreach ($this->book->sums('screen', $from, $before, self::MOST) as $slug => $count) {
            $told[] = ['screen' => $this->name((string) $slug), 'at' => $this->at((string) $slug), 'count' => $count];
        }

        return $told;
    }

    /** @return list<array{screen: string, line: string, count: int}> */
    private function taps(DateTimeImmutable $from, DateTimeImmutable $before): array
    {
        $told = [];
        foreach ($this->book->sums('tap', $from, $before, self::MOST) as $of => $count) {
            [$slug, $line] = explode('|', "$of|");
            $told[] = ['screen' => $this->name($slug), 'line' => $line, 'count' => $count];
        }

        return $told;
    }

    /** @return list<array{from: string, to: string, count: int}> */
    private function ways(DateTimeImmutable $from, DateTimeImmutable $before): array
    {
        $told = [];
        foreach ($this->book->sums('way', $from, $before, self::MOST) as $of => $count) {
            [$one, $other] = explode('>', "$of>");
            $told[] = ['from' => $this->name($one), 'to' => $this->name($other), 'count' => $count];
        }

        return $told;
    }

    /**
     * Of each way: how many visits came to each step, and how long they took for it.
     *
     * @return list<array{
     *     name: string,
     *     steps: list<array{words: string, came: int, low: float, high: float, seconds: int|null}>,
     *     by: list<array{what: 'source'|'revision', name: string, came: list<int>}>,
     * }>
     */
    public function funnels(DateTimeImmutable $from, DateTimeImmutable $before): array
    {
        $came = $this->book->sums('funnel', $from, $before, 1000);
        $seconds = $this->book->sums('funnel seconds', $from, $before, 1000);
        $told = [];
        foreach ($this->space->blueprint()->funnels as $funnel) {
            $steps = [];
            $first = $came[$funnel->key().'>0'] ?? 0;
            foreach ($funnel->steps as $i => $step) {
                $here = $came[$funnel->key().">$i"] ?? 0;
                $share = new Share(min($here, $first), $first);
                $steps[] = [
                    'words' => $step->inWords(),
                    'came' => $here,
                    'low' => round($share->low, 4),
                    'high' => round($share->high, 4),
                    'seconds' => $i === 0 || $here === 0 ? null : (int) round(($seconds[$funnel->key().">$i"] ?? 0) / $here),
                ];
            }
            $told[] = ['name' => $funnel->name, 'steps' => $steps, 'by' => $this->by($funnel, $from, $before)];
        }

        return $told;
    }

    /**
     * How far those came who came from somewhere, or saw a revision: the most of each, by how many began.
     *
     * @return list<array{what: 'source'|'revision', name: string, came: list<int>}>
     */
    private function by(Funnel $funnel, DateTimeImmutable $from, DateTimeImmutable $before): array
    {
        $came = [];
        foreach ($this->book->sumsOf('funnel by', $funnel->key().'>', $from, $before) as $of => $count) {
            [, $step, $what, $name] = explode('>', "$of>>>", 5);
            $came[$what][$name][(int) $step] = $count;
        }
        $told = [];
        foreach (['source', 'revision'] as $what) {
            $parts = $came[$what] ?? [];
            uksort($parts, fn (int|string $a, int|string $b): int => [$parts[$b][0] ?? 0, (string) $b] <=> [$parts[$a][0] ?? 0, (string) $a]);
            foreach (array_slice($parts, 0, self::PARTS, true) as $name => $steps) {
                $counts = array_map(fn (int $i): int => $steps[$i] ?? 0, array_keys($funnel->steps));
                $told[] = ['what' => $what, 'name' => (string) $name, 'came' => $counts];
            }
        }

        return $told;
    }

    /**
     * @param  array<string, int>  $sums
     * @return list<array{name: string, count: int}>
     */
    private function named(array $sums): array
    {
        return array_map(fn (string|int $name, int $count): array => ['name' => (string) $name, 'count' => $count], array_keys($sums), $sums);
    }

    /** A screen by its name; one that is not there any more by its slug. */
    private function name(string $slug): string
    {
        return $this->space->blueprint()->screen($slug)->name ?? $slug;
    }

    private function at(string $slug): string
    {
        $index = $this->space->blueprint()->screenIndex($this->space->blueprint()->screen($slug)->name ?? '');

        return $index === null ? '' : "/screens/$index";
    }
}
