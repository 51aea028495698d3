<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Models\App;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use App\Records\SchemaFollower;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Edits\Kinds\Write;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Query\Query;
use Tests\TestCase;

/** A revision and the tables of its data change together, or neither does. */
final class OneWithStorageTest extends TestCase
{
    private RevisionBook $book;

    protected function setUp(): void
    {
        parent::setUp();
        $this->book = app(RevisionBook::class);
    }

    public function test_a_locked_file_leaves_the_old_revision_and_a_sentence(): void
    {
        $app = $this->begin("app A\ntable Jars, each a Jar\n  Name is a text\nscreen S\n");
        $file = new DataFile($app, DataSet::Sandbox);
        config(["database.connections.$file->connection.busy_timeout" => 50]);
        DB::purge($file->connection);
        $other = new \PDO("sqlite:$file->path");
        $other->exec('begin immediate');
        try {
            $answer = $this->actingAs($this->founderOf($app))->postJson("/api/apps/$app->id/edits", [
                'base' => 1,
                'edit' => ['do' => 'write', 'list' => '/tables', 'text' => "table Lids, each a Lid\n  Name is a text"],
            ]);
            $answer
                ->assertStatus(409)
                ->assertJsonPath('message', 'The data of this app is busy just now, and so nothing was changed. Please try again in a moment.');
            self::assertSame([1, 1, 1], [$app->refresh()->revision->number, $app->revisions()->count(), count($app->revision->read()->tables)]);
            $live = $this->postJson("/device/deck/$app->id/do", ['screen' => 's', 'at' => '/screens/0/lines/0']);
            self::assertNotSame(500, $live->status());
        } finally {
            $other->exec('rollback');
        }
        $this->postJson("/api/apps/$app->id/edits", [
            'base' => 1,
            'edit' => ['do' => 'write', 'list' => '/tables', 'text' => "table Lids, each a Lid\n  Name is a text"],
        ])->assertOk();
        self::assertFalse((new SchemaFollower($app->refresh(), DataSet::Sandbox))->differs($app->revision->read()));
    }

    public function test_data_that_cannot_follow_leaves_the_old_revision(): void
    {
        $app = $this->begin("app A\ntable Jars, each a Jar\n  Name is a text\nscreen S\n");
        // Something of the same name is in the way, which is no table.
        DB::connection((new DataFile($app, DataSet::Sandbox))->connection)->statement('create view "lids" as select 1');
        try {
            $this->book->edit(
                $app,
                $this->founderOf($app),
                1,
                new Write('/tables', "table Lids, each a Lid\n  Name is a text\n\ntable Caps, each a Cap\n  Name is a text"),
            );
            self::fail('It was kept.');
        } catch (EditRefused $refused) {
            self::assertSame('The data could not follow this change, and so nothing was changed.', $refused->getMessage());
        }
        self::assertSame(
            [1, [], []],
            [
                $app->refresh()->revision->number,
                $app->undo,
                array_values(array_filter(array_keys((new SchemaFollower($app, DataSet::Sandbox))->layout()->tables), fn (string $t): bool => $t === 'caps')),
            ],
        );
    }

    public function test_an_app_that_cannot_be_stored_is_not_begun(): void
    {
        $follow = fn (): int => App::query()->count();
        $before = $follow();
        config(['lanai.apps' => '/dev/null/nothing']);
        try {
            $this->begin("app A\ntable Jars, each a Jar\n  Name is a text\n");
            self::fail('It was begun.');
        } catch (\Throwable) {
            self::assertSame($before, $follow());
        } finally {
            config(['lanai.apps' => $this->folder()]);
        }
    }

    public function test_a_difference_is_found_and_healed_on_opening(): void
    {
        $app = $this->begin("app A\ntable Jars, each a Jar\n  Name is a text\n  Left is a whole number\nscreen S\n  List of Jars\n    shows name as title\n");
        $this->book->goLive($app);
        foreach (DataSet::cases() as $set) {
            $database = DB::connection((new DataFile($app, $set))->connection);
            $database->statement('alter table "jars" drop column "left"');
            $database->statement('drop table "_kept"');
        }
        $this->actingAs($this->founderOf($app))
            ->postJson("/device/deck/$app->id/view")
            ->assertOk();
        $this->getJson("/api/apps/$app->id")->assertOk();
        foreach (DataSet::cases() as $set) {
            self::assertFalse((new SchemaFollower($app, $set))->differs($app->revision->read()), $set->value);
        }
        $this->assertDatabaseCount('revisions', 1);
    }

