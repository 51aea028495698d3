<?php

declare(strict_types=1);

namespace App\Records;

use Lanai\Core\Text\Pattern;
use PDO;
use PDOException;

/**
 * A SQLite connection whose transactions take the write lock at once, so that two writers wait for each other instead of
 * failing half way. PHP gained a setting for it in 8.4; this does the same before. Waiting is by short looks: SQLite's own
 * grow to a tenth of a second, and miss a lock that is let go between many short steps.
 */
final class ImmediatePdo extends PDO
{
    private bool $open = false;

    /** How many rows this connection had changed when its transaction began. */
    private int $changed = 0;

    /** How long a writer waits for another, in milliseconds, before it is told to come again. */
    public const PATIENCE = 5000;

    private const LOOK_AGAIN = 700;

    public function beginTransaction(): bool
    {
        $until = hrtime(true) + self::PATIENCE * 1_000_000;
        $this->exec('pragma busy_timeout = 0');
        try {
            while (true) {
                try {
                    $this->open = $this->exec('begin immediate') !== false;
                    $this->changed = $this->changes();

                    return $this->open;
                } catch (PDOException $trouble) {
                    if (! self::isLocked($trouble) || hrtime(true) >= $until) {
                        throw $trouble;
                    }
                    usleep(random_int(self::LOOK_AGAIN, 2 * self::LOOK_AGAIN));
                }
            }
        } finally {
            $this->exec('pragma busy_timeout = '.self::PATIENCE);
        }
    }

    public static function isLocked(PDOException $trouble): bool
    {
        return Pattern::match('/database( table| schema)? is locked/', $trouble->getMessage());
    }

    /** Whoever has changed a row leaves a new mark in the head of the file, in the same transaction: see DataFile::version(). */
    public function commit(): bool
    {
        if ($this->changes() !== $this->changed) {
            $this->exec('pragma user_version = '.random_int(1, 0x7FFFFFFF));
        }
        $done = $this->exec('commit') !== false;
        $this->open = false;

        return $done;
    }

    private function changes(): int
    {
        return (int) $this->query('select total_changes()')->fetchColumn();
    }

    public function rollBack(): bool
    {
        $this->open = false;

        return $this->exec('rollback') !== false;
    }

    public function inTransaction(): bool
    {
        return $this->open;
    }
}
