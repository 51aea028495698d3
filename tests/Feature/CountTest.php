<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Models\App;
use App\Models\Founder;
use App\Reach\CountBook;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Space;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** How many come, counted by the app itself: what goes along with what a device asks, and what stays of it. */
final class CountTest extends TestCase
{
    private const APP = <<<'APP'
    app Reef
    sign-in at In
      as a guest
    table People, each a Person, who sign in
      Name is a text, required
    screen Start, first
      Text "Here"
      Button "Go on"
        tapped: go to Swim
    screen Swim
      Button "Leave me out"
        tapped: do not count me
      Button "Count me"
        tapped: count me
    screen In
      Text "in"
    funnel Swimming
      step Start
      step Start, tapping "Go on"
      step Swim
    APP;

    private const ADA = '11111111-2222-4333-8444-555555555555';

    private const BEN = '21111111-2222-4333-8444-555555555555';

    private App $reef;

    protected function setUp(): void
    {
        parent::setUp();
        $this->reef = app(RevisionBook::class)->begin($this->stranger(), Blueprint::fromScript(self::APP));
        $this->actingAs($this->founderOf($this->reef));
    }

    public function test_what_goes_along_is_counted_by_the_words_of_the_app(): void
    {
        $this->tells(self::ADA, [['screen', 'start'], ['tap', '/screens/0/lines/1'], ['screen', 'swim']], 'a-poster');
        $this->tells(self::ADA, [['screen', 'start'], ['screen', 'start'], ['screen', 'nowhere'], ['tap', '/screens/9/lines/1'], ['tap', '/tables/0']]);
        $this->tells(self::BEN, [['screen', 'start']]);
        $state = $this->state();
        self::assertSame(['day' => gmdate('Y-m-d'), 'people' => 2, 'visits' => 2, 'new' => 2], $state['days'][29]);
        self::assertSame([2, 2], [$state['week'], $state['month']]);
        $swim = ['screen' => 'Swim', 'at' => '/screens/1', 'count' => 1];
        self::assertSame([['screen' => 'Start', 'at' => '/screens/0', 'count' => 4], $swim], $state['screens']);
        self::assertSame([['screen' => 'Start', 'line' => 'Go on', 'count' => 1]], $state['taps']);
        self::assertSame([['from' => 'Start', 'to' => 'Swim', 'count' => 1], ['from' => 'Swim', 'to' => 'Start', 'count' => 1]], $state['ways']);
        self::assertSame([['name' => 'a-poster', 'count' => 1]], $state['sources']);
    }

    public function test_beside_its_lines_stands_how_often_they_were_tapped(): void
    {
        $this->tells(self::ADA, [['screen', 'start'], ['tap', '/screens/0/lines/1'], ['tap', '/screens/0/lines/1'], ['screen', 'swim']]);
        $this->tells(self::BEN, [['screen', 'start'], ['tap', '/screens/1/lines/0']]);
        $of = fn (int $screen): array => $this->getJson("/api/apps/{$this->reef->id}/reach/sandbox/lines/$screen")->assertOk()->json();
        self::assertSame(['views' => 2, 'lines' => ['/screens/0/lines/1' => 2]], $of(0));
        self::assertSame(['views' => 1, 'lines' => ['/screens/1/lines/0' => 1]], $of(1));
        $none = $this->getJson("/api/apps/{$this->reef->id}/reach/sandbox/lines/99")->assertOk()->getContent();
        self::assertSame('{"views":0,"lines":{}}', $none);
        self::assertMeets('studio', (string) $none, 'LineCounts');
        $this->getJson("/api/apps/{$this->reef->id}/reach/live/lines/0")->assertNotFound();
        $other = Founder::query()->create(['name' => 'Other', 'email' => 'other@founders.example', 'password' => 'a long enough one']);
        $this->actingAs($other)->getJson("/api/apps/{$this->reef->id}/reach/sandbox/lines/0")->assertNotFound();
    }

    /** By hand: of two who came first eight days ago one came on the day after, and both a week later. */
    public function test_who_comes_back_is_counted_against_those_whose_day_is_over(): void
    {
        $at = fn (int $ago, string $device) => $this->travelTo(now()->subDays($ago), fn () => $this->tells($device, [['screen', 'start']]));
        $at(8, self::ADA);
        $at(8, self::BEN);
        $at(7, self::ADA);
        $at(1, self::ADA);
        $at(1, self::BEN);
        $at(0, '31111111-2222-4333-8444-555555555555');
        [$day, $week, $month] = $this->state()['back'];
        self::assertSame([1, 1, 2], [$day['after'], $day['came'], $day['of']]);
        self::assertSame([7, 2, 2], [$week['after'], $week['came'], $week['of']]);
        self::assertSame([30, 0, 0, 0, 1], [$month['after'], $month['came'], $month['of'], (int) $month['low'], (int) $month['high']]);
    }

