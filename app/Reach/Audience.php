<?php

declare(strict_types=1);

namespace App\Reach;

use App\Reach\Carriers\Phone;
use App\Records\EloquentRecordStore;
use App\Space;
use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\Reach\Channel;
use Lanai\Core\Model\Reach\Message;
use Lanai\Core\Player\Telling;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\Sort;
use Lanai\Core\Query\Term;
use Lanai\Core\Reach\Quiet;
use Lanai\Core\Reach\Sending;

/** Who gets a message, page by page, and for each of them whether and when. */
final class Audience
{
    /** People of one page. */
    public const PAGE = 500;

    /** Ids that a query is asked for at once: asking often costs more than keeping them. */
    private const AHEAD = 200_000;

    /** @var array{about: int|null, from: int, ids: list<int>, more: bool}|null what was read ahead */
    private ?array $ahead = null;

    private readonly Telling $telling;

    private readonly EloquentRecordStore $store;

    private readonly PhoneBook $phones;

    private readonly MessageBook $book;

    public function __construct(private readonly Space $space, private readonly Message $message, private readonly DateTimeImmutable $now)
    {
        $utc = new DateTimeZone('UTC');
        $this->store = $space->store();
        $this->telling = new Telling($space->blueprint(), $this->store, $message, new Moment($now->setTimezone($utc), $utc));
        $this->phones = new PhoneBook($space);
        $this->book = new MessageBook($space);
    }

    public function telling(): Telling
    {
        return $this->telling;
    }

    /**
     * The next people, in the order of their ids.
     *
     * @param  int  $after  the id of the one before
     * @return array{people: list<int>, upto: int, more: bool} upto: up to whom everybody has been looked at
     */
    public function people(?int $about, int $after, int $most = self::PAGE): array
    {
        if ($this->space->blueprint()->peopleTable() === null) {
            return ['people' => [], 'upto' => $after, 'more' => false];
        }
        if ($this->telling->names()) {
            $all = array_values(array_filter($this->telling->named($about), fn (int $id): bool => $id > $after));
            $some = array_slice($all, 0, $most);

            return ['people' => $some, 'upto' => end($some) ?: $after, 'more' => count($all) > count($some)];
        }
        if ($this->ahead !== null && $this->ahead['about'] === $about && $this->ahead['from'] === $after && $this->ahead['ids'] !== []) {
            return $this->page($about, $this->ahead['ids'], $this->ahead['more'], $after, $most);
        }
        $query = $this->telling->query($about);
        if ($query === null) {
            return $this->oneByOne($about, $after, $most);
        }
        $wanted = max(self::AHEAD, $most);
        $found = $this->store->idsAfter($query, $after, $wanted);

        return $this->page($about, $found, count($found) === $wanted, $after, $most);
    }

    /**
     * @param  list<int>  $ids
     * @return array{people: list<int>, upto: int, more: bool}
     */
    private function page(?int $about, array $ids, bool $more, int $after, int $most): array
    {
        $some = array_slice($ids, 0, $most);
        $upto = end($some) ?: $after;
        $this->ahead = ['about' => $about, 'from' => $upto, 'ids' => array_slice($ids, $most), 'more' => $more];

        return ['people' => $some, 'upto' => $upto, 'more' => $more || count($ids) > $most];
    }

    /** How many there are, however many. */
    public function count(?int $about): int
    {
        $query = $this->telling->query($about);
        if ($query !== null) {
            return $this->store->count($query);
        }
        for ($count = 0, $after = 0, $more = true; $more; $after = $page['upto'], $more = $page['more']) {
            $page = $this->people($about, $after);
            $count += count($page['people']);
        }

        return $count;
    }

    /**
     * For each of some people whether and when they get it.
     *
     * @param  list<int>  $people
     * @param  string  $zone  only those who are there; '' for everybody
     * @return array<int, Sending>
     */
    public function decided(array $people, DateTimeImmutable $worth, string $zone = ''): array
    {
        $messages = $this->space->blueprint()->messages;
        $channel = $messages?->channel($this->message->channel);
        $phones = $this->phones->of($people);
        $chosen = $channel === null ? [] : $this->phones->choices($people, $channel);
        $now = $this->now->getTimestamp();
        $had = $messages?->daily === null || $this->message->urgent ? [] : $this->book->had($people, $now - 86400);
        $before = $this->message->seldom === null ? [] : $this->book->before($this->message->key(), $people);
        $quiet = $this->message->urgent || $messages === null ? null : Quiet::between($messages->quiet, $messages->until);
        $found = [];
        foreach ($people as $person) {
            $first = $phones[$person][0] ?? null;
            $there = $first === null ? new DateTimeZone('UTC') : $first->zone;
            if ($zone !== '' && $there->getName() !== $zone) {
                continue;
            }
            $found[$person] = Sending::decide(
                $this->now,
                $worth,
                $there,
                $quiet,
                $this->message->urgent ? null : $messages?->daily,
                $had[$person] ?? [],
                $before[$person] ?? null,
                $this->message->seldom,
                self::off($channel, $chosen[$person] ?? null),
                $first !== null || $this->message->inbox || $this->message->letter,
            );
        }

        return $found;
    }

    /** The same at the phone of nobody who is signed in. */
    public function atNobodys(Phone $phone, DateTimeImmutable $worth): Sending
    {
        $messages = $this->space->blueprint()->messages;
        $channel = $messages?->channel($this->message->channel);
        $quiet = $this->message->urgent || $messages === null ? null : Quiet::between($messages->quiet, $messages->until);

        return Sending::decide($this->now, $worth, $phone->zone, $quiet, off: self::off($channel, null));
    }

    private static function off(?Channel $channel, ?bool $chosen): string
    {
        return $channel !== null && ! ($chosen ?? ! $channel->off) ? $channel->name : '';
    }

    /**
     * Where it must be asked of each, some are looked at in one go.
     *
     * @return array{people: list<int>, upto: int, more: bool}
     */
    private function oneByOne(?int $about, int $after, int $most): array
    {
        $people = $this->space->blueprint()->peopleTable();
        if ($people === null) {
            return ['people' => [], 'upto' => $after, 'more' => false];
        }
        $id = Term::id(0, $people);
        $later = Term::operator('>', Type::of(Kind::YesNo), $id, Term::value($after, Type::of(Kind::Whole)));
        $rows = $this->store->rows(new Query($people, $later, [Sort::byTerm($id)], $most));
        $last = end($rows);

        return ['people' => $this->telling->among($about, $rows), 'upto' => $last === false ? $after : $last->id, 'more' => count($rows) === $most];
    }
}
