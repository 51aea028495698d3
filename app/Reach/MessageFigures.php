<?php

declare(strict_types=1);

namespace App\Reach;

use App\Space;
use Lanai\Core\Model\Reach\Message;
use Lanai\Core\Model\Row;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\Sort;
use Lanai\Core\Query\Term;
use Lanai\Core\Reach\Contest;
use Lanai\Core\Reach\Share;
use Lanai\Core\Text\Tongues;

/** What became of an app's messages in the last thirty days, as the studio shows it. */
final readonly class MessageFigures
{
    private const DAYS = 30;

    /** Rows that can be chosen to see a message about one of them. */
    private const ROWS = 50;

    /** A difference that is worth finding: five of a hundred more who open it. */
    private const WORTH = 0.05;

    /** How many open a message where nothing is known yet (a guess, no source). */
    private const USUAL = 0.1;

    public function __construct(private Space $space)
    {
    }

    /** @return array<string, mixed> MessagesState of docs/studio.schema.json */
    public function state(int $now): array
    {
        $book = new MessageBook($this->space);
        $since = $now - self::DAYS * 86400;
        $sums = [];
        foreach ($book->sums($since) as $raw) {
            $sums[(string) $raw->message][] = $raw;
        }
        $parts = $book->parts($since);
        $messages = [];
        foreach ($this->space->blueprint()->sends as $i => $message) {
            $messages[] = $this->message($message, "/sends/$i", $sums[$message->key()] ?? [], $parts[$message->key()] ?? [], $book, $since);
        }
        $phones = (new PhoneBook($this->space))->counts();

        return ['messages' => $messages, 'phones' => array_sum($phones), 'carriers' => (object) $phones];
    }

    /**
     * @param  list<\stdClass>  $sums
     * @param  list<\stdClass>  $parts
     * @return array<string, mixed>
     */
    private function message(Message $message, string $at, array $sums, array $parts, MessageBook $book, int $since): array
    {
        $of = fn (string $state): int => (int) array_sum(array_map(fn (\stdClass $raw): int => $raw->state === $state ? (int) $raw->n : 0, $sums));
        $all = fn (string $what): int => (int) array_sum(array_map(fn (\stdClass $raw): int => (int) $raw->$what, $sums));
        $occasion = $book->occasionsOf($message->key(), 1)[0] ?? null;

        return [
            'key' => $message->key(),
            'name' => $message->name,
            'at' => $at,
            'byHand' => $message->isByHand(),
            'about' => $message->aboutOne(),
            'rows' => $this->rows($message),
            'sent' => $of('sent'),
            'waiting' => $of('waiting') + $of('taken'),
            'held' => $of('held'),
            'failed' => $of('failed'),
            'came' => $all('came'),
            'opened' => $all('opened'),
            'off' => $all('off'),
            'by' => array_map(
                fn (\stdClass $raw): array => [
                    'what' => (string) $raw->what,
                    'name' => $raw->what === 'language' ? Tongues::NAMES[(string) $raw->name] ?? (string) $raw->name : (string) $raw->name,
                    'sent' => (int) $raw->sent,
                    'opened' => (int) $raw->opened,
                    'off' => (int) $raw->off,
                ],
                $parts,
            ),
            'led' => $message->hoped === '' ? null : $all('led'),
            'hoped' => $message->hoped === '' ? '' : "“{$message->hoped}” on {$message->hopedOn}",
            'reasons' => array_map(
                fn (\stdClass $raw): array => ['why' => (string) $raw->why, 'count' => (int) $raw->n],
                $book->reasons($message->key(), $since),
            ),
            'contest' => $this->contest($message, $sums),
            'last' => $occasion === null
                ? null
                : ['at' => gmdate(DATE_ATOM, (int) $occasion->at), 'chosen' => (bool) $occasion->chosen, 'said' => (string) $occasion->said],
        ];
    }

    /**
     * Two wordings against each other, by how many open them.
     *
     * @param  list<\stdClass>  $sums
     * @return array<string, mixed>|null
     */
    private function contest(Message $message, array $sums): ?array
    {
        if (count($message->says) < 2) {
            return null;
        }
        $shares = [];
        foreach ([0, 1] as $wording) {
            $own = array_filter($sums, fn (\stdClass $raw): bool => (int) $raw->wording === $wording && $raw->state === 'sent');
            $sent = array_sum(array_map(fn (\stdClass $raw): int => (int) $raw->n, $own));
            $shares[] = new Share(min($sent, (int) array_sum(array_map(fn (\stdClass $raw): int => (int) $raw->opened, $own))), $sent);
        }
        $usual = $shares[0]->of === 0 ? self::USUAL : max(0.01, min(0.9, $shares[0]->value()));
        $needed = Contest::needed($usual, min(0.99, $usual + self::WORTH));
        $contest = new Contest(...$shares);

        return [
            'wordings' => array_map(
                fn (Share $share): array => ['sent' => $share->of, 'opened' => $share->part, 'low' => $share->low, 'high' => $share->high],
                $shares,
            ),
            'needed' => $needed,
            'winner' => $contest->winner($needed),
            'low' => $contest->low,
            'high' => $contest->high,
        ];
    }

    /** @return list<array{id: int, label: string}> rows to look at it with, the newest first */
    private function rows(Message $message): array
    {
        $table = $message->aboutOne() === '' ? null : $this->space->blueprint()->tableOfOne($message->aboutOne());
        if ($table === null) {
            return [];
        }
        $rows = $this->space->store()->rows(new Query($table, null, [Sort::byTerm(Term::id(0, $table), false)], self::ROWS));

        return array_map(fn (Row $row): array => ['id' => $row->id, 'label' => $row->label()], $rows);
    }
}