    public function test_data_that_lags_behind_is_healed_by_the_first_who_meets_it(): void
    {
        $app = $this->begin("app A\ntable Jars, each a Jar\n  Name is a text\nscreen S\n  List of Jars, by Name upward\n    shows name as title\n");
        DB::connection((new DataFile($app, DataSet::Sandbox))->connection)->statement('drop table "jars"');

        $this->actingAs($this->founderOf($app))
            ->postJson("/device/deck/$app->id/view")
            ->assertStatus(503)
            ->assertHeader('Retry-After', '1');
        $this->postJson("/device/deck/$app->id/view")->assertOk();
    }

    public function test_an_edit_that_somebody_was_quicker_than_is_worked_out_again(): void
    {
        $app = $this->begin("app A\ntable Jars, each a Jar\n  Name is a text\nscreen S\n");
        $founder = $this->founderOf($app);
        $quicker = function () use ($app, $founder): void {
            (new RevisionBook())->edit($app->fresh() ?? $app, $founder, 1, new Write('/screens', 'screen T'));
        };
        $edit = new class($quicker) implements Edit
        {
            private bool $begun = false;

            public function __construct(private readonly \Closure $meanwhile)
            {
            }

            public function about(): array
            {
                return ['/tables'];
            }

            public function on(Blueprint $blueprint): EditResult
            {
                if (! $this->begun) {
                    $this->begun = true;
                    ($this->meanwhile)();
                }

                return (new Write('/tables', "table Lids, each a Lid\n  Name is a text"))->on($blueprint);
            }
        };
        $this->book->edit($app, $founder, 1, $edit);
        $revision = $app->refresh()->revision;

        self::assertSame([3, 2, 2], [$revision->number, count($revision->read()->tables), count($revision->read()->screens)]);
    }

    public function test_an_edit_carries_the_revision_that_its_founder_saw(): void
    {
        $app = $this->demo();
        foreach (
            [
                'services/take' => ['draft' => 'x'],
                'services/sandbox/pick' => ['request' => 'Conditions'],
                'services/sandbox/shape' => ['request' => 'Conditions'],
                'services/sandbox/further' => ['request' => 'Conditions', 'way' => 0],
            ] as $path => $body
        ) {
            self::assertNotSame(
                200,
                $this->actingAs($this->founderOf($app))
                    ->postJson("/api/apps/$app->id/$path", $body)
                    ->status(),
                $path,
            );
        }
        $this->postJson("/api/apps/$app->id/edits", ['edit' => ['do' => 'makeScreens', 'request' => 'Conditions']])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('base');
        self::assertSame(1, $app->refresh()->revision->number);
    }

