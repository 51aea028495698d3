<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Services;

use DateTimeImmutable;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Services\Answer;
use Lanai\Core\Services\AnswerStore;
use Lanai\Core\Services\RowsMade;
use Lanai\Core\Services\Trouble;
use Lanai\Core\Tests\Support\InMemoryRecordStore;
use Lanai\Core\Tests\Support\PretendServices;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

/** Lines and effects that ask a service: what they draw, and when a call goes out. */
final class AskingTest extends TestCase
{
    private const APP = <<<'SCRIPT'
    app Tides

    table Spots, each a Spot
      Name is a text
      Code is a text
      Celsius is a decimal

    service Almanac is at "https://almanac.example/v1", in the sandbox at "https://try.almanac.example/v1"
      request Conditions is GET "/spots/{spot}/conditions{?days}", giving one Condition
        takes Spot is a text, tried with "cove"
        takes Days is a whole number, at first 3
        sends the header "Accept-Language" = "en"
        Celsius is a decimal, at "water.celsius"
        Summary is a text
        Measured is a date and time, at "measured"
        Days are many Sea days, each a Sea day, at "days"
          Day is a date, at "date"
          Celsius is a decimal, at "celsius"
      request Stations is GET "/stations", giving each Station, found at "data.items"
        Id is a whole number, at "id"
        Name is a text, at "name"
        Open is yes or no, at "open"
      request Report is POST "/reports", sending JSON
        takes Words is a long text
        sends in the body "report.words" = words
        sends in the body "report.tags[0]" = "sea"
        sends in the body "count" = 1

    screen Spot, about one Spot, first
      From Conditions with spot = spot.code, days = 2
        while it is on its way: "Asking the sea …"
        when it fails: "The sea does not answer."
        Text "{conditions.celsius} in {spot.name}, {count(conditions.days)} days"
        List of Sea days of conditions, by Celsius downward
          shows day as title
          shows celsius as aside
          tapped: say "{day} at {celsius}"
        Chart of Sea days of conditions, by day, adding up celsius
      Button "Keep it"
        tapped:
          ask for Conditions with spot = spot.code, otherwise say "No luck."
          change spot
            set Celsius = conditions.celsius
          say "It is {conditions.celsius}."

    screen Stations
      From Stations
        when empty: "No stations."
        List of Stations where open, by Name upward
          shows name as title
          shows id as aside
          tapped: go to Station with id

    screen Station, taking Number is a whole number
      Text "Station {number}"

    screen Reports
      Input Words is a long text
      Button "Send"
        tapped:
          ask for Report with words = input.words
          say "Thank you."
    SCRIPT;

    private const CONDITIONS = [
        'water' => ['celsius' => 14.5],
        'Summary' => 'Calm',
        'measured' => '2026-06-01T06:00:00Z',
        'days' => [['date' => '2026-06-01', 'celsius' => 14.5], ['date' => '2026-06-02', 'celsius' => 15.5], ['date' => '2026-06-03', 'celsius' => 13]],
    ];

    private const AT = 'GET https://try.almanac.example/v1/spots/cove/conditions?days=2';

    public function test_at_first_a_screen_says_that_the_answer_is_on_its_way(): void
    {
        $services = new PretendServices([self::AT => self::CONDITIONS]);
        $view = $this->view($services, waits: false);

        self::assertSame('loading', $view['nodes'][0]['state']);
        self::assertSame('Asking the sea …', $view['nodes'][0]['said']);
        self::assertSame([], $view['nodes'][0]['nodes']);
        self::assertSame([], $services->sent, 'Nothing goes out while a screen is first drawn.');
    }

    public function test_the_answer_reads_like_a_row_and_its_list_like_a_table(): void
    {
        $services = new PretendServices([self::AT => self::CONDITIONS]);
        $node = $this->view($services)['nodes'][0];

        self::assertSame('ready', $node['state']);
        self::assertSame('14.5 in Cove, 3 days', $node['nodes'][0]['text']);
        self::assertSame(['15.5', '14.5', '13'], array_column($node['nodes'][1]['items'], 'aside'));
        self::assertSame([14.5, 15.5, 13.0], array_column($node['nodes'][2]['points'], 'value'));
        self::assertSame(['Accept' => 'application/json', 'Accept-Language' => 'en'], $services->sent[0]->headers);
        self::assertCount(1, $services->sent);
    }

