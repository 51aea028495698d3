<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Adverts\AdvertBook;
use App\Outbound\Practice;
use DateTimeImmutable;
use Illuminate\Http\Client\Request as Sent;
use Illuminate\Support\Facades\Http;
use Lanai\Core\Adverts\Consent;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Tests\AtExchange;
use Tests\TestCase;

/** Adverts from the exchange for practice, over HTTP: who sees which, how many, and what leaves the server. */
final class AdvertsTest extends TestCase
{
    use AtExchange;

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
    adverts through Bunting, as seller "pub-7", none for those with Member, at most 3 an hour, never on Quiet, not about gambling and politics, asking on Choice
    screen Start, first
      Text "Here"
      Advert Below, as a box
      Button "Next"
        tapped:
          show an advert Between, at most once in 5 minutes
          say "Here we are."
    screen Quiet
      Advert Hidden
    screen Choice
      Button "Yes"
        tapped: allow adverts about me
      Button "No"
        tapped: refuse adverts about me
    screen In
      Text "in"
    APP;

    public function test_an_advert_is_words_and_a_picture_and_counts_once_when_it_was_seen(): void
    {
        $answer = $this->ask()->assertOk();
        $advert = $answer->json('advert') ?? self::fail($this->why($answer));
        self::assertSame(['key', 'title', 'words', 'button', 'by', 'leads'], array_keys($advert));
        self::assertStringNotContainsString('http', (string) json_encode($advert), 'Nothing of the network comes to the device.');
        $picture = $this->get("{$this->base()}/advert/{$advert['key']}/picture")->assertOk();
        self::assertSame('image/png', $picture->headers->get('Content-Type'));
        self::assertSame([300, 250], array_slice((array) getimagesizefromstring((string) $picture->getContent()), 0, 2));
        foreach ([1, 2] as $ignored) {
            $this->postJson("{$this->base()}/advert/seen", ['key' => $advert['key']])->assertOk();
        }
        $this->postJson("{$this->base()}/advert/seen", ['key' => str_repeat('a', 32)])->assertOk();
        $this->get("{$this->base()}/advert/{$advert['key']}/out")->assertRedirectContains('/bunting/lands/');
        $this->get("{$this->base()}/advert/{$advert['key']}/out")->assertRedirect();
        $figures = $this->figures();
        self::assertSame([1, 1, 1, 1], [$figures['asked'], $figures['filled'], $figures['seen'], $figures['clicked']]);
        // The exchange counts the same: one won, one billed, one seen.
        self::assertSame(['asked' => 1, 'billed' => 1, 'seen' => 1, 'won' => 1], $this->heard());
        $spent = $this->exchange()->spent(Practice::boxOf($this->reef), gmdate('Y-m-d'));
        self::assertEqualsWithDelta(array_sum($spent), $figures['earned'], 0.00001);
    }

    public function test_who_pays_sees_none_and_no_screen_has_more_than_its_rules_allow(): void
    {
        self::assertSame(['text', 'advert', 'button'], array_column($this->seen()['nodes'], 'kind'));
        $this->giveClub();
        self::assertSame(['text', 'button'], array_column($this->seen()['nodes'], 'kind'));
        self::assertNull($this->ask()->json('advert'));
        self::assertSame([], $this->seen('quiet')['nodes']);
        self::assertNull($this->ask(['place' => 'hidden', 'screen' => 'quiet', 'person' => null])->json('advert'));
        self::assertNull($this->ask(['place' => 'nowhere'])->json('advert'));
    }

    public function test_nobody_sees_more_than_the_caps_allow(): void
    {
        $shown = array_map(fn (): bool => $this->ask()->json('advert') !== null, range(1, 5));
        self::assertSame([true, true, true, false, false], $shown);
        // Somebody else, and the same an hour later.
        self::assertNotNull($this->ask(['device' => '21111111-2222-4333-8444-555555555555'])->json('advert'));
        $this->database()->table('_adverts')->update(['at' => time() - 3601]);
        self::assertNotNull($this->ask()->json('advert'));
    }

