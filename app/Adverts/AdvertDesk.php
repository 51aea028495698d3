<?php

declare(strict_types=1);

namespace App\Adverts;

use App\Jobs\TellExchange;
use App\Outbound\AddressRefused;
use App\Outbound\Guard;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Cache;
use Lanai\Core\Adverts\Consent;
use Lanai\Core\Adverts\Format;
use Lanai\Core\Adverts\Offered;
use Lanai\Core\Adverts\Visitor;
use Lanai\Core\Adverts\Wanted;
use Lanai\Core\Earnings\Storefront;
use Lanai\Core\Effects\ShowAdvert;
use Lanai\Core\Lines\Advert;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Play\Visit;
use Lanai\Core\Text\Pattern;

/** Gets adverts for an app from the exchange, within what the founder allows and the person wants. A device hears of nothing but words and pictures. */
final readonly class AdvertDesk
{
    /** Seconds: an advert that comes later comes too late. */
    private const SLOWEST = 1;

    /** Bytes of a picture. */
    private const PICTURE = 400_000;

    private const PICTURES = ['image/png', 'image/jpeg', 'image/webp'];

    /** Seconds for which a picture is kept. */
    private const DAY = 86400;

    private AdvertBook $book;

    public function __construct(private Space $space)
    {
        $this->book = new AdvertBook($space);
    }

    /**
     * An advert for a place; null where none is shown, for whatever reason.
     *
     * @param  string  $device  what the device has thought up for itself
     * @param  list<string>  $why  to which it is added why there is none
     * @return array{key: string, title: string, words: string, button: string, by: string}|null
     */
    public function advert(string $place, string $device, Visit $visit, array &$why = []): ?array
    {
        $adverts = $this->space->blueprint()->adverts;
        $line = $this->place($place);
        if ($line?->format === Format::Page && $adverts?->children === true) {
            $why[] = 'An app that is also for children shows none over the whole screen.';

            return null;
        }
        $now = $visit->moment->now->getTimestamp();
        if ($adverts === null || $line === null || ! $this->space->player()->mayAdvertise($visit)) {
            $why[] = 'No advert stands here for them.';

            return null;
        }
        $viewer = $this->book->viewer($device);
        if (! $adverts->caps()->allow($this->book->shown($viewer, $now), $now, $this->book->visits($viewer, $now))) {
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
            $this->space->blueprint()->release->package,
            $adverts->seller,
            $adverts->blocked(),
            $adverts->floor === '' ? '0' : $adverts->floor,
            $currency,
            $adverts->children,
            $this->space->set === DataSet::Sandbox,
        );
        $this->book->asked($place, $visitor, $currency, $now);
        $offered = $this->ask($wanted, $why);
        if ($offered === null) {
            return null;
        }
        $key = $this->book->show($place, $visitor, $offered, $viewer, $currency, $now);
        TellExchange::of($offered->won);

        return ['key' => $key, 'title' => $offered->title, 'words' => $offered->words, 'button' => $offered->button, 'by' => $offered->by];
    }

    /** The screen that asks for consent, where whoever looks is to be asked and has not been; '' for none. */
    public function asks(string $device, Visit $visit): string
    {
        $adverts = $this->space->blueprint()->adverts;
        $screen = $adverts === null || $adverts->children ? null : $this->space->blueprint()->screen($adverts->asking);
        $visitor = $screen === null ? null : $this->visitor($this->book->viewer($device), $visit);

        return $visitor !== null && $visitor->isAsked() && $visitor->consent === null ? $screen->slug() : '';
    }

    /** @param  list<string>  $why */
    private function ask(Wanted $wanted, array &$why): ?Offered
    {
        try {
            $url = (string) config('lanai.adverts.url');
            $answer = Guard::to($url)->withToken((string) config('lanai.adverts.key'))->timeout(self::SLOWEST)->post($url, $wanted->request());
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

        return $wanted->best($told, $why);
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
        $none = ['asked' => 0, 'filled' => 0, 'seen' => 0, 'clicked' => 0, 'earned' => 0.0, 'currency' => 'EUR'];
        $told = [];
        $blueprint = $this->space->blueprint();
        foreach ($this->where() as $at => $line) {
            $place = $line->key();
            $screen = Pattern::match('~^/screens/(\d+)/~', $at, $found) ? $blueprint->screens[(int) $found[1]]->name ?? '' : '';
            foreach ($figures[$place] ?? [$none] as $figure) {
                $told[] = ['name' => $line->name, 'screen' => $screen, 'at' => $at] + array_diff_key($figure, ['place' => 1]);
            }
            unset($figures[$place]);
        }
        // What stood there before still counts.
        foreach (array_merge(...array_values($figures)) as $figure) {
            $told[] = ['name' => $figure['place'], 'screen' => '', 'at' => ''] + array_diff_key($figure, ['place' => 1]);
        }

        return $told;
    }

    /** It was seen: half of it for a second (Viewable Ad Impression Measurement Guidelines of the Media Rating Council, from memory). */
    public function seen(string $key): void
    {
        $offer = $this->book->became($key, 'seen');
        if ($offer !== null) {
            TellExchange::of(array_values(array_filter(is_array($offer['billed'] ?? null) ? $offer['billed'] : [], is_string(...))));
        }
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
        $this->book->became($key, 'clicked');

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

    /** Somebody allows adverts to fit them, or does not. */
    public function allow(string $device, bool $personal, Visit $visit): void
    {
        $viewer = $this->book->viewer($device);
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
