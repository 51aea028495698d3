<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\DoLater;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use Illuminate\Support\Facades\Queue;
use Lanai\Core\Query\Query;
use Tests\TestCase;

final class LayoutTest extends TestCase
{
    public function test_every_screen_of_the_demo_is_laid_out_without_a_flaw(): void
    {
        $app = $this->demo();
        $answer = $this->actingAs($this->founderOf($app))
            ->getJson("/api/apps/$app->id/layout?person=1")
            ->assertOk();

        self::assertMeets('studio', (string) $answer->getContent(), 'Survey');
        self::assertSame(28, $answer->json('devices'));
        self::assertCount(count($app->revision->read()->screens), $answer->json('screens'));
        self::assertSame([], array_merge(...array_column($answer->json('screens'), 'findings')));
        foreach ($answer->json('screens') as $screen) {
            self::assertSame('', $screen['problem'], $screen['slug']);
            self::assertNotSame([], $screen['picture']['parts'], $screen['slug']);
        }
        $chart = array_column($answer->json('screens'), null, 'slug')['chart']['picture'];
        $map = array_filter($chart['parts'], fn (array $part): bool => $part['kind'] === 'picture' && $part['height'] > $chart['height'] / 2);
        self::assertCount(1, $map, 'Its map is to be seen on the small picture.');
    }

    public function test_a_flaw_is_found_told_by_its_device_and_mended(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $this->postJson("/api/apps/$app->id/edits", [
            'base' => 1,
            'edit' => [
                'do' => 'write',
                'list' => '/screens/0/lines',
                'text' => "Card, at height 48 dp\n  Text \"One\"\n  Text \"Two\"\n  Text \"Three\"",
                'index' => 0,
            ],
        ])->assertOk();
        $finding = array_values(
            array_filter($this->getJson("/api/apps/$app->id/layout?person=1")->json('screens.0.findings'), fn (array $f): bool => $f['rule'] === 'CutOff'),
        )[0];

        self::assertSame(['/screens/0/lines/0', 'screens', 'Let it be as high as its content'], [$finding['at'], $finding['station'], $finding['mend']]);
        self::assertStringContainsString('of 28', $finding['sentence']);
        $this->getJson("/api/apps/$app->id/mend?finding={$finding['id']}")
            ->assertOk()
            ->assertJsonPath('sentences.0.after.0', fn (mixed $v): bool => true);
        $this->postJson("/api/apps/$app->id/mend", ['base' => 2, 'finding' => $finding['id']])->assertOk();
        self::assertSame(
            [],
            array_filter($this->getJson("/api/apps/$app->id/layout?person=1")->json('screens.0.findings'), fn (array $f): bool => $f['rule'] === 'CutOff'),
        );
    }

    public function test_the_ways_between_the_screens_are_laid_out(): void
    {
        $app = $this->demo();
        $answer = $this->actingAs($this->founderOf($app))
            ->getJson("/api/apps/$app->id/ways")
            ->assertOk();

        self::assertMeets('studio', (string) $answer->getContent(), 'Ways');
        self::assertSame([], array_filter($answer->json('screens'), fn (array $s): bool => $s['step'] === null));
        self::assertContains(
            ['from' => '/screens/0', 'to' => '/screens/1'],
            array_map(fn (array $w): array => ['from' => $w['from'], 'to' => $w['to']], $answer->json('ways')),
        );
    }

    public function test_nobody_else_sees_the_layout_of_an_app(): void
    {
        $app = $this->demo();
        $this->actingAs($this->stranger());

        foreach (['layout', 'layout/upcoming?width=390&height=844', 'ways'] as $path) {
            $this->getJson("/api/apps/$app->id/$path")->assertNotFound();
        }
        $this->postJson("/api/apps/$app->id/copied", ['places' => ['/screens/0']])->assertNotFound();
    }

