<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Models\App;
use Illuminate\Support\Str;
use Lanai\Core\Edits\Kinds\Rewrite;
use Lanai\Core\Model\Blueprint;
use Tests\TestCase;

/** How each version of an app does on people's phones, from what packages tell. */
final class VersionHealthTest extends TestCase
{
    private const APP = <<<'APP'
    app Reef

    screen Start, first
      Text "Here"

    release
      package is "org.reef.app"
    APP;

    /** Nothing was slow, or asked in vain, and every package can what is live. */
    private const QUICK = ['shown' => 0, 'slow' => 0, 'unanswered' => 0, 'lacks' => []];

    private App $reef;

    protected function setUp(): void
    {
        parent::setUp();
        $book = app(RevisionBook::class);
        $this->reef = $book->begin($this->stranger(), Blueprint::fromScript(self::APP));
        $book->goLive($this->reef);
        foreach ([1 => 'released', 2 => 'rolling out'] as $number => $state) {
            $build = $this->reef->builds()->create([
                'revision_id' => $this->reef->refresh()->revision->id, 'target' => 'apk', 'version' => "1.0.$number", 'number' => $number, 'state' => 'done',
                'here' => true,
            ]);
            $this->reef->submissions()->create(
                ['build_id' => $build->id, 'store' => 'quay', 'remote_id' => (string) $number, 'state' => $state, 'reasons' => []],
            );
        }
    }

    public function test_a_version_in_which_more_goes_wrong_is_told_apart_and_can_be_halted(): void
    {
        $this->visits('quay 1', 30);
        $this->visits('quay 2', 20);
        $this->visits(null, 50);
        $this->faults('quay 1', 1);
        $this->faults('quay 2', 9);
        $this->faults('quay 77', 2);
        $this->faults("quay 1' or 1=1", 1);

        $answer = $this->actingAs($this->founderOf($this->reef))->getJson("/api/apps/{$this->reef->id}/release")->assertOk();
        self::assertMeets('studio', (string) json_encode($answer->json()), 'ReleaseState');
        $second = $this->reef->submissions()->where('state', 'rolling out')->value('id');
        $first = $this->reef->submissions()->where('state', 'released')->value('id');
        self::assertSame(
            [
                ['version' => 'Quay, 1.0.2 (2)', 'visits' => 20, 'faults' => 9, 'share' => 0.2] + self::QUICK + ['worse' => true, 'submission' => $second],
                ['version' => 'Quay, 1.0.1 (1)', 'visits' => 30, 'faults' => 1, 'share' => 0.3] + self::QUICK + ['worse' => false, 'submission' => $first],
                // A version that was never built, and what is none, are counted with what is open in browsers.
                ['version' => 'in browsers', 'visits' => 50, 'faults' => 3, 'share' => 0.5] + self::QUICK + ['worse' => false, 'submission' => null],
            ],
            $answer->json('health'),
        );
        $this->travel(8)->days();
        self::assertSame([], $this->getJson("/api/apps/{$this->reef->id}/release")->json('health'));
    }

    public function test_slow_screens_and_questions_in_vain_are_counted_of_each_version(): void
    {
        foreach ([100, 2500, 2501, 9000, 600_001] as $ms) {
            $this->tells('quay 2', ['ms' => $ms], 2);
        }
        $this->tells('quay 2', ['ms' => -5], 1_000_000);
        $this->tells('quay 2', ['ms' => 'long'], -1);
        $this->tells('quay 2', [], 'many');
        $state = $this->actingAs($this->founderOf($this->reef))->getJson("/api/apps/{$this->reef->id}/release")->assertOk()->json();
        self::assertSame([6, 3, 110], [$state['health'][0]['shown'], $state['health'][0]['slow'], $state['health'][0]['unanswered']]);
        self::assertSame([['screen' => 'Start', 'at' => '/screens/0', 'slow' => 3, 'seen' => 8]], $state['slow']);
    }

    public function test_a_package_that_cannot_do_what_is_live_says_so_and_a_new_one_says_why(): void
    {
        $this->visits('quay 2', 1);
        $state = fn (): array => $this->actingAs($this->founderOf($this->reef))->getJson("/api/apps/{$this->reef->id}/release")->assertOk()->json();
        self::assertSame(['version' => '1.0.2 (2)', 'why' => []], $state()['package']);
        $text = str_replace('  Text "Here"', "  Button \"Tell\"\n    tapped:\n      share \"Look\"", self::APP);
        app(RevisionBook::class)->edit($this->reef->refresh(), $this->founderOf($this->reef), 1, new Rewrite($text));
        self::assertSame(['It can now share with other programs, and that package cannot.'], $state()['package']['why']);
        self::assertSame([], $state()['health'][0]['lacks'], 'That is not live yet.');
        app(RevisionBook::class)->goLive($this->reef->refresh());
        self::assertSame(['share with other programs'], $state()['health'][0]['lacks']);
        app(RevisionBook::class)->edit($this->reef->refresh(), $this->founderOf($this->reef), 2, new Rewrite("$text\n  icon letter is \"Z\""));
        self::assertContains('Its icon is another one.', $state()['package']['why']);
    }

    public function test_the_deck_and_whoever_is_not_counted_change_nothing(): void
    {
        $this->postJson("/device/share/{$this->reef->share_code}/trouble", ['said' => 'Error: x', 'version' => 'quay 1'])->assertStatus(202);
        $this->postJson("/device/live/{$this->reef->slug}/view", $this->told('quay 1'), ['Sec-GPC' => '1'])->assertOk();
        self::assertSame([], $this->actingAs($this->founderOf($this->reef))->getJson("/api/apps/{$this->reef->id}/release")->json('health'));
    }

    private function visits(?string $version, int $count): void
    {
        for ($i = 0; $i < $count; $i++) {
            $this->postJson("/device/live/{$this->reef->slug}/view", $this->told($version))->assertOk();
        }
    }

    private function faults(string $version, int $count): void
    {
        for ($i = 0; $i < $count; $i++) {
            $this->withServerVariables(['REMOTE_ADDR' => "203.0.113.$i"])
                ->postJson("/device/live/{$this->reef->slug}/trouble", ['said' => 'Error: no net', 'version' => $version])
                ->assertStatus(202);
        }
    }

    /** @param  array<string, mixed>  $step */
    private function tells(string $version, array $step, mixed $unanswered): void
    {
        $told = $this->told($version);
        $told['counted']['steps'][0] += $step;
        $told['counted']['unanswered'] = $unanswered;
        $this->postJson("/device/live/{$this->reef->slug}/view", $told)->assertOk();
    }

    /** @return array<string, mixed> */
    private function told(?string $version): array
    {
        $step = ['what' => 'screen', 'of' => 'start', 'ago' => 0];

        return ['screen' => 'start', 'counted' => ['device' => (string) Str::uuid(), 'steps' => [$step], 'source' => null, 'version' => $version]];
    }
}