    /** By hand: three visits begin, two tap, one arrives, twelve seconds after the tap; going round twice counts once. */
    public function test_a_way_is_counted_step_by_step_once_in_a_visit(): void
    {
        // In the middle of a day, so that an hour later it is still the same.
        $this->travelTo(now()->setTime(10, 0));
        $tap = ['tap', '/screens/0/lines/1'];
        $this->tells(self::ADA, [['screen', 'start'], $tap]);
        $this->travel(12)->seconds();
        $this->tells(self::ADA, [['screen', 'swim'], ['screen', 'start'], $tap, ['screen', 'swim']]);
        $this->tells(self::BEN, [['screen', 'swim'], ['screen', 'start'], $tap]);
        $this->tells('31111111-2222-4333-8444-555555555555', [['screen', 'start'], ['screen', 'swim']]);
        [$way] = $this->state()['funnels'];
        self::assertSame(['Swimming', ['Start', '“Go on” on Start', 'Swim'], [3, 2, 1]], [
            $way['name'], array_column($way['steps'], 'words'), array_column($way['steps'], 'came'),
        ]);
        self::assertSame([null, 0, 12], array_column($way['steps'], 'seconds'));
        // An hour later it is another visit, and the way begins anew.
        $this->travel(1)->hours();
        $this->tells(self::BEN, [['screen', 'swim']]);
        $this->tells(self::BEN, [['screen', 'start']]);
        self::assertSame([4, 2, 1], array_column($this->state()['funnels'][0]['steps'], 'came'));
        $this->artisan('lanai:funnel', ['app' => $this->reef->slug, 'name' => 'swimming', '--set' => 'sandbox', '--json' => true])
            ->expectsOutputToContain('"came":4')->assertSuccessful();
        $this->artisan('lanai:funnel', ['app' => $this->reef->slug, 'name' => 'swimming', '--set' => 'sandbox'])->assertSuccessful();
        $this->artisan('lanai:funnel', ['app' => $this->reef->slug, 'name' => 'walking', '--set' => 'sandbox'])->assertFailed();
        $this->artisan('lanai:funnel', ['app' => $this->reef->slug, 'name' => 'swimming'])->assertFailed();
    }

    public function test_what_is_told_late_has_the_time_at_which_it_was_done(): void
    {
        $steps = [['what' => 'screen', 'of' => 'start', 'ago' => 40], ['what' => 'tap', 'of' => '/screens/0/lines/1', 'ago' => 25]];
        $this->postJson("{$this->share()}/view", ['screen' => 'start', 'counted' => ['device' => self::ADA, 'steps' => $steps]])->assertOk();
        self::assertSame([null, 15, null], array_column($this->state()['funnels'][0]['steps'], 'seconds'));
    }

    public function test_nothing_of_one_person_is_kept_but_when_they_came(): void
    {
        $this->tells(self::ADA, [['screen', 'start'], ['screen', 'swim']]);
        $all = json_encode([$this->database()->table('_visitors')->get(), $this->database()->table('_counts')->get()]);
        self::assertStringNotContainsString(self::ADA, (string) $all);
        self::assertSame(['visitor', 'first', 'last', 'at', 'screen', 'source', 'person'], array_keys((array) $this->database()->table('_visitors')->first()));
        self::assertNotContains('visitor', array_keys((array) $this->database()->table('_counts')->first()));
    }

    public function test_nobody_is_counted_in_the_deck_nor_who_does_not_want_it_and_forgetting_forgets(): void
    {
        $body = ['screen' => 'start', 'counted' => $this->told(self::ADA, [['screen', 'start']])];
        $this->postJson("/device/deck/{$this->reef->id}/view", $body)->assertOk();
        $this->withHeader('Sec-GPC', '1')->postJson("{$this->share()}/view", $body)->assertOk();
        $this->flushHeaders();
        self::assertSame(0, $this->database()->table('_visitors')->count());
        $this->tells(self::ADA, [['screen', 'start']]);
        self::assertSame(1, $this->database()->table('_visitors')->count());
        $outcome = $this->postJson("{$this->share()}/do", ['screen' => 'swim', 'at' => '/screens/1/lines/0'])->assertOk()->json('outcome');
        self::assertSame([['do' => 'count', 'text' => 'no']], $outcome['onDevice']);
        $this->postJson("{$this->share()}/count", ['forget' => self::ADA])->assertNoContent();
        self::assertSame(0, $this->database()->table('_visitors')->count());
        self::assertSame(1, $this->state()['days'][29]['people'], 'What cannot be told from others stays.');
    }

