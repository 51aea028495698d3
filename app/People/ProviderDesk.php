<?php

declare(strict_types=1);

namespace App\People;

use App\Models\App;
use App\Models\IdentityProvider;
use App\People\OpenId\Provider;
use App\People\OpenId\ProviderTrouble;
use App\Records\DataSet;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Date;
use Lanai\Core\Model\Blueprint;

/** What the founder sets up for each outside identity provider, for sandbox and for live. */
final readonly class ProviderDesk
{
    public function __construct(private App $app, private Blueprint $blueprint)
    {
    }

    /** @return list<array<string, mixed>> */
    public function all(): array
    {
        $found = [];
        foreach ($this->blueprint->signIn?->providers() ?? [] as $way) {
            foreach (DataSet::cases() as $set) {
                $found[] = $this->told($way->provider, $set, $this->known($way->provider, $set));
            }
        }

        return $found;
    }

    /** @return array<string, list<array{string, string}>> provider in small letters => the address registered there, and the one needed */
    public function returns(): array
    {
        $found = [];
        foreach (IdentityProvider::query()->where('app_id', $this->app->id)->get() as $known) {
            $found[mb_strtolower($known->name)][] = [$known->registered, Returning::address($this->app, DataSet::from($known->dataset))];
        }

        return $found;
    }

    /** @throws ProviderTrouble where it does not work; what was given is kept all the same */
    public function keep(string $name, DataSet $set, string $issuer, string $client, string $secret): void
    {
        $known = $this->known($name, $set) ?? new IdentityProvider(['app_id' => $this->app->id, 'dataset' => $set->value, 'name' => $name, 'secret' => '']);
        $known->fill([
            'issuer' => rtrim(trim($issuer), '/') === rtrim((string) config('lanai.gatehouse'), '/') ? IdentityProvider::PRACTICE : trim($issuer),
            'client_id' => trim($client),
            'registered' => '',
            'trouble' => '',
            'checked_at' => null,
        ]);
        if ($secret !== '') {
            $known->secret = $secret;
        }
        $known->save();
        $this->check($name, $set);
    }

    public function check(string $name, DataSet $set): void
    {
        $known = $this->known($name, $set) ?? throw new ProviderTrouble("$name is not set up yet.");
        $address = Returning::address($this->app, $set);
        Cache::forget('openid:'.$known->address());
        try {
            Provider::at($known, $address)->check();
            $known->update(['registered' => $address, 'trouble' => '', 'checked_at' => Date::now()]);
        } catch (ProviderTrouble $trouble) {
            $known->update(['registered' => '', 'trouble' => mb_substr($trouble->getMessage(), 0, 250), 'checked_at' => Date::now()]);
        }
    }

    private function known(string $name, DataSet $set): ?IdentityProvider
    {
        return IdentityProvider::query()
            ->where(['app_id' => $this->app->id, 'dataset' => $set->value])
            ->get()
            ->first(fn (IdentityProvider $p): bool => mb_strtolower($p->name) === mb_strtolower($name));
    }

    /** @return array<string, mixed> */
    private function told(string $name, DataSet $set, ?IdentityProvider $known): array
    {
        $address = Returning::address($this->app, $set);

        return [
            'name' => $name,
            'set' => $set->value,
            'issuer' => $known?->address() ?? '',
            'client' => $known->client_id ?? '',
            'secret' => $known === null || $known->secret === '' ? '' : '…'.substr($known->secret, -4),
            'address' => $address,
            'practice' => $known?->issuer === IdentityProvider::PRACTICE,
            'state' => match (true) {
                $known === null => 'Not set up yet.',
                $known->trouble !== '' => $known->trouble,
                $known->registered === '' => 'Not checked yet.',
                $known->registered !== $address => "The address of this app has changed: $known->registered is registered, $address is needed.",
                default => "$name knows this app and its address.",
            },
            'good' => $known !== null && $known->trouble === '' && $known->registered === $address,
        ];
    }
}
