<?php

declare(strict_types=1);

namespace App\People;

use App\Apps\Pictures;
use App\Models\App;
use App\Models\IdentityProvider;
use App\Outbound\AddressRefused;
use App\Outbound\Guard;
use App\People\OpenId\Provider;
use App\People\OpenId\ProviderTrouble;
use App\People\OpenId\TokenRefused;
use App\Records\DataSet;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Lanai\Core\Model\People\Through;
use Lanai\Core\Play\Proof;
use Lanai\Core\Rows\Refused;

/** The way out to a provider and back. */
final readonly class Returning
{
    public function __construct(private People $people)
    {
    }

    /** The exact address to register with a provider: no query, no trailing slash. */
    public static function address(App $app, DataSet $set): string
    {
        return rtrim((string) config('app.url'), '/').'/back/'."$set->value/$app->slug";
    }

    /**
     * @param  string  $handle  SHA-256 of the handle under which the device waits
     * @param  array{guest: int|null, by: string}  $came  as whom they are here already, and by whose invitation
     * @return string where the person goes
     *
     * @throws Refused
     */
    public function begin(Through $way, string $handle, array $came, bool $beside = false): string
    {
        try {
            $begun = $this->provider($way)->begin();
        } catch (ProviderTrouble $trouble) {
            throw new Refused($trouble->getMessage());
        }
        $this->people
            ->pending()
            ->create([
                'handle' => $handle,
                'kind' => 'through',
                'email' => null,
                'code' => Sessions::hash($begun['state']),
                'facts' => [
                    'provider' => $way->provider,
                    'verifier' => $begun['verifier'],
                    'nonce' => $begun['nonce'],
                    'beside' => $beside,
                ] + $came,
                'sent_at' => Date::now(),
                'expires_at' => Date::now()->addMinutes(10),
            ]);

        return $begun['url'];
    }

    /** What waits for a return with this state; null for nothing. */
    public function waiting(string $state): ?Pending
    {
        $pending = $state === '' ? null : $this->people->pending()->where('kind', 'through')->where('code', Sessions::hash($state))->first();

        return $pending === null || $pending->expires_at <= Date::now() ? null : $pending;
    }

    /**
     * Takes somebody in who comes back with a code. The device that began it gets the session when it asks.
     *
     * @throws Refused
     */
    public function finish(Pending $pending, string $code): void
    {
        $way =
            $this->people->blueprint->signIn?->provider((string) ($pending->facts['provider'] ?? '')) ??
            throw new Refused('This way to sign in is no longer there.');
        // A state is good for one return.
        if (
            $this->people
                ->pending()
                ->whereKey($pending->id)
                ->whereNotNull('code')
                ->update(['code' => null]) === 0
        ) {
            throw new Refused('This sign-in was finished already.');
        }
        try {
            $claims = $this->provider($way)->finish(
                $code,
                (string) $pending->facts['verifier'],
                (string) $pending->facts['nonce'],
                Date::now()->getTimestamp(),
            );
        } catch (ProviderTrouble $trouble) {
            throw new Refused($trouble->getMessage());
        } catch (TokenRefused $refused) {
            $this->people->note("refused an ID token ($refused->rule)", null, $way->provider);
            throw new Refused("$way->provider sent something that cannot be trusted, so nobody was signed in. {$refused->getMessage()}");
        }
        $picture = $this->picture($way, $claims);
        $account = DB::connection($this->people->connection)->transaction(fn (): Account => $this->account($way, $claims, $pending, $picture));
        if ($account->blocked_at !== null) {
            $this->people->note('refused, because blocked', $account->id, $way->provider);
            throw new Refused('This account is blocked.');
        }
        $pending->update(['facts' => ['account' => $account->id] + $pending->facts]);
    }

    /** Where a device asks whether its person has come back. */
    public function arrived(string $handle): ?Proof
    {
        $pending = $this->people->pending()->where('kind', 'through')->where('handle', Sessions::hash($handle))->first();
        $account = $pending?->facts['account'] ?? null;
        if ($pending === null || ! is_int($account) || $this->people->pending()->whereKey($pending->id)->delete() === 0) {
            return null;
        }

        return new Proof((string) $pending->facts['provider'], $account);
    }

    public function isWaiting(string $handle): bool
    {
        $pending = $this->people->pending()->where('kind', 'through')->where('handle', Sessions::hash($handle))->first();

        return $pending !== null && $pending->expires_at > Date::now();
    }

    /**
     * The picture that a provider tells of, fetched and kept as the app's own; null where there is none that can be had.
     *
     * @param  array<string, mixed>  $claims
     */
    private function picture(Through $way, array $claims): ?string
    {
        $address = $claims['picture'] ?? null;
        if (
            $way->picture === '' ||
            ! is_string($address) ||
            $this->people->identities()->where('issuer', $claims['iss'])->where('subject', $claims['sub'])->exists()
        ) {
            return null;
        }
        try {
            $answer = Guard::to($address, ['gatehouse'])
                ->timeout(5)
                ->get($address);

            return $answer->successful() && strlen($answer->body()) <= 4_000_000 ? (new Pictures())->keep($this->people->app, $answer->body()) : null;
        } catch (ConnectionException|AddressRefused|ValidationException) {
            return null;
        }
    }

    /** @param  array<string, mixed>  $claims */
    private function account(Through $way, array $claims, Pending $pending, ?string $picture): Account
    {
        $issuer = (string) $claims['iss'];
        $subject = (string) $claims['sub'];
        $identity = $this->people->identities()->where('issuer', $issuer)->where('subject', $subject)->first();
        $account = $identity === null ? null : $this->people->accounts()->find($identity->account);
        if ($account !== null) {
            return $account;
        }
        // Only an address that the provider has verified says who somebody is.
        $email = is_string($claims['email'] ?? null) && ($claims['email_verified'] ?? false) === true ? mb_strtolower($claims['email']) : null;
        $text = fn (string $key): string => is_string($claims[$key] ?? null) ? mb_substr(trim($claims[$key]), 0, 200) : '';
        $guest = $pending->facts['guest'] ?? null;
        $account = (new AccountDesk($this->people))->known($email, [
            'name' => $text('name'),
            'picture' => $picture,
            'guest' => is_int($guest) ? $guest : null,
            'by' => is_string($pending->facts['by'] ?? null) ? $pending->facts['by'] : '',
            'through' => $way,
        ]);
        $this->people->identities()->create(['account' => $account->id, 'provider' => $way->provider, 'issuer' => $issuer, 'subject' => $subject]);

        return $account;
    }

    /** @throws ProviderTrouble */
    private function provider(Through $way): Provider
    {
        $known = IdentityProvider::query()
            ->where(['app_id' => $this->people->app->id, 'dataset' => $this->people->set->value])
            ->get()
            ->first(fn (IdentityProvider $p): bool => mb_strtolower($p->name) === mb_strtolower($way->provider));

        return $known === null
            ? throw new ProviderTrouble("$way->provider is not set up yet.")
            : Provider::at($known, self::address($this->people->app, $this->people->set));
    }
}
