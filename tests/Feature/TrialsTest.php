<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Models\App;
use App\Reach\CountBook;
use App\Reach\MadeUpPeople;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Space;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Edits\Kinds\Rewrite;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Reach\Lot;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Two ways to begin, side by side: who is shown which, and what is known of them afterwards. */
final class TrialsTest extends TestCase
{
    private const APP = <<<'APP'
    app Reef
    screen Start, first
      Button "Show me"
        tapped: go to Long
    screen Long
      Pages, ending with "Let us go"
        page
          Text "One"
        page
          Text "Two"
        page
          Text "Three"
        finished: go to Start
    screen Short
      Pages, ending with "Let us go"
        page
          Text "One"
        page
          Text "Two"
        finished: go to Start
    funnel Welcome
      step Long
      step Long, page 2
      step Long, tapping "Let us go"
    trial Shorter, showing Short, instead of Long, to 50 of a hundred newcomers, counted by Welcome
    APP;

    private App $reef;

    protected function setUp(): void
    {
        parent::setUp();
        $this->reef = app(RevisionBook::class)->begin($this->stranger(), Blueprint::fromScript(self::APP));
        $this->actingAs($this->founderOf($this->reef));
    }

    public function test_newcomers_are_shown_what_the_lot_says_again_and_again_and_taps_work_there(): void
    {
        $seen = [];
        foreach (range(0, 29) as $i) {
            $device = self::device($i);
            $screen = $this->asks('long', $device);
            self::assertSame($this->isDrawn($device) ? 'short' : 'long', $screen);
            self::assertSame($screen, $this->asks('long', $device));
            $seen[$screen] = $device;
        }
        self::assertCount(2, $seen, 'Of thirty some are shown the one and some the other.');
        self::assertSame('start', $this->asks('start', $seen['short']), 'Only the one screen is tried.');
        $tap = ['screen' => 'short', 'newcomer' => $seen['short'], 'at' => '/screens/2/lines/0', 'tap' => 'a'];
        $answer = $this->postJson("{$this->share()}/do", $tap)->assertOk();
        self::assertSame(['screen' => 'start', 'args' => []], array_intersect_key($answer->json('outcome.go'), ['screen' => 1, 'args' => 1]));
    }

    public function test_who_is_not_counted_or_was_here_before_sees_it_as_it_is_and_so_does_the_deck(): void
    {
        $drawn = $this->drawn();
        self::assertSame('short', $this->asks('long', $drawn));
        self::assertSame('long', $this->postJson("{$this->share()}/view", ['screen' => 'long'])->json('view.screen'));
        $deck = $this->postJson("/device/deck/{$this->reef->id}/view", ['screen' => 'long', 'newcomer' => $drawn]);
        self::assertSame('long', $deck->json('view.screen'));
        $this->postJson("{$this->share()}/view", ['screen' => 'long', 'newcomer' => 'somebody'])->assertUnprocessable();
        // Whoever came before the trial began is no newcomer.
        $early = $this->drawn(50);
        $this->travelTo(now()->subDays(3), fn () => $this->tells($early, [['screen', 'start']]));
        self::assertSame('long', $this->asks('long', $early));
        self::assertSame('short', $this->asks('long', $drawn));
    }

    public function test_each_is_counted_once_and_with_the_way_that_the_lot_has_given(): void
    {
        $this->travelTo(now()->subDay());
        [$drawn, $other] = [$this->drawn(), $this->drawn(0, false)];
        $this->tells($drawn, [['screen', 'short'], ['page', '/screens/2/lines/0#2'], ['tap', '/screens/2/lines/0']]);
        $this->tells($drawn, [['screen', 'short'], ['page', '/screens/2/lines/0#2'], ['tap', '/screens/2/lines/0']]);
        $this->tells($other, [['screen', 'long'], ['page', '/screens/1/lines/0#2']]);
        $this->tells($this->drawn(60), [['screen', 'start']]);
        $trial = $this->state()['trials'][0];
        self::assertSame([['Long', 1, 0, [1, 1, 0]], ['Short', 1, 1, [1, 1, 1]]], array_map(
            fn (array $way): array => [$way['screen'], $way['came'], $way['ended'], $way['steps']],
            $trial['ways'],
        ));
        $steps = ['Long', 'page 2 of Long', '“Let us go” on Long'];
        self::assertSame([now()->format('Y-m-d'), 0, $steps], [$trial['begun'], $trial['winner'], $trial['steps']]);
        // The end may come in a later visit.
        $this->travel(2)->hours();
        $this->tells($other, [['screen', 'long'], ['page', '/screens/1/lines/0#2'], ['tap', '/screens/1/lines/0']]);
        self::assertSame([1, 1], array_column($this->state()['trials'][0]['ways'], 'ended'));
        $this->postJson("{$this->share()}/count", ['forget' => $drawn])->assertNoContent();
        self::assertSame([1, 0], [$this->trials()->count(), $this->trials()->where('visitor', (new CountBook($this->space()))->visitor($drawn))->count()]);
    }

