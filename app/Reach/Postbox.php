<?php

declare(strict_types=1);

namespace App\Reach;

use App\Space;
use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Model\Reach\Channel;
use Lanai\Core\Model\Reach\Message;
use Lanai\Core\Play\Messaging;
use stdClass;

/** The inbox of each person of an app, and their switches. */
final readonly class Postbox implements Messaging
{
    public function __construct(private Space $space)
    {
    }

    public function inbox(int $person): array
    {
        $utc = new DateTimeZone('UTC');

        return array_map(fn (stdClass $raw): array => [
            'id' => (int) $raw->id,
            'title' => (string) $raw->title,
            'text' => (string) $raw->text,
            'picture' => (string) $raw->picture,
            'at' => (new DateTimeImmutable('@'.$raw->due))->setTimezone($utc),
            'read' => (int) $raw->read > 0,
        ], $this->book()->inbox($person, $this->kept()));
    }

    public function unread(int $person): int
    {
        return $this->book()->unread($person, $this->kept());
    }

    public function read(int $person, int $message): ?array
    {
        $book = $this->book();
        $post = $book->post($person, $message);
        if ($post === null) {
            return null;
        }
        $book->read($person, $message, now()->getTimestamp());
        $args = json_decode((string) $post->args, true);
        $whole = array_filter(is_array($args) ? array_values($args) : [], fn (mixed $one): bool => is_int($one) || is_string($one));

        return ['screen' => (string) $post->screen, 'args' => array_values($whole)];
    }

    public function readAll(int $person): void
    {
        $this->book()->read($person, null, now()->getTimestamp());
    }

    public function switches(int $person): array
    {
        return (new PhoneBook($this->space))->chosenBy($person);
    }

    public function turn(int $person, string $channel, bool $on): void
    {
        $all = $this->space->blueprint()->messages->channels ?? [];
        $found = array_values(array_filter($all, fn (Channel $one): bool => $one->key() === $channel))[0] ?? null;
        if ($found === null) {
            return;
        }
        (new PhoneBook($this->space))->choose($person, $found, $on);
        if (! $on) {
            $theirs = array_filter($this->space->blueprint()->sends, fn (Message $m): bool => mb_strtolower($m->channel) === mb_strtolower($found->name));
            $this->book()->turnedOff($person, array_values(array_map(fn (Message $m): string => $m->key(), $theirs)), now()->getTimestamp());
        }
    }

    /** @return list<string> the keys of the messages that lie in the inbox */
    private function kept(): array
    {
        return array_values(array_map(
            fn (Message $m): string => $m->key(),
            array_filter($this->space->blueprint()->sends, fn (Message $m): bool => $m->inbox),
        ));
    }

    private function book(): MessageBook
    {
        return new MessageBook($this->space);
    }
}