    public function test_what_is_not_wanted_is_not_shown_and_whoever_is_known_is_worth_more(): void
    {
        $by = [];
        for ($i = 0; $i < 3; $i++) {
            $by[] = $this->ask()->json('advert.by');
        }
        self::assertNotContains('card-room-ace.example', $by);
        self::assertNotContains('party-tomorrow.example', $by);
        $price = fn (): float => (float) $this->database()->table('_adverts')->orderByDesc('id')->value('price');
        $before = $price();
        $this->postJson("{$this->base()}/advert/consent", ['device' => self::DEVICE, 'personal' => true, 'zone' => 'Europe/Berlin'])->assertOk();
        $this->database()->table('_adverts')->update(['at' => 0]);
        $this->ask();
        // Whoever has won offers a little less the next time.
        self::assertEqualsWithDelta(1.4, $price() / $before, 0.05);
    }

    /** @return iterable<string, array{string}> */
    public static function modes(): iterable
    {
        foreach (['none', 'slow', 'malformed', 'size', 'unwanted', 'dear', 'loud'] as $mode) {
            yield $mode => [$mode];
        }
    }

    #[DataProvider('modes')]
    public function test_whatever_is_wrong_with_an_offer_the_place_stays_empty_and_why_is_said_in_the_deck(string $mode): void
    {
        $this->goesWrong($mode);
        $answer = $this->ask()->assertOk();
        self::assertNull($answer->json('advert'));
        self::assertNotSame('', $this->why($answer));
        self::assertSame(0, $this->database()->table('_adverts')->count());
    }

    public function test_an_advert_that_leads_inside_sends_nobody_there(): void
    {
        $this->goesWrong('inside');
        $key = $this->ask()->json('advert.key');
        $this->get("{$this->base()}/advert/$key/out")->assertNotFound();
        self::assertSame(0, $this->figures()['clicked']);
    }

    public function test_who_is_to_be_asked_is_asked_before_the_first_advert_and_elsewhere_nobody_is(): void
    {
        self::assertSame('choice', $this->ask(['askable' => true])->json('ask'));
        self::assertNull($this->ask(['askable' => true, 'zone' => 'America/New_York'])->json('ask'));
        $this->postJson("{$this->base()}/advert/consent", ['device' => self::DEVICE, 'personal' => false, 'zone' => 'Europe/Berlin'])->assertOk();
        self::assertNull($this->ask(['askable' => true])->json('ask'));
        $consent = (new AdvertBook($this->space()))->consent((new AdvertBook($this->space()))->viewer(self::DEVICE));
        self::assertSame([[], 'DE'], [$consent?->purposes, $consent?->country]);
    }

    public function test_where_the_phone_asks_as_well_both_have_to_say_yes_and_that_counts_once(): void
    {
        foreach ([1, 2] as $ignored) {
            $answer = ['device' => self::DEVICE, 'personal' => true, 'system' => false, 'zone' => 'Europe/Berlin'];
            $this->postJson("{$this->base()}/advert/consent", $answer)->assertOk();
        }
        $book = new AdvertBook($this->space());
        self::assertFalse($book->consent($book->viewer(self::DEVICE))?->isPersonal());
        $state = $this->get("/api/apps/{$this->reef->id}/adverts/sandbox")->assertOk();
        self::assertMeets('studio', (string) $state->getContent(), 'AdvertsState');
        self::assertSame(['yes' => 0, 'no' => 1], $state->json('system'));
    }

    public function test_a_full_page_comes_at_a_pause_and_seldom_and_what_follows_is_done(): void
    {
        $tap = fn (): array => $this->postJson("{$this->base()}/do", ['screen' => 'start', 'at' => '/screens/0/lines/2', 'person' => $this->ada->id])
            ->assertOk()->json('outcome');
        // What is said after it is not said under it.
        self::assertSame([['do' => 'advert', 'text' => 'between'], ['do' => 'say', 'text' => 'Here we are.']], $tap()['onDevice']);
        self::assertSame([], $tap()['say']);
        $ask = fn (): ?array => $this->ask(['place' => 'between'])->json('advert');
        $first = $ask();
        // The dearest is a film: it can be closed after the four seconds that it asks for.
        self::assertEquals([true, 9, 4], [$first['film'], $first['seconds'], $first['closes']]);
        self::assertNull($ask(), 'Not again within five minutes.');
        $this->database()->table('_adverts')->update(['at' => time() - 301]);
        self::assertNotNull($ask());
        // Who pays is spared.
        $this->giveClub();
        self::assertSame([[], ['Here we are.']], [$tap()['onDevice'], $tap()['say']]);
    }

