<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Founder;
use App\Models\Invitation;
use Tests\TestCase;

/** A founder's own account: getting in, being let in, staying in, and getting back in. */
final class FounderAccountsTest extends TestCase
{
    private const EMAIL = 'ada@founders.example';

    public function test_open_to_others_the_demos_account_is_closed_and_one_signs_up_by_invitation(): void
    {
        $this->demo();
        $known = ['email' => config('lanai.demo_email'), 'password' => config('lanai.demo_password')];
        config(['lanai.open' => true]);

        self::assertSame(
            [null, 'invitation', true],
            array_values(
                $this->getJson('/api/session')->assertOk()->json() === []
                    ? []
                    : array_intersect_key($this->getJson('/api/session')->json(), ['demo' => 1, 'registration' => 1, 'open' => 1]),
            ),
        );
        $this->postJson('/api/session', $known)->assertUnprocessable();
        $this->postJson('/api/session', ['email' => 'DEMO@lanai.example'] + $known)->assertUnprocessable();
        $this->signUp()->assertUnprocessable();
        config(['lanai.demo_form' => true]);
        self::assertSame($known, $this->getJson('/api/session')->json('demo'));
        $this->postJson('/api/session', $known)->assertOk();
    }

    public function test_what_is_set_decides_who_may_sign_up(): void
    {
        config(['lanai.registration' => 'closed']);
        $this->signUp(['invitation' => Invitation::to(self::EMAIL, null)])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'Nobody can sign up here.');
        config(['lanai.registration' => 'open', 'lanai.open' => true]);
        $this->signUp()->assertOk();
    }

    public function test_an_invitation_is_good_for_its_address_and_once(): void
    {
        config(['lanai.registration' => 'invitation']);
        $code = Invitation::to(self::EMAIL, null);

        $this->signUp(['invitation' => $code, 'email' => 'eve@founders.example'])->assertUnprocessable();
        $this->signUp(['invitation' => 'x'])->assertUnprocessable();
        $this->signUp(['invitation' => $code])->assertOk();
        $this->postJson('/api/account/invitations', ['email' => 'Bea@founders.example'])->assertOk();
        $this->deleteJson('/api/session');
        $this->signUp(['invitation' => $code, 'email' => 'ada2@founders.example'])->assertUnprocessable();
        $other = Invitation::to('late@founders.example', null);
        $this->travel(15)->days();
        $this->signUp(['invitation' => $other, 'email' => 'late@founders.example'])->assertUnprocessable();
    }

    public function test_a_forgotten_password_is_set_anew_by_a_letter_and_once(): void
    {
        $this->signUp()->assertOk();
        $this->deleteJson('/api/session');
        self::assertSame([], $this->letters(fn () => $this->postJson('/api/password/forgot', ['email' => 'nobody@founders.example'])->assertOk()));
        $letters = $this->letters(
            fn () => $this->postJson('/api/password/forgot', ['email' => 'ADA@founders.example'])
                ->assertOk()
                ->assertJsonPath('message', 'If there is an account with this address, a letter is on its way to it.'),
        );
        self::assertCount(1, $letters);
        self::assertSame(1, preg_match('~/sign-in\?reset=([0-9a-f]{64})&email=~', $letters[0], $found));

        $this->postJson('/api/password/reset', ['email' => self::EMAIL, 'token' => 'wrong', 'password' => 'another long one'])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'This letter is not good any more. Please ask for another.');
        $this->postJson('/api/password/reset', ['email' => self::EMAIL, 'token' => $found[1], 'password' => 'short'])->assertUnprocessable();
        $this->postJson('/api/password/reset', ['email' => self::EMAIL, 'token' => $found[1], 'password' => 'another long one'])
            ->assertOk()
            ->assertJsonPath('founder.email', self::EMAIL);
        $this->deleteJson('/api/session');
        $this->postJson('/api/password/reset', ['email' => self::EMAIL, 'token' => $found[1], 'password' => 'yet another one'])->assertUnprocessable();
        $this->postJson('/api/session', ['email' => self::EMAIL, 'password' => 'another long one'])->assertOk();
    }

    public function test_a_letter_is_good_for_an_hour(): void
    {
        $this->signUp()->assertOk();
        $this->deleteJson('/api/session');
        $letters = $this->letters(fn () => $this->postJson('/api/password/forgot', ['email' => self::EMAIL]));
        preg_match('~reset=([0-9a-f]{64})~', $letters[0], $found);
        $this->travel(61)->minutes();

        $this->postJson('/api/password/reset', ['email' => self::EMAIL, 'token' => $found[1], 'password' => 'another long one'])->assertUnprocessable();
    }

    public function test_places_are_seen_and_ended_from_another(): void
    {
        $this->signUp()->assertOk();
        $first = $this->getJson('/api/account')->assertOk()->json('places');
        self::assertSame([1, true], [count($first), $first[0]['here']]);
        $cookies = $this->app['session']->all();

        $this->app['session']->flush();
        $this->app['auth']->forgetGuards();
        $this->postJson('/api/session', ['email' => self::EMAIL, 'password' => 'quite long enough'])->assertOk();
        $places = $this->getJson('/api/account')->json('places');
        self::assertCount(2, $places);
        $this->deleteJson("/api/account/places/{$first[0]['id']}")
            ->assertOk()
            ->assertJsonCount(1, 'places');

        // The first place finds itself signed out.
        $this->app['session']->flush();
        $this->app['session']->put($cookies);
        $this->app['auth']->forgetGuards();
        $this->getJson('/api/account')->assertUnauthorized();
    }

    public function test_another_founders_place_is_not_ended(): void
    {
        $this->signUp()->assertOk();
        $id = $this->getJson('/api/account')->json('places.0.id');
        $this->app['session']->flush();
        $this->app['auth']->forgetGuards();
        $this->signUp(['email' => 'eve@founders.example'])->assertOk();
        $this->deleteJson("/api/account/places/$id")
            ->assertOk()
            ->assertJsonCount(1, 'places');

        self::assertSame(2, \App\Models\FounderSession::query()->count());
    }

    public function test_address_and_password_are_changed_by_who_knows_the_password(): void
    {
        $this->signUp()->assertOk();
        Founder::query()->create(['name' => 'Eve', 'email' => 'eve@founders.example', 'password' => 'something long']);

        $this->postJson('/api/account/email', ['email' => 'new@founders.example', 'known' => 'wrong'])
            ->assertUnprocessable()
            ->assertJsonPath('errors.known.0', 'This is not your password.');
        $this->postJson('/api/account/email', ['email' => 'EVE@founders.example', 'known' => 'quite long enough'])
            ->assertUnprocessable()
            ->assertJsonPath('errors.email.0', 'There is already an account with this address.');
        $letters = $this->letters(
            fn () => $this->postJson('/api/account/email', ['email' => 'New@founders.example', 'known' => 'quite long enough'])
                ->assertOk()
                ->assertJsonPath('email', 'new@founders.example'),
        );
        self::assertStringContainsString('now belongs to new@founders.example', $letters[0]);
        $this->postJson('/api/account/password', ['new' => 'short', 'known' => 'quite long enough'])->assertUnprocessable();
        $this->postJson('/api/account/password', ['new' => 'a new long one', 'known' => 'no'])->assertUnprocessable();
        $this->postJson('/api/account/password', ['new' => 'a new long one', 'known' => 'quite long enough'])->assertOk();
        $this->deleteJson('/api/session');
        $this->postJson('/api/session', ['email' => 'new@founders.example', 'password' => 'quite long enough'])->assertUnprocessable();
        $this->postJson('/api/session', ['email' => 'new@founders.example', 'password' => 'a new long one'])->assertOk();
    }

    /** @param  array<string, string>  $with */
    private function signUp(array $with = []): \Illuminate\Testing\TestResponse
    {
        return $this->postJson('/api/founders', $with + ['name' => 'Ada', 'email' => self::EMAIL, 'password' => 'quite long enough']);
    }

    /** @return list<string> the texts of the letters that are sent meanwhile */
    private function letters(callable $do): array
    {
        $transport = app('mail.manager')->mailer('array')->getSymfonyTransport();
        $before = count($transport->messages());
        $do();

        return array_map(
            fn ($sent): string => (string) $sent->getOriginalMessage()->getTextBody(),
            array_values(array_slice($transport->messages()->all(), $before)),
        );
    }
}
