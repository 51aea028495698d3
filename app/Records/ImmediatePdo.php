<?php

declare(strict_types=1);

namespace App\Records;

use PDO;

/**
 * A SQLite connection whose transactions take the write lock at once, so that two writers wait for each other instead of
 * failing half way. PHP gained a setting for it in 8.4; this does the same before.
 */
final class ImmediatePdo extends PDO
{
    private bool $open = false;

    public function beginTransaction(): bool
    {
        return $this->open = $this->exec('begin immediate') !== false;
    }

    public function commit(): bool
    {
        $done = $this->exec('commit') !== false;
        $this->open = false;

        return $done;
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