    public function test_whoever_goes_is_forgotten_here_too(): void
    {
        $book = new CountBook($this->space());
        $book->count($book->visitor(self::ADA), [], 7, '', time());
        $book->count($book->visitor(self::BEN), [], 8, '', time());
        self::assertSame([['first' => gmdate('Y-m-d'), 'last' => gmdate('Y-m-d'), 'source' => '']], $book->of(7));
        $book->forgetPerson(7);
        self::assertSame([8], $this->database()->table('_visitors')->pluck('person')->all());
    }

    #[TestWith([['device' => 'x', 'steps' => []]])]
    #[TestWith([['device' => self::ADA, 'steps' => 'many']])]
    #[TestWith([['device' => self::ADA, 'steps' => [['what' => 'thought', 'of' => 'a']]]])]
    #[TestWith([['device' => self::ADA, 'steps' => [['what' => 'screen', 'of' => ['start']]]]])]
    #[TestWith([['device' => self::ADA, 'steps' => [], 'source' => '<script>']])]
    #[TestWith([['steps' => []]])]
    public function test_what_cannot_be_read_keeps_nobody_from_their_screen_and_counts_nothing(array $counted): void
    {
        $this->postJson("{$this->share()}/view", ['screen' => 'start', 'counted' => $counted])->assertOk();
        $this->postJson("{$this->share()}/count", ['counted' => $counted])->assertNoContent();
        self::assertSame(0, $this->database()->table('_visitors')->count());
    }

    public function test_a_day_has_no_more_different_sources_than_it_may(): void
    {
        $book = new CountBook($this->space());
        for ($i = 0; $i < 505; $i++) {
            $book->count($book->visitor("device $i"), [], null, "source-$i", time());
        }
        $book->count($book->visitor('one more'), [], null, 'source-7', time());
        $sources = $this->database()->table('_counts')->where('what', 'source');
        self::assertSame([501, 506], [(clone $sources)->count(), (int) (clone $sources)->sum('count')]);
        self::assertSame([5, 2], [(int) (clone $sources)->where('of', 'other')->value('count'), (int) $sources->where('of', 'source-7')->value('count')]);
    }

    public function test_what_is_old_goes(): void
    {
        $this->tells(self::ADA, [['screen', 'start']]);
        $this->database()->table('_visitors')->update(['at' => time() - 401 * 86400]);
        $this->database()->table('_counts')->update(['day' => gmdate('Y-m-d', time() - 800 * 86400)]);
        $this->artisan('lanai:prune')->assertSuccessful();
        self::assertSame([0, 0], [$this->database()->table('_visitors')->count(), $this->database()->table('_counts')->count()]);
    }

    /** @param  list<array{string, string}>  $steps */
    private function tells(string $device, array $steps, string $source = ''): void
    {
        $this->postJson("{$this->share()}/view", ['screen' => 'start', 'counted' => $this->told($device, $steps, $source)])->assertOk();
    }

    /**
     * @param  list<array{string, string}>  $steps
     * @return array<string, mixed>
     */
    private function told(string $device, array $steps, string $source = ''): array
    {
        return ['device' => $device, 'steps' => array_map(fn (array $s): array => ['what' => $s[0], 'of' => $s[1]], $steps), 'source' => $source ?: null];
    }

    /** @return array<string, mixed> */
    private function state(): array
    {
        $answer = $this->getJson("/api/apps/{$this->reef->id}/reach/sandbox")->assertOk();
        self::assertMeets('studio', (string) $answer->getContent(), 'ReachState');

        return $answer->json();
    }

    private function share(): string
    {
        return "/device/share/{$this->reef->share_code}";
    }

    private function database(): Connection
    {
        return DB::connection((new DataFile($this->reef, DataSet::Sandbox))->connection);
    }

    private function space(): Space
    {
        return Space::sandbox($this->reef->refresh());
    }
}
