<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Adverts\AdvertBook;
use App\Adverts\RewardBook;
use DateTimeImmutable;
use Illuminate\Http\Client\Request as Sent;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\AtExchange;
use Tests\TestCase;

/** Adverts for a reward: offered and never forced, believed only when the network has said so, and given once. */
final class RewardsTest extends TestCase
{
    use AtExchange;

    private const APP = <<<'APP'
    app Reef
    sign-in at In
      as a guest
    table People, each a Person, who sign in
      may be seen by everyone
      may be changed by everyone
      Name is a text, required
      Badges is a whole number
      Noes is a whole number
      Member is an entitlement
    product Club is a subscription, giving Member
      plan Monthly, every month at 3.99 EUR
    adverts through Bunting, as seller "pub-7", none for those with Member, at most 9 an hour
    screen Start, first
      Button "An extra badge"
        tapped:
          offer an advert Badge, for "an extra badge", at most once in 10 minutes
            then:
              raise me.badges by 1
              say "Here it is."
            otherwise:
              raise me.noes by 1
              say "Another time."
    screen In
      Text "in"
    APP;

    public function test_it_is_offered_and_whoever_says_no_loses_nothing(): void
    {
        $asked = $this->tap();
        $question = $asked['confirm'];
        self::assertSame(['Watch an advert for an extra badge?', 'Watch it', 'No, thank you', 'badge', 'an extra badge'], [
            $question['text'], $question['yes'], $question['no'], $question['place'], $question['reward'],
        ]);
        self::assertSame(['Another time.'], $this->tap([$question['at'] => ''])['say']);
        self::assertSame([null, 1], $this->ada());
        self::assertSame([], $this->heard());
    }

    public function test_it_is_given_once_after_the_network_has_said_so(): void
    {
        $advert = $this->watch();
        self::assertSame([true, true, 9], [$advert['film'], $advert['leads'], $advert['seconds']]);
        $at = $this->tap()['confirm']['at'];
        self::assertSame('There is no reward for this.', $this->tap([$at => str_repeat('a', 32)])['refused']);
        // Too soon: nobody has seen nine seconds in one.
        $this->told($advert, 'complete');
        self::assertSame('none', $this->state($advert));
        $this->passes(9);
        foreach (['start', 'firstQuartile', 'midpoint', 'thirdQuartile', 'complete', 'complete', 'start'] as $what) {
            $this->told($advert, $what);
        }
        self::assertSame('waits', $this->state($advert));
        self::assertStringStartsWith('The network has not said yet', $this->tap([$at => $advert['key']])['refused']);
        self::assertSame(204, $this->networkSays()->getStatusCode());
        self::assertSame('given', $this->state($advert));
        self::assertSame(['Here it is.'], $this->tap([$at => $advert['key']])['say']);
        self::assertSame('You have had this reward already.', $this->tap([$at => $advert['key']])['refused']);
        // Said again by the network it is no other one.
        $this->networkSays();
        self::assertSame('none', $this->state($advert));
        self::assertSame([1, null], $this->ada());
        $heard = $this->heard();
        foreach (['start', 'firstQuartile', 'midpoint', 'thirdQuartile', 'complete'] as $what) {
            self::assertSame(1, $heard[$what], $what);
        }
        $moments = (new AdvertBook($this->space()))->moments(new DateTimeImmutable('-1 day'), new DateTimeImmutable('+1 day'));
        self::assertSame([1, 1], [$moments['badge']['complete'], $moments['badge']['start']]);
        self::assertNull($this->ask(['place' => 'badge'])->json('advert'), 'At most once in ten minutes.');
    }

    public function test_the_same_tap_sent_twice_takes_it_once_and_answers_the_same(): void
    {
        $advert = $this->watch();
        $this->passes(9);
        $this->told($advert, 'complete');
        $this->networkSays();
        $at = $this->tap()['confirm']['at'];
        $key = ['tap' => str_repeat('b', 32)];
        self::assertSame(['Here it is.'], $this->tap([$at => $advert['key']], $key)['say']);
        self::assertSame(['Here it is.'], $this->tap([$at => $advert['key']], $key)['say']);
        self::assertSame([1, null], $this->ada());
    }

    #[TestWith([['exp' => 1_000_000_000], 401])]
    #[TestWith([['aud' => 'another.app'], 401])]
    #[TestWith([['request' => 7], 401])]
    #[TestWith([['request' => 'nothing'], 404])]
    public function test_what_the_network_did_not_say_is_not_believed(array $claims, int $status): void
    {
        $advert = $this->watch();
        $this->passes(9);
        $this->told($advert, 'complete');
        self::assertSame(401, $this->networkSays([], true)->getStatusCode(), 'By somebody who has not its key.');
        self::assertSame($status, $this->networkSays($claims)->getStatusCode());
        self::assertSame(401, $this->call('POST', "/rewarded/sandbox/{$this->reef->slug}", content: 'x.y.z')->getStatusCode());
        self::assertSame(413, $this->call('POST', "/rewarded/sandbox/{$this->reef->slug}", content: str_repeat('x', 9000))->getStatusCode());
        self::assertSame('waits', $this->state($advert));
    }

    public function test_what_was_not_shown_for_it_is_worth_nothing_even_where_the_network_says_so(): void
    {
        $advert = $this->watch();
        self::assertSame(404, $this->networkSays()->getStatusCode());
        self::assertSame('none', $this->state($advert));
    }

    public function test_members_have_it_without_an_advert(): void
    {
        $this->giveClub();
        self::assertSame(['Here it is.'], $this->tap()['say']);
        self::assertSame([1, null], $this->ada());
    }

