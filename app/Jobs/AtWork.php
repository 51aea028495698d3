<?php

declare(strict_types=1);

namespace App\Jobs;

/** That a process is at something: it holds a file as long as it lives, and where it dies the system lets go of it. */
final class AtWork
{
    /** @param  resource  $file */
    private function __construct(private $file)
    {
    }

    /** Null where another process is at it. */
    public static function on(string $what): ?self
    {
        $folder = (string) config('lanai.work');
        if (! is_dir($folder)) {
            mkdir($folder, 0700, true);
        }
        // "e": what this process begins does not hold it, too.
        $file = fopen("$folder/$what.lock", 'ce');

        return $file !== false && flock($file, LOCK_EX | LOCK_NB) ? new self($file) : null;
    }

    public function end(): void
    {
        fclose($this->file);
    }
}
