<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use App\Models\Founder;
use App\Models\Submission;
use App\Reach\Figures;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use Illuminate\Database\QueryException;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;

/** The apps of a founder as their page lists them. */
final class Entries
{
    /** Seconds for which it is not counted anew who came. */
    private const COUNTED = 120;

    /** @return list<array<string, mixed>> */
    public static function of(Founder $founder): array
    {
        $apps = $founder->apps()->with('revision:id,number,created_at')->orderBy('name')->get();
        $submissions = Submission::query()->whereIn('app_id', $apps->modelKeys())->orderBy('id')->get(['id', 'app_id', 'store', 'state'])->groupBy('app_id');

        return array_values($apps->map(fn (App $app): array => [
            'id' => $app->id,
            'name' => $app->name,
            'slug' => $app->slug,
            'revision' => $app->revision->number,
            'changed' => $app->revision->created_at,
            'archived' => $app->archived_at !== null,
            'state' => self::state($app, $submissions->get($app->id) ?? collect()),
        ])->all());
    }

    /** @return list<array{id: int, name: string, until: string}> those that can still be brought back */
    public static function removed(Founder $founder): array
    {
        return array_values($founder->apps()->onlyTrashed()->orderByDesc('deleted_at')->get()->map(fn (App $app): array => [
            'id' => $app->id,
            'name' => $app->name,
            'until' => (string) $app->deleted_at?->addDays(Removal::KEPT)->toDateString(),
        ])->all());
    }

    /**
     * The small picture of its first screen, and how many people came this week.
     *
     * @return array{picture: array<string, mixed>|null, week: int|null} null for nobody who could come, or what cannot be drawn
     */
    public static function seen(App $app): array
    {
        $screen = $app->revision->read()->firstScreen();
        $drawn = fn (): ?array => $screen === null ? null : (new LayoutSurvey($app))->picture($screen);
        $live = Space::of($app, DataSet::Live);
        try {
            $picture = Cache::remember("first screen $app->id {$app->revision->id}", 86_400, fn (): array => [$drawn()])[0];
        } catch (QueryException) {
            $picture = null;
        }

        return [
            'picture' => $picture,
            'week' => $live === null ? null : Cache::remember(
                "week $app->id",
                self::COUNTED,
                fn (): int => (new Figures($live))->week(new DateTimeImmutable()),
            ),
        ];
    }

    /** @param  Collection<int, Submission>  $submissions  the oldest first */
    private static function state(App $app, Collection $submissions): string
    {
        $latest = $submissions->keyBy('store');
        $name = fn (Submission $one): string => (string) config("lanai.stores.$one->store.name", $one->store);
        $among = fn (string ...$states): array => array_values(
            $latest->filter(fn (Submission $one): bool => in_array($one->state, $states, true))->map($name)->all(),
        );
        $in = $among('released', 'rolling out', 'in testing');
        $before = $among('received', 'processing', 'in review', 'appealed');
        $back = $among('turned down');

        return implode(', ', array_filter([
            $in === [] ? '' : 'in '.implode(' and ', $in),
            $before === [] ? '' : 'in review at '.implode(' and ', $before),
            $back === [] ? '' : 'turned down by '.implode(' and ', $back),
            $app->live_revision_id !== null ? 'live on the web' : '',
        ])) ?: 'draft';
    }
}
