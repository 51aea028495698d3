<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use App\Records\SchemaFollower;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\Sort;
use Lanai\Core\Rows\Conditions;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** The tables' shape while it changes: what is foreseen, what is kept, and how SQLite then plans its queries. */
final class ShapeTest extends TestCase
{
    public function test_an_edit_says_beforehand_what_it_does_to_the_rows(): void
    {
        $demo = $this->demo();
        $this->actingAs($this->founderOf($demo));
        $at = '/tables/1/fields/3';
        $foresee = fn (array $edit): TestResponse => $this->postJson("/api/apps/$demo->id/edits", ['base' => 1, 'edit' => $edit])->assertStatus(428);
        $foreseen = $foresee(['do' => 'fill', 'at' => "$at/type", 'text' => 'is a date']);
        self::assertMeets('studio', (string) json_encode($foreseen->json('foreseen')), 'Foreseen');
        self::assertStringContainsString(
            '0 of 11 values of Places convert. 11 do not, such as “6”, “8”, “10”',
            $foreseen->json('foreseen.sentences.0.sentence'),
        );
        $foresee(['do' => 'fill', 'at' => "$at/type", 'text' => 'is a text'])->assertJsonPath('foreseen.sentences.0', [
            'sentence' => 'Sandbox: All 11 values of Places convert.',
            'loses' => false,
        ]);
        $removal = $foresee(['do' => 'remove', 'places' => [$at]]);
        self::assertStringContainsString('11 rows have a value in Places. They stay in storage', $removal->json('foreseen.sentences.0.sentence'));
        self::assertContains('raise booking.swim.places by 1', array_column($removal->json('foreseen.uses'), 'sentence'));
        self::assertSame(1, $demo->refresh()->revision->number, 'Nothing was changed.');
        self::assertMeets(
            'studio',
            (string) $this->getJson("/api/apps/$demo->id/map")
                ->assertOk()
                ->getContent(),
            'TableMap',
        );
    }

    public function test_a_changed_type_converts_and_an_undo_brings_everything_back(): void
    {
        $demo = $this->demo();
        $this->actingAs($this->founderOf($demo));
        $rows = "/api/apps/$demo->id/rows/sandbox/spots";
        $this->postJson("/api/apps/$demo->id/edits", [
            'base' => 1,
            'sure' => true,
            'edit' => ['do' => 'fill', 'at' => '/tables/0/fields/2/type', 'text' => 'is money in EUR'],
        ])->assertOk();
        $this->getJson($rows)->assertJsonPath('rows.0.values.water', '15.50');
        $this->postJson("/api/apps/$demo->id/edits", [
            'base' => 2,
            'sure' => true,
            'edit' => ['do' => 'fill', 'at' => '/tables/0/fields/2/type', 'text' => 'is a whole number'],
        ])->assertOk();
        self::assertSame(['', '14', '', '18', '', ''], array_map(fn (array $r): string => $r['values']['water'], $this->getJson($rows)->json('rows')));
        $this->postJson("/api/apps/$demo->id/undo", ['base' => 1])->assertOk();
        $this->postJson("/api/apps/$demo->id/undo", ['base' => 1])->assertOk();
        $this->getJson($rows)->assertJsonPath('rows.0.values.water', '15.5')->assertJsonPath('rows.2.values.water', '16.5');
    }

    public function test_a_link_to_one_becomes_links_to_many(): void
    {
        $demo = $this->demo();
        $this->actingAs($this->founderOf($demo));
        $this->postJson("/api/apps/$demo->id/edits", [
            'base' => 1,
            'sure' => true,
            'edit' => ['do' => 'fill', 'at' => '/tables/1/fields/4/type', 'text' => 'are many People'],
        ])->assertOk();
        $this->getJson("/api/apps/$demo->id/rows/sandbox/swims/1")
            ->assertJsonPath('row.values.host', '1')
            ->assertJsonPath('labels.host.1', 'Ines Okafor');
        $this->postJson("/api/apps/$demo->id/rows/sandbox/swims", ['changes' => [['id' => 1, 'values' => ['host' => '3, 1']]]])
            ->assertOk()
            ->assertJsonPath('rows.0.values.host', '1, 3');
    }

    /** SQLite's own account of its plan: the index is used, nothing is sorted, nothing is scanned. */
    #[TestWith(['starts > now() and open', [['Starts', true]], 'SEARCH t0 USING INDEX ix_swims_open_starts'])]
    #[TestWith(['places == 3', [['Starts', true]], 'SEARCH t0 USING INDEX ix_swims_places_starts'])]
    #[TestWith(['spot == this.spot', [], 'SCAN t0'])]
    #[TestWith(['', [['Places', true], ['Starts', true]], 'SCAN t0 USING INDEX ix_swims_places_starts'])]
    public function test_lists_are_answered_by_the_index_that_was_made_for_them(string $where, array $sorts, string $plan): void
    {
        $by = fn (array $sorts): string => $sorts === []
            ? ''
            : ', by '.implode(' then ', array_map(fn (array $s): string => $s[0].($s[1] ? ' upward' : ' downward'), $sorts));
        $blueprint = Blueprint::fromScript(
            "app A\ntable Spots, each a Spot\n  Name is a text\ntable Swims, each a Swim\n  Title is a text\n  Spot is one Spot\n"
                ."  Starts is a date and time\n  Places is a whole number\n  Open is yes or no\nscreen S, first\n  List of Swims".
                ($where === '' ? '' : " where $where").
                $by($sorts).
                "\n",
        );
        $app = new App();
        $app->id = 78;
        (new SchemaFollower($app, DataSet::Sandbox))->follow($blueprint);
        $store = new EloquentRecordStore($app, DataSet::Sandbox, $blueprint);
        $swims = $blueprint->tables[1];
        $condition =
            $where === '' ? null : Conditions::of(Formula::of($where), $swims, $blueprint, new Evaluation(World::moment(), new Reader($store), []))[0];
        $connection = DB::connection((new DataFile($app, DataSet::Sandbox))->connection);
        $connection->enableQueryLog();
        $store->rows(new Query($swims, $condition, array_map(fn (array $s): Sort => Sort::by($swims->field($s[0]) ?? self::fail($s[0]), $s[1]), $sorts)));
        $query = $connection->getQueryLog()[0];
        $planned = implode("\n", array_column($connection->select('explain query plan '.$query['query'], $query['bindings']), 'detail'));

        self::assertStringContainsString($plan, $planned);
        self::assertStringNotContainsString('TEMP B-TREE', $planned);
    }
}
