<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\Removal;
use App\Models\App;
use App\Records\DataSet;
use App\Space;
use Illuminate\Support\Carbon;
use Lanai\Core\Model\Row;
use Lanai\Core\Query\Query;
use Tests\TestCase;

/** A founder's apps as a whole: listed, renamed, doubled, put away, removed, brought back, and gone for good. */
final class OwnAppsTest extends TestCase
{
    public function test_they_are_listed_with_how_they_stand(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));

        $listed = $this->getJson('/api/apps')->assertOk();
        self::assertMeets('studio', (string) $listed->getContent(), 'AppsOfFounder');
        $listed->assertJsonPath('apps.0.name', $app->name)->assertJsonPath('apps.0.state', 'live on the web')->assertJsonPath('apps.0.archived', false);
        $seen = $this->getJson("/api/apps/$app->id/seen")->assertOk();
        self::assertMeets('studio', (string) $seen->getContent(), 'AppSeen');
        self::assertNotSame([], $seen->json('picture.parts'));
        self::assertSame(0, $seen->json('week'));
    }

    /** A database was lost, and its apps' rows lie there still: they are not mixed with what is new. */
    public function test_what_lies_where_a_new_app_keeps_its_rows_is_put_aside(): void
    {
        $this->actingAs($this->stranger());
        $id = $this->postJson('/api/apps', ['name' => 'Reeds'])->json('id');
        $next = config('lanai.apps').'/'.($id + 1);
        mkdir($next);
        file_put_contents("$next/sandbox.sqlite", 'rows of another');
        self::assertSame($id + 1, $this->postJson('/api/apps', ['name' => 'Sedges'])->assertCreated()->json('id'));
        $aside = glob("$next-before-*") ?: self::fail('It is gone.');
        self::assertSame('rows of another', file_get_contents("$aside[0]/sandbox.sqlite"));
        self::assertStringStartsWith('SQLite format 3', (string) file_get_contents("$next/sandbox.sqlite"));
    }

    public function test_it_is_renamed_and_put_away(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));

        $this->patchJson("/api/apps/$app->id", ['name' => 'Eiderdown'])->assertOk()->assertJsonPath('apps.0.name', 'Eiderdown');
        self::assertSame('Eiderdown', $app->refresh()->revision->read()->name);
        $this->patchJson("/api/apps/$app->id", ['name' => ' '])->assertUnprocessable();
        $this->patchJson("/api/apps/$app->id", ['archived' => true])->assertOk()->assertJsonPath('apps.0.archived', true);
        $this->patchJson("/api/apps/$app->id", ['archived' => false])->assertOk()->assertJsonPath('apps.0.archived', false);
    }

    public function test_a_second_one_has_its_sentences_and_made_up_rows_but_neither_its_people_nor_its_package(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));

        $id = $this->postJson("/api/apps/$app->id/twin")->assertCreated()->json('id');
        $twin = App::query()->findOrFail($id);
        self::assertSame("$app->name 2", $twin->name);
        self::assertSame(count($app->revision->read()->screens), count($twin->revision->read()->screens));
        self::assertNotSame($app->revision->read()->release->package, $twin->revision->read()->release->package);
        $names = fn (App $of): array => array_map(
            fn (Row $row): string => $row->label(),
            Space::sandbox($of)->store()->whole()->rows(new Query($of->revision->read()->peopleTable() ?? self::fail())),
        );
        self::assertNotSame([], $names($twin));
        self::assertNotContains('Ines Okafor', $names($twin));
        self::assertSame("$app->name 3", App::query()->findOrFail($this->postJson("/api/apps/$app->id/twin")->json('id'))->name);
    }

    public function test_a_removed_app_is_reached_by_nobody_and_comes_back_whole(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $this->postJson("/device/live/$app->slug/view", ['screen' => ''])->assertOk();

        $this->deleteJson("/api/apps/$app->id")->assertOk()->assertJsonPath('apps', [])->assertJsonPath('removed.0.name', $app->name);
        $this->getJson("/api/apps/$app->id")->assertNotFound();
        $this->postJson("/device/live/$app->slug/view", ['screen' => ''])->assertNotFound();
        $this->postJson("/device/share/$app->share_code/view")->assertNotFound();
        foreach (['lanai:prune', 'lanai:routines', 'lanai:messages', 'lanai:tills'] as $command) {
            $this->artisan($command)->assertSuccessful();
        }
        // Its address is not given away meanwhile.
        $this->postJson('/api/apps', ['name' => $app->name])->assertCreated();
        self::assertNotSame($app->slug, App::query()->latest('id')->firstOrFail()->slug);

        $this->postJson("/api/apps/removed/$app->id/back")->assertOk();
        $this->postJson("/device/live/$app->slug/view", ['screen' => ''])->assertOk();
        self::assertGreaterThan(0, Space::of($app->refresh(), DataSet::Live)?->store()->whole()->count(new Query($app->revision->read()->tables[0])));
    }

    public function test_after_thirty_days_it_is_gone_for_good(): void
    {
        $app = $this->demo();
        $folder = $app->folder();
        $app->delete();
        Carbon::setTestNow(now()->addDays(Removal::KEPT - 1));
        self::assertSame(0, Removal::prune());
        Carbon::setTestNow(now()->addDays(2));

        self::assertSame(1, Removal::prune());
        self::assertDirectoryDoesNotExist($folder);
        self::assertNull(App::withTrashed()->find($app->id));
    }

    public function test_nobody_else_can_do_any_of_it(): void
    {
        $app = $this->demo();
        $this->actingAs($this->stranger());

        $this->patchJson("/api/apps/$app->id", ['archived' => true])->assertNotFound();
        $this->postJson("/api/apps/$app->id/twin")->assertNotFound();
        $this->deleteJson("/api/apps/$app->id")->assertNotFound();
        $app->delete();
        $this->postJson("/api/apps/removed/$app->id/back")->assertNotFound();
        self::assertNotNull(App::withTrashed()->findOrFail($app->id)->deleted_at);
    }
}
