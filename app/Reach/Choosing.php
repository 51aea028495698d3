<?php

declare(strict_types=1);

namespace App\Reach;

use App\Space;
use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Reach\Sending;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Rows\TooMuch;

/** From an occasion follows a post for each person: page by page, so that whoever is killed over it goes on where they were. */
final readonly class Choosing
{
    private MessageBook $book;

    public function __construct(private Space $space, private int $occasion)
    {
        $this->book = new MessageBook($space);
    }

    /** Chooses some more; true where there are more. */
    public function some(): bool
    {
        $occasion = $this->book->occasion($this->occasion);
        if ($occasion === null || (bool) $occasion->chosen) {
            return false;
        }
        $message = $this->space->blueprint()->message((string) $occasion->message);
        if ($message === null) {
            return $this->ends('This message is not there any more.');
        }
        $about = (int) $occasion->about === 0 ? null : (int) $occasion->about;
        $now = $this->now();
        $worth = (new DateTimeImmutable('@'.$occasion->worth));
        if ($worth <= $now) {
            return $this->ends('It came too late.');
        }
        $audience = new Audience($this->space, $message, $now);
        try {
            if ((int) $occasion->upto === 0 && ! $audience->telling()->holds($about)) {
                return $this->ends('What it waits for does not hold any more.');
            }
            $page = $audience->people($about, (int) $occasion->upto);
        } catch (TooMuch|Refused $trouble) {
            return $this->ends($trouble->getMessage());
        }
        $wordings = max(1, count($message->says));
        $posts = [];
        foreach ($audience->decided($page['people'], $worth, (string) $occasion->zone) as $person => $sending) {
            $posts[] = $this->post($occasion, $sending, $person, 0, self::wording($occasion, $person, $wordings));
        }
        // Those who are not signed in come last, each by their phone.
        $nobody = ! $page['more'] && $audience->telling()->isForAll() ? (new PhoneBook($this->space))->ofNobody((int) $occasion->phones, Audience::PAGE) : [];
        foreach ($nobody as $id => $phone) {
            if ((string) $occasion->zone === '' || $phone->zone->getName() === (string) $occasion->zone) {
                $posts[] = $this->post($occasion, $audience->atNobodys($phone, $worth), 0, $id, self::wording($occasion, $id, $wordings));
            }
        }
        $more = $page['more'] || count($nobody) === Audience::PAGE;
        $this->book->chose(
            $this->occasion,
            $posts,
            ['upto' => $page['upto'], 'phones' => array_key_last($nobody) ?? (int) $occasion->phones, 'chosen' => ! $more],
        );

        return $more;
    }

    /** Which wording somebody gets: by chance, but always the same for them and this occasion. */
    private static function wording(\stdClass $occasion, int $whose, int $wordings): int
    {
        return hexdec(substr(hash('sha256', "$occasion->mark/$whose"), 0, 7)) % $wordings;
    }

    /** @return array<string, int|string> */
    private function post(\stdClass $occasion, Sending $sending, int $person, int $phone, int $wording): array
    {
        return [
            'occasion' => $this->occasion,
            'message' => (string) $occasion->message,
            'about' => (int) $occasion->about,
            'person' => $person,
            'phone' => $phone,
            'wording' => $wording,
            'due' => ($sending->due ?? $this->now())->getTimestamp(),
            'worth' => (int) $occasion->worth,
            'state' => $sending->due === null ? 'held' : 'waiting',
            'why' => $sending->why,
        ];
    }

    private function ends(string $said): false
    {
        $this->book->chose($this->occasion, [], ['chosen' => true, 'said' => $said]);

        return false;
    }

    private function now(): DateTimeImmutable
    {
        return now()->toDateTimeImmutable()->setTimezone(new DateTimeZone('UTC'));
    }
}
