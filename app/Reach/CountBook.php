<?php

declare(strict_types=1);

namespace App\Reach;

use App\Records\DataFile;
use App\Space;
use DateTimeImmutable;
use Illuminate\Database\Connection;
use Illuminate\Database\Schema\Blueprint as Schema;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Reach\Coming;

/**
 * How many come to an app, how often, and where they go in it, in one data set: counts by day, and of each device no more than when it came first and
 * last, where from, and in what is tried whether it has come to the end. What one person did is not kept.
 */
final readonly class CountBook
{
    /** Seconds after which looking at something is another visit (common practice, no source). */
    private const VISIT = 1800;

    /** Milliseconds from which on a screen is slow: what the web calls “good” ends there (Largest Contentful Paint, web.dev, from memory). */
    public const SLOW = 2500;

    /** Days for which a device that does not come is known. */
    private const KNOWN = 400;

    /** Days of which counts are kept: two years and a month, so that a month can be held against the same one before. */
    private const KEPT = 760;

    /** So many different sources are counted on a day; what comes after them is “other”. */
    private const SOURCES = 500;

    /** What is kept of one device. */
    private const OF_ONE = ['_visitors', '_progress', '_trials'];

    private Connection $database;

    public function __construct(private Space $space)
    {
        $this->database = DB::connection((new DataFile($space->app, $space->set))->connection);
    }

    public static function prepare(Connection $database): void
    {
        $schema = $database->getSchemaBuilder();
        if (! $schema->hasTable('_progress')) {
            // How far a visit has come on a way; forgotten with the next one.
            $schema->create('_progress', function (Schema $table): void {
                $table->string('visitor');
                $table->string('funnel');
                $table->unsignedInteger('step');
                $table->unsignedBigInteger('at');
                $table->primary(['visitor', 'funnel']);
            });
        }
        if (! $schema->hasTable('_trials')) {
            // Who takes part in what is tried, and whether they have come to the end.
            $schema->create('_trials', function (Schema $table): void {
                $table->string('visitor');
                $table->string('trial');
                $table->boolean('ended');
                $table->primary(['visitor', 'trial']);
            });
            // Since when something is tried.
            $schema->create('_begun', function (Schema $table): void {
                $table->string('what')->primary();
                $table->string('day');
            });
        }
        if ($schema->hasTable('_counts')) {
            if (! $schema->hasColumn('_visitors', 'source')) {
                $schema->table('_visitors', fn (Schema $table) => $table->string('source')->default(''));
            }

            return;
        }
        $schema->create('_visitors', function (Schema $table): void {
            $table->string('visitor')->primary();
            $table->string('first');
            $table->string('last');
            $table->unsignedBigInteger('at');
            // The screen that was looked at last, so that a way can be counted.
            $table->string('screen')->default('');
            // Where it came from at first.
            $table->string('source')->default('');
            $table->unsignedInteger('person')->nullable();
            $table->index('person');
            $table->index('at');
        });
        $schema->create('_counts', function (Schema $table): void {
            $table->string('day');
            // "people", "visits", "new", "week", "month", "back", "screen", "page", "tap", "way", "source", "funnel", "funnel seconds", "funnel by",
            // "trial"; of versions: "version", "fault", "shown", "slow", "unanswered"; "slow screen"; of revisions: "revision", "revision fault".
            $table->string('what');
            $table->string('of');
            $table->unsignedBigInteger('count')->default(0);
            $table->primary(['day', 'what', 'of']);
        });
    }

    /** By what a device is known here: of use nowhere else. */
    public function visitor(string $device): string
    {
        return substr(hash_hmac('sha256', "visitor/{$this->space->app->id}/{$this->space->set->value}/$device", (string) config('app.key')), 0, 32);
    }

    /**
     * What somebody has done since it was told last.
     *
     * @param  list<array{what: 'screen'|'page'|'tap', of: string, ago?: int, as?: string, ms?: int}>  $steps  as of Steps::of(), in their order
     * @param  string  $source  where they come from; '' where that is not known
     * @param  array<string, list<array{what: 'screen'|'page'|'tap', of: string}>>  $funnels  ways that are counted, by their keys
     * @param  list<array{key: string, at: int, shown: string, instead: string, share: int, funnel: string, last: int}>  $trials  as of Trials::of()
     * @param  int|null  $revision  the number of what they see
     * @param  string  $version  of the package, as Versions names it
     * @param  int  $unanswered  questions that the device got no answer to
     */
    public function count(
        string $visitor,
        array $steps,
        ?int $person,
        string $source,
        int $now,
        array $funnels = [],
        array $trials = [],
        ?int $revision = null,
        string $version = Versions::WEB,
        int $unanswered = 0,
    ): void {
        $this->database->transaction(function () use ($visitor, $steps, $person, $source, $now, $funnels, $trials, $revision, $version, $unanswered): void {
            $known = $this->database->table('_visitors')->where('visitor', $visitor)->first();
            $coming = Coming::at($now, $known === null ? null : (string) $known->first, $known === null ? null : (string) $known->last);
            $isVisit = $known === null || $now - (int) $known->at > self::VISIT;
            $source = $coming->isNew ? $this->source($coming->day, $source) : (string) $known?->source;
            $adds = [...$this->comes($coming, $isVisit, $source), ...self::felt($steps, $version, $unanswered)];
            if ($isVisit) {
                $adds = [...$adds, ['version', $version], ...$revision === null ? [] : [['revision', "r$revision"]]];
            }
            $screen = $isVisit ? '' : (string) $known->screen;
            foreach ($steps as $step) {
                $adds[] = [$step['what'], $step['of']];
                if ($step['what'] === 'screen') {
                    if ($screen !== '' && $screen !== $step['of']) {
                        $adds[] = ['way', "$screen>$step[of]"];
                    }
                    $screen = $step['of'];
                }
            }
            $ways = $this->onWays($visitor, $steps, $funnels, $isVisit, $now);
            foreach ($ways as [$what, $of]) {
                if ($what === 'funnel') {
                    $source === '' ?: $adds[] = ['funnel by', "$of>source>$source"];
                    $revision === null ?: $adds[] = ['funnel by', "$of>revision>$revision"];
                }
            }
            $tried = $this->trials()->count($visitor, $trials, $coming->first, $coming->day, $steps, $ways);
            $this->add($coming->day, [...$adds, ...$ways, ...$tried]);
            $row = ['visitor' => $visitor, 'first' => $coming->first, 'last' => $coming->day, 'at' => $now, 'screen' => $screen, 'person' => $person];
            $this->database->table('_visitors')->upsert($row + ['source' => $source], 'visitor', ['last', 'at', 'screen', 'person']);
        });
    }

    /**
     * How quick the app was.
     *
     * @param  list<array{what: 'screen'|'page'|'tap', of: string, ms?: int}>  $steps
     * @return list<array{string, string, 2?: int}>
     */
    private static function felt(array $steps, string $version, int $unanswered): array
    {
        $adds = $unanswered === 0 ? [] : [['unanswered', $version, $unanswered]];
        foreach ($steps as $step) {
            if (isset($step['ms'])) {
                $adds[] = ['shown', $version];
                if ($step['ms'] > self::SLOW) {
                    $adds = [...$adds, ['slow', $version], ['slow screen', $step['of']]];
                }
            }
        }

        return $adds;
    }

    /** @return list<array{string, string}> what and of what there is one more */
    private function comes(Coming $coming, bool $isVisit, string $source): array
    {
        $adds = [];
        foreach (['people' => $coming->ofDay, 'new' => $coming->isNew, 'visits' => $isVisit] as $what => $is) {
            if ($is) {
                $adds[] = [$what, ''];
            }
        }
        if ($coming->ofWeek) {
            $adds[] = ['week', Coming::week($coming->day)];
        }
        if ($coming->ofMonth) {
            $adds[] = ['month', substr($coming->day, 0, 7)];
        }
        if ($coming->back !== null) {
            $adds[] = ['back', "$coming->first+$coming->back"];
        }
        if ($coming->isNew && $source !== '') {
            $adds[] = ['source', $source];
        }

        return $adds;
    }

    /**
     * How far somebody has come on the ways that are counted: each step counts once in a visit, after the one before it.
     *
     * @param  list<array{what: 'screen'|'page'|'tap', of: string, ago?: int, as?: string}>  $steps
     * @param  array<string, list<array{what: 'screen'|'page'|'tap', of: string}>>  $funnels
     * @return list<array{string, string, 2?: int}>
     */
    private function onWays(string $visitor, array $steps, array $funnels, bool $isVisit, int $now): array
    {
        $mine = $this->database->table('_progress')->where('visitor', $visitor);
        if ($isVisit) {
            (clone $mine)->delete();
        }
        $known = $funnels === [] || $isVisit ? [] : (clone $mine)->get()->keyBy('funnel')->all();
        $adds = [];
        foreach ($funnels as $key => $way) {
            $before = $known[$key] ?? null;
            $at = $before === null ? -1 : (int) $before->step;
            $since = $before === null ? 0 : (int) $before->at;
            $from = $at;
            foreach ($steps as $step) {
                $next = $way[$at + 1] ?? null;
                if ($next !== null && $next['what'] === $step['what'] && in_array($next['of'], [$step['of'], $step['as'] ?? ''], true)) {
                    $at++;
                    $then = $now - ($step['ago'] ?? 0);
                    $adds[] = ['funnel', "$key>$at"];
                    if ($at > 0) {
                        $adds[] = ['funnel seconds', "$key>$at", max(0, $then - $since)];
                    }
                    $since = $then;
                }
            }
            if ($at > $from) {
                $row = ['visitor' => $visitor, 'funnel' => $key, 'step' => $at, 'at' => $since];
                $this->database->table('_progress')->upsert($row, ['visitor', 'funnel'], ['step', 'at']);
            }
        }

        return $adds;
    }

    /**
     * One statement for all of it.
     *
     * @param  list<array{string, string, 2?: int}>  $adds  what, of what, and how much
     */
    private function add(string $day, array $adds): void
    {
        $sums = [];
        foreach ($adds as $add) {
            [$what, $of] = $add;
            $sums["$what $of"] ??= ['day' => $day, 'what' => $what, 'of' => $of, 'count' => 0];
            $sums["$what $of"]['count'] += $add[2] ?? 1;
        }
        $places = implode(', ', array_fill(0, count($sums), '(?, ?, ?, ?)'));
        $sums === [] || $this->database->statement(
            "insert into \"_counts\" (\"day\", \"what\", \"of\", \"count\") values $places "
                .'on conflict ("day", "what", "of") do update set "count" = "count" + excluded."count"',
            array_merge(...array_map(array_values(...), array_values($sums))),
        );
    }

    /** Something went wrong in a version of the app. */
    public function fault(string $version, int $revision, int $now): void
    {
        $this->add(gmdate('Y-m-d', $now), [['fault', $version], ['revision fault', "r$revision"]]);
    }

    /** Screens, ways and taps are those of the app; where somebody comes from anybody can say. */
    private function source(string $day, string $of): string
    {
        if ($of === '') {
            return '';
        }
        $known = $this->database->table('_counts')->where(['day' => $day, 'what' => 'source']);

        return (clone $known)->where('of', $of)->exists() || $known->count() < self::SOURCES ? $of : 'other';
    }

    /** Somebody does not want to be counted any more: nothing of their device stays but what cannot be told from others. */
    public function forget(string $visitor): void
    {
        foreach (self::OF_ONE as $table) {
            $this->database->table($table)->where('visitor', $visitor)->delete();
        }
    }

    /** All that was counted goes: for the sandbox, after trying. */
    public function forgetAll(): void
    {
        $this->database->transaction(function (): void {
            foreach ([...self::OF_ONE, '_counts', '_begun'] as $table) {
                $this->database->table($table)->delete();
            }
        });
    }

    public function trials(): Trials
    {
        return new Trials($this->database);
    }

    /** The day on which a device came first; null for one that is not known. */
    public function firstDay(string $visitor): ?string
    {
        $first = $this->database->table('_visitors')->where('visitor', $visitor)->value('first');

        return $first === null ? null : (string) $first;
    }

    /** @return list<array{first: string, last: string, source: string}> of each device of somebody: its first and last day, and where from */
    public function of(int $person): array
    {
        $found = $this->database->table('_visitors')->where('person', $person)->orderBy('first')->orderBy('last')->get();

        return array_map(
            fn (\stdClass $raw): array => ['first' => (string) $raw->first, 'last' => (string) $raw->last, 'source' => (string) $raw->source],
            $found->all(),
        );
    }

    public function forgetPerson(int $person): void
    {
        foreach ($this->database->table('_visitors')->where('person', $person)->pluck('visitor') as $visitor) {
            $this->forget((string) $visitor);
        }
    }

    public function tidy(int $now): void
    {
        $this->database->table('_visitors')->where('at', '<', $now - self::KNOWN * 86400)->delete();
        $this->database->table('_progress')->where('at', '<', $now - 86400)->delete();
        $this->database->table('_trials')->whereNotIn('visitor', $this->database->table('_visitors')->select('visitor'))->delete();
        $this->database->table('_counts')->where('day', '<', gmdate('Y-m-d', $now - self::KEPT * 86400))->delete();
    }

    /**
     * Counts of some kind in some days.
     *
     * @return array<string, array<string, int>> day => of what => how often
     */
    public function byDay(string $what, DateTimeImmutable $from, DateTimeImmutable $before): array
    {
        $counts = [];
        $days = [['day', '>=', $from->format('Y-m-d')], ['day', '<', $before->format('Y-m-d')]];
        foreach ($this->database->table('_counts')->where('what', $what)->where($days)->orderBy('day')->get() as $raw) {
            $counts[(string) $raw->day][(string) $raw->of] = (int) $raw->count;
        }

        return $counts;
    }

    /**
     * The same summed up over the days, the most first.
     *
     * @return array<string, int> of what => how often
     */
    public function sums(string $what, DateTimeImmutable $from, DateTimeImmutable $before, int $most): array
    {
        $found = $this->database
            ->table('_counts')
            ->where('what', $what)
            ->where('day', '>=', $from->format('Y-m-d'))
            ->where('day', '<', $before->format('Y-m-d'))
            ->groupBy('of')
            ->selectRaw('"of", sum("count") as sum')
            ->orderByDesc('sum')
            ->orderBy('of')
            ->limit($most)
            ->get();
        $sums = [];
        foreach ($found as $raw) {
            $sums[(string) $raw->of] = (int) $raw->sum;
        }

        return $sums;
    }

    /**
     * The same of what begins with something, all of it.
     *
     * @return array<string, int> of what => how often
     */
    public function sumsOf(string $what, string $begins, DateTimeImmutable $from, DateTimeImmutable $before): array
    {
        $found = $this->database
            ->table('_counts')
            ->where('what', $what)
            ->where('of', '>=', $begins)
            ->where('of', '<', $begins."\u{10FFFF}")
            ->where('day', '>=', $from->format('Y-m-d'))
            ->where('day', '<', $before->format('Y-m-d'))
            ->groupBy('of')
            ->selectRaw('"of", sum("count") as sum')
            ->get();

        return array_combine(
            $found->map(fn (\stdClass $raw): string => (string) $raw->of)->all(),
            $found->map(fn (\stdClass $raw): int => (int) $raw->sum)->all(),
        );
    }
}
