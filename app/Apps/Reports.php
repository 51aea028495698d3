<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use App\Models\Report;
use App\Space;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Play\Outcome;

/** Rows that people report to the founder: who reports one again says it better, and counts once. */
final class Reports
{
    /** Of one app; what was reported first makes room. */
    private const MOST = 1000;

    private const SHOWN = 50;

    public static function keep(Outcome $outcome, Space $space, ?int $person): void
    {
        foreach ($outcome->reports as $one) {
            Report::query()->updateOrCreate(
                ['app_id' => $space->app->id, 'set' => $space->set->value, 'table' => $one->table, 'row' => $one->row, 'person' => $person ?? 0],
                ['label' => mb_substr($one->label, 0, 200), 'why' => $one->why],
            );
        }
        if ($outcome->reports !== []) {
            $old = Report::query()->where('app_id', $space->app->id)->orderByDesc('id')->skip(self::MOST)->take(self::MOST)->pluck('id');
            Report::query()->whereIn('id', $old)->delete();
        }
    }

    /**
     * What was reported, what most people have reported first.
     *
     * @return list<array{table: string, row: int, set: string, label: string, people: int, why: list<string>, at: string}> at: the place of the table
     */
    public static function of(App $app): array
    {
        $groups = DB::table('reports')
            ->where('app_id', $app->id)
            ->groupBy('set', 'table', 'row')
            ->selectRaw('"set", "table", "row", count(*) as people, max(id) as last')
            ->orderByDesc('people')
            ->orderByDesc('last')
            ->limit(self::SHOWN)
            ->get();
        $places = [];
        foreach ($app->revision->read()->tables as $i => $table) {
            $places[$table->name] = "/tables/$i";
        }
        $told = [];
        foreach ($groups as $group) {
            $one = ['app_id' => $app->id, 'set' => $group->set, 'table' => $group->table, 'row' => $group->row];
            $all = Report::query()->where($one)->latest('updated_at')->latest('id')->limit(5)->get();
            $told[] = [
                'table' => (string) $group->table,
                'row' => (int) $group->row,
                'set' => (string) $group->set,
                'label' => (string) $all->first()?->label,
                'people' => (int) $group->people,
                'why' => array_values(array_filter($all->pluck('why')->map(strval(...))->all(), fn (string $why): bool => $why !== '')),
                'at' => $places[(string) $group->table] ?? '',
            ];
        }

        return $told;
    }

    /** The founder has seen to it. */
    public static function forget(App $app, string $set, string $table, int $row): void
    {
        Report::query()->where(['app_id' => $app->id, 'set' => $set, 'table' => $table, 'row' => $row])->delete();
    }

    /**
     * Whoever leaves has reported nothing, and nothing of theirs was reported.
     *
     * @param  list<array{string, int}>  $rows  that went with them: table and row
     */
    public static function forgetPerson(Space $space, int $person, array $rows): void
    {
        $all = ['app_id' => $space->app->id, 'set' => $space->set->value];
        Report::query()->where([...$all, 'person' => $person])->delete();
        foreach ($rows as [$table, $row]) {
            Report::query()->where([...$all, 'table' => $table, 'row' => $row])->delete();
        }
    }

    /** @return list<array{table: string, row: int, why: string}> what somebody has reported */
    public static function by(Space $space, int $person): array
    {
        $found = Report::query()->where(['app_id' => $space->app->id, 'set' => $space->set->value, 'person' => $person])->orderBy('id')->get();

        return array_values($found->map(fn (Report $one): array => ['table' => $one->table, 'row' => $one->row, 'why' => $one->why])->all());
    }
}
