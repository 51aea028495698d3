<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Report;
use App\People\Departure;
use App\People\People;
use App\People\Sessions;
use App\Records\DataSet;
use Illuminate\Testing\TestResponse;
use Tests\AtCrier;
use Tests\TestCase;

/** What people report to the founder, and what becomes of it. */
final class ReportsTest extends TestCase
{
    use AtCrier;

    private const APP = <<<'APP'
    app Reef
    sign-in at In
      as a guest
    table People, each a Person, who sign in
      may be seen by everyone
      Name is a text, required
    table Posts, each a Post
      may be seen by everyone
      Words is a text, required
      By is one Person
    screen Start, first
      List of Posts
        shows words as title
        tapped:
          report this, because "Rude, says {me.name}."
          say "Thank you."
    screen In
      Text "in"
    APP;

    public function test_a_row_is_reported_once_by_each_and_seen_by_the_founder(): void
    {
        [$ada, $ben] = [$this->adds('People', ['name' => 'Ada']), $this->adds('People', ['name' => 'Ben'])];
        [$first, $second] = [$this->adds('Posts', ['words' => 'Mud!', 'by' => $ada]), $this->adds('Posts', ['words' => 'Fog'])];
        foreach ([[$first, $ben], [$first, $ada], [$first, $ben], [$second, $ben]] as [$row, $person]) {
            $this->reports($row, $person)->assertOk()->assertJsonPath('outcome.say', ['Thank you.']);
        }

        $state = $this->actingAs($this->founderOf($this->reef))->getJson("/api/apps/{$this->reef->id}/release")->assertOk();
        self::assertMeets('studio', (string) json_encode($state->json()), 'ReleaseState');
        self::assertSame([
            ['Posts', $first, 'sandbox', 'Mud!', 2, ['Rude, says Ada.', 'Rude, says Ben.'], '/tables/1'],
            ['Posts', $second, 'sandbox', 'Fog', 1, ['Rude, says Ben.'], '/tables/1'],
        ], array_map(array_values(...), $state->json('reported')));

        $this->postJson("/api/apps/{$this->reef->id}/reported/seen", ['set' => 'sandbox', 'table' => 'Posts', 'row' => $first])->assertOk()
            ->assertJsonCount(1, 'reported');
        $this->postJson("/api/apps/{$this->reef->id}/reported/seen", ['set' => 'elsewhere', 'table' => 'Posts', 'row' => $first])->assertUnprocessable();
    }

    public function test_who_leaves_has_reported_nothing_and_nothing_of_theirs_was_reported(): void
    {
        [$ada, $ben] = [$this->adds('People', ['name' => 'Ada']), $this->adds('People', ['name' => 'Ben'])];
        [$adas, $bens] = [$this->adds('Posts', ['words' => 'Mud!', 'by' => $ada]), $this->adds('Posts', ['words' => 'Fog', 'by' => $ben])];
        $this->reports($bens, $ada)->assertOk();
        $this->reports($adas, $ben)->assertOk();
        $people = new People($this->reef, DataSet::Sandbox, $this->reef->refresh()->revision->read());
        (new Departure($people))->of($ada);

        self::assertSame([], Report::query()->where('person', $ada)->get()->all());
        self::assertSame([$ben], Report::query()->pluck('person')->all(), 'A post that stays is still reported.');
    }

    private function reports(int $row, int $person): TestResponse
    {
        $people = $this->space()->people();
        $account = $people->accountOf($person) ?? $people->accounts()->create(['person' => $person, 'guest' => true]);
        $token = (new Sessions($people))->open($account, 'guest', 'a test');

        return $this->postJson(
            "/device/share/{$this->reef->share_code}/do",
            ['screen' => 'start', 'at' => '/screens/0/lines/0', 'item' => $row],
            ['Authorization' => "Bearer $token"],
        );
    }
}
