<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class FormulaEditorTest extends TestCase
{
    private App $demo;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo = $this->demo();
        $this->actingAs($this->founderOf($this->demo));
    }

    public function test_a_formula_is_said_in_words_with_its_value_on_a_row(): void
    {
        $answer = $this->ask(['text' => 'places > 3 and spot.water > 15'])
            ->assertOk()
            ->assertJsonPath('words', 'Places is more than 3 and Spot’s Water is more than 15')
            ->assertJsonPath('type', 'yes or no')
            ->assertJsonPath('row', ['id' => 1, 'label' => 'Dawn dip', 'of' => 'Swim'])
            ->assertJsonPath('picks.parts.1', ['thing' => 'spot.water', 'is' => 'more', 'value' => '15']);

        self::assertMeets('studio', (string) $answer->getContent(), 'FormulaState');
        self::assertSame('yes', array_column($answer->json('trace'), 'value', 'words')['Places is more than 3 and Spot’s Water is more than 15']);
        $this->ask(['text' => 'places > 3', 'row' => 8])
            ->assertJsonPath('row.label', 'Tea and tow floats')
            ->assertJsonPath('trace.1.value', 'no');
    }

    public function test_a_mistake_has_a_place_and_a_mend(): void
    {
        $this->ask(['text' => 'places > "3"'])
            ->assertJsonPath('mistake', [
                'sentence' => '“>” compares a whole number with a text; these are never alike.',
                'position' => 7,
                'mended' => 'places > number("3")',
            ])
            ->assertJsonPath('trace', []);
        $this->ask(['text' => 'places'])->assertJsonPath('mistake.sentence', 'This must give yes or no, but “places” gives a whole number.');
        $this->ask(['text' => ''])
            ->assertJsonPath('mistake', null)
            ->assertJsonPath('picks', ['join' => 'and', 'parts' => []]);
    }

    public function test_pointing_writes_the_formula(): void
    {
        $this->ask([
            'join' => 'or',
            'parts' => [
                ['thing' => 'places', 'is' => 'least', 'value' => '3'],
                ['thing' => 'spot.name', 'is' => 'contains', 'value' => '"Cove"'],
                ['thing' => 'bookings', 'is' => 'none'],
            ],
        ])
            ->assertOk()
            ->assertJsonPath('text', 'places >= 3 or spot.name contains "Cove" or not any(bookings)')
            ->assertJsonPath('mistake', null);
        $this->ask(['parts' => [['thing' => '']]])->assertUnprocessable();
    }

    public function test_only_formulas_are_helped_with(): void
    {
        $this->postJson("/api/apps/{$this->demo->id}/formula", ['at' => '/screens/0/lines/2/table', 'text' => 'x'])->assertNotFound();
        $this->postJson("/api/apps/{$this->demo->id}/formula", ['at' => '/nowhere', 'text' => 'x'])->assertNotFound();
    }

    public function test_blanks_offer_their_choices_in_words(): void
    {
        $blank = $this->getJson("/api/apps/{$this->demo->id}/blank?at=/screens/0/lines/2/where")->assertOk();
        self::assertContains('Starts is after now', array_column($blank->json('choices'), 'words'));
        $types = array_column(
            $this->getJson("/api/apps/{$this->demo->id}/blank?at=/tables/1/fields/3/type")
                ->assertJsonPath('kind', 'type')
                ->assertJsonPath('value', 'is a whole number from 0 to 40')
                ->json('choices'),
            'text',
        );
        self::assertContains('is one Spot', $types);
        self::assertContains('are many Bookings', $types);
    }

    /** @param  array<string, mixed>  $given */
    private function ask(array $given): TestResponse
    {
        return $this->postJson("/api/apps/{$this->demo->id}/formula", ['at' => '/screens/0/lines/2/where'] + $given);
    }
}
