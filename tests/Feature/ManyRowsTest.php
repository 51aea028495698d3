<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Models\App;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Play\Outcome;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Query\Query;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** What an app computes is right however many rows there are: one below, at and above every number that the code holds. */
final class ManyRowsTest extends TestCase
{
    private const SCRIPT = <<<'S'
    app Many
    table Jars, each a Jar
      Name is a text
      Thing list are many Things
    table Things, each a Thing
      Size is a whole number
      Price is money in EUR
      Sort is a text
      Jar is one Jar
    screen Start, first
      Text "{count(things)} {sum(things.size)} {max(things.size)} {average(things.size)} {any(things, size == 0)} {every(things, size > 0)} {sum(things.price)}"
      Text "{count(where(things, size in [size]))} {sum(where(things, size in [size]), size)} {last(things).size} {sum(things.size)} {count(things.jar)}"
      Chart of Things, by sort
      Chart of Things where size in [size], by sort, adding up size
      List of Things where size in [size], showing 200
        shows size as title
      List of Things
        shows size as title
    screen Jar, about one Jar
      Text "{count(jar.things)} {sum(jar.things, size)} {count(jar.thingList)} {sum(jar.thingList, size)}"
      Button "Change"
        tapped:
          change all of things
            set Size = size + 1
      Button "Each"
        tapped:
          for each of things
            lower size by 1
      Button "Fill"
        tapped:
          for each of things
            put this into jar.thingList
      Button "Remove"
        tapped:
          remove all of things
          say "{count(things)} left"
    S;

    private App $many;

    private EloquentRecordStore $store;

    private Player $player;

    protected function setUp(): void
    {
        parent::setUp();
        $this->many = $app = app(RevisionBook::class)->begin($this->stranger(), Blueprint::fromScript(self::SCRIPT));
        $blueprint = $app->revision->read();
        $this->store = new EloquentRecordStore($app, DataSet::Sandbox, $blueprint);
        $this->player = new Player($blueprint, $this->store, rehearsal: true);
        $this->store->add($blueprint->tables[0], ['name' => 'J']);
    }

    #[TestWith([1])]
    #[TestWith([99])]
    #[TestWith([100])]
    #[TestWith([101])]
    #[TestWith([199])]
    #[TestWith([200])]
    #[TestWith([201])]
    #[TestWith([499])]
    #[TestWith([500])]
    #[TestWith([501])]
    #[TestWith([1999])]
    #[TestWith([2000])]
    #[TestWith([2001])]
    #[TestWith([2499])]
    #[TestWith([2501])]
    #[TestWith([6000])]
    public function test_counts_sums_charts_lists_and_bulk_effects_are_right(int $n): void
    {
        $this->fill($n);
        $sum = intdiv($n * ($n + 1), 2);
        $nodes = $this->player->show($this->visit('start'), Trail::none())['nodes'];
        $average = $sum / $n;
        self::assertSame(
            "$n $sum $n ".($average == (int) $average ? (int) $average : $average).' no yes €'.number_format($sum / 100, 2),
            $nodes[0]['text'],
        );
        self::assertSame("$n $sum $n $sum $n", $nodes[1]['text']);
        self::assertSame([$n, $sum], [array_sum(array_column($nodes[2]['points'], 'value')), array_sum(array_column($nodes[3]['points'], 'value'))]);
        self::assertSame([min(200, $n), $n > 200], [count($nodes[4]['items']), $nodes[4]['more']]);
        self::assertSame([min(100, $n), $n > 100], [count($nodes[5]['items']), $nodes[5]['more']]);
        $whole = $this->player->show($this->visit('start', pages: ['/screens/0/lines/4' => 64, '/screens/0/lines/5' => 64]), Trail::none())['nodes'];
        self::assertSame([$n, false, $n, false], [count($whole[4]['items']), $whole[4]['more'], count($whole[5]['items']), $whole[5]['more']]);

        if (! in_array($n, [1, 2001, 6000], true)) {
            return;
        }
        $things = $this->many->revision->read()->tables[1];
        $total = fn (): int => (int) DB::connection($this->store->connection)->table($things->storedAs())->sum('size');
        self::assertSame('', $this->tap(1)->refused);
        self::assertSame($sum + $n, $total());
        self::assertSame('', $this->tap(2)->refused);
        self::assertSame($sum, $total());
        if ($n <= 2001) {
            self::assertSame('', $this->tap(3)->refused);
            self::assertSame("$n $sum $n $sum", $this->player->show($this->visit('jar', [1]), Trail::none())['nodes'][0]['text']);
        }
        self::assertSame(['0 left'], $this->tap(4)->say);
        self::assertSame(0, $this->store->count(new Query($things)));
    }

