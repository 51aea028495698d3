<?php

declare(strict_types=1);

namespace App\Reach;

use App\Jobs\SendNotice;
use App\Models\PushKey;
use App\Outbound\Call;
use App\Outbound\Many;
use App\Outbound\Practice;
use App\Reach\Carriers\Android;
use App\Reach\Carriers\Carried;
use App\Reach\Carriers\Carrier;
use App\Reach\Carriers\Ios;
use App\Reach\Carriers\NotCarried;
use App\Reach\Carriers\OwnWay;
use App\Reach\Carriers\Parcel;
use App\Reach\Carriers\Phone;
use App\Reach\Carriers\WebPush;
use App\Space;
use DateTimeImmutable;
use DateTimeZone;
use Generator;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Reach\Message;
use Lanai\Core\Model\Row;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Player\Telling;
use Lanai\Core\Reach\Words;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Rows\TooMuch;

/**
 * Hands over what is due: words as each person reads them, to each of their phones. Who is killed over it leaves it taken up; it is sent again after
 * a while under the same numbers, so that a phone which has it already does not show it again.
 */
final class Carrying
{
    /** Posts that are taken up in one go. */
    private const AT_ONCE = 500;

    /** How often it is tried. */
    private const TRIES = 6;

    /** Seconds before the second try; each further one waits four times as long. */
    private const PAUSE = 30;

    private const GONE = 'This message is not there any more.';

    private const UNREACHABLE = 'No phone of theirs lets messages in.';

    /** How it is kept what became of a delivery. */
    private const STATES = ['sent' => 'sent', 'gone' => 'gone', 'later' => 'waiting', 'refused' => 'failed'];

    private readonly MessageBook $book;

    private readonly PhoneBook $phones;

    /** @var array<string, Player> by the tag of the language */
    private array $players = [];

    /** @var array<string, Carrier> */
    private array $carriers = [];

    private readonly Many $many;

    public function __construct(private readonly Space $space)
    {
        $this->book = new MessageBook($space);
        $this->phones = new PhoneBook($space);
        $this->many = new Many();
    }

    /** Carries some of what is due; true where there may be more. */
    public function some(): bool
    {
        $now = now()->getTimestamp();
        $posts = $this->book->take(self::AT_ONCE, $now);
        if ($posts === []) {
            return false;
        }
        $people = array_values(array_unique(array_map(fn (\stdClass $p): int => (int) $p->person, $posts)));
        $theirs = $this->phones->of(array_values(array_filter($people)));
        $nobodys = $this->phones->byIds(array_values(array_filter(array_map(fn (\stdClass $p): int => (int) $p->phone, $posts))));
        $table = $this->space->blueprint()->peopleTable();
        $rows = $table === null ? [] : $this->space->store()->byIds($table, array_values(array_filter($people)));
        $phones = $wanted = [];
        foreach ($posts as $post) {
            $id = (int) $post->id;
            $phones[$id] = (int) $post->person === 0 ? self::one($nobodys[(int) $post->phone] ?? null) : $theirs[(int) $post->person] ?? [];
            foreach ($phones[$id] as $phone) {
                $wanted[] = ['uid' => $this->uid($id, $phone), 'post' => $id, 'phone' => $phone->id];
            }
        }
        $waiting = $this->book->prepared($wanted);
        $ended = $read = $came = $parcels = [];
        // Words are read while others are on their way.
        $calls = (function () use ($posts, $phones, $rows, $waiting, $now, &$ended, &$read, &$came, &$parcels): Generator {
            foreach ($posts as $post) {
                $id = (int) $post->id;
                $message = $this->space->blueprint()->message((string) $post->message);
                $words = $this->words($post, $message, $phones[$id], $now, $rows[(int) $post->person] ?? null);
                if ($message === null || is_string($words)) {
                    $ended[$id] = ['state' => 'held', 'why' => is_string($words) ? $words : self::GONE];

                    continue;
                }
                $read[$id] = [$post, $message, $words];
                foreach ($phones[$id] as $phone) {
                    $uid = $this->uid($id, $phone);
                    if (isset($waiting[$uid])) {
                        $parcels[$uid] = [$id, $phone];
                        yield from $this->calls([$uid => $this->parcel($uid, $phone, $words, $message, (int) $post->worth, (int) $post->about)], $came);
                    }
                }
            }
        })();
        foreach ($this->many->send($calls) as $uid => $told) {
            $came[$uid] = $this->carrier($parcels[$uid][1]->carrier)->heard($told);
        }
        $deliveries = $gone = [];
        $how = array_fill_keys(array_keys($read), []);
        foreach ($came as $uid => $carried) {
            [$id, $phone] = $parcels[$uid];
            $how[$id][] = $carried;
            $deliveries[$uid] = ['state' => self::STATES[$carried->how], 'why' => $carried->why];
            if ($carried->how === 'gone') {
                $gone[] = $phone->id;
            }
        }
        foreach ($read as $id => [$post, $message, $words]) {
            $had = array_filter($phones[$id], fn (Phone $phone): bool => ! isset($waiting[$this->uid($id, $phone)])) !== [];
            if ($message->letter && (int) $post->tries === 1) {
                $this->writes((int) $post->person, $words);
            }
            $circumstances = $this->circumstances($phones[$id][0] ?? null, $now);
            $ended[$id] = MessageBook::written($words) + $circumstances + ($phones[$id] === [] && ! $message->letter && ! $message->inbox
                ? ['state' => 'held', 'why' => self::UNREACHABLE]
                : $this->became($post, $message, $how[$id], $had, $now));
        }
        $this->book->ended($deliveries, $ended);
        $this->phones->bury($gone);

        return true;
    }