    /** Every name that is accepted has a place of its own: what is written under it is read under it, and under no other. */
    public function test_odd_names_are_stored_apart_or_refused_with_a_sentence(): void
    {
        mt_srand(20261128);
        $pieces = [
            'Ärzte',
            'Arzte',
            'A b',
            'A-b',
            'a_b',
            'A',
            'Ä',
            'Sqlite things',
            'Sqlite',
            'Id',
            'Rowid',
            'Oid',
            'Rank',
            'Order',
            'Group',
            'Select',
            'Table',
            'Index',
            'Where',
            'Links',
            'Taps',
            'Shape',
            'Kept',
            'n 1',
            '1',
            '石',
            '时',
            'Straße',
            'Strasse',
            'Nº 5',
            "O'Brien",
            'A  b',
            'Values',
            'Null',
            'Default',
            'Other',
            'Row',
            'Ørsted',
            'Orsted',
            'B c',
            'Fts',
            'Match',
        ];
        $accepted = $refused = 0;
        for ($round = 0; $round < 14; $round++) {
            $app = $this->begin("app Odd $round\nscreen S\n");
            $founder = $this->founderOf($app);
            for ($n = 0; $n < 9; $n++) {
                $name = $pieces[mt_rand(0, count($pieces) - 1)];
                $tables = $app->revision->read()->tables;
                $at = $tables === [] ? null : mt_rand(0, count($tables) - 1);
                $fields = $at === null ? 0 : count($tables[$at]->fields);
                $quoted = '"'.$name.'"';
                try {
                    $what = mt_rand(0, 9);
                    $edit = match (true) {
                        $at === null || $what < 3 => new Write('/tables', "table $quoted, each a \"One $n\"\n  Text $n is a text"),
                        $what < 6 => new Write("/tables/$at/fields", "$quoted is a text"),
                        $what < 7 => new Write("/tables/$at/fields", "$quoted are many \"{$tables[0]->name}\""),
                        $what < 9 => new Fill("/tables/$at/fields/".mt_rand(0, max(0, $fields - 1)).'/name', $name),
                        default => new Fill("/tables/$at/name", $name),
                    };
                    $this->book->edit($app, $founder, $app->revision->number, $edit);
                    $accepted++;
                } catch (EditRefused $sentence) {
                    self::assertMatchesRegularExpression('/called|spelled the same|kept for the number/', $sentence->getMessage());
                    $refused++;
                }
            }
            $this->holdsApart($app);
            $this->book->goLive($app);
            self::assertFalse((new SchemaFollower($app, DataSet::Live))->differs($app->refresh()->revision->read()));
            // The same app begun from its script is stored apart, too.
            $this->holdsApart($this->begin($app->revision->read()->script()));
        }
        self::assertGreaterThan(60, $accepted);
        self::assertGreaterThan(2, $refused);
    }

    public function test_an_old_app_whose_names_collide_is_put_apart_on_opening(): void
    {
        $app = $this->begin("app A\ntable Jars, each a Jar\n  Name is a text\nscreen S\n");
        $data = Blueprint::fromScript(
            "app A\ntable \"Ärzte\", each a \"Arzt\"\n  \"Ä\" is a text\n  A is a text\ntable Arzte, each a \"Anderer\"\n  Name is a text\nscreen S\n",
        )->data();
        $app->revision->update(['blueprint' => $data]);

        self::assertTrue($this->book->heal($app->refresh()));
        self::assertSame(2, $app->refresh()->revision->number);
        $this->holdsApart($app);
        self::assertFalse($this->book->heal($app->refresh()));
    }

    private function begin(string $script): App
    {
        return $this->book->begin(\App\Models\Founder::query()->first() ?? $this->stranger(), Blueprint::fromScript($script))->refresh();
    }

    /** Writes something else into every field of every table, and reads it all back, searches too. */
    private function holdsApart(App $app): void
    {
        $blueprint = $app->refresh()->revision->read();
        $store = new EloquentRecordStore($app, DataSet::Sandbox, $blueprint);
        $wrote = [];
        foreach ($blueprint->tables as $t => $table) {
            $values = [];
            foreach ($table->fields as $f => $field) {
                $values[$field->column()] = $field->linksToMany() === '' ? "word$t$f" : null;
            }
            $wrote[$t] = [$store->add($table, $values), $values];
        }
        foreach ($blueprint->tables as $t => $table) {
            foreach ($table->fields as $field) {
                $to = $field->linksToMany() === '' ? null : $blueprint->tableOfOne($field->linksToMany());
                if ($to !== null) {
                    $wrote[$t][1][$field->column()] = [$wrote[array_search($to, $blueprint->tables, true)][0]];
                    $store->change($table, $wrote[$t][0], [$field->column() => $wrote[$t][1][$field->column()]]);
                }
            }
        }
        foreach ($blueprint->tables as $t => $table) {
            [$id, $values] = $wrote[$t];
            self::assertSame($values, $store->byIds($table, [$id])[$id]->values, $table->name."\n".$blueprint->script());
            foreach ($table->fields as $f => $field) {
                if ($field->linksToMany() === '') {
                    self::assertSame(1, $store->count(new Query($table, search: "word$t$f")), "$table->name, $field->name");
                }
            }
        }
        self::assertCount(count($blueprint->tables), array_unique(array_map(fn ($t): string => $t->storedAs(), $blueprint->tables)));
    }
}
