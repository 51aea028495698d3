<?php

declare(strict_types=1);

namespace App\Adverts;

use App\Outbound\AddressRefused;
use App\Outbound\Guard;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Cache;
use Lanai\Core\Adverts\Clip;
use Lanai\Core\Adverts\Consent;
use Lanai\Core\Adverts\Format;
use Lanai\Core\Adverts\Visitor;
use Lanai\Core\Adverts\Wanted;
use Lanai\Core\Earnings\Storefront;
use Lanai\Core\Effects\OfferAdvert;
use Lanai\Core\Effects\ShowAdvert;
use Lanai\Core\Lines\Advert;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Text\Pattern;

/** Gets adverts for an app from the exchange, within what the founder allows and the person wants. A device hears of nothing but words and pictures. */
final readonly class AdvertDesk
{
    /** What VAST calls it that a film could not be shown. */
    private const NOT_SHOWN = 405;

    /** Seconds after which every film over the whole screen can be closed, whatever it asks for. */
    private const CLOSED = 5;

    /** What happens to a film, in words. */
    private const HAPPENED = [
        'start' => 'has begun',
        'firstQuartile' => 'was seen to a quarter',
        'midpoint' => 'was seen to its half',
        'thirdQuartile' => 'was seen to three quarters',
        'complete' => 'was seen to its end',
        'mute' => 'was silenced',
        'unmute' => 'was made audible',
        'skip' => 'was closed',
        'closeLinear' => 'was left before its end',
        'error' => 'could not be shown',
    ];

    /** Bytes of a picture. */
    private const PICTURE = 400_000;

    private const PICTURES = ['image/png', 'image/jpeg', 'image/webp'];

    /** Seconds for which a picture is kept. */
    private const DAY = 86400;

    private AdvertBook $book;

    private Exchange $exchange;

    private RewardBook $rewards;

    /** @param  Trail|null  $trail  for the footprints in the deck */
    public function __construct(private Space $space, private ?Trail $trail = null)
    {
        $this->book = new AdvertBook($space);
        $this->exchange = new Exchange($space->app, $space->set);
        $this->rewards = new RewardBook($space);
    }

    /**
     * An advert for a place; null where none is shown, for whatever reason.
     *
     * @param  string  $device  what the device has thought up for itself
     * @return array<string, mixed>|null  as ShownAdvert in docs/view.schema.json
     */
    public function advert(string $place, string $device, Visit $visit): ?array
    {
        $why = [];
        $advert = $this->found($place, $device, $visit, $why);
        if ($advert === null) {
            $this->trail?->step('no advert', "$place: ".implode(' ', array_unique($why)), '');
        }

        return $advert;
    }

    /**
     * @param  list<string>  $why  to which it is added why there is none
     * @return array<string, mixed>|null
     */
    private function found(string $place, string $device, Visit $visit, array &$why): ?array
    {
        $adverts = $this->space->blueprint()->adverts;
        $line = $this->place($place);
        if ($line?->format->isWhole() === true && $adverts?->children === true) {
            $why[] = 'An app that is also for children shows none over the whole screen.';

            return null;
        }
        $now = $visit->moment->now->getTimestamp();
        if ($adverts === null || $line === null || ! $this->space->player()->mayAdvertise($visit)) {
            $why[] = 'No advert stands here for them.';

            return null;
        }
        $viewer = $this->book->viewer($device);
        // In the deck every device is a new one: there they come at once.
        $this->book->moment('', 'places', $now);
        $visits = $this->book->visits($viewer, $now) + ($this->trail?->on() === true ? $adverts->after ?? 0 : 0);
        if (! $adverts->caps()->allow($this->book->shown($viewer, $now), $now, $visits)) {
            $why[] = 'They have seen as many as they may for now.';

            return null;
        }
        if ($line->minutes > 0 && $this->book->last($viewer, $place) > $now - 60 * $line->minutes) {
            $why[] = "One was shown here in the last $line->minutes minutes.";

            return null;
        }
        $visitor = $this->visitor($viewer, $visit);
        $currency = $adverts->currency === '' ? 'EUR' : $adverts->currency;
        $wanted = new Wanted(
            bin2hex(random_bytes(16)),
            $place,
            $line->format,
            $visitor,
            $this->space->app->name,
            $this->space->app->package(),
            $adverts->seller,
            $adverts->blocked(),
            $adverts->floor === '' ? '0' : $adverts->floor,
            $currency,
            $adverts->children,
            $this->space->set === DataSet::Sandbox,
            $line->format === Format::Reward ? url("/rewarded/{$this->space->set->value}/{$this->space->app->slug}") : '',
        );
        $this->book->asked($place, $visitor, $currency, $now);
        $offered = $this->exchange->ask($wanted, $why);
        if ($offered === null) {
            return null;
        }
        $key = $this->book->show($place, $visitor, $offered, $viewer, $currency, $now);
        if ($line->format === Format::Reward && $offered->clip !== null) {
            $this->rewards->opens($key, $place, $wanted->id, $offered->clip->milliseconds, time());
        }
        $this->exchange->tell($offered->won);
        $this->trail?->step('advert', "of $offered->by for $line->name, at ".rtrim(rtrim($offered->price, '0'), '.')." $currency a thousand", '');

        return [
            'key' => $key,
            'title' => $offered->title,
            'words' => $offered->words,
            'button' => $offered->button,
            'by' => $offered->by,
            'leads' => $offered->leads !== '',
        ] + ($line->format->isWhole() ? [
            'film' => $offered->clip !== null,
            'seconds' => ($offered->clip->milliseconds ?? 0) / 1000,
            // A picture can be closed at once.
            'closes' => $offered->clip === null ? 0 : min(self::CLOSED, ($offered->clip->skip ?? self::CLOSED * 1000) / 1000),
        ] : []);
    }

    /** The screen that asks for consent, where whoever looks is to be asked and has not been; '' for none. */
    public function asks(string $device, Visit $visit): string
    {
        $adverts = $this->space->blueprint()->adverts;
        $screen = $adverts === null || $adverts->children ? null : $this->space->blueprint()->screen($adverts->asking);
        $visitor = $screen === null ? null : $this->visitor($this->book->viewer($device), $visit);

        return $visitor !== null && $visitor->isAsked() && $visitor->consent === null ? $screen->slug() : '';
    }

    private function visitor(string $viewer, Visit $visit): Visitor
    {
        return new Visitor(
            $viewer,
            Storefront::of($visit->moment->zone),
            substr($this->space->blueprint()->theme->tongue(), 0, 2),
            $visit->form,
            $visit->platform,
            $this->book->consent($viewer),
        );
    }

    /** The place for an advert that is called so. */
    private function place(string $name): ?Place
    {
        foreach ($this->where() as $place) {
            if ($place->key() === $name) {
                return $place;
            }
        }

        return null;
    }

    /** @return array<string, Place> the places for adverts, by where they are said */
    private function where(): array
    {
        $places = [];
        $kinds = $this->space->blueprint()->kinds();
        $name = fn (array $data): string => is_string($data['name'] ?? null) ? $data['name'] : '';
        foreach ($kinds->ofClass(Advert::class) as $at => $data) {
            $places[$at] = new Place($name($data), Format::tryFrom(is_string($data['format'] ?? null) ? $data['format'] : '') ?? Format::Strip);
        }
        foreach ($kinds->ofClass(ListLine::class) as $at => $data) {
            if (is_int($data['adverts'] ?? null) && is_string($data['table'] ?? null)) {
                $places[$at] = new Place("List of $data[table]", Format::Strip);
            }
        }
        foreach ($kinds->ofClass(ShowAdvert::class) as $at => $data) {
            $places[$at] = new Place($name($data), Format::Page, is_int($data['minutes'] ?? null) ? $data['minutes'] : 0);
        }
        foreach ($kinds->ofClass(OfferAdvert::class) as $at => $data) {
            $reward = is_string($data['reward'] ?? null) ? $data['reward'] : '';
            $places[$at] = new Place($name($data), Format::Reward, is_int($data['minutes'] ?? null) ? $data['minutes'] : 0, $reward);
        }

        return $places;
    }

    /**
     * Each place, with what came of it in so many days.
     *
     * @return list<array<string, mixed>> as AdvertPlace in docs/studio.schema.json
     */
    public function figures(int $days, DateTimeImmutable $now): array
    {
        $figures = [];
        foreach ($this->book->figures($now->modify('-'.($days - 1).' days'), $now->modify('+1 day')) as $figure) {
            $figures[$figure['place']][] = $figure;
        }
        $moments = $this->book->moments($now->modify('-'.($days - 1).' days'), $now->modify('+1 day'));
        $none = ['asked' => 0, 'filled' => 0, 'seen' => 0, 'clicked' => 0, 'earned' => 0.0, 'currency' => 'EUR'];
        $told = [];
        $blueprint = $this->space->blueprint();
        foreach ($this->where() as $at => $line) {
            $place = $line->key();
            $screen = Pattern::match('~^/screens/(\d+)/~', $at, $found) ? $blueprint->screens[(int) $found[1]]->name ?? '' : '';
            foreach ($figures[$place] ?? [$none] as $figure) {
                $more = ['name' => $line->name, 'key' => $place, 'screen' => $screen, 'at' => $at, 'format' => $line->format->value, 'reward' => $line->reward];
                $told[] = $more + self::films($moments[$place] ?? []) + array_diff_key($figure, ['place' => 1]);
            }
            unset($figures[$place]);
        }
        // What stood there before still counts.
        foreach (array_merge(...array_values($figures)) as $figure) {
            $gone = ['name' => $figure['place'], 'key' => $figure['place'], 'screen' => '', 'at' => '', 'format' => '', 'reward' => ''];
            $told[] = $gone + self::films($moments[$figure['place']] ?? []) + array_diff_key($figure, ['place' => 1]);
        }

        return $told;
    }

    /**
     * @param  array<string, int>  $moments  what happened => how often
     * @return array{films: int, ended: int, rewards: int}
     */
    private static function films(array $moments): array
    {
        return ['films' => $moments['start'] ?? 0, 'ended' => $moments['complete'] ?? 0, 'rewards' => $moments['rewarded'] ?? 0];
    }

    /**
     * What came on each day, or from each country, the newest or the most first.
     *
     * @param  'day'|'country'  $by
     * @return list<array<string, mixed>> as AdvertFigures in docs/studio.schema.json
     */
    public function sums(string $by, int $days, DateTimeImmutable $now): array
    {
        $found = $this->book->figures($now->modify('-'.($days - 1).' days'), $now->modify('+1 day'), $by);
        $told = array_map(fn (array $one): array => ['of' => $one['place']] + array_diff_key($one, ['place' => 1]), $found);
        usort($told, fn (array $a, array $b): int => $by === 'day' ? $b['of'] <=> $a['of'] : $b['seen'] <=> $a['seen']);

        return $told;
    }

    /**
     * What people have answered their phone's own system in so many days.
     *
     * @return array{yes: int, no: int}
     */
    public function systemSaid(int $days, DateTimeImmutable $now): array
    {
        $said = $this->book->moments($now->modify('-'.($days - 1).' days'), $now->modify('+1 day'))[''] ?? [];

        return ['yes' => $said['system yes'] ?? 0, 'no' => $said['system no'] ?? 0];
    }

    /** It was seen: half of it for a second (Viewable Ad Impression Measurement Guidelines of the Media Rating Council, from memory). */
    public function seen(string $key): void
    {
        $offer = $this->book->became($key, 'seen');
        if ($offer !== null) {
            $this->trail?->step('advert', self::of($offer).' was seen: the network is told, and owes for it', '');
            $this->tell($offer['billed'] ?? null);
        }
    }

    /**
     * Something happened to a film; to what is shown for a reward, that it was seen to its end.
     *
     * @param  string  $what  as in Clip::EVENTS, or "error"
     */
    public function told(string $key, string $what): void
    {
        // Who says too soon that it is over is not believed; then nothing counts.
        if ($what === 'complete' && $this->rewards->knows($key) && ! $this->rewards->ends($key, time())) {
            return;
        }
        $offer = $this->book->happened($key, $what, time());
        if ($offer !== null) {
            $this->trail?->step('advert', self::of($offer).' '.(self::HAPPENED[$what] ?? $what), '');
        }
        $this->tell(self::wants($offer ?? [], $what), $what === 'error' ? self::NOT_SHOWN : 0);
    }

    /** @param  array<string, mixed>  $offer */
    private static function of(array $offer): string
    {
        return 'that of '.(is_string($offer['by'] ?? null) ? $offer['by'] : 'somebody');
    }

    /**
     * What a film wants to be told of something: addresses, as they were kept.
     *
     * @param  array<string, mixed>  $offer
     */
    private static function wants(array $offer, string $what): mixed
    {
        $told = is_array($offer['clip'] ?? null) ? $offer['clip']['told'] ?? null : null;

        return is_array($told) ? $told[$what] ?? null : null;
    }

    /** @param  mixed  $addresses  as they were kept */
    private function tell(mixed $addresses, int $error = 0): void
    {
        $addresses = array_filter(is_array($addresses) ? $addresses : [], is_string(...));
        $this->exchange->tell(array_values(array_map(fn (string $one): string => Clip::filled($one, time(), random_int(0, 99_999_999), $error), $addresses)));
    }

    /**
     * Where a tap on it leads; every way there is looked at before anybody is sent on it.
     *
     * @return string|null null where it is not known, or leads somewhere that nobody should be sent to
     */
    public function leads(string $key): ?string
    {
        $offer = $this->book->find($key);
        $address = is_string($offer['leads'] ?? null) ? $offer['leads'] : null;
        if ($address === null) {
            return null;
        }
        try {
            Guard::follow('GET', $address);
        } catch (AddressRefused) {
            return null;
        } catch (ConnectionException) {
            // Where it does not answer the browser says so.
        }
        if ($this->book->became($key, 'clicked') !== null) {
            $this->tell(self::wants($offer, 'click'));
        }

        return $address;
    }

    /** @return array{string, string}|null its bytes and its type; null where it is none that may be shown */
    public function picture(string $key): ?array
    {
        $offer = $this->book->find($key);
        $address = is_string($offer['picture'] ?? null) ? $offer['picture'] : '';
        $kept = $address === '' ? null : Cache::get('advert picture '.hash('sha256', $address));
        if (is_array($kept) && is_string($kept[0] ?? null) && is_string($kept[1] ?? null)) {
            return [base64_decode($kept[0]), $kept[1]];
        }
        try {
            $answer = $address === '' ? null : Guard::follow('GET', $address);
        } catch (ConnectionException|AddressRefused) {
            return null;
        }
        $bytes = $answer?->successful() === true ? $answer->body() : '';
        $size = $bytes === '' || strlen($bytes) > self::PICTURE ? false : @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size['mime'], self::PICTURES, true) || $size[0] * $size[1] > 4_000_000) {
            return null;
        }
        Cache::put('advert picture '.hash('sha256', $address), [base64_encode($bytes), $size['mime']], self::DAY);

        return [$bytes, $size['mime']];
    }

    /** @return array{string, string}|null the file of a film, and its media type; null where it is none that may be shown */
    public function film(string $key): ?array
    {
        $clip = $this->book->find($key)['clip'] ?? null;
        $address = is_array($clip) && is_string($clip['address'] ?? null) ? $clip['address'] : '';
        $long = is_array($clip) && is_int($clip['milliseconds'] ?? null) ? $clip['milliseconds'] / 1000 : 0.0;

        return $address === '' ? null : Films::at($address, $long);
    }

    /** @return 'given'|'waits'|'none' */
    public function reward(string $key): string
    {
        return $this->rewards->state($key);
    }

    /**
     * Somebody allows adverts to fit them, or does not.
     *
     * @param  bool|null  $system  what the phone's own system was answered; null where it does not ask
     */
    public function allow(string $device, bool $personal, Visit $visit, ?bool $system = null): void
    {
        $viewer = $this->book->viewer($device);
        // A phone asks once, and it counts once.
        if ($system !== null && Cache::add("asked by the system $viewer", true, 400 * self::DAY)) {
            $this->book->moment('', $system ? 'system yes' : 'system no', time());
        }
        $country = Storefront::of($visit->moment->zone);
        $consent = new Consent(
            new DateTimeImmutable('@'.$visit->moment->now->getTimestamp()),
            $personal ? Consent::PURPOSES : [],
            language: strtoupper(substr($this->space->blueprint()->theme->tongue(), 0, 2)),
            country: $country === '' ? 'AA' : $country,
        );
        $this->book->allow($viewer, $consent, $visit->moment->now->getTimestamp());
    }
}
