<?php

declare(strict_types=1);

namespace App\Stores;

use App\Models\App;
use App\Models\Revision;
use App\Models\Tester;
use App\Models\TesterGroup;
use Illuminate\Validation\ValidationException;
use Lanai\Core\Release\InSteps;

/** Groups of testers: some have every revision as it is written, others stay on one until they are led on. */
final class Groups
{
    /**
     * What somebody tries. Whoever was to stay on an older revision has the newest where what is kept has changed since: both use the same practice
     * data.
     */
    public static function revisionOf(App $app, Tester $tester): Revision
    {
        $kept = $tester->until->isPast() ? null : self::kept($app, $tester->group);

        return $kept !== null && self::why($app, $kept) === '' ? $kept->revision : $app->revision;
    }

    /** @return list<array{name: string, people: int, revision: int|null, why: string}> as in docs/studio.schema.json */
    public static function of(App $app): array
    {
        $people = Tester::query()->where('app_id', $app->id)->groupBy('group')->orderBy('group')->selectRaw('"group", count(*) as people')->get();
        $kept = TesterGroup::query()->where('app_id', $app->id)->with('revision')->get()->keyBy('name');

        return array_values($people->map(function (Tester $one) use ($app, $kept): array {
            $stays = $kept->get($one->group);

            return [
                'name' => $one->group,
                'people' => (int) $one->getAttribute('people'),
                'revision' => $stays?->revision->number,
                'why' => $stays === null ? '' : self::why($app, $stays),
            ];
        })->all());
    }

    /** @throws ValidationException where nobody is in it */
    public static function put(App $app, string $group, bool $stays): void
    {
        if (! Tester::query()->where(['app_id' => $app->id, 'group' => $group])->exists()) {
            throw ValidationException::withMessages(['group' => 'Nobody is in this group.']);
        }
        $which = ['app_id' => $app->id, 'name' => $group];
        $stays
            ? TesterGroup::query()->updateOrCreate($which, ['revision_id' => $app->revision->id])
            : TesterGroup::query()->where($which)->delete();
    }

    /**
     * Whom a store is to let in: those whose key is still good.
     *
     * @param  string|null  $group  null for all of them
     * @return list<string>
     */
    public static function addresses(App $app, ?string $group): array
    {
        $testers = Tester::query()->where('app_id', $app->id)->where('until', '>', now());
        $all = ($group === null ? $testers : $testers->where('group', $group))->orderBy('email')->pluck('email')->all();

        return array_values(array_map(strval(...), $all));
    }

    private static function kept(App $app, string $group): ?TesterGroup
    {
        return TesterGroup::query()->where(['app_id' => $app->id, 'name' => $group])->with('revision')->first();
    }

    private static function why(App $app, TesterGroup $kept): string
    {
        $refusal = $kept->revision->id === $app->revision_id ? '' : InSteps::refusal($kept->revision->read(), $app->revision->read());

        return $refusal === '' ? '' : 'What is kept, or what holds for everybody, has changed since.';
    }
}