    public function test_a_million_rows_are_counted_added_up_and_drawn(): void
    {
        $this->fill(1_000_000);
        $view = (new Player(
            Blueprint::fromScript(
                preg_replace('/  Text "\{count\(where[^\n]*\n|  Chart of Things where[^\n]*\n|  List of Things where[^\n]*\n    [^\n]*\n/', '', self::SCRIPT),
            ),
            $this->store,
            rehearsal: true,
        ))->show($this->visit('start'), Trail::none());

        self::assertSame('1000000 500000500000 1000000 500000.5 no yes €5,000,005,000.00', $view['nodes'][0]['text']);
        self::assertSame(1_000_000, array_sum(array_column($view['nodes'][1]['points'], 'value')));
    }

    public function test_where_only_php_can_tell_and_the_rows_are_too_many_nothing_wrong_is_shown(): void
    {
        $this->fill(200_001);
        $view = $this->player->show($this->visit('start'), Trail::none());

        self::assertSame(['There are too many Things to work this out one by one: it stops after 200,000.', []], [$view['problem'], $view['nodes']]);
        DB::connection($this->store->connection)
            ->table($this->many->revision->read()->tables[1]->storedAs())
            ->where('id', '>', 20_001)
            ->delete();
        self::assertSame('This would write more than 20,000 Things at once, and so nothing was done. Choose fewer.', $this->tap(4)->refused);
        self::assertSame(20_001, $this->store->count(new Query($this->many->revision->read()->tables[1])));
    }

    /** @param  list<string>  $places of the lines that cannot take so many */
    #[TestWith([200, []])]
    #[TestWith([20_000, []])]
    #[
        TestWith([
            20_001,
            ['/screens/1/lines/1/tapped/0/rows', '/screens/1/lines/2/tapped/0/rows', '/screens/1/lines/3/tapped/0/rows', '/screens/1/lines/4/tapped/0/rows'],
        ]),
    ]
    #[
        TestWith([
            200_001,
            [
                '/screens/0/lines/1/text',
                '/screens/1/lines/1/tapped/0/rows',
                '/screens/1/lines/2/tapped/0/rows',
                '/screens/1/lines/3/tapped/0/rows',
                '/screens/1/lines/4/tapped/0/rows',
            ],
        ]),
    ]
    public function test_the_studio_tells_before_what_a_tap_or_a_figure_cannot_take(int $n, array $places): void
    {
        $this->fill($n);
        $state = $this->actingAs($this->founderOf($this->many))
            ->getJson("/api/apps/{$this->many->id}")
            ->assertOk();
        $found = array_filter($state->json('findings'), fn (array $f): bool => str_ends_with($f['rule'], 'MoreRowsThanTaken'));

        $at = array_column($found, 'at');
        sort($at);
        self::assertSame($places, $at);
    }

    private function fill(int $n): void
    {
        $table = $this->many->revision->read()->tables[1]->storedAs();
        DB::connection($this->store->connection)->statement(
            "insert into \"$table\" (size, price, sort, jar) with recursive n(i) as (select 1 union all select i + 1 from n where i < ?) select i, i, "
                ."'sort ' || (i % 7), 1 from n",
            [$n],
        );
    }

    private function tap(int $line): Outcome
    {
        return $this->player->tap($this->visit('jar', [1]), "/screens/1/lines/$line", null, '', Trail::none());
    }

    /**
     * @param  list<int>  $args
     * @param  array<string, int>  $pages
     */
    private function visit(string $screen, array $args = [], array $pages = []): Visit
    {
        return new Visit(new Moment(new DateTimeImmutable('2026-12-24T09:30:00Z'), new DateTimeZone('UTC')), $screen, $args, null, [], pages: $pages);
    }
}
