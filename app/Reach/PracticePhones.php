<?php

declare(strict_types=1);

namespace App\Reach;

use App\Models\App;
use App\Models\PushKey;
use App\Outbound\AddressRefused;
use App\Outbound\Guard;
use App\Outbound\Practice;
use App\Reach\Carriers\Phone;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Response;
use Lanai\Core\Rows\Refused;

/** The made-up phones of Crier, on which the messages of rehearsals lie. */
final readonly class PracticePhones
{
    private const AWAY = 'Crier, which carries messages for practice, does not answer just now.';

    public function __construct(private App $app)
    {
    }

    /**
     * A fresh one.
     *
     * @param  'web'|'android'|'ios'  $carrier
     * @return array{address: string, keys: array<string, string>}
     *
     * @throws Refused
     */
    public function make(string $carrier): array
    {
        $made = $this->ask('POST', '', ['kind' => $carrier, 'server' => PushKey::of($this->app)->public])->json();
        if (! is_array($made) || ! is_string($made['id'] ?? null)) {
            throw new Refused(self::AWAY);
        }
        $keys = array_filter(array_intersect_key($made, ['p256dh' => 1, 'auth' => 1]), is_string(...));

        return ['address' => $carrier === 'web' ? 'https://'.config('lanai.crier')."/crier/push/$made[id]" : $made['id'], 'keys' => $keys];
    }

    /**
     * What lies on one of them, the newest last.
     *
     * @return list<array<string, mixed>>
     *
     * @throws Refused
     */
    public function lies(Phone $phone): array
    {
        $told = $this->ask('GET', $this->number($phone))->json('notifications');

        return is_array($told) ? array_values(array_filter($told, is_array(...))) : [];
    }

    /** One was tapped or swiped away. */
    public function take(Phone $phone, string $id): void
    {
        $this->ask('DELETE', $this->number($phone).'/said/'.rawurlencode($id));
    }

    public function remove(Phone $phone): void
    {
        $this->ask('DELETE', $this->number($phone));
    }

    private function number(Phone $phone): string
    {
        return '/'.rawurlencode(basename($phone->address));
    }

    /** @param  array<string, string>  $body */
    private function ask(string $method, string $what, array $body = []): Response
    {
        $url = 'http://'.config('lanai.crier')."/crier/phones$what";
        try {
            return Guard::to($url, [Practice::CRIER])
                ->withHeaders([Practice::BOX => Practice::boxOf($this->app)])
                ->timeout(5)
                ->send($method, $url, $body === [] ? [] : ['json' => $body]);
        } catch (ConnectionException|AddressRefused) {
            throw new Refused(self::AWAY);
        }
    }
}
