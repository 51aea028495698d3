<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\RunRoutine;
use App\Models\App;
use App\People\AccessTable;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use Illuminate\Support\Facades\Queue;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Query;
use Tests\TestCase;

/** Every table, verb and role, tried over HTTP in the demo's data with screens made for it, against the access table as it is told to the founder. */
final class PermissionsTest extends TestCase
{
    private const WHO = ['' => null, 'ines@okafor.example' => 1, 'tomas@lindqvist.example' => 2, 'marit@solheim.example' => 3];

    public function test_what_can_be_done_over_http_is_what_the_access_table_says(): void
    {
        Queue::fake([RunRoutine::class]);
        $app = $this->demo();
        $this->probe($app);
        $blueprint = $app->refresh()->revision->read();
        $told = $this->actingAs($this->founderOf($app))
            ->getJson("/api/apps/$app->id/access")
            ->assertOk();
        self::assertMeets('studio', (string) $told->getContent(), 'AccessTable');
        $tried = 0;
        foreach ($blueprint->tables as $table) {
            foreach (self::WHO as $email => $person) {
                // Adding first, so that a row of the person's own is there; removing last.
                foreach ([Verb::Add, Verb::See, Verb::Change, Verb::Remove] as $verb) {
                    $store = new EloquentRecordStore($app, DataSet::Sandbox, $blueprint);
                    foreach (
                        $verb === Verb::Add ? [null] : array_slice($store->rows(new Query($table, limit: 500)), 0, $verb === Verb::Remove ? 1 : 6) as $row
                    ) {
                        $me = $person === null ? null : $store->byIds($blueprint->peopleTable() ?? self::fail(), [$person])[$person] ?? null;
                        $expected = $this->expected($blueprint, $store, $me, $verb, $table, $row);
                        $done = $this->tried($app, $blueprint, $email, $verb, $table, $row);
                        self::assertSame($expected, $done, "{$verb->does()} $table->singular ".($row->id ?? 'new').' as '.($email ?: 'nobody'));
                        $tried++;
                    }
                }
            }
        }
        self::assertGreaterThan(250, $tried);
    }

    /** By the words of the access table alone: who is named, and whether the person is one of them. */
    private function expected(Blueprint $blueprint, EloquentRecordStore $store, ?Row $me, Verb $verb, Table $table, ?Row $row): bool
    {
        $role = $me === null ? '' : (string) $me->values['role'];
        $value = fn (?Row $of, string $field): mixed => $of?->values[strtolower($field)] ?? null;
        $swim = fn (): ?Row => $row === null
            ? null
            : $store->byIds($blueprint->table('Swims') ?? self::fail(), [(int) $row->values['swim']])[(int) $row->values['swim']] ?? null;
        $is = fn (string $who): bool => match (true) {
            $who === 'everyone' => true,
            $who === 'nobody' => false,
            $who === 'signed-in people' => $me !== null,
            $who === 'the person themselves' => $me !== null && $row?->id === $me->id,
            str_starts_with($who, 'the person in ') => $me !== null && ($row === null ? true : $value($row, substr($who, 14)) === $me->id),
            $who === 'anyone if Swim’s Host is me' => $me !== null && $value($swim(), 'host') === $me->id,
            preg_match('/^an? (\w+)$/', $who, $found) === 1 => $role === $found[1],
            default => self::fail("The access table says “{$who}”."),
        };
        $may = function (string $verb) use ($blueprint, $table, $is): bool {
            foreach (AccessTable::of($blueprint) as $each) {
                foreach ($each['name'] === $table->name ? $each['cells'] : [] as $cell) {
                    foreach ($cell['verb'] === $verb ? $cell['whos'] : [] as $who) {
                        if ($who['fields'] === '' && $is($who['words'])) {
                            return true;
                        }
                    }
                }
            }

            return false;
        };
        $sees = $may('seen') || ($table->people && $me !== null && $row?->id === $me->id);

        return match (true) {
            $verb === Verb::Add => $may('added'),
            $verb === Verb::See => $sees,
            default => $sees && $may($verb->value),
        };
    }

    private function tried(App $app, Blueprint $blueprint, string $email, Verb $verb, Table $table, ?Row $row): bool
    {
        $this->flushHeaders();
        // Many people try at once here; how often one may is another test's matter.
        \Illuminate\Support\Facades\Cache::flush();
        $email === '' ?: $this->asPerson($app, $email, DataSet::Sandbox);
        $slug = strtolower("Probe $table->singular");
        $screen = $blueprint->screenIndex(str_replace(' ', '-', $slug)) ?? self::fail($slug);
        $args = $row === null ? [] : [$row->id];
        if ($verb === Verb::See) {
            return $this->postJson("/device/share/$app->share_code/view", ['screen' => str_replace(' ', '-', $slug), 'args' => $args])
                ->assertOk()
                ->json('view.problem') === '';
        }
        [$screen, $line] =
            $verb === Verb::Add
                ? [$blueprint->screenIndex('probe-add') ?? self::fail(), array_search($table, $blueprint->tables, true)]
                : [$screen, $verb === Verb::Change ? 1 : 2];
        $answer = $this->postJson("/device/share/$app->share_code/do", [
            'screen' => $verb === Verb::Add ? 'probe-add' : str_replace(' ', '-', $slug),
            'args' => $args,
            'at' => "/screens/$screen/lines/$line",
        ])->assertOk();

        return $answer->json('outcome.done');
    }

    /** Screens that try everything with every table. */
    private function probe(App $app): void
    {
        $blueprint = $app->revision->read();
        $set = [
            'Spots' => ['Name', '"p"', ''],
            'Swims' => ['Title', '"p"', "        set Spot = first(spots)\n        set Starts = now()\n        set Places = 1\n        set Host = me\n"],
            'Bookings' => ['Name', '"p"', "        set Swim = first(swims)\n        set Person = me\n"],
            'People' => ['About', '"p"', "        set Name = \"p\"\n"],
            'Phrases' => ['Words', '"p"', ''],
            'Posts' => ['Words', '"p"', ''],
            'Comments' => ['Words', '"p"', "        set Post = first(posts)\n"],
            'Blocks' => ['Blocked', 'first(people)', ''],
            'Orders' => ['What', '"p"', "        set Buyer = me\n        set Ordered = now()\n"],
        ];
        $script = $blueprint->script();
        $add = "screen Probe add\n";
        $screens = '';
        foreach ($blueprint->tables as $table) {
            [$field, $value, $more] = $set[$table->name];
            $name = \Lanai\Core\Text\Names::inFormula($table->singular);
            $add .= "  Button \"add\"\n    tapped:\n      add a $table->singular\n        set $field = $value\n$more";
            $screens .= "screen Probe $table->singular, about one $table->singular\n  Text \"x\"\n  Button \"change\"\n    tapped:\n"
                ."      change $name\n        set $field = \"changed by \" ~ coalesce(me.name, \"nobody\")\n  Button \"remove\"\n    tapped:\n"
                    ."      remove $name\n";
        }
        $this->actingAs($this->founderOf($app))
            ->postJson("/api/apps/$app->id/edits", [
                'base' => 1,
                'edit' => ['do' => 'rewrite', 'text' => str_replace("\npiece Spot line", "\n$add$screens\npiece Spot line", $script)],
            ])
            ->assertOk();
        \Illuminate\Support\Facades\Auth::logout();
    }
}
