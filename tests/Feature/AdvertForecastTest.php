<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Models\App;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Adverts\Consent;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class AdvertForecastTest extends TestCase
{
    private const APP = <<<'APP'
    app Reef
    sign-in at In
      as a guest
    table People, each a Person, who sign in
      may be seen by everyone
      Name is a text, required
      Member is an entitlement
    product Club is a subscription, giving Member
      plan Monthly, every month at 3.99 EUR
    adverts through Bunting, none for those with Member, at most 2 an hour
    screen Start, first
      Advert Below
    screen In
      Text "in"
    APP;

    private App $reef;

    protected function setUp(): void
    {
        parent::setUp();
        $this->reef = app(RevisionBook::class)->begin($this->stranger(), Blueprint::fromScript(self::APP));
        $this->actingAs($this->founderOf($this->reef));
    }

    public function test_money_grows_with_the_cap_and_patience_shrinks_and_a_membership_stands_beside(): void
    {
        $answer = $this->ask(['people' => 1000, 'places' => 5]);
        self::assertMeets('studio', (string) $answer->getContent(), 'AdvertForecastState');
        self::assertSame([2, 0], [$answer->json('assumed.hourly'), $answer->json('assumed.daily')], 'The caps are those of the sentence.');
        $curve = $answer->json('forecast.curve');
        foreach (array_slice($curve, 1) as $i => $one) {
            self::assertGreaterThanOrEqual($curve[$i]['inVisit'], $one['inVisit']);
            self::assertLessThanOrEqual($curve[$i]['stay'], $one['stay']);
        }
        // 3.99 with 19 % in it are 3.35 without; a store keeps 0.50 of that.
        self::assertSame(['Club, Monthly', 2.85], [$answer->json('forecast.choice.name'), $answer->json('forecast.choice.each')]);
        $even = $answer->json('forecast.choice.breakEven');
        self::assertEqualsWithDelta($answer->json('forecast.month.1'), 1000 * $even / 100 * 2.85, 0.01 * $answer->json('forecast.month.1') + 0.2);
        $first = $answer->json('forecast.choice.curve.0');
        self::assertSame([$first['adverts'], 0], [$first['both'], (int) $first['members']]);
    }

    /** By hand: 30 people on two days, 45 visits, 90 places; of 60 that were asked for 40 were seen, and brought 0.10. */
    public function test_what_people_of_the_live_app_have_done_can_take_the_place_of_a_guess(): void
    {
        self::assertNull($this->ask([])->json('measured'));
        $this->reef->forceFill(['live_revision_id' => $this->reef->revision->id])->save();
        $live = Space::of($this->reef->refresh(), DataSet::Live);
        $live->store();
        app(RevisionBook::class)->goLive($this->reef);
        $database = DB::connection((new DataFile($this->reef, DataSet::Live))->connection);
        self::assertNull($this->ask([])->json('measured'), 'Of too few nothing is told.');
        foreach ([0, 1] as $ago) {
            $day = gmdate('Y-m-d', time() - $ago * 86400);
            foreach (['people' => 15, 'visits' => 22 + $ago, 'places' => 45] as $what => $count) {
                $database->table('_advert_moments')->insert(['day' => $day, 'place' => '', 'what' => $what, 'count' => $count]);
            }
            $row = ['day' => $day, 'place' => 'below', 'country' => 'DE', 'currency' => 'EUR', 'asked' => 30, 'filled' => 25, 'seen' => 20, 'earned' => 50_000];
            $database->table('_advert_days')->insert($row);
        }
        // What was earned in another currency is not added to it.
        $swiss = ['place' => 'x', 'country' => 'CH', 'currency' => 'CHF', 'seen' => 9, 'earned' => 9_000_000];
        $database->table('_advert_days')->insert(['day' => gmdate('Y-m-d')] + $swiss);
        $answer = $this->ask([]);
        self::assertMeets('studio', (string) $answer->getContent(), 'AdvertForecastState');
        self::assertEquals(
            ['days' => 2, 'people' => 15, 'visits' => 1.5, 'places' => 2.0, 'fill' => 66.7, 'thousand' => 2.5],
            $answer->json('measured'),
        );
        $state = $this->getJson("/api/apps/{$this->reef->id}/adverts/live")->assertOk();
        self::assertMeets('studio', (string) $state->getContent(), 'AdvertsState');
        self::assertSame([gmdate('Y-m-d'), gmdate('Y-m-d'), gmdate('Y-m-d', time() - 86400)], array_column($state->json('byDay'), 'of'));
        self::assertSame([['DE', 40], ['CH', 9]], array_map(fn (array $one): array => [$one['of'], $one['seen']], $state->json('byCountry')));
    }

    public function test_what_is_taken_for_likely_is_kept_and_the_caps_are_not(): void
    {
        $this->ask(['people' => 77, 'hourly' => 9, 'keep' => true]);
        $again = $this->ask([]);
        self::assertSame([77, 2], [$again->json('assumed.people'), $again->json('assumed.hourly')]);
    }

    #[TestWith([['people' => -1]])]
    #[TestWith([['visits' => 0]])]
    #[TestWith([['fill' => 'much']])]
    #[TestWith([['hourly' => 1000]])]
    public function test_what_cannot_be_is_refused(array $told): void
    {
        $this->postJson("/api/apps/{$this->reef->id}/adverts/forecast", $told)->assertUnprocessable();
    }

    #[TestWith([['people' => 0]])]
    #[TestWith([['people' => 1000000, 'visits' => 20, 'places' => 50, 'fill' => 100, 'loss' => 100, 'hourly' => 0]])]
    #[TestWith([['thousand' => 0, 'places' => 0]])]
    public function test_the_edges_give_figures(array $told): void
    {
        $forecast = $this->ask($told)->json('forecast');
        self::assertTrue($forecast['month'][0] <= $forecast['month'][1] && $forecast['month'][1] <= $forecast['month'][2]);
        self::assertTrue($forecast['stay'] >= 0 && $forecast['stay'] <= 1);
    }

    public function test_the_page_says_where_adverts_stand(): void
    {
        $page = $this->getJson("/api/apps/{$this->reef->id}/adverts/sandbox")->assertOk();
        self::assertMeets('studio', (string) $page->getContent(), 'AdvertsState');
        self::assertSame([['Below', 'Start', 0]], array_map(fn (array $p): array => [$p['name'], $p['screen'], $p['asked']], $page->json('places')));
        $this->getJson("/api/apps/{$this->reef->id}/adverts/live")->assertNotFound();
    }

    public function test_the_commands_print_the_same(): void
    {
        $foreseen = ['app' => $this->reef->slug, '--forecast' => true, '--json' => true];
        $this->artisan('lanai:adverts', $foreseen)->expectsOutputToContain('"curve"')->assertSuccessful();
        $this->artisan('lanai:adverts', ['app' => $this->reef->slug, '--set' => 'sandbox'])->expectsOutputToContain('Below')->assertSuccessful();
        $this->artisan('lanai:adverts', ['app' => $this->reef->slug])->assertFailed();
        $string = (new Consent(new DateTimeImmutable('2026-11-29'), Consent::PURPOSES, country: 'DE'))->written();
        $this->artisan('lanai:consent', ['string' => $string])->expectsOutputToContain('1, 2, 3, 4, 7')->assertSuccessful();
        $this->artisan('lanai:consent', ['string' => 'x'])->expectsOutputToContain('consent string')->assertFailed();
    }

    /** @param  array<string, mixed>  $told */
    private function ask(array $told): \Illuminate\Testing\TestResponse
    {
        return $this->postJson("/api/apps/{$this->reef->id}/adverts/forecast", $told)->assertOk();
    }
}
