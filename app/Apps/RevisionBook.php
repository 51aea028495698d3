<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use App\Models\Founder;
use App\Models\Revision;
use App\Records\DataSet;
use App\Records\SchemaFollower;
use Closure;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\Edited;
use Lanai\Core\Blueprint\Editor;
use Lanai\Core\Blueprint\EditRefused;
use Lanai\Core\Blueprint\Rebase;
use Lanai\Core\Script\SentenceDiff;

/** Begins apps and writes their revisions; the sandbox's tables follow each one. */
final readonly class RevisionBook
{
    public function begin(Founder $founder, Blueprint $blueprint): App
    {
        $app = DB::transaction(function () use ($founder, $blueprint): App {
            $slug = Str::slug($blueprint->name) ?: 'app';
            $app = new App(['founder_id' => $founder->id, 'name' => $blueprint->name, 'share_code' => Str::lower(Str::random(20)), 'undo' => [], 'redo' => []]);
            $app->slug = App::query()->where('slug', $slug)->exists() ? $slug.'-'.Str::lower(Str::random(5)) : $slug;
            $app->save();
            $revision = $app->revisions()->create(['number' => 1, 'founder_id' => $founder->id, 'what' => 'begun', 'blueprint' => $blueprint->data(),
                'patch' => [], 'inverse' => [], 'sentences' => [], 'created_at' => now()]);
            $app->revision()->associate($revision)->save();

            return $app;
        });
        (new SchemaFollower($app, DataSet::Sandbox))->follow($blueprint);

        return $app;
    }

    /**
     * Makes one edit. Where the founder saw an older revision, the edit still counts unless its place has changed since.
     *
     * @param  Closure(Editor): Edited  $edit
     * @param  int  $base  the number of the revision that the founder saw
     * @param  string  $at  JSON Pointer of what is edited; '' for all of it
     *
     * @throws EditRefused
     */
    public function edit(App $app, Founder $founder, string $what, int $base, string $at, Closure $edit): Revision
    {
        return $this->write($app, function (App $app) use ($founder, $what, $base, $at, $edit): Revision {
            $since = $app->revisions()->where('number', '>', $base)->orderBy('number')->pluck('patch')->all();
            Rebase::check($at, array_values($since));
            $edited = $edit(new Editor($app->revision->read()));
            if ($edited->patch->operations === []) {
                return $app->revision;
            }
            $revision = $this->append($app, $founder, $what, $edited);
            $app->undo = array_slice([...$app->undo, $revision->id], -200);
            $app->redo = [];
            $app->save();

            return $revision;
        });
    }

    /** @throws EditRefused */
    public function undo(App $app, Founder $founder): Revision
    {
        return $this->write($app, function (App $app) use ($founder): Revision {
            $undo = $app->undo;
            $taken = $app->revisions()->find(array_pop($undo)) ?? throw new EditRefused('There is nothing to undo.');
            $revision = $this->append($app, $founder, 'undo', (new Editor($app->revision->read()))->patch($taken->inverse));
            [$app->undo, $app->redo] = [$undo, [...$app->redo, $taken->id]];
            $app->save();

            return $revision;
        });
    }

    /** @throws EditRefused */
    public function redo(App $app, Founder $founder): Revision
    {
        return $this->write($app, function (App $app) use ($founder): Revision {
            $redo = $app->redo;
            $taken = $app->revisions()->find(array_pop($redo)) ?? throw new EditRefused('There is nothing to redo.');
            $revision = $this->append($app, $founder, 'redo', (new Editor($app->revision->read()))->patch($taken->patch));
            [$app->undo, $app->redo] = [[...$app->undo, $taken->id], $redo];
            $app->save();

            return $revision;
        });
    }

    public function goLive(App $app): void
    {
        (new SchemaFollower($app, DataSet::Live))->follow($app->revision->read());
        $app->liveRevision()->associate($app->revision)->save();
    }

    /** @param  Closure(App): Revision  $work */
    private function write(App $app, Closure $work): Revision
    {
        $revision = DB::transaction(function () use ($app, $work): Revision {
            $app->refresh();

            return $work($app);
        });
        $app->refresh();
        foreach ($revision->patch as $operation) {
            if (str_starts_with($operation['path'], '/tables') || str_starts_with($operation['path'], '/screens')) {
                (new SchemaFollower($app, DataSet::Sandbox))->follow($revision->read());
                break;
            }
        }

        return $revision;
    }

    private function append(App $app, Founder $founder, string $what, Edited $edited): Revision
    {
        $revision = $app->revisions()->create([
            'number' => $app->revision->number + 1,
            'parent_id' => $app->revision->id,
            'founder_id' => $founder->id,
            'what' => $what,
            'blueprint' => $edited->blueprint->data(),
            'patch' => $edited->patch->operations,
            'inverse' => $edited->inverse->operations,
            'sentences' => SentenceDiff::between($app->revision->blueprint, $edited->blueprint->data()),
            'created_at' => now(),
        ]);
        $app->name = $edited->blueprint->name;
        $app->revision()->associate($revision);

        return $revision;
    }
}
