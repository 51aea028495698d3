<?php

declare(strict_types=1);

namespace App\Reach;

use App\Models\App;
use App\Models\Build;
use App\Models\Submission;
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
     * @return list<array{version: string, visits: int, faults: int, share: float, worse: bool, submission: int|null}> the newest first; share: of all visits
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
        $faults = $book->sums('fault', $from, $before, self::COUNTED);
        $all = array_sum($visits);
        $told = [];
        foreach (array_keys($visits + $faults) as $of) {
            [$store, $number] = [...explode(' ', (string) $of), '0'];
            $told[] = ['store' => $store, 'number' => (int) $number, 'health' => new Health($visits[$of] ?? 0, $faults[$of] ?? 0)];
        }
        usort(
            $told,
            fn (array $a, array $b): int => [$a['store'] === self::WEB, $a['store'], -$a['number']] <=> [$b['store'] === self::WEB, $b['store'], -$b['number']],
        );

        $shown = array_slice($told, 0, self::MOST);

        return array_map(function (array $one, int $i) use ($app, $told, $all): array {
            $next = $told[$i + 1] ?? null;
            $older = $next !== null && $next['store'] === $one['store'] ? $next['health'] : null;

            return [
                'version' => self::called($app, $one['store'], $one['number']),
                'visits' => $one['health']->visits,
                'faults' => $one['health']->faults,
                'share' => $all === 0 ? 0.0 : $one['health']->visits / $all,
                'worse' => $older !== null && $one['health']->isWorseThan($older),
                'submission' => self::goingOut($app, $one['store'], $one['number']),
            ];
        }, $shown, array_keys($shown));
    }

    private static function called(App $app, string $store, int $number): string
    {
        if ($store === self::WEB) {
            return 'in browsers';
        }
        $targets = array_map(fn (string $key): Target => Target::from($key), (array) config("lanai.stores.$store.takes"));
        $build = Build::query()->where(['app_id' => $app->id, 'number' => $number])->whereIn('target', array_column($targets, 'value'))->latest('id')->first();

        return config("lanai.stores.$store.name").', '.($build === null ? "build $number" : "$build->version ($number)");
    }

    /** The submission of it that still goes to people, and so can be halted. */
    private static function goingOut(App $app, string $store, int $number): ?int
    {
        return Submission::query()
            ->where(['submissions.app_id' => $app->id, 'store' => $store])
            ->whereIn('submissions.state', ['rolling out', 'released'])
            ->whereHas('build', fn ($build) => $build->where('number', $number))
            ->latest('id')
            ->value('id');
    }
}