    public function test_several_lines_are_copied_grouped_and_made_a_piece(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $places = ['/screens/1/lines/0', '/screens/1/lines/1'];

        $this->postJson("/api/apps/$app->id/copied", ['places' => $places])
            ->assertOk()
            ->assertJsonPath('text', "Picture of swim.spot.photo, described as \"{swim.spot.name}\"\nHeading \"{swim.title}\"\n");
        $this->postJson("/api/apps/$app->id/edits", ['base' => 1, 'edit' => ['do' => 'extract', 'places' => $places, 'name' => 'Swim head']])
            ->assertOk()
            ->assertJsonPath('whole.pieces.1.name', 'Swim head');
        $this->postJson("/api/apps/$app->id/edits", ['base' => 2, 'edit' => ['do' => 'extract', 'places' => ['/screens/1/lines/1'], 'name' => 'Swim head']])
            ->assertConflict()
            ->assertJsonPath('message', 'There is already one called “Swim head”.');
        $this->postJson("/api/apps/$app->id/edits", [
            'base' => 2,
            'edit' => ['do' => 'group', 'places' => ['/screens/1/lines/1', '/screens/0/lines/0']],
        ])->assertConflict();
    }

    public function test_a_value_is_traced_in_the_deck_only(): void
    {
        $app = $this->demo();
        $body = ['screen' => 'swim', 'args' => [1], 'at' => '/screens/1/lines/2'];
        $this->postJson("/device/share/$app->share_code/whence", $body)->assertNotFound();
        $answer = $this->actingAs($this->founderOf($app))
            ->postJson("/device/deck/$app->id/whence", $body)
            ->assertOk();

        self::assertMeets('studio', (string) $answer->getContent(), 'Accounts');
        self::assertContains('swim.spot.name', array_column($answer->json('accounts'), 'formula'));
        self::assertSame('Spots', $answer->json('accounts.1.cells.1.table'));
    }

    public function test_a_routine_left_for_later_is_done_in_the_name_of_the_person(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $script = $app->revision->read()->script();
        $script = str_replace(
            'tab Upcoming',
            "routine Note taking Swim is one Swim\n  add a Booking\n    set Swim = swim\n    set Person = me\n    set Name = \"Later\"\n\ntab Upcoming",
            str_replace('      do Join with swim, ', "      do Note with swim, after minutes(10)\n      do Join with swim, ", $script),
        );
        $this->postJson("/api/apps/$app->id/edits", ['base' => 1, 'edit' => ['do' => 'rewrite', 'text' => $script]])->assertOk();
        Queue::fake();
        $this->postJson("/device/deck/$app->id/do", ['screen' => 'swim', 'args' => [1], 'at' => '/screens/1/lines/6', 'person' => 2, 'tap' => 'k1'])
            ->assertOk()
            ->assertJsonPath('outcome.done', true);
        $this->postJson("/device/deck/$app->id/do", [
            'screen' => 'swim',
            'args' => [1],
            'at' => '/screens/1/lines/6',
            'person' => 2,
            'tap' => 'k1',
        ])->assertOk();

        Queue::assertPushed(DoLater::class, 1);
        $job = Queue::pushed(DoLater::class)->first();
        self::assertSame(600, $job->delay);
        $job->handle();
        $store = new EloquentRecordStore($app->refresh(), DataSet::Sandbox, $app->revision->read());
        $bookings = $app->revision->read()->table('Bookings') ?? self::fail('Bookings');
        $last = array_slice($store->rows(new Query($bookings, limit: 500)), -1)[0];
        self::assertSame(['Later', 2, 1], [$last->values['name'], $last->values['person'], $last->values['swim']]);
    }

    public function test_a_value_of_a_person_outlives_the_request(): void
    {
        $app = $this->demo();
        $settings = $app->revision->read()->screenIndex('settings');
        $at = "/screens/$settings/lines/2/lines/1";
        $this->actingAs($this->founderOf($app))
            ->postJson("/device/deck/$app->id/do", ['screen' => 'settings', 'at' => $at, 'person' => 1])
            ->assertOk()
            ->assertJsonPath('outcome.done', true);

        $shown = fn (int $person): string => $this->postJson("/device/deck/$app->id/view", ['screen' => 'settings', 'person' => $person])->json(
            'view.nodes.2.nodes.0.text',
        );
        self::assertSame(['Warmest spots first: yes', 'Warmest spots first: no'], [$shown(1), $shown(2)]);
    }

