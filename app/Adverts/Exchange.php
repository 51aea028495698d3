<?php

declare(strict_types=1);

namespace App\Adverts;

use App\Jobs\TellExchange;
use App\Models\App;
use App\Outbound\Address;
use App\Outbound\AddressRefused;
use App\Outbound\Guard;
use App\Outbound\MessageSignature;
use App\Outbound\Practice;
use App\Records\DataSet;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Cache;
use Lanai\Core\Adverts\Clip;
use Lanai\Core\Adverts\Offered;
use Lanai\Core\Adverts\Unplayable;
use Lanai\Core\Adverts\Wanted;
use Lanai\Core\Rows\Refused;

/** The exchange that adverts come from: one for rehearsals and one for real. */
final readonly class Exchange
{
    /** Seconds: an advert that comes later comes too late. */
    private const SLOWEST = 1;

    /** Seconds for which its keys are kept. */
    private const KEYS = 3600;

    public function __construct(private App $app, private DataSet $set)
    {
    }

    public function url(): string
    {
        return $this->setting('url');
    }

    /**
     * The best offer for a place; null where there is none.
     *
     * @param  list<string>  $why  to which it is added why there is none
     */
    public function ask(Wanted $wanted, array &$why): ?Offered
    {
        try {
            $answer = Guard::to($this->url())->withHeaders($this->box())->withToken($this->setting('key'))->timeout(self::SLOWEST)->post(
                $this->url(),
                $wanted->request(),
            );
        } catch (ConnectionException|AddressRefused) {
            $why[] = 'The network did not answer in time.';

            return null;
        }
        if ($answer->status() === 204) {
            $why[] = 'The network had none.';

            return null;
        }
        $told = $answer->json();
        if (! $answer->successful() || ! is_array($told)) {
            $why[] = 'The network answered what cannot be read.';

            return null;
        }
        $offered = $wanted->best($told, $why);

        return $offered?->clip === null || $offered->clip->onward === '' ? $offered : $this->followed($offered, $offered->clip, $why);
    }

    /**
     * A film whose document leads on to the next one, and so on to its end.
     *
     * @param  list<string>  $why
     */
    private function followed(Offered $offered, Clip $clip, array &$why): ?Offered
    {
        try {
            for ($n = 0; $clip->onward !== ''; $n++) {
                if ($n === Clip::WRAPPERS) {
                    throw Unplayable::for(Unplayable::TOO_FAR, 'Its film leads on and on.', $clip->told['error'] ?? []);
                }
                $answer = Guard::promise('GET', $clip->onward, seconds: self::SLOWEST)->wait();
                $written = $answer instanceof Response && $answer->successful() ? $answer->body() : '';
                $clip = Clip::read($written, $clip);
            }

            return $offered->showing($clip);
        } catch (Unplayable $unplayable) {
            $why[] = $unplayable->getMessage();
            $filled = fn (string $one): string => Clip::filled($one, time(), random_int(0, 99_999_999), $unplayable->getCode());
            $this->tell(array_map($filled, $unplayable->told));
        } catch (ConnectionException|AddressRefused) {
            $why[] = 'Its film leads nowhere.';
        }

        return null;
    }

    /** @param  list<string>  $addresses  that are told something, one by one */
    public function tell(array $addresses): void
    {
        TellExchange::of($addresses, $this->app, $this->set);
    }

    /**
     * What a notice carries: to the exchange itself a signature, to others nothing.
     *
     * @return array<string, string>
     */
    public function signed(string $method, string $address): array
    {
        try {
            if (Address::of($address)->origin() !== Address::of($this->url())->origin()) {
                return [];
            }
        } catch (AddressRefused) {
            return [];
        }
        $covered = ['@method' => $method, '@target-uri' => $address];

        return MessageSignature::of($covered, $this->setting('key'), $this->app->slug, time());
    }

    /**
     * The keys with which it signs, as a JWK Set (RFC 7517).
     *
     * @return array<string, mixed>
     *
     * @throws Refused where they cannot be had just now
     */
    public function keys(): array
    {
        $address = $this->setting('keys');

        return Cache::remember("adverts keys $address", self::KEYS, fn (): array => $this->get($address));
    }

    /**
     * What it has paid.
     *
     * @param  bool  $now  it is to pay what is there now
     * @return list<mixed>
     *
     * @throws Refused
     */
    public function payouts(string $package, bool $now): array
    {
        $told = $this->get($this->setting('payouts').'?'.http_build_query(['bundle' => $package, 'now' => $now ? '1' : '0']))['payouts'] ?? null;

        return is_array($told) ? array_values($told) : throw new Refused('It answered what cannot be read.');
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refused
     */
    private function get(string $address): array
    {
        try {
            $answer = Guard::to($address)->withHeaders($this->box())->withToken($this->setting('key'))->timeout(10)->get($address);
        } catch (ConnectionException|AddressRefused) {
            throw new Refused('It does not answer just now.');
        }
        $told = $answer->successful() ? $answer->json() : null;
        if (! is_array($told)) {
            throw new Refused('It answered what cannot be read.');
        }

        return array_filter($told, is_string(...), ARRAY_FILTER_USE_KEY);
    }

    /** @return array<string, string> for practice: whose exchange it is */
    private function box(): array
    {
        return Practice::isAt($this->url()) ? [Practice::BOX => Practice::boxOf($this->app)] : [];
    }

    private function setting(string $name): string
    {
        return (string) config("lanai.adverts.{$this->set->value}.$name");
    }
}