    public function test_what_is_at_hand_is_shown_at_once(): void
    {
        $services = new PretendServices([self::AT => self::CONDITIONS]);
        $this->view($services);

        self::assertSame('ready', $this->view($services, waits: false)['nodes'][0]['state']);
        self::assertCount(1, $services->sent);
    }

    public function test_an_item_of_an_answer_can_be_tapped(): void
    {
        $services = new PretendServices([self::AT => self::CONDITIONS]);
        $item = $this->view($services)['nodes'][0]['nodes'][1]['items'][0];
        $outcome = $this->player($services)->tap($this->visit('spot', [1]), '/screens/0/lines/0/lines/1', $item['id'], 'a', Trail::none());

        self::assertStringEndsWith('at 15.5', $outcome->say[0] ?? $outcome->refused);
    }

    public function test_it_fails_with_a_sentence_and_shows_the_last_good_answer_where_there_is_one(): void
    {
        $node = $this->view(new PretendServices([]))['nodes'][0];
        self::assertSame(['failed', 'The sea does not answer.', []], [$node['state'], $node['said'], $node['nodes']]);

        $late = new Answer(
            [self::CONDITIONS],
            at: new DateTimeImmutable('2026-06-01 08:00:00 UTC'),
            late: true,
            trouble: new Trouble('unreachable', 'It is down.'),
        );
        $node = $this->view(new PretendServices([self::AT => $late]))['nodes'][0];
        self::assertSame('ready', $node['state']);
        self::assertStringContainsString('It cannot be fetched anew just now.', $node['said']);
        self::assertCount(3, $node['nodes']);
    }

    public function test_without_what_the_address_needs_nothing_is_asked(): void
    {
        $services = new PretendServices([self::AT => self::CONDITIONS]);
        $store = $this->store('');
        $view = (new Player($store->blueprint(), $store, null, $services, rehearsal: true))->show($this->visit('spot', [1], true), Trail::none());

        self::assertSame('empty', $view['nodes'][0]['state']);
        self::assertSame([], $services->sent);
    }

    public function test_an_effect_asks_before_anything_is_written_and_once(): void
    {
        $services = new PretendServices(['GET https://try.almanac.example/v1/spots/cove/conditions?days=3' => self::CONDITIONS]);
        $store = $this->store();
        $player = new Player($store->blueprint(), $store, null, $services, rehearsal: true);
        $outcome = $player->tap($this->visit('spot', [1]), '/screens/0/lines/1', null, 'once', Trail::none());

        self::assertSame(['It is 14.5.'], $outcome->say, $outcome->refused);
        self::assertSame(14.5, $store->allOf($store->blueprint()->tables[0])[1]->values['celsius']);
        $player->tap($this->visit('spot', [1]), '/screens/0/lines/1', null, 'once', Trail::none());
        self::assertCount(1, $services->sent);
    }

    public function test_where_there_is_no_answer_nothing_of_the_tap_stays(): void
    {
        $store = $this->store();
        $outcome = (new Player($store->blueprint(), $store, null, new PretendServices([]), rehearsal: true))->tap(
            $this->visit('spot', [1]),
            '/screens/0/lines/1',
            null,
            'x',
            Trail::none(),
        );

        self::assertSame('No luck.', $outcome->refused);
        self::assertNull($store->allOf($store->blueprint()->tables[0])[1]->values['celsius']);
    }