    public function test_what_is_tried_otherwise_begins_anew(): void
    {
        $this->tells($this->drawn(), [['screen', 'short']]);
        self::assertSame(1, array_sum(array_column($this->state()['trials'][0]['ways'], 'came')));
        $this->changed(str_replace('to 50', 'to 60', self::APP));
        self::assertSame([null, 0], [$this->state()['trials'][0]['begun'], array_sum(array_column($this->state()['trials'][0]['ways'], 'came'))]);
        $this->changed(str_replace('showing Short', 'showing Gone', self::APP));
        self::assertSame([], $this->state()['trials']);
        self::assertSame('long', $this->asks('long', $this->drawn()));
    }

    #[TestWith(['/screens/1/lines/0#1'])]
    #[TestWith(['/screens/1/lines/0#4'])]
    #[TestWith(['/screens/0/lines/0#2'])]
    #[TestWith(['/screens/9/lines/0#2'])]
    #[TestWith(['/screens/1#2'])]
    #[TestWith(['#2'])]
    public function test_a_page_that_is_not_there_is_not_counted(string $of): void
    {
        $this->tells($this->drawn(0, false), [['screen', 'long'], ['page', $of]]);
        self::assertSame([1, 0, 0], array_column($this->state()['funnels'][0]['steps'], 'came'));
    }

    /** By hand: of three who begin two came by the poster, one of whom turns the page; a later visit of theirs is counted for the poster as well. */
    public function test_how_far_they_come_is_known_by_source_and_revision(): void
    {
        $this->travelTo(now()->subDays(2));
        [$a, $b, $c] = [self::device(1), self::device(2), self::device(3)];
        $long = fn (string $device): string => $this->isDrawn($device) ? 'short' : 'long';
        $page = fn (string $device): string => $this->isDrawn($device) ? '/screens/2/lines/0#2' : '/screens/1/lines/0#2';
        $this->tells($a, [['screen', $long($a)], ['page', $page($a)]], 'poster');
        $this->tells($b, [['screen', $long($b)]], 'poster');
        $this->tells($c, [['screen', $long($c)]]);
        self::assertSame([
            ['what' => 'source', 'name' => 'poster', 'came' => [2, 1, 0]],
            ['what' => 'revision', 'name' => '1', 'came' => [3, 1, 0]],
        ], $this->state()['funnels'][0]['by']);
        $this->changed(self::APP."\nscreen More\n  Text \"More\"");
        $this->travel(1)->days();
        $this->tells($b, [['screen', $long($b)]], 'elsewhere');
        self::assertSame([['source', 'poster', 3], ['revision', '1', 3], ['revision', '2', 1]], array_map(
            fn (array $part): array => [$part['what'], $part['name'], $part['came'][0]],
            $this->state()['funnels'][0]['by'],
        ));
        self::assertSame(['poster'], array_column($this->state()['sources'], 'name'), 'Where somebody comes from is where they came from first.');
    }

