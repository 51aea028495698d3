<?php

declare(strict_types=1);

namespace App\Reach;

use App\Models\App;
use App\Models\Build;
use App\Models\Submission;
use App\Packaging\PackageNeeds;
use App\Packaging\Target;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use Lanai\Core\Reach\Health;
use Lanai\Core\Text\Pattern;

/** How each version of an app does on people's phones, counted by the app itself. */
final readonly class Versions
{
    /** What is not of a package: the app in a browser, and on the home screen. */
    public const WEB = 'web';

    /** Days that are looked at. */
    private const DAYS = 7;

    /** So many are shown, of so many that are counted. */
    private const MOST = 12;

    private const COUNTED = 500;

    /** So many screens are called slow, and none that was it less often. */
    private const SLOWEST = 3;

    private const OFTEN = 3;

    /**
     * What a device says of itself, as it is counted: only builds that there are, for anybody can say anything.
     *
     * @param  mixed  $said  such as “quay 12”
     */
    public static function named(App $app, mixed $said): string
    {
        if (! is_string($said) || ! Pattern::match('/^(?:quay|pier) (\d{1,10})$/D', $said, $found)) {
            return self::WEB;
        }

        return Build::query()->where(['app_id' => $app->id, 'number' => (int) $found[1], 'state' => 'done'])->exists() ? $said : self::WEB;
    }

    /**
     * @return list<array<string, mixed>> as HealthState of docs/studio.schema.json, the newest first
     */
    public static function of(App $app, DateTimeImmutable $now): array
    {
        $space = $app->live_revision_id === null ? null : Space::of($app, DataSet::Live);
        if ($space === null) {
            return [];
        }
        $book = new CountBook($space);
        [$from, $before] = [$now->modify('-'.(self::DAYS - 1).' days'), $now->modify('+1 day')];
        $visits = $book->sums('version', $from, $before, self::COUNTED);
        [$faults, $shown, $slow, $unanswered] = array_map(
            fn (string $what): array => $book->sums($what, $from, $before, self::COUNTED),
            ['fault', 'shown', 'slow', 'unanswered'],
        );
        $live = $app->liveRevision?->read();
        $all = array_sum($visits);
        $told = [];
        foreach (array_keys($visits + $faults) as $of) {
            [$store, $number] = [...explode(' ', (string) $of), '0'];
            $told[] = ['of' => (string) $of, 'store' => $store, 'number' => (int) $number, 'health' => new Health($visits[$of] ?? 0, $faults[$of] ?? 0)];
        }
        usort(
            $told,
            fn (array $a, array $b): int => [$a['store'] === self::WEB, $a['store'], -$a['number']] <=> [$b['store'] === self::WEB, $b['store'], -$b['number']],
        );

        $first = array_slice($told, 0, self::MOST);

        return array_map(function (array $one, int $i) use ($app, $told, $all, $shown, $slow, $unanswered, $live): array {
            $build = $one['store'] === self::WEB ? null : self::build($app, $one['store'], $one['number']);
            $next = $told[$i + 1] ?? null;
            $older = $next !== null && $next['store'] === $one['store'] ? $next['health'] : null;

            return [
                'version' => self::called($build, $one['store'], $one['number']),
                'visits' => $one['health']->visits,
                'faults' => $one['health']->faults,
                'share' => $all === 0 ? 0.0 : $one['health']->visits / $all,
                'shown' => $shown[$one['of']] ?? 0,
                'slow' => $slow[$one['of']] ?? 0,
                'unanswered' => $unanswered[$one['of']] ?? 0,
                'lacks' => $build === null || $live === null ? [] : PackageNeeds::lacking($build, $live),
                'worse' => $older !== null && $one['health']->isWorseThan($older),
                'submission' => self::goingOut($app, $one['store'], $one['number']),
            ];
        }, $first, array_keys($first));
    }

    /**
     * How what goes live in steps does beside what is live.
     *
     * @return array{coming: array{visits: int, faults: int}, live: array{visits: int, faults: int}, worse: bool}|null null where nothing does
     */
    public static function coming(App $app, DateTimeImmutable $now): ?array
    {
        $revision = $app->comingRevision;
        $space = $revision === null ? null : Space::of($app, DataSet::Live);
        if ($revision === null || $space === null) {
            return null;
        }
        $book = new CountBook($space);
        [$from, $before] = [$now->modify('-'.(self::DAYS - 1).' days'), $now->modify('+1 day')];
        $visits = $book->sums('revision', $from, $before, self::COUNTED);
        $faults = $book->sums('revision fault', $from, $before, self::COUNTED);
        $of = fn (int $number): Health => new Health($visits["r$number"] ?? 0, $faults["r$number"] ?? 0);
        [$coming, $live] = [$of($revision->number), $of($space->revision->number)];

        return [
            'coming' => ['visits' => $coming->visits, 'faults' => $coming->faults],
            'live' => ['visits' => $live->visits, 'faults' => $live->faults],
            'worse' => $coming->isWorseThan($live),
        ];
    }

    /** @return list<array{screen: string, at: string, slow: int, seen: int}> the screens that are slow most often, in the last seven days */
    public static function slow(App $app, DateTimeImmutable $now): array
    {
        $space = $app->live_revision_id === null ? null : Space::of($app, DataSet::Live);
        if ($space === null) {
            return [];
        }
        $book = new CountBook($space);
        [$from, $before] = [$now->modify('-'.(self::DAYS - 1).' days'), $now->modify('+1 day')];
        $blueprint = $app->revision->read();
        $seen = $book->sums('screen', $from, $before, self::COUNTED);
        $told = [];
        foreach ($book->sums('slow screen', $from, $before, self::COUNTED) as $slug => $times) {
            $screen = $blueprint->screen((string) $slug);
            if ($screen !== null && $times >= self::OFTEN && count($told) < self::SLOWEST) {
                $at = '/screens/'.$blueprint->screenIndex((string) $slug);
                $told[] = ['screen' => $screen->name, 'at' => $at, 'slow' => $times, 'seen' => max($times, $seen[$slug] ?? 0)];
            }
        }

        return $told;
    }

    private static function build(App $app, string $store, int $number): ?Build
    {
        $targets = array_map(fn (string $key): Target => Target::from($key), (array) config("lanai.stores.$store.takes"));

        return Build::query()
            ->with('revision')
            ->where(['app_id' => $app->id, 'number' => $number])
            ->whereIn('target', array_column($targets, 'value'))
            ->latest('id')
            ->first();
    }

    private static function called(?Build $build, string $store, int $number): string
    {
        if ($store === self::WEB) {
            return 'in browsers';
        }

        return config("lanai.stores.$store.name").', '.($build === null ? "build $number" : "$build->version ($number)");
    }

    /** The submission of it that still goes to people, and so can be halted. */
    private static function goingOut(App $app, string $store, int $number): ?int
    {
        return Submission::query()
            ->where(['submissions.app_id' => $app->id, 'store' => $store])
            ->whereIn('submissions.state', ['rolling out', 'released', 'in testing'])
            ->whereHas('build', fn ($build) => $build->where('number', $number))
            ->latest('id')
            ->value('id');
    }
}