    public function test_a_list_is_filtered_sorted_and_leads_on_with_a_value(): void
    {
        $services = new PretendServices([
            'GET https://try.almanac.example/v1/stations' => [
                'data' => [
                    'items' => [
                        ['id' => 7, 'name' => 'West', 'open' => true],
                        ['id' => 9, 'name' => 'East', 'open' => true],
                        ['id' => 8, 'name' => 'North', 'open' => false],
                    ],
                ],
            ],
        ]);
        $player = $this->player($services);
        $items = $player->show($this->visit('stations', [], true), Trail::none())['nodes'][0]['nodes'][0]['items'];
        self::assertSame(['East', 'West'], array_column($items, 'title'));

        $outcome = $player->tap($this->visit('stations'), '/screens/1/lines/0/lines/0', $items[1]['id'], '', Trail::none());
        self::assertSame(['screen' => 'station', 'args' => ['7']], $outcome->go, $outcome->refused);
        self::assertSame('Station 7', $player->show($this->visit('station', ['7']), Trail::none())['nodes'][0]['text']);
        self::assertStringContainsString('Number', $player->show($this->visit('station', ['seven']), Trail::none())['problem']);
    }

    public function test_a_list_that_gives_nothing_is_empty(): void
    {
        $services = new PretendServices(['GET https://try.almanac.example/v1/stations' => ['data' => ['items' => []]]]);
        $node = $this->player($services)->show($this->visit('stations', [], true), Trail::none())['nodes'][0];

        self::assertSame(['empty', 'No stations.'], [$node['state'], $node['said']]);
    }

    public function test_a_body_is_written_from_its_ways(): void
    {
        $services = new PretendServices(['POST https://try.almanac.example/v1/reports' => ['ok' => true]]);
        $visit = new Visit(World::moment(), 'reports', inputs: ['words' => 'Calm "and" clear']);
        $outcome = $this->player($services)->tap($visit, '/screens/3/lines/1', null, '', Trail::none());

        self::assertSame(['Thank you.'], $outcome->say, $outcome->refused);
        self::assertSame('{"report":{"words":"Calm \"and\" clear","tags":["sea"]},"count":1}', $services->sent[0]->body);
        self::assertSame('application/json', $services->sent[0]->type);
    }

    public function test_a_screen_that_is_shown_sends_nothing(): void
    {
        $script = str_replace(
            "screen Stations\n  From Stations",
            "screen Sends\n  From Report with Words = \"x\"\n    Text \"Sent\"\n\nscreen Stations\n  From Stations",
            self::APP,
        );
        $app = Blueprint::fromScript($script);
        $services = new PretendServices(['POST https://try.almanac.example/v1/reports' => ['ok' => true]]);
        $visit = new Visit(World::moment(), 'sends', waits: true);
        self::assertSame(
            'failed',
            (new Player($app, new InMemoryRecordStore($app), null, $services, rehearsal: true))->show($visit, Trail::none())['nodes'][0]['state'],
        );
        self::assertSame([], $services->sent);

        $finding = array_values(array_filter(Findings::in(Reading::of($app)), fn (Finding $f): bool => $f->rule === 'ShownAndSent'))[0];
        $mended = Blueprint::fromData((new Patch($finding->mend->operations ?? []))->applyTo($app->data()));
        self::assertSame(
            'ready',
            (new Player($mended, new InMemoryRecordStore($mended), null, $services, rehearsal: true))->show($visit, Trail::none())['nodes'][0]['state'],
        );
        self::assertCount(1, $services->sent);
    }

    public function test_what_a_service_gave_cannot_be_changed(): void
    {
        $app = Blueprint::fromScript(self::APP);
        $made = new RowsMade($app);
        $store = new AnswerStore(new InMemoryRecordStore($app), $made, World::moment());

        $this->expectException(Refused::class);
        $store->add($app->serviceTables()['conditions'], []);
    }

    private function store(string $code = 'cove'): InMemoryRecordStore
    {
        $app = Blueprint::fromScript(self::APP);
        $store = new InMemoryRecordStore($app);
        $store->add($app->tables[0], ['name' => 'Cove', 'code' => $code === '' ? null : $code]);

        return $store;
    }

    private function player(PretendServices $services): Player
    {
        $store = $this->store();

        return new Player($store->blueprint(), $store, null, $services, rehearsal: true);
    }

    /** @return array<string, mixed> */
    private function view(PretendServices $services, bool $waits = true): array
    {
        return $this->player($services)->show($this->visit('spot', [1], $waits), Trail::none());
    }

    /** @param  list<int|string>  $args */
    private function visit(string $screen, array $args = [], bool $waits = false): Visit
    {
        return new Visit(World::moment(), $screen, $args, waits: $waits);
    }
}
