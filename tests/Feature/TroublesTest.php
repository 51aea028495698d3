<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Models\App;
use App\Models\Trouble;
use Tests\TestCase;

/** What goes wrong on phones comes to the founder of the app: each once, with nothing of a person, and never more than can be read. */
final class TroublesTest extends TestCase
{
    private App $app_;

    protected function setUp(): void
    {
        parent::setUp();
        $this->app_ = $this->demo();
        app(RevisionBook::class)->goLive($this->app_);
        $this->app_->refresh();
        $this->actingAs($this->founderOf($this->app_));
    }

    private function tell(string $said, string $where = '', string $platform = 'android'): void
    {
        $this->postJson("/device/live/{$this->app_->slug}/trouble", ['said' => $said, 'where' => $where, 'platform' => $platform])->assertStatus(202);
        $this->travel(1)->seconds();
    }

    /** @return list<array<string, mixed>> */
    private function told(): array
    {
        $answer = $this->getJson("/api/apps/{$this->app_->id}/release")->assertOk();
        self::assertMeets('studio', (string) $answer->getContent(), 'ReleaseState');

        return $answer->json('troubles');
    }

    public function test_the_same_is_told_once_with_how_often_it_happened(): void
    {
        $this->tell('Row 17 is gone', "Error: Row 17 is gone\n at a.js:1:2");
        $this->tell('Row 4 is gone', "Error: Row 4 is gone\n at a.js:1:2", 'ios');
        $this->tell('Something else');
        $told = $this->told();
        self::assertSame([['Something else', 1], ['Row 17 is gone', 2]], array_map(fn (array $t): array => [$t['said'], $t['times']], $told));
        self::assertStringContainsString('iPhone', $told[1]['on']);
        self::assertStringContainsString("revision {$this->app_->revision->number}", $told[1]['version']);

        $this->deleteJson("/api/apps/{$this->app_->id}/troubles/{$told[1]['id']}")->assertOk();
        self::assertSame(['Something else'], array_column($this->told(), 'said'));
        $this->tell('Row 9 is gone', "Error: Row 9 is gone\n at a.js:1:2");
        self::assertSame([1], array_column(array_slice($this->told(), 0, 1), 'times'), 'What happens again is told again.');
    }

    public function test_it_is_told_how_to_come_there_again_as_the_app_is_now(): void
    {
        $steps = [
            ['what' => 'screen', 'of' => 'upcoming'],
            ['what' => 'tap', 'of' => '/screens/0/lines/2'],
            ['what' => 'screen', 'of' => 'swim'],
            ['what' => 'tap', 'of' => '/screens/1/lines/6@4'],
            ['what' => 'screen', 'of' => 'no-longer-there'],
            ['what' => 'tap', 'of' => 'ann@example.org has typed this'],
        ];
        $to = "/device/live/{$this->app_->slug}/trouble";
        $send = fn (array $steps) => $this->postJson($to, ['said' => 'It broke', 'platform' => 'ios', 'steps' => $steps]);
        $send($steps)->assertStatus(202);
        [$told] = $this->told();
        self::assertSame([
            ['/screens/0', 'see Upcoming'],
            ['/screens/0/lines/2', 'tap “List of Swims”'],
            ['/screens/1', 'see Swim'],
            ['/screens/1/lines/6', 'tap “Count me in”'],
        ], array_map(array_values(...), $told['steps']));
        self::assertStringNotContainsString('ann@', (string) json_encode(Trouble::query()->firstOrFail()->steps));
        $send(array_fill(0, 21, $steps[0]))->assertUnprocessable();
        $send([['what' => 'thought', 'of' => 'x']])->assertUnprocessable();
    }

    public function test_nothing_of_a_person_is_kept_and_no_more_than_can_be_read(): void
    {
        $this->tell('No answer for ann@example.org', 'at https://x.example/a/saltlark#/person/~Ann?code=123 in '.str_repeat('long ', 1500));
        $kept = Trouble::query()->firstOrFail();
        self::assertSame('No answer for …@…', $kept->said);
        self::assertStringStartsWith('at https://x.example/a/saltlark in long', $kept->where);
        self::assertLessThanOrEqual(4000, mb_strlen($kept->where));
        $this->postJson("/device/live/{$this->app_->slug}/trouble", ['said' => ''])->assertUnprocessable();
        $this->postJson("/device/live/{$this->app_->slug}/trouble", ['said' => ['x']])->assertUnprocessable();
    }

    public function test_of_one_app_only_the_last_hundred_are_kept_and_another_founder_sees_none(): void
    {
        foreach (range(1, 103) as $i) {
            Trouble::query()->create(
                ['app_id' => $this->app_->id, 'mark' => "m$i", 'said' => "t$i", 'updated_at' => now()->addSeconds($i)] +
                    ['where' => '', 'on' => '', 'version' => ''],
            );
        }
        $this->travel(200)->seconds();
        $this->tell('The newest');
        self::assertSame(100, Trouble::query()->count());
        self::assertSame('The newest', $this->told()[0]['said']);
        $this->actingAs($this->stranger());
        $this->getJson("/api/apps/{$this->app_->id}/release")->assertNotFound();
        $this->deleteJson("/api/apps/{$this->app_->id}/troubles/1")->assertNotFound();
    }
}