    public function test_what_was_shown_to_whom_is_forgotten_and_the_figures_stay(): void
    {
        $this->ask();
        $this->database()->table('_adverts')->update(['at' => time() - 3 * 86400]);
        $this->database()->table('_advert_viewers')->update(['last' => time() - 401 * 86400]);
        $this->artisan('lanai:prune')->assertSuccessful();
        self::assertSame([0, 0], [$this->database()->table('_adverts')->count(), $this->database()->table('_advert_viewers')->count()]);
        self::assertSame(1, $this->figures()['filled']);
    }

    public function test_app_ads_txt_names_whoever_sells_live(): void
    {
        self::assertSame("# No app here shows adverts.\n", $this->get('/app-ads.txt')->assertOk()->getContent());
        $this->reef->forceFill(['live_revision_id' => $this->reef->revision->id])->save();
        config(['lanai.adverts.live.url' => 'https://ads.bunting.example/bid']);
        $written = (string) $this->get('/app-ads.txt')->getContent();
        self::assertSame("ads.bunting.example, pub-7, DIRECT\n", $written);
        // As the npm package “ads.txt” reads it.
        $node = new Process(['node', 'tests/reference/ads-txt.mjs'], dirname(__DIR__, 2), null, $written, 60);
        $node->mustRun();
        $field = json_decode($node->getOutput(), true)['fields'][0];
        self::assertSame(['ads.bunting.example', 'pub-7', 'DIRECT'], [$field['domain'], $field['publisherAccountID'], $field['accountType']]);
    }

    /** What leaves the server, over people and what they allow: no name, no address, and no id where it is not allowed. */
    #[TestWith(['Europe/Berlin', null, false])]
    #[TestWith(['Europe/Berlin', false, false])]
    #[TestWith(['Europe/Berlin', true, true])]
    #[TestWith(['America/New_York', null, true])]
    #[TestWith(['America/New_York', false, false])]
    #[TestWith(['UTC', null, false])]
    public function test_no_request_says_who_somebody_is(string $zone, ?bool $allows, bool $known): void
    {
        if ($allows !== null) {
            $this->postJson("{$this->base()}/advert/consent", ['device' => self::DEVICE, 'personal' => $allows, 'zone' => $zone])->assertOk();
        }
        $sent = [];
        Http::fake(function (Sent $request) use (&$sent): mixed {
            $sent[] = $request;

            return Http::response('', 204);
        });
        $this->withServerVariables(['REMOTE_ADDR' => '203.0.113.77'])->withHeaders(['User-Agent' => 'AdaPhone/7'])->ask(['zone' => $zone]);
        self::assertCount(1, $sent);
        $all = $sent[0]->body().json_encode($sent[0]->headers());
        foreach (['Ada', 'Lovelock', '203.0.113', 'AdaPhone', self::DEVICE, '"ip"', '"ua"', '"lat"', '"ifa"'] as $never) {
            self::assertStringNotContainsString($never, $all);
        }
        $body = $sent[0]->data();
        self::assertSame($known, isset($body['user']['id']));
        self::assertSame($known ? 0 : 1, $body['device']['lmt']);
        if (isset($body['user']['consent'])) {
            self::assertSame($allows, Consent::read($body['user']['consent'])->isPersonal());
        }
        self::assertSame(['pub-7', 1], [$body['app']['publisher']['id'], $body['test']]);
        self::assertContains('IAB9-7', $body['bcat']);
        self::assertContains('IAB25', $body['bcat']);
    }

    /** @return array<string, mixed> */
    private function seen(string $screen = 'start'): array
    {
        return $this->postJson("{$this->base()}/view", ['screen' => $screen, 'person' => $this->ada->id])->assertOk()->json('view');
    }

    /** @return array<string, mixed> */
    private function figures(): array
    {
        return (new AdvertBook($this->space()))->figures(new DateTimeImmutable('-1 day'), new DateTimeImmutable('+2 days'))[0];
    }
}