    public function test_all_screens_of_the_demo_meet_the_schema_of_views(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        foreach ($app->revision->read()->screens as $screen) {
            foreach (['phone', 'tablet'] as $form) {
                $answer = $this->postJson("/device/deck/$app->id/view", [
                    'screen' => $screen->slug(),
                    'args' => array_fill(0, count($screen->about), 1),
                    'person' => 1,
                    'form' => $form,
                    'platform' => 'ios',
                ])->assertOk();
                self::assertMeets('view', (string) $answer->getContent());
                self::assertSame('', $answer->json('view.problem'), $screen->name);
            }
        }
    }

    public function test_an_asset_is_used_by_its_name_and_told_where(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $name = str_repeat('ef', 32).'.png';
        $this->postJson("/api/apps/$app->id/edits", [
            'base' => 1,
            'edit' => ['do' => 'write', 'list' => '/assets', 'text' => "asset Shore line is \"$name\""],
        ])
            ->assertOk()
            ->assertJsonPath('whole.assets.0.says', 'asset.shoreLine');
        $this->postJson("/api/apps/$app->id/edits", [
            'base' => 2,
            'edit' => ['do' => 'write', 'list' => '/screens/0/lines', 'text' => 'Picture of asset.shoreLine, described as "The shore"', 'index' => 0],
        ])->assertOk();

        $this->getJson("/api/apps/$app->id/uses?at=/assets/0")
            ->assertOk()
            ->assertJsonFragment(['place' => 'screen Upcoming']);
        $this->postJson("/device/deck/$app->id/view", [])->assertJsonPath('view.nodes.0.picture', $name);
        $this->postJson("/api/apps/$app->id/edits", ['base' => 3, 'edit' => ['do' => 'remove', 'places' => ['/assets/0']]])
            ->assertOk()
            ->assertJsonFragment(['rule' => 'UnknownName', 'at' => '/screens/0/lines/0/of']);
    }

    public function test_edits_of_several_lines_are_judged_before_they_are_made(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $edit = fn (array $edit) => $this->postJson("/api/apps/$app->id/edits", ['base' => 1, 'edit' => $edit]);

        $edit(['do' => 'copy', 'places' => []])->assertUnprocessable();
        $edit(['do' => 'burn', 'places' => ['/screens/0/lines/0']])->assertUnprocessable();
        $edit(['do' => 'extract', 'places' => ['/screens/0/lines/0'], 'name' => ''])
            ->assertConflict()
            ->assertJsonPath('message', 'Give it a name first.');
        $edit(['do' => 'move', 'places' => ['/screens/0/lines/0'], 'index' => 99])->assertConflict();
        self::assertSame(1, $app->refresh()->revision->number);
    }

    public function test_a_mend_of_the_theme_is_found_by_day_and_in_the_dark(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $this->postJson("/api/apps/$app->id/edits", ['base' => 1, 'edit' => ['do' => 'fill', 'at' => '/theme/darkText', 'text' => '#445566']])->assertOk();
        $state = $this->getJson("/api/apps/$app->id");
        $finding = array_values(array_filter($state->json('findings'), fn (array $f): bool => $f['rule'] === 'LowContrast'))[0];

        self::assertSame('/theme/darkText', $finding['at']);
        self::assertStringStartsWith('In the dark, text in', $finding['sentence']);
        self::assertNotSame([], array_filter($state->json('contrasts'), fn (array $p): bool => $p['dark'] && $p['ratio'] < $p['least']));
        $this->postJson("/api/apps/$app->id/mend", ['base' => 2, 'finding' => $finding['id']])
            ->assertOk()
            ->assertJsonMissing(['rule' => 'LowContrast']);
    }
}
