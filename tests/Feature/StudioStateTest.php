<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use App\Studio\StudioState;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Parser;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\FieldTypes;
use Tests\TestCase;

final class StudioStateTest extends TestCase
{
    public function test_each_station_counts_its_findings_and_the_checks_that_hold(): void
    {
        $stations = array_column($this->state()['stations'], null, 'key');

        self::assertSame(['brief', 'data', 'screens', 'people', 'services', 'earnings', 'reach', 'release'], array_keys($stations));
        self::assertSame([1, 12, 13], [$stations['release']['findings'], $stations['release']['holds'], $stations['release']['checks']]);
        self::assertSame([0, $stations['screens']['checks']], [$stations['screens']['findings'], $stations['screens']['holds']]);
    }

    public function test_every_sentence_that_is_offered_to_begin_with_can_be_read(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $reads = fn (string $list): array => array_column($this->getJson("/api/apps/$app->id/beginnings?list=$list")->assertOk()->json('beginnings'), 'reads');
        foreach (['/screens/0/lines' => Families::of(AnyLine::class), '/routines/0/does' => Families::of(AnyEffect::class)] as $list => $family) {
            self::assertSame(array_keys($family->kinds), array_map(fn (string $reads): string => Parser::fragment($reads, $family)[0]['kind'], $reads($list)));
        }
        self::assertCount(count(FieldTypes::family()->kinds), $reads('/tables/0/fields'));
        foreach ($reads('/tables/0/fields') as $field) {
            $this->assertFieldReads($field);
        }
        self::assertMatchesRegularExpression('/^screen Screen \d+$/', $reads('/screens')[0]);
        self::assertSame([], $reads('/theme'));
    }

    public function test_the_grid_knows_its_columns_and_the_deck_its_people(): void
    {
        $state = $this->state();
        $swims = $state['tables'][1];

        self::assertSame(['Swims', 'Swim', 'swims', false], [$swims['name'], $swims['singular'], $swims['stored'], $swims['people']]);
        self::assertSame(['text', 'row', 'moment', 'number', 'row', 'duration', 'number', 'switch', ''], array_column($swims['fields'], 'control'));
        self::assertSame([null, 'spots', null, null, 'people', null, null, null, null], array_column($swims['fields'], 'linksTo'));
        self::assertSame(['Ines Okafor', 'Tomas Lindqvist', 'Marit Solheim'], array_column($state['people'], 'label'));
    }

    public function test_an_app_without_anything_has_a_state_too(): void
    {
        $id = $this->actingAs($this->stranger())->postJson('/api/apps', ['name' => 'Bare'])->json('id');
        $this->postJson("/api/apps/$id/edits", ['base' => 1, 'edit' => ['do' => 'rewrite', 'text' => 'app Bare']])->assertOk();
        $state = $this->getJson("/api/apps/$id")->assertOk();

        self::assertMeets('studio', (string) $state->getContent());
        $state->assertJsonPath('screens', [])->assertJsonPath('tabs', [])->assertJsonPath('people', []);
        $this->postJson("/device/deck/$id/view")->assertOk()->assertJsonPath('view.problem', 'This app has no screens yet.');
    }

    private function assertFieldReads(string $sentence): void
    {
        $data = Parser::script("app A\ntable T, each a U\n  ".str_replace('one ___', 'one U', $sentence), \Lanai\Core\Model\Blueprint::class);

        self::assertSame('New field', $data['tables'][0]['fields'][0]['name']);
    }

    /** @return array<string, mixed> */
    private function state(): array
    {
        return json_decode((string) json_encode(StudioState::of(App::query()->find($this->demo()->id) ?? self::fail('No demo.'))), true);
    }
}
