<?php

declare(strict_types=1);

namespace App\Reach;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Reach\Message;
use Lanai\Core\Player\Telling;
use Lanai\Core\Rows\RecordStore;

/** The messages that wait for rows. */
final class Waiting
{
    /**
     * @param  string  $one  what one row of the table is called
     * @return list<Message> those that wait for such a row to be added or changed
     */
    public static function for(Blueprint $blueprint, string $one, string $what): array
    {
        return array_values(array_filter(
            $blueprint->sends,
            fn (Message $m): bool => $m->row !== '' && ($m->when === '' ? 'changed' : $m->when) === $what && mb_strtolower($m->row) === mb_strtolower($one),
        ));
    }

    /** Whether the condition of a message holds of a row as it is now. */
    public static function holds(Blueprint $blueprint, RecordStore $store, Message $message, int $row): bool
    {
        $utc = new DateTimeZone('UTC');

        return (new Telling($blueprint, $store, $message, new Moment(new DateTimeImmutable('now', $utc), $utc)))->holds($row);
    }

    /**
     * The keys of the messages whose condition holds of a row before it is changed: it is not what brings them about then.
     *
     * @return list<string>
     */
    public static function held(Blueprint $blueprint, RecordStore $store, string $one, int $row): array
    {
        $conditional = array_filter(self::for($blueprint, $one, 'changed'), fn (Message $m): bool => $m->if !== '');

        return array_values(array_map(
            fn (Message $m): string => $m->key(),
            array_filter($conditional, fn (Message $m): bool => self::holds($blueprint, $store, $m, $row)),
        ));
    }
}
