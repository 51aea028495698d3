<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use DateTimeImmutable;

/** What an app has written to people, and what of it they want. */
interface Messaging
{
    /**
     * What lies in somebody's inbox, the newest first.
     *
     * @return list<array{id: int, title: string, text: string, picture: string, at: DateTimeImmutable, read: bool}>
     */
    public function inbox(int $person): array;

    /** How many of them were not read yet. */
    public function unread(int $person): int;

    /**
     * One of them is read.
     *
     * @return array{screen: string, args: list<int|string>}|null what it opens; null where it is not there any more
     */
    public function read(int $person, int $message): ?array;

    public function readAll(int $person): void;

    /** @return array<string, bool> what somebody has turned on or off, by the keys of the channels; what they have not touched is not there */
    public function switches(int $person): array;

    public function turn(int $person, string $channel, bool $on): void;
}
