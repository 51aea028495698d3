<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Models\App;
use App\Models\Founder;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use Illuminate\Testing\TestResponse;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\Kinds\LetPeopleBlock;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\Reasons\OutOfSight;
use Tests\TestCase;

/** Somebody chooses to see nothing more of somebody: that holds in lists, counts, searches, links and on a page of its own, and for nobody else. */
final class OutOfSightTest extends TestCase
{
    private const SCRIPT = <<<'SCRIPT'
    app Reef
    sign-in at In
      with e-mail and password
    table People, each a Person, who sign in
      may be seen by everyone
      Name is a text, required
    table Posts, each a Post
      may be seen by everyone
      may be added by signed-in people
      may be changed by the person in Author
      may be removed by the person in Author
      Words is a text, required
      Author is who added it
      Parent is one Post
    screen Start, first
      Text "{count(posts)} posts"
      List of Posts, with a search box
        shows words as title
        shows parent.words as note
        tapped: go to Post with this
      Form for a new Post asking Words, saying "Tell"
    screen Post, about one Post
      Text "{post.words}"
    screen In
      Input Mail is an e-mail address
    screen You, only when signed in
      Button "Go"
        tapped:
          delete my account
    SCRIPT;

    private App $reef;

    private Founder $founder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->founder = Founder::query()->create(['name' => 'Ada', 'email' => 'ada@founders.example', 'password' => 'long enough to be']);
        $this->reef = app(RevisionBook::class)->begin($this->founder, $this->mended());
        foreach (['Ada', 'Ben', 'Cleo'] as $name) {
            $this->adds('People', ['name' => $name]);
        }
        $this->adds('Posts', ['words' => 'Mud by Ben', 'author' => 2]);
        $this->adds('Posts', ['words' => 'Fog by Cleo', 'author' => 3, 'parent' => 1]);
        $this->adds('Posts', ['words' => 'Ice by Ben', 'author' => 2, 'parent' => 2]);
        $this->adds('Posts', ['words' => 'Nobody knows by whom', 'parent' => 1]);
        $this->actingAs($this->founder);
    }

    public function test_what_somebody_wrote_is_gone_everywhere_for_one_and_for_nobody_else_and_comes_back(): void
    {
        self::assertSame(['4 posts', ['Mud by Ben', 'Fog by Cleo', 'Ice by Ben', 'Nobody knows by whom']], $this->sees(1));
        // The button asks first.
        $asks = 'You will see nothing of Ben any more. You can take it back at any time.';
        $this->taps(1, 'post', [1], '/screens/1/lines/1')->assertJsonPath('outcome.confirm.text', $asks);
        $this->taps(1, 'post', [1], '/screens/1/lines/1', confirmed: true)->assertJsonPath('outcome.back', true);

        self::assertSame(['2 posts', ['Fog by Cleo', 'Nobody knows by whom']], $this->sees(1));
        self::assertSame([], $this->sees(1, 'mud')[1], 'A search does not find it either.');
        foreach ([2, 3, null] as $other) {
            self::assertCount(4, $this->sees($other)[1], 'Person '.($other ?? 'nobody').' sees all.');
        }
        // A link to it shows nothing of it, and its page is not there.
        $notes = array_column($this->shown(1, 'start')['nodes'][1]['items'], 'lines');
        self::assertStringNotContainsString('Mud', (string) json_encode($notes));
        self::assertNotSame('', $this->shown(1, 'post', [1])['problem']);
        self::assertSame('', $this->shown(3, 'post', [1])['problem']);

        // Ben cannot see to it that he is seen again; Ada can.
        $list = $this->shown(1, 'out-of-sight');
        self::assertSame(['Ben'], array_column($list['nodes'][1]['items'], 'title'));
        self::assertSame([], $this->shown(2, 'out-of-sight')['nodes'][1]['items']);
        $row = $list['nodes'][1]['items'][0]['id'];
        $this->taps(2, 'out-of-sight', [], '/screens/4/lines/1', item: $row, confirmed: true);
        self::assertCount(2, $this->sees(1)[1]);
        $this->taps(1, 'out-of-sight', [], '/screens/4/lines/1', item: $row, confirmed: true)->assertJsonPath('outcome.say', ['You see them again.']);
        self::assertCount(4, $this->sees(1)[1]);
    }

    public function test_nobody_is_blocked_twice_nor_themselves(): void
    {
        $own = $this->shown(2, 'post', [1])['nodes'];
        self::assertSame(['text'], array_column($own, 'kind'), 'On a post of one’s own there is no such button.');
        $this->taps(1, 'post', [1], '/screens/1/lines/1', confirmed: true);
        $this->taps(1, 'post', [3], '/screens/1/lines/1', confirmed: true)->assertJsonPath('outcome.done', false);
        self::assertCount(1, $this->shown(1, 'out-of-sight')['nodes'][1]['items']);
    }

    public function test_a_rule_that_cannot_be_worked_out_shows_nothing(): void
    {
        $broken = str_replace('blocked == author', 'blocked == writer', $this->mended()->script());
        $this->reef = app(RevisionBook::class)->begin($this->founder, Blueprint::fromScript($broken));
        $this->adds('People', ['name' => 'Ada']);
        $this->adds('Posts', ['words' => 'Mud', 'author' => 1]);
        self::assertSame(['0 posts', []], $this->sees(1));
        self::assertContains('/tables/1/access/4/who/if', array_column(Findings::in(Reading::of(Blueprint::fromScript($broken))), 'at'));
    }

    public function test_the_founder_is_told_who_may_and_why_not(): void
    {
        $this->taps(1, 'post', [1], '/screens/1/lines/1', confirmed: true);
        $verdict = fn (int $person): array => $this->getJson("/api/apps/{$this->reef->id}/access/posts/1?person=$person")->assertOk()->json('verdicts.0')
            ?? $this->getJson("/api/apps/{$this->reef->id}/access/posts/1?person=$person")->json();
        self::assertStringContainsString('Ada may not see Post “Mud by Ben”: nobody may if', (string) json_encode($verdict(1), JSON_UNESCAPED_UNICODE));
        self::assertStringContainsString('Cleo may see Post', (string) json_encode($verdict(3), JSON_UNESCAPED_UNICODE));
        $table = (string) json_encode($this->getJson("/api/apps/{$this->reef->id}/access")->assertOk()->json(), JSON_UNESCAPED_UNICODE);
        self::assertStringContainsString('nobody if', $table);
    }

    public function test_what_cannot_be_made_is_refused_with_a_sentence(): void
    {
        foreach ([
            "app A\nscreen Start, first" => 'Nobody can sign in to this app yet',
            strtr(self::SCRIPT, ['Author is who added it' => 'Author is one Person']) => 'give its table a field that “is who added it”',
            strtr(self::SCRIPT, ['screen Post, about one Post' => 'screen Post']) => 'There is no screen about one Post yet',
        ] as $script => $sentence) {
            try {
                (new LetPeopleBlock())->on(Blueprint::fromScript(strtr($script, ['{post.words}' => 'x', 'go to Post with this' => 'go back'])));
                self::fail($sentence);
            } catch (EditRefused $refused) {
                self::assertStringContainsString($sentence, $refused->getMessage());
            }
        }
    }

    private function mended(): Blueprint
    {

        $blueprint = Blueprint::fromScript(self::SCRIPT);
        [$found] = self::found($blueprint);
        self::assertSame('People see what others have sent (Posts), and cannot choose to see nothing more of somebody.', $found->sentence);
        $mended = Blueprint::fromData((new Patch($found->mend->operations ?? []))->applyTo($blueprint->data()));
        self::assertSame([], self::found($mended));

        return $mended;
    }

    /** @return list<Finding> */
    private static function found(Blueprint $blueprint): array
    {
        return [...(new OutOfSight())->look(new Candidate($blueprint, 'quay'))];
    }

    /** @return array{string, list<string>} how many posts are told of, and which are listed */
    private function sees(?int $person, string $search = ''): array
    {
        [$count, $list] = $this->shown($person, 'start', [], $search === '' ? [] : ['/screens/0/lines/1' => $search])['nodes'];

        return [$count['text'], array_column($list['items'], 'title')];
    }

    /**
     * @param  list<int>  $args
     * @param  array<string, string>  $finds
     * @return array<string, mixed>
     */
    private function shown(?int $person, string $screen, array $args = [], array $finds = []): array
    {
        return (array) $this->postJson("/device/deck/{$this->reef->id}/view", ['screen' => $screen, 'args' => $args, 'person' => $person, 'finds' => $finds])
            ->assertOk()
            ->json('view');
    }

    /** @param  list<int>  $args */
    private function taps(int $person, string $screen, array $args, string $at, ?int $item = null, bool $confirmed = false): TestResponse
    {
        $tap = ['screen' => $screen, 'args' => $args, 'at' => $at, 'item' => $item, 'person' => $person];
        $to = "/device/deck/{$this->reef->id}/do";
        $ask = fn (array $more): TestResponse => $this->postJson($to, $tap + $more + ['tap' => bin2hex(random_bytes(8))])->assertOk();
        $asked = $ask([]);

        return $confirmed ? $ask(['confirmed' => [$asked->json('outcome.confirm.at') ?? 'nothing']]) : $asked;
    }

    /** @param  array<string, mixed>  $values */
    private function adds(string $table, array $values): int
    {
        $store = new EloquentRecordStore($this->reef, DataSet::Sandbox, $this->reef->revision->read());

        return $store->add($store->blueprint()->table($table) ?? self::fail($table), $values);
    }
}
