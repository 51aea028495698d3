<?php

declare(strict_types=1);

namespace App\Reach;

use App\Space;
use DateTimeImmutable;
use Illuminate\Database\Connection;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Reach\Funnel;
use Lanai\Core\Model\Reach\FunnelStep;
use Lanai\Core\Reach\Contest;
use Lanai\Core\Reach\Lot;
use Lanai\Core\Reach\Share;
use Lanai\Core\Text\Names;

/**
 * Two ways to begin, side by side: which screen a newcomer is shown, and how many of each way came to the end of its funnel. A newcomer is a device that
 * came first on the day on which the trial began, or later; it stays on its way, whatever it sees, and counts once.
 */
final readonly class Trials
{
    /** A difference that is worth finding: five of a hundred more who come to the end. */
    private const WORTH = 0.05;

    /** How many come to the end where nothing is known yet (a guess, no source). */
    private const USUAL = 0.3;

    /** Two ways: as it is, and what is tried. */
    private const WAYS = [0, 1];

    public function __construct(private Connection $database)
    {
    }

    /**
     * The trials of an app that can be held, as they are counted.
     *
     * @return list<array{key: string, at: int, shown: string, instead: string, share: int, funnel: string, last: int}> last: the step that is its end
     */
    public static function of(Blueprint $blueprint): array
    {
        $trials = [];
        $ways = $blueprint->trials === [] ? [] : Steps::ways($blueprint);
        foreach ($blueprint->trials as $i => $trial) {
            $shown = $blueprint->screen($trial->shown);
            $instead = $blueprint->screen($trial->instead);
            $funnel = Names::inStorage($trial->funnel);
            // Of several in the same place the first is held.
            $isTaken = in_array($instead?->slug(), array_column($trials, 'instead'), true);
            if ($shown !== null && $instead !== null && $shown !== $instead && isset($ways[$funnel]) && ! $isTaken) {
                $trials[] = [
                    'key' => $trial->key(),
                    'at' => $i,
                    'shown' => $shown->slug(),
                    'instead' => $instead->slug(),
                    'share' => $trial->share,
                    'funnel' => $funnel,
                    'last' => count($ways[$funnel]) - 1,
                ];
            }
        }

        return $trials;
    }

    /** Which screen somebody is shown who asks for one: a newcomer perhaps the one that is tried. */
    public static function shown(Space $space, string $asked, string $device, int $now): string
    {
        if ($device === '' || $space->blueprint()->trials === []) {
            return $asked;
        }
        $slug = ($asked === '' ? $space->blueprint()->firstScreen() : $space->blueprint()->screen($asked))?->slug() ?? $asked;
        foreach (self::of($space->blueprint()) as $trial) {
            if ($trial['instead'] === $slug) {
                $book = new CountBook($space);
                $visitor = $book->visitor($device);
                $isIn = $book->trials()->takesPart($trial['key'], $book->firstDay($visitor), gmdate('Y-m-d', $now));

                return $isIn && Lot::draws($visitor, $trial['key'], $trial['share']) ? $trial['shown'] : $asked;
            }
        }

        return $asked;
    }

    /**
     * What of a device is to be counted for the trials.
     *
     * @param  list<array{key: string, shown: string, instead: string, share: int, funnel: string, last: int}>  $trials
     * @param  string  $first  the day on which it came first
     * @param  list<array{what: string, of: string}>  $steps  what it did
     * @param  list<array{string, string, 2?: int}>  $ways  how far it has come on the ways that are counted
     * @return list<array{string, string, 2?: int}>
     */
    public function count(string $visitor, array $trials, string $first, string $day, array $steps, array $ways): array
    {
        $adds = [];
        $known = $trials === [] ? [] : $this->database->table('_trials')->where('visitor', $visitor)->pluck('ended', 'trial')->all();
        foreach ($trials as $trial) {
            $key = $trial['key'];
            $screens = array_column(array_filter($steps, fn (array $step): bool => $step['what'] === 'screen'), 'of');
            $isHere = array_intersect($screens, [$trial['shown'], $trial['instead']]) !== [];
            $isIn = isset($known[$key]) || ($isHere && $this->takesPart($key, $first, $day));
            if (! $isIn) {
                continue;
            }
            $way = (int) Lot::draws($visitor, $key, $trial['share']);
            isset($known[$key]) ?: $adds[] = ['trial', "$key>$way>came"];
            $reached = array_values(array_filter($ways, fn (array $add): bool => $add[0] === 'funnel' && str_starts_with($add[1], "$trial[funnel]>")));
            foreach ($reached as $add) {
                $adds[] = ['trial', "$key>$way".substr($add[1], strlen($trial['funnel']))];
            }
            $ends = ! (bool) ($known[$key] ?? false) && in_array("$trial[funnel]>$trial[last]", array_column($reached, 1), true);
            if ($ends) {
                $adds[] = ['trial', "$key>$way>ended"];
            }
            if ($ends || ! isset($known[$key])) {
                $this->database->table('_trials')->upsert(['visitor' => $visitor, 'trial' => $key, 'ended' => $ends], ['visitor', 'trial'], ['ended']);
            }
        }

        return $adds;
    }

    /** Whether somebody is a newcomer to a trial; it begins on the day on which this is first asked. */
    private function takesPart(string $key, ?string $first, string $day): bool
    {
        $begun = $this->database->table('_begun')->where('what', $key)->value('day');
        if ($begun === null) {
            $this->database->table('_begun')->insertOrIgnore(['what' => $key, 'day' => $day]);
        }

        return $first === null || $first >= ($begun ?? $day);
    }

    /** It has begun by some day. */
    public function begunBy(string $key, string $day): void
    {
        $this->database->statement(
            'insert into "_begun" ("what", "day") values (?, ?) on conflict ("what") do update set "day" = min("day", excluded."day")',
            [$key, $day],
        );
    }

    /**
     * How the two ways stand against each other.
     *
     * @return list<array<string, mixed>> TrialState of docs/studio.schema.json
     */
    public function state(Blueprint $blueprint, CountBook $book, DateTimeImmutable $before): array
    {
        $told = [];
        foreach (self::of($blueprint) as $trial) {
            $begun = $this->database->table('_begun')->where('what', $trial['key'])->value('day');
            $sums = $begun === null ? [] : $book->sumsOf('trial', "$trial[key]>", new DateTimeImmutable((string) $begun), $before);
            $shares = [];
            $ways = [];
            foreach (self::WAYS as $way) {
                $came = $sums["$trial[key]>$way>came"] ?? 0;
                $share = new Share(min($came, $sums["$trial[key]>$way>ended"] ?? 0), $came);
                $shares[] = $share;
                $steps = array_map(fn (int $step): int => $sums["$trial[key]>$way>$step"] ?? 0, range(0, $trial['last']));
                $ways[] = [
                    'screen' => $blueprint->screen($way === 0 ? $trial['instead'] : $trial['shown'])->name ?? '',
                    'came' => $came,
                    'ended' => $share->part,
                    'low' => round($share->low, 4),
                    'high' => round($share->high, 4),
                    'steps' => $steps,
                ];
            }
            $usual = $shares[0]->of === 0 ? self::USUAL : max(0.01, min(0.94, $shares[0]->value()));
            $needed = Contest::needed($usual, $usual + self::WORTH);
            $contest = new Contest(...$shares);
            $told[] = [
                'at' => "/trials/$trial[at]",
                'name' => $blueprint->trials[$trial['at']]->name,
                'funnel' => $blueprint->trials[$trial['at']]->funnel,
                'steps' => array_map(
                    fn (FunnelStep $step): string => $step->inWords(),
                    self::funnel($blueprint, $trial['funnel'])->steps ?? [],
                ),
                'begun' => $begun === null ? null : (string) $begun,
                'ways' => $ways,
                'needed' => $needed,
                'winner' => $contest->winner($needed),
                'low' => round($contest->low, 4),
                'high' => round($contest->high, 4),
            ];
        }

        return $told;
    }

    private static function funnel(Blueprint $blueprint, string $key): ?Funnel
    {
        foreach ($blueprint->funnels as $funnel) {
            if ($funnel->key() === $key) {
                return $funnel;
            }
        }

        return null;
    }
}
