<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Models\App;
use App\Models\Founder;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Lanai\Core\Edits\Kinds\Rewrite;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Release\InSteps;
use Tests\TestCase;

/** A revision goes live for some people first. */
final class InStepsTest extends TestCase
{
    private const APP = "app Reef\n\ntable Spots, each a Spot\n  may be seen by everyone\n  Name is a text\n\nscreen Start, first\n  Text \"Old\"\n";

    private App $reef;

    private string $at;

    protected function setUp(): void
    {
        parent::setUp();
        $book = app(RevisionBook::class);
        $this->reef = $book->begin($this->stranger(), Blueprint::fromScript(self::APP));
        $this->at = "/api/apps/{$this->reef->id}";
        $this->actingAs($this->founderOf($this->reef));
    }

    public function test_so_many_of_a_hundred_have_it_and_stay_on_it(): void
    {
        $this->postJson("$this->at/live", ['share' => 20])->assertConflict()->assertJsonPath(
            'message',
            'Nothing is live yet: what goes live first goes to everybody.',
        );
        $this->postJson("$this->at/live")->assertOk();
        $this->postJson("$this->at/live", ['share' => 20])->assertConflict()->assertJsonPath('message', 'This revision is live already.');
        $this->rewritten('Old', 'New', 1);
        $this->postJson("$this->at/live", ['share' => 21])->assertUnprocessable();
        $this->postJson("$this->at/live", ['share' => 20])->assertOk()->assertJsonPath('app.liveRevision', 1);

        self::assertSame(20, $this->withNew());
        foreach (['100', '-1', 'x', ''] as $none) {
            self::assertSame('Old', $this->seen(['Lanai-Lot' => $none]));
        }
        self::assertSame('Old', $this->seen([]), 'Who draws no lot has what all have.');
        $lot = $this->firstLot();
        self::assertStringStartsWith('2-', $this->getJson("/device/live/{$this->reef->slug}/pulse", ['Lanai-Lot' => (string) $lot])->json('pulse'));
        self::assertStringStartsWith('1-', $this->getJson("/device/live/{$this->reef->slug}/pulse")->json('pulse'));

        $this->to(20)->assertConflict()->assertJsonPath('message', 'It has gone to as many already.');
        $this->to(33)->assertUnprocessable();
        $this->to(50)->assertOk()->assertJsonPath('live.coming.share', 50);
        self::assertSame(50, $this->withNew());
        $this->to(0)->assertOk()->assertJsonPath('live.coming', null);
        self::assertSame(0, $this->withNew());
        $this->to(50)->assertConflict()->assertJsonPath('message', 'Nothing goes live in steps.');
    }

    public function test_it_goes_to_everybody_and_one_can_go_back(): void
    {
        $this->postJson("$this->at/live")->assertOk();
        $this->rewritten('Old', 'New', 1);
        $this->postJson("$this->at/live", ['share' => 1])->assertOk();
        $this->rewritten('New', 'Newest', 2);
        $this->to(100)->assertOk()->assertJsonPath('live.revision', 2)->assertJsonPath('live.before', 1)->assertJsonPath('live.coming', null);
        self::assertSame('New', $this->seen([]), 'What goes to everybody is what some have tried, not what was written since.');
        $this->postJson("$this->at/live", ['share' => 5])->assertOk();
        $this->postJson("$this->at/live/back")->assertOk()->assertJsonPath('live.revision', 1)->assertJsonPath('live.coming', null);
        self::assertSame(0, $this->withNew('Newest'));
    }

    public function test_what_holds_for_everybody_is_not_put_live_in_steps(): void
    {
        $this->postJson("$this->at/live")->assertOk();
        $this->rewritten('  Name is a text', "  Name is a text\n  Depth is a decimal", 1);
        $why = 'This also changes what is kept, or who may see it. That holds for everybody or for nobody, and so it cannot go to some people first.';
        $this->getJson("$this->at/release")->assertJsonPath('live.alone', $why);
        $this->postJson("$this->at/live", ['share' => 5])->assertConflict()->assertJsonPath('message', $why);
        $this->postJson("$this->at/live")->assertOk()->assertJsonPath('app.liveRevision', 2);
    }

    public function test_how_it_does_is_held_against_what_is_live(): void
    {
        $this->postJson("$this->at/live")->assertOk();
        $this->rewritten('Old', 'New', 1);
        $this->postJson("$this->at/live", ['share' => 50])->assertOk();
        $lot = (string) $this->firstLot();
        foreach (range(1, 25) as $i) {
            foreach ([[], ['Lanai-Lot' => $lot]] as $headers) {
                $step = ['what' => 'screen', 'of' => 'start', 'ago' => 0];
                $told = ['device' => (string) Str::uuid(), 'steps' => [$step], 'source' => null, 'version' => null];
                $this->postJson("/device/live/{$this->reef->slug}/view", ['screen' => 'start', 'counted' => $told], $headers)->assertOk();
            }
            if ($i <= 10) {
                $this->withServerVariables(['REMOTE_ADDR' => "203.0.113.$i"])
                    ->postJson("/device/live/{$this->reef->slug}/trouble", ['said' => 'Error: no net'], ['Lanai-Lot' => $lot])
                    ->assertStatus(202);
            }
        }
        $state = $this->getJson("$this->at/release")->assertOk();
        self::assertMeets('studio', (string) $state->getContent(), 'ReleaseState');
        self::assertSame(
            ['revision' => 2, 'share' => 50, 'coming' => ['visits' => 25, 'faults' => 10], 'live' => ['visits' => 25, 'faults' => 0], 'worse' => true],
            $state->json('live.coming'),
        );
    }

    public function test_another_founder_cannot(): void
    {
        $this->postJson("$this->at/live")->assertOk();
        $this->rewritten('Old', 'New', 1);
        $this->actingAs(Founder::query()->create(['name' => 'Nobody Near', 'email' => 'near@founders.example', 'password' => 'long enough to be']));
        $this->postJson("$this->at/live", ['share' => 50])->assertNotFound();
        $this->to(100)->assertNotFound();
    }

    private function rewritten(string $from, string $to, int $base): void
    {
        $app = $this->reef->refresh();
        $text = str_replace($from, $to, $app->revision->read()->script());
        app(RevisionBook::class)->edit($app, $this->founderOf($app), $base, new Rewrite($text));
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function to(int $share): TestResponse
    {
        return $this->postJson("$this->at/live/coming", ['share' => $share]);
    }

    private function firstLot(): int
    {
        foreach (range(0, InSteps::LOTS - 1) as $lot) {
            if (InSteps::isFirst($lot, 2, 1)) {
                return $lot;
            }
        }
        self::fail('One of a hundred is the first.');
    }

    private function withNew(string $new = 'New'): int
    {
        return count(array_filter(range(0, InSteps::LOTS - 1), fn (int $lot): bool => $this->seen(['Lanai-Lot' => (string) $lot]) === $new));
    }

    /** @param  array<string, string>  $headers */
    private function seen(array $headers): string
    {
        // Here all devices ask from one address.
        $this->travel(1)->seconds();

        return $this->postJson("/device/live/{$this->reef->slug}/view", ['screen' => 'start'], $headers)->assertOk()->json('view.nodes.0.text');
    }
}