    /**
     * As one person would read it, in each of its wordings, in the language of their phone; nothing is sent.
     *
     * @return list<array{title: string, text: string, picture: string, screen: string, args: list<int|string>}>
     *
     * @throws Refused where they may not see the row that it is about
     */
    public function preview(Message $message, ?int $person, ?int $about): array
    {
        $phone = $person === null ? null : $this->phones->of([$person])[$person][0] ?? null;
        $visit = $this->visit($person, $phone);

        return array_map(
            fn (int $wording): array => get_object_vars($this->player($phone)->words($visit, $message, $about, $wording)),
            array_keys($message->says === [] ? [0] : $message->says),
        );
    }

    /**
     * A message to one person, now, whatever the rules say: to try it.
     *
     * @return int how many phones have taken it
     *
     * @throws Refused where it cannot be sent
     */
    public function try(Message $message, int $person, ?int $about, int $wording = 0): int
    {
        $phones = $this->phones->of([$person])[$person] ?? [];
        $phones !== [] || throw new Refused(self::UNREACHABLE.' Say yes to messages in the deck first.');
        $words = $this->player($phones[0])->words($this->visit($person, $phones[0]), $message, $about, $wording);
        $parcels = [];
        foreach ($phones as $phone) {
            $uid = $this->uid(random_int(1, PHP_INT_MAX), $phone);
            $parcels[$uid] = new Parcel(
                $uid,
                $phone,
                $words,
                $this->picture($words->picture),
                '',
                time() + 3600,
                $message->silent,
                true,
                ...$this->channel($message, $phone),
            );
        }
        $came = [];
        foreach ($this->many->send($this->calls($parcels, $came)) as $uid => $told) {
            $came[$uid] = $this->carrier($parcels[$uid]->phone->carrier)->heard($told);
        }
        $sent = array_filter($came, fn (Carried $c): bool => $c->how === 'sent');
        $wrong = array_values(array_filter($came, fn (Carried $c): bool => $c->how !== 'sent'))[0] ?? null;

        return $sent === [] && $wrong !== null ? throw new Refused($wrong->why) : count($sent);
    }

    /**
     * The words of a post as its person reads them, or a sentence that says why there are none.
     *
     * @param  array<array-key, Phone>  $phones
     */
    private function words(\stdClass $post, ?Message $message, array $phones, int $now, ?Row $known): Words|string
    {
        if ($message === null) {
            return self::GONE;
        }
        if ((int) $post->worth <= $now) {
            return 'It came too late: it is worth nothing any more.';
        }
        $about = (int) $post->about === 0 ? null : (int) $post->about;
        $person = (int) $post->person === 0 ? null : (int) $post->person;
        $first = array_values($phones)[0] ?? null;
        try {
            if ($about !== null && ! $this->telling($message, $now)->holds($about)) {
                return 'What it waits for does not hold any more.';
            }

            // The words go by the phone that they used last.
            return $this->player($first)->words($this->visit($person, $first), $message, $about, (int) $post->wording, $known);
        } catch (Refused|TooMuch $refused) {
            return $refused->getMessage();
        }
    }

    private function telling(Message $message, int $now): Telling
    {
        $utc = new DateTimeZone('UTC');

        return new Telling($this->space->blueprint(), $this->space->store(), $message, new Moment((new DateTimeImmutable("@$now"))->setTimezone($utc), $utc));
    }

    private function visit(?int $person, ?Phone $phone): Visit
    {
        $now = now()->toDateTimeImmutable()->setTimezone(new DateTimeZone('UTC'));
        $zone = $phone === null ? new DateTimeZone('UTC') : $phone->zone;

        return new Visit(new Moment($now, $zone, $phone === null || $phone->locale === '' ? 'en_GB' : $phone->locale), person: $person);
    }

