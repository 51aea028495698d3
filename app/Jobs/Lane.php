<?php

declare(strict_types=1);

namespace App\Jobs;

/** Queues, each with a worker of its own, so that no letter waits for a build. */
enum Lane: string
{
    case Letters = 'letters';
    case Messages = 'messages';
    case Routines = 'routines';
    case Imports = 'imports';
    case Builds = 'builds';

    /** Seconds after which a job is ended. */
    public function timeout(): int
    {
        return match ($this) {
            self::Letters => 60,
            self::Messages => 90,
            self::Routines => 180,
            self::Imports => 3600,
            self::Builds => 600,
        };
    }

    /** Megabytes at which its worker ends after a job and is begun anew. */
    public function memory(): int
    {
        return $this === self::Imports || $this === self::Builds ? 256 : 128;
    }
}
