<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use App\Models\Founder;
use App\Models\Revision;
use App\Records\DataSet;
use App\Records\SchemaFollower;
use Closure;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Edits;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Edits\Rebase;
use Lanai\Core\Edits\StoredNames;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\SentenceDiff;
use Lanai\Core\Release\InSteps;
use Lanai\Core\Storage\StorageImpact;
use PDOException;
use Throwable;

/** Begins apps and writes their revisions; the tables of the data follow each one, or it is not kept. */
final readonly class RevisionBook
{
    private const TRIES = 5;

    /** Bytes of an edit that are kept with its revision. */
    private const REMEMBERED = 20_000;

    /** @throws EditRefused where its tables cannot be stored: then there is no app either */
    public function begin(Founder $founder, Blueprint $blueprint): App
    {
        $blueprint = Blueprint::fromData(StoredNames::settled($blueprint->data()));
        $app = DB::transaction(function () use ($founder, $blueprint): App {
            $slug = Str::slug($blueprint->name) ?: 'app';
            $app = new App([
                'founder_id' => $founder->id,
                'name' => $blueprint->name,
                'share_code' => Str::lower(Str::random(20)),
                'undo' => [],
                'redo' => [],
            ]);
            $app->slug = App::withTrashed()->where('slug', $slug)->exists() ? $slug.'-'.Str::lower(Str::random(5)) : $slug;
            $app->save();
            $revision = $app
                ->revisions()
                ->create([
                    'number' => 1,
                    'founder_id' => $founder->id,
                    'what' => 'begun',
                    'blueprint' => $blueprint->data(),
                    'patch' => [],
                    'inverse' => [],
                    'sentences' => [],
                    'created_at' => now(),
                ]);
            $app->revision()->associate($revision)->save();

            return $app;
        });
        $app->putAsideWhatIsThere();
        try {
            (new SchemaFollower($app, DataSet::Sandbox))->follow($blueprint);
        } catch (Throwable $trouble) {
            $app->forceDelete();
            throw self::sentence($trouble);
        }

        return $app;
    }

    /**
     * Makes one edit. Where the founder saw an older revision, the edit still counts unless its place has changed since.
     *
     * @param  int  $base  the number of the revision that the founder saw
     *
     * @throws EditRefused
     */
    public function edit(App $app, Founder $founder, int $base, Edit $edit): EditResult
    {
        return $this->written($app, $founder, function (App $app) use ($base, $edit): Change {
            $since = $app->revisions()->where('number', '>', $base)->orderBy('number')->pluck('patch')->all();
            Rebase::check($edit->about(), array_values($since));
            $stacks = fn (Revision $made): array => [array_slice([...$app->undo, $made->id], -200), []];

            return new Change(Edits::kind($edit), $edit->on($app->revision->read()), $stacks, $edit);
        });
    }

    /** @throws EditRefused */
    public function undo(App $app, Founder $founder): EditResult
    {
        return $this->written($app, $founder, function (App $app): Change {
            $undo = $app->undo;
            $taken = $app->revisions()->find(array_pop($undo)) ?? throw new EditRefused('There is nothing to undo.');

            return new Change('undo', EditResult::by($app->revision->read(), new Patch($taken->inverse)), fn (): array => [$undo, [...$app->redo, $taken->id]]);
        });
    }

    /** @throws EditRefused */
    public function redo(App $app, Founder $founder): EditResult
    {
        return $this->written($app, $founder, function (App $app): Change {
            $redo = $app->redo;
            $taken = $app->revisions()->find(array_pop($redo)) ?? throw new EditRefused('There is nothing to redo.');

            return new Change('redo', EditResult::by($app->revision->read(), new Patch($taken->patch)), fn (): array => [[...$app->undo, $taken->id], $redo]);
        });
    }

    /** @throws EditRefused where the live data cannot follow: then what was live stays live */
    public function goLive(App $app): void
    {
        $this->putLive($app, $app->revision, $app->live_revision_id === $app->revision->id ? $app->before_live_id : $app->live_revision_id);
    }

    /**
     * What was live before is live again: people see it at once. Rows stay as they are; what only the newer one knows of them is kept, and not shown.
     *
     * @throws EditRefused where nothing was live before, or the live data cannot follow
     */
    public function goBack(App $app): void
    {
        $this->putLive($app, $app->beforeLive ?? throw new EditRefused('Nothing else was live before.'), null);
    }

    /**
     * The newest revision is seen by some people first.
     *
     * @param  int  $share  so many of a hundred, one of InSteps::SHARES
     *
     * @throws EditRefused where it changes what holds for everybody, or nothing is live
     */
    public function comeFirst(App $app, int $share): void
    {
        $live = $app->liveRevision ?? throw new EditRefused('Nothing is live yet: what goes live first goes to everybody.');
        if ($live->id === $app->revision->id) {
            throw new EditRefused('This revision is live already.');
        }
        $refusal = InSteps::refusal($live->read(), $app->revision->read());
        if ($refusal !== '') {
            throw new EditRefused($refusal);
        }
        $app->comingRevision()->associate($app->revision)->fill(['coming_share' => $share])->save();
    }

    /**
     * What goes live in steps goes to more people: to everybody with a hundred, and to nobody any more with none.
     *
     * @throws EditRefused where nothing goes live in steps, or it has gone to as many already
     */
    public function comeTo(App $app, int $share): void
    {
        $coming = $app->comingRevision ?? throw new EditRefused('Nothing goes live in steps.');
        if ($share === 100) {
            $this->putLive($app, $coming, $app->live_revision_id);

            return;
        }
        if ($share !== 0 && $share <= $app->coming_share) {
            throw new EditRefused('It has gone to as many already.');
        }
        $share === 0 ? $app->comingRevision()->dissociate()->fill(['coming_share' => 0])->save() : $app->fill(['coming_share' => $share])->save();
    }

    private function putLive(App $app, Revision $revision, ?int $before): void
    {
        try {
            (new SchemaFollower($app, DataSet::Live))->followWith($revision->read(), function () use ($app, $revision, $before): bool {
                $app->liveRevision()->associate($revision)->fill(['before_live_id' => $before, 'coming_revision_id' => null, 'coming_share' => 0])->save();
                $app->unsetRelation('comingRevision');

                return true;
            });
        } catch (Throwable $trouble) {
            $app->refresh();
            throw self::sentence($trouble);
        }
    }

    /** @return int for how many of its data sets other indexes serve the lists now that there are more rows */
    public function reconsider(App $app): int
    {
        $count = 0;
        foreach (DataSet::cases() as $set) {
            $blueprint = $app->revisionOf($set)?->read();
            $count += $blueprint !== null && (new SchemaFollower($app, $set))->reconsider($blueprint) ? 1 : 0;
        }

        return $count;
    }

    /**
     * Finds where storage and revisions are not one, as after a part was killed or by an older version, and makes them one again.
     *
     * @return bool whether something was healed
     */
    public function heal(App $app): bool
    {
        $healed = false;
        $settled = StoredNames::settled($app->revision->blueprint);
        if ($settled !== $app->revision->blueprint) {
            $edited = EditResult::by($app->revision->read(), Patch::between($app->revision->blueprint, $settled));
            $this->written(
                $app,
                Founder::query()->findOrFail($app->founder_id),
                fn (App $app): Change => new Change('storage', $edited, fn (): array => [$app->undo, $app->redo]),
            );
            $healed = true;
        }
        foreach (DataSet::cases() as $set) {
            $blueprint = $app->revisionOf($set)?->read();
            $follower = $blueprint === null ? null : new SchemaFollower($app, $set);
            if ($blueprint !== null && $follower?->differs($blueprint) === true) {
                $follower->follow($blueprint);
                $healed = true;
            }
        }

        return $healed;
    }

    /**
     * Works out a change with nothing locked, then writes it and lets the sandbox follow: both or neither. Where somebody else was
     * quicker in between, it is worked out again.
     *
     * @param  Closure(App): Change  $change
     *
     * @throws EditRefused
     */
    private function written(App $app, Founder $founder, Closure $change): EditResult
    {
        for ($try = 0; $try < self::TRIES; $try++) {
            self::refreshed($app);
            $made = $change($app);
            if ($made->edited->patch->operations === []) {
                return $made->edited;
            }
            if ($this->kept($app, $founder, $made) !== null) {
                return $made->edited;
            }
        }
        throw new EditRefused('Others are changing this app at the same moment. Please try again.');
    }

    /** The newest of what is kept of an app; a revision that was read already is not read again: it never changes. */
    private static function refreshed(App $app): void
    {
        $read = $app->relationLoaded('revision') ? $app->revision : null;
        $app->unsetRelation('revision')->refresh();
        if ($read?->id === $app->revision_id) {
            $app->setRelation('revision', $read);
        }
    }

    /** @return Revision|null null where the app has moved on since the change was worked out */
    private function kept(App $app, Founder $founder, Change $change): ?Revision
    {
        $before = $app->revision;
        $values = [
            'number' => $before->number + 1,
            'parent_id' => $before->id,
            'founder_id' => $founder->id,
            'what' => $change->what,
            'blueprint' => $change->edited->blueprint->data(),
            'patch' => $change->edited->patch->operations,
            'inverse' => $change->edited->inverse->operations,
            'sentences' => SentenceDiff::between($before->read()->data(), $change->edited->blueprint->data()),
            'edit' => $change->edit === null ? null : self::remembered($change->edit),
        ];
        $revision = null;
        $keep = function () use ($app, $before, $change, $values, &$revision): ?Revision {
            return $revision = DB::transaction(function () use ($app, $before, $change, $values): ?Revision {
                if ((int) App::query()->whereKey($app->id)->value('revision_id') !== $before->id) {
                    return null;
                }
                $made = $app
                    ->revisions()
                    ->create($values + ['created_at' => now()])
                    ->alreadyRead($change->edited->blueprint);
                [$app->undo, $app->redo] = ($change->stacks)($made);
                $app->name = $change->edited->blueprint->name;
                $app->revision()->associate($made)->save();

                return $made;
            });
        };
        $touches = StorageImpact::by($before->read()->data(), $change->edited->blueprint->data(), $change->edited->patch->operations);
        try {
            return $touches ? (new SchemaFollower($app, DataSet::Sandbox))->followWith($change->edited->blueprint, $keep) : $keep();
        } catch (Throwable $trouble) {
            // The revision was kept and the data could not be, after all: the old revision stands again.
            if ($revision instanceof Revision) {
                $stood = $app->fresh();
                $stood?->update([
                    'revision_id' => $before->id,
                    'name' => $before->read()->name,
                    'undo' => array_values(array_diff($stood->undo, [$revision->id])),
                ]);
                $revision->delete();
            }
            $app->refresh();
            throw self::sentence($trouble);
        }
    }

    /** @return array<string, mixed>|null what was edited, as data; null where it is very long: the patch tells all of it */
    private static function remembered(Edit $edit): ?array
    {
        $written = Edits::written($edit);

        return strlen((string) json_encode($written)) <= self::REMEMBERED ? $written : null;
    }

    private static function sentence(Throwable $trouble): Throwable
    {
        if (! ($trouble instanceof QueryException) && ! ($trouble instanceof PDOException)) {
            return $trouble;
        }
        report($trouble);

        return new EditRefused(
            str_contains($trouble->getMessage(), 'locked')
                ? 'The data of this app is busy just now, and so nothing was changed. Please try again in a moment.'
                : 'The data could not follow this change, and so nothing was changed.',
            previous: $trouble,
        );
    }
}