    public function test_the_film_comes_through_here_in_parts_as_a_player_asks_for_them(): void
    {
        $advert = $this->watch();
        $film = $this->get("{$this->base()}/advert/{$advert['key']}/film")->assertOk();
        self::assertSame('video/mp4', $film->headers->get('Content-Type'));
        $part = $this->get("{$this->base()}/advert/{$advert['key']}/film", ['Range' => 'bytes=100-199']);
        self::assertSame([206, '100'], [$part->getStatusCode(), $part->headers->get('Content-Length')]);
        $this->get("{$this->base()}/advert/".str_repeat('a', 32).'/film')->assertNotFound();
    }

    public function test_a_film_that_is_not_there_or_none_is_not_shown_and_the_network_hears_of_it(): void
    {
        $this->goesWrong('gone');
        $advert = $this->watch();
        $this->get("{$this->base()}/advert/{$advert['key']}/film")->assertNotFound();
        $this->told($advert, 'error');
        self::assertSame(1, $this->heard()['error']);
    }

    public function test_a_film_that_another_document_holds_is_found_and_one_that_leads_on_for_ever_is_not(): void
    {
        $this->goesWrong('wrapped');
        $advert = $this->watch();
        $this->postJson("{$this->base()}/advert/seen", ['key' => $advert['key']])->assertOk();
        self::assertSame([1, 1], [$this->heard()['through'], $this->heard()['seen']], 'Both documents hear that it was seen.');
        $this->goesWrong('endless');
        $this->database()->table('_adverts')->update(['at' => 0]);
        $answer = $this->ask(['place' => 'badge']);
        self::assertSame([null, 'badge: Its film leads on and on.'], [$answer->json('advert'), $this->why($answer)]);
        self::assertSame(1, $this->heard()['error']);
    }

    public function test_notices_are_signed_for_the_network_and_for_nobody_else(): void
    {
        $advert = $this->watch();
        $sent = [];
        Http::fake(function (Sent $request) use (&$sent): mixed {
            $sent[] = $request;

            return Http::response('', 204);
        });
        $other = 'https://'.gethostbyname('localhost').'.example/seen';
        $offer = json_decode((string) $this->database()->table('_adverts')->value('offer'), true);
        $offer['billed'][] = $other;
        $this->database()->table('_adverts')->update(['offer' => json_encode($offer)]);
        \App\Outbound\Guard::resolving(fn (string $host): array => ['93.184.216.34']);
        try {
            $this->postJson("{$this->base()}/advert/seen", ['key' => $advert['key']])->assertOk();
        } finally {
            \App\Outbound\Guard::resolving(null);
        }
        $signed = array_map(fn (Sent $one): bool => $one->hasHeader('Signature'), $sent);
        self::assertSame([true, true, false], $signed);
        self::assertStringNotContainsString('a-key-for-the-exchange', (string) json_encode(array_map(fn (Sent $one): array => $one->headers(), $sent)));
    }

    public function test_a_reward_that_nobody_takes_is_forgotten(): void
    {
        $advert = $this->watch();
        $this->database()->table('_advert_rewards')->update(['at' => time() - 31 * 86400]);
        $this->artisan('lanai:prune')->assertSuccessful();
        self::assertFalse((new RewardBook($this->space()))->knows($advert['key']));
    }

    /** @return array<string, mixed> */
    private function watch(): array
    {
        $answer = $this->ask(['place' => 'badge'])->assertOk();
        $advert = $answer->json('advert') ?? self::fail($this->why($answer));
        self::assertMeets('view', (string) json_encode($advert), 'ShownAdvert');

        return $advert;
    }

    /** @param  array<string, mixed>  $advert */
    private function told(array $advert, string $what): void
    {
        $this->postJson("{$this->base()}/advert/told", ['key' => $advert['key'], 'what' => $what])->assertOk();
    }

    /** @param  array<string, mixed>  $advert */
    private function state(array $advert): string
    {
        return $this->postJson("{$this->base()}/advert/reward", ['key' => $advert['key']])->assertOk()->json('reward');
    }

    private function passes(int $seconds): void
    {
        $this->database()->table('_advert_rewards')->update(['at' => time() - $seconds]);
    }

    /**
     * What the network says, as it signs it.
     *
     * @param  array<string, mixed>  $claims
     */
    private function networkSays(array $claims = [], bool $forged = false): \Illuminate\Testing\TestResponse
    {
        $package = $this->reef->refresh()->package();
        $request = $this->database()->table('_advert_rewards')->value('request');
        $token = $this->seal()->sealed($claims + ['aud' => $package, 'iat' => time(), 'exp' => time() + 300, 'request' => $request], $forged);

        return $this->call('POST', "/rewarded/sandbox/{$this->reef->slug}", server: ['CONTENT_TYPE' => 'application/jwt'], content: $token);
    }

    /**
     * @param  array<string, string>  $replies
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private function tap(array $replies = [], array $more = []): array
    {
        $body = ['screen' => 'start', 'at' => '/screens/0/lines/0', 'person' => $this->ada->id, 'replies' => $replies] + $more;

        return $this->postJson("{$this->base()}/do", $body)->assertOk()->json('outcome');
    }

    /** @return array{int|null, int|null} badges and noes */
    private function ada(): array
    {
        $space = $this->space();
        $row = $space->store()->byIds($space->blueprint()->table('People'), [$this->ada->id])[$this->ada->id];

        return [$row->values['badges'], $row->values['noes']];
    }
}