    /** With 60 and 80 of a hundred going on, two steps lead 36 and 64 of a hundred to the end: nobody needs a thousand people to see that. */
    public function test_made_up_people_are_counted_as_everybody_and_show_what_the_figures_will_look_like(): void
    {
        $ask = ['funnel' => 'Welcome', 'seed' => 1, 'count' => 250, 'goesOn' => [60, 80]];
        foreach ([0, 250, 500, 750] as $from) {
            $state = $this->postJson("/api/apps/{$this->reef->id}/reach/people", $ask + ['from' => $from])->assertOk()->json();
        }
        [$long, $short] = $state['trials'][0]['ways'];
        self::assertSame(1000, $long['came'] + $short['came']);
        self::assertSame(1000, array_sum(array_column($state['days'], 'new')));
        self::assertTrue($long['low'] <= 0.36 && $long['high'] >= 0.36, "$long[ended] of $long[came]");
        self::assertTrue($short['low'] <= 0.64 && $short['high'] >= 0.64, "$short[ended] of $short[came]");
        self::assertGreaterThan(0, $state['trials'][0]['low']);
        self::assertGreaterThan(0, $state['back'][0]['came']);
        self::assertEqualsCanonicalizing(['poster', 'friend', 'newsletter'], array_column($state['sources'], 'name'));
        // The same once more changes nothing but visits.
        $again = $this->postJson("/api/apps/{$this->reef->id}/reach/people", $ask + ['from' => 0])->assertOk()->json();
        self::assertSame(1000, array_sum(array_column($again['trials'][0]['ways'], 'came')));
        $none = $this->deleteJson("/api/apps/{$this->reef->id}/reach/sandbox")->assertOk()->json();
        self::assertSame([0, null], [array_sum(array_column($none['days'], 'visits')), $none['trials'][0]['begun']]);
        $this->postJson("/api/apps/{$this->reef->id}/reach/people", ['funnel' => 'Gone', 'from' => 0] + $ask)->assertUnprocessable();
        $this->postJson("/api/apps/{$this->reef->id}/reach/people", ['goesOn' => [60, 180], 'from' => 0] + $ask)->assertUnprocessable();
        $this->postJson("/api/apps/{$this->reef->id}/reach/people", ['count' => 251, 'from' => 0] + $ask)->assertUnprocessable();
    }

    public function test_nobody_made_up_comes_to_what_is_live(): void
    {
        $this->expectException(\LogicException::class);
        new MadeUpPeople(new Space($this->reef, DataSet::Live, $this->reef->revision));
    }

    private static function device(int $i): string
    {
        return sprintf('%08d-2222-4333-8444-555555555555', $i);
    }

    /** A device that is drawn, or not, from some number on. */
    private function drawn(int $from = 0, bool $is = true): string
    {
        for ($i = $from; $this->isDrawn(self::device($i)) !== $is; $i++) {
        }

        return self::device($i);
    }

    private function isDrawn(string $device): bool
    {
        return Lot::draws((new CountBook($this->space()))->visitor($device), $this->space()->blueprint()->trials[0]->key(), 50);
    }

    private function asks(string $screen, string $device): string
    {
        return (string) $this->postJson("{$this->share()}/view", ['screen' => $screen, 'newcomer' => $device])->assertOk()->json('view.screen');
    }

    /** @param  list<array{string, string}>  $steps */
    private function tells(string $device, array $steps, string $source = ''): void
    {
        $told = array_map(fn (array $step): array => ['what' => $step[0], 'of' => $step[1]], $steps);
        $counted = ['device' => $device, 'steps' => $told, 'source' => $source ?: null];
        $this->postJson("{$this->share()}/view", ['screen' => 'start', 'counted' => $counted])->assertOk();
    }

    /** @return array<string, mixed> */
    private function state(): array
    {
        $answer = $this->getJson("/api/apps/{$this->reef->id}/reach/sandbox")->assertOk();
        self::assertMeets('studio', (string) $answer->getContent(), 'ReachState');

        return $answer->json();
    }

    private function changed(string $script): void
    {
        $app = $this->reef->refresh();
        app(RevisionBook::class)->edit($app, $this->founderOf($app), $app->revision->number, new Rewrite($script));
    }

    private function trials(): Builder
    {
        return DB::connection((new DataFile($this->reef, DataSet::Sandbox))->connection)->table('_trials');
    }

    private function share(): string
    {
        return "/device/share/{$this->reef->share_code}";
    }

    private function space(): Space
    {
        return Space::sandbox($this->reef->refresh());
    }
}