    /** @return array{tongue: string, hour: int, revision: int} in which language, at which hour where they are, and of which revision */
    private function circumstances(?Phone $phone, int $now): array
    {
        $zone = $phone === null ? new DateTimeZone('UTC') : $phone->zone;
        $tongue = $phone?->tongue() ?? '';
        $blueprint = $this->space->blueprint();

        return [
            // A language that the app does not speak is its own.
            'tongue' => $blueprint->language($tongue) === null ? $blueprint->theme->tongue() : $tongue,
            'hour' => (int) (new DateTimeImmutable("@$now"))->setTimezone($zone)->format('G'),
            'revision' => $this->space->revision->number,
        ];
    }

    private function player(?Phone $phone): Player
    {
        $tongue = $phone?->tongue() ?? '';

        return $this->players[$tongue] ??= $this->space->looking($tongue);
    }

    /** @return list<Phone> */
    private static function one(?Phone $phone): array
    {
        return $phone === null ? [] : [$phone];
    }

    private function parcel(string $uid, Phone $phone, Words $words, Message $message, int $worth, int $about): Parcel
    {
        $replaces = $message->replaces ? substr(hash('sha256', "{$message->key()}/$about"), 0, 24) : '';

        return new Parcel(
            $uid,
            $phone,
            $words,
            $this->picture($words->picture),
            $replaces,
            $worth,
            $message->silent,
            $message->urgent,
            ...$this->channel($message, $phone),
        );
    }

    /** @return array{string, string} the key of its channel and the name of it in the language of a phone; '' and '' for none */
    private function channel(Message $message, Phone $phone): array
    {
        foreach ($this->space->blueprint()->messages->channels ?? [] as $channel) {
            if (mb_strtolower($channel->name) === mb_strtolower($message->channel)) {
                return [$channel->key(), $this->space->revision->spoken($phone->tongue())->shown($channel->name)];
            }
        }

        return ['', ''];
    }

    /**
     * @param  array<string, Parcel>  $parcels
     * @param  array<string, Carried>  $came  to which it is added what takes no call, or cannot be handed over
     * @return Generator<string, Call>
     */
    private function calls(array $parcels, array &$came): Generator
    {
        foreach ($parcels as $uid => $parcel) {
            try {
                $call = $this->carrier($parcel->phone->carrier)->call($parcel);
                if ($call instanceof Carried) {
                    $came[$uid] = $call;
                } else {
                    yield $uid => $call;
                }
            } catch (NotCarried $not) {
                $came[$uid] = Carried::later(0, $not->getMessage());
            }
        }
    }

    /**
     * @param  list<Carried>  $how
     * @return array<string, int|string>
     */
    private function became(\stdClass $post, Message $message, array $how, bool $had, int $now): array
    {
        $is = fn (string $what): ?Carried => array_values(array_filter($how, fn (Carried $c): bool => $c->how === $what))[0] ?? null;
        $later = $is('later');
        $reached = $had || $is('sent') !== null || $message->letter || $message->inbox;
        if ($later !== null && (int) $post->tries < self::TRIES) {
            $after = max(self::PAUSE * 4 ** ((int) $post->tries - 1), ...array_map(fn (Carried $c): int => $c->after, $how));

            return ['state' => 'waiting', 'due' => $now + $after, 'why' => $later->why];
        }

        return $reached
            ? ['state' => 'sent', 'why' => '']
            : ['state' => 'failed', 'why' => ($is('refused') ?? $later ?? $is('gone'))->why ?? self::UNREACHABLE];
    }

    private function carrier(string $name): Carrier
    {
        $settings = (array) config("lanai.push.{$this->space->set->value}");

        return $this->carriers[$name] ??= match ($name) {
            'android' => new Android((array) ($settings['android'] ?? [])),
            'own' => new OwnWay(new Shelf($this->space)),
            'ios' => new Ios((array) ($settings['ios'] ?? []), $this->space->app->package()),
            default => new WebPush(PushKey::of($this->space->app), is_string($settings['contact'] ?? null) ? $settings['contact'] : ''),
        };
    }

    /** The number of one message at one phone: a UUID of version 8 (RFC 9562), from what it is. */
    private function uid(int $post, Phone $phone): string
    {
        $hash = hash_hmac('sha256', "{$this->space->app->id}/{$this->space->set->value}/$post/$phone->handle", (string) config('app.key'));
        $hash[12] = '8';
        $hash[16] = dechex((hexdec($hash[16]) & 3) | 8);

        return substr($hash, 0, 8).'-'.substr($hash, 8, 4).'-'.substr($hash, 12, 4).'-'.substr($hash, 16, 4).'-'.substr($hash, 20, 12);
    }

    private function picture(string $file): string
    {
        return $file === '' ? '' : rtrim((string) config('app.url'), '/')."/media/{$this->space->app->id}/$file";
    }

    private function writes(int $person, Words $words): void
    {
        $account = $person === 0 || $this->space->blueprint()->signIn === null ? null : $this->space->people()->accountOf($person);
        if ($account?->email !== null && $account->blocked_at === null) {
            SendNotice::dispatch($account->email, $words->title, $words->text, $this->space->app->name, Practice::boxOf($this->space->app));
        }
    }
}
