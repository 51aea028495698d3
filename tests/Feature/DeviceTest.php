<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use App\Records\DataSet;
use Tests\TestCase;

final class DeviceTest extends TestCase
{
    private App $demo;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo = $this->demo();
    }

    public function test_every_screen_of_the_demo_meets_the_contract_of_views(): void
    {
        foreach (
            ['' => [], 'swim' => [1], 'offer' => [], 'spots' => [], 'spot' => [1], 'mine' => [], 'booking' => [1], 'nowhere' => []] as $screen => $args
        ) {
            self::assertMeets(
                'view',
                (string) $this->postJson('/device/live/saltlark/view', ['screen' => $screen, 'args' => $args])
                    ->assertOk()
                    ->getContent(),
            );
        }
        $this->actingAs($this->founderOf($this->demo));
        self::assertMeets(
            'view',
            (string) $this->postJson("/device/deck/{$this->demo->id}/view", ['person' => 1])
                ->assertOk()
                ->assertJsonPath('footprints.steps.0.what', 'query')
                ->getContent(),
        );
        self::assertMeets(
            'view',
            (string) $this->postJson("/device/deck/{$this->demo->id}/do", [
                'screen' => 'swim',
                'args' => [1],
                'at' => '/screens/1/lines/6',
                'inputs' => ['name' => 'A'],
                'tap' => 'k',
            ])
                ->assertOk()
                ->getContent(),
        );
    }

    public function test_live_shows_what_was_put_live_and_the_share_code_the_newest(): void
    {
        $this->actingAs($this->founderOf($this->demo))
            ->postJson("/api/apps/{$this->demo->id}/edits", ['base' => 1, 'edit' => ['do' => 'fill', 'at' => '/screens/0/title', 'text' => 'New']])
            ->assertOk();

        $this->postJson('/device/live/saltlark/view')->assertJsonPath('view.title', 'Swims this week');
        $this->postJson("/device/share/{$this->demo->share_code}/view")->assertJsonPath('view.title', 'New');
        $this->postJson("/api/apps/{$this->demo->id}/live")->assertOk();
        $this->postJson('/device/live/saltlark/view')->assertJsonPath('view.title', 'New');
        $this->postJson('/device/share/guess/view')->assertNotFound();
    }

    public function test_nobody_chooses_who_they_are_in_live(): void
    {
        $this->postJson('/device/live/saltlark/view', ['person' => 1])->assertJsonPath('view.nodes.0.kind', 'text');
        $this->postJson("/device/share/{$this->demo->share_code}/view", ['person' => 1])->assertJsonPath('view.nodes.0.kind', 'text');
        $this->actingAs($this->founderOf($this->demo))
            ->postJson("/device/deck/{$this->demo->id}/view", ['person' => 1])
            ->assertJsonPath('view.nodes.0.text', 'Good morning, Ines Okafor');
        $this->postJson("/device/deck/{$this->demo->id}/view", ['person' => 1, 'set' => 'live'])->assertJsonPath('view.nodes.0.kind', 'text');
        $this->postJson('/device/live/saltlark/view')->assertJsonMissingPath('footprints');
    }

    public function test_the_same_tap_sent_twice_books_once(): void
    {
        $this->asPerson($this->demo, 'ines@okafor.example');
        $tap = ['screen' => 'swim', 'args' => [1], 'at' => '/screens/1/lines/6', 'inputs' => ['name' => 'Noor'], 'tap' => 'abc', 'revision' => 1];
        $this->postJson('/device/live/saltlark/do', $tap)->assertOk()->assertJsonPath('outcome.done', true);
        $this->postJson('/device/live/saltlark/do', $tap)->assertOk()->assertJsonPath('outcome.done', true);

        $this->postJson('/device/live/saltlark/view', ['screen' => 'swim', 'args' => [1]])->assertJsonPath('view.nodes.4.text', '5 places left');
    }

    public function test_a_tap_on_a_line_that_has_changed_since_does_nothing(): void
    {
        $this->actingAs($this->founderOf($this->demo))
            ->postJson("/api/apps/{$this->demo->id}/edits", [
                'base' => 1,
                'edit' => ['do' => 'fill', 'at' => '/screens/1/lines/6/label', 'text' => 'Book it'],
            ])
            ->assertOk();
        $tap = ['screen' => 'swim', 'args' => [1], 'at' => '/screens/1/lines/6', 'revision' => 1];

        $this->postJson("/device/share/{$this->demo->share_code}/do", $tap)
            ->assertOk()
            ->assertJsonPath('outcome.refused', 'This screen has just changed. Please look again.')
            ->assertJsonPath('view.nodes.4.text', '6 places left');
    }

    public function test_the_pulse_changes_with_every_revision_and_every_write(): void
    {
        $this->asPerson($this->demo, 'ines@okafor.example', DataSet::Sandbox);
        $pulse = fn (): string => $this->getJson("/device/share/{$this->demo->share_code}/pulse")
            ->assertOk()
            ->json('pulse');
        $first = $pulse();
        self::assertSame($first, $pulse());
        $this->postJson("/device/share/{$this->demo->share_code}/do", ['screen' => 'swim', 'args' => [1], 'at' => '/screens/1/lines/6'])->assertJsonPath(
            'outcome.done',
            true,
        );
        $second = $pulse();
        self::assertNotSame($first, $second);
        $this->actingAs($this->founderOf($this->demo))
            ->postJson("/api/apps/{$this->demo->id}/edits", ['base' => 1, 'edit' => ['do' => 'fill', 'at' => '/screens/0/title', 'text' => 'New']])
            ->assertOk();
        self::assertNotSame($second, $pulse());
    }

    public function test_an_empty_list_is_explained_in_the_deck_only(): void
    {
        $this->postJson('/device/live/saltlark/why', ['screen' => 'mine', 'at' => '/screens/5/lines/1'])->assertNotFound();
        $this->actingAs($this->founderOf($this->demo))
            ->postJson("/device/deck/{$this->demo->id}/why", ['screen' => 'mine', 'at' => '/screens/5/lines/1'])
            ->assertOk()
            ->assertJsonPath(
                'sentence',
                'Bookings has 18 rows here, but somebody who has not signed in may see none: they may be seen by the person in Person, anyone if '
                    .'Swim’s Host is me or a Keeper.',
            );
    }

    public function test_what_is_sent_is_validated(): void
    {
        $this->postJson('/device/live/saltlark/view', ['zone' => 'Mars/Base', 'args' => ['x']])->assertUnprocessable();
        $this->postJson('/device/live/saltlark/pictures', [])->assertUnprocessable();
        $this->postJson('/device/elsewhere/saltlark/view')->assertNotFound();
    }

    public function test_a_question_is_asked_before_a_place_is_given_up(): void
    {
        $this->asPerson($this->demo, 'tomas@lindqvist.example');
        $book = $this->postJson('/device/live/saltlark/do', [
            'screen' => 'swim',
            'args' => [1],
            'at' => '/screens/1/lines/6',
            'inputs' => ['name' => 'Noor'],
            'tap' => 'a',
        ]);
        self::assertMeets('view', (string) $book->getContent());
        $places = fn (): string => $this->postJson('/device/live/saltlark/view', ['screen' => 'swim', 'args' => [1]])->json('view.nodes.4.text');
        self::assertSame('5 places left', $places());
        $tap = ['screen' => 'booking', 'args' => [19], 'at' => '/screens/6/lines/2', 'tap' => 'b'];
        $asked = $this->postJson('/device/live/saltlark/do', $tap)
            ->assertOk()
            ->assertJsonPath('outcome.done', false)
            ->assertJsonPath('outcome.confirm.text', 'Give your place to somebody else?');
        self::assertMeets('view', (string) $asked->getContent());
        self::assertSame('5 places left', $places());

        $this->postJson('/device/live/saltlark/do', $tap + ['confirmed' => ['/somewhere/else']])->assertJsonPath('outcome.done', false);
        $this->postJson('/device/live/saltlark/do', $tap + ['confirmed' => [$asked->json('outcome.confirm.at')]])
            ->assertJsonPath('outcome.done', true)
            ->assertJsonPath('outcome.back', true);
        self::assertSame('6 places left', $places());
        $this->postJson('/device/live/saltlark/do', $tap + ['confirmed' => 'yes'])->assertUnprocessable();
    }

    public function test_lists_are_searched_and_read_on_by_request(): void
    {
        $see = fn (array $asked): array => $this->postJson('/device/live/saltlark/view', ['screen' => 'spots'] + $asked)
            ->assertOk()
            ->json('view.nodes.0');
        $at = '/screens/3/lines/0';

        self::assertSame(['', 6, false], [$see([])['search'], count($see([])['items']), $see([])['more']]);
        self::assertSame(['Gannet Slip'], array_column($see(['finds' => [$at => 'GANN']])['items'], 'title'));
        self::assertSame('Nothing is found.', $see(['finds' => [$at => '"; drop table spots; --']])['empty']);
        self::assertCount(6, $see(['finds' => [$at => null], 'pages' => [$at => 3]])['items']);
        $this->postJson('/device/live/saltlark/view', ['screen' => 'spots', 'pages' => [$at => 0]])->assertUnprocessable();
        $this->postJson('/device/live/saltlark/view', ['screen' => 'spots', 'finds' => [$at => str_repeat('x', 300)]])->assertUnprocessable();
    }

    public function test_computed_fields_and_lists_of_a_row_reach_the_device(): void
    {
        $this->actingAs($this->founderOf($this->demo));
        $text = 'Text "{swim.booked} booked, {swim.lasts}, {money(swim.kitFee)}{join(swim.bookings.name, \" and \")}"';
        $this->postJson("/api/apps/{$this->demo->id}/edits", [
            'base' => 1,
            'edit' => ['do' => 'write', 'list' => '/screens/1/lines', 'text' => $text, 'index' => 0],
        ])->assertOk();

        // The field counts over every row; whose bookings they are is told only to those who may see them.
        $this->postJson("/device/deck/{$this->demo->id}/view", ['screen' => 'swim', 'args' => [2]])->assertJsonPath(
            'view.nodes.0.text',
            '1 booked, 45 min, €4.50',
        );
        $this->postJson("/device/deck/{$this->demo->id}/view", ['screen' => 'swim', 'args' => [1], 'person' => 1])->assertJsonPath(
            'view.nodes.0.text',
            '2 booked, 30 min, Tomas Lindqvist and Marit Solheim',
        );
        $this->postJson("/device/deck/{$this->demo->id}/view", ['screen' => 'swim', 'args' => [1], 'person' => 2])->assertJsonPath(
            'view.nodes.0.text',
            '2 booked, 30 min, Tomas Lindqvist',
        );
    }
}
