<?php

declare(strict_types=1);

namespace App\Console;

use App\Space;
use Lanai\Core\Model\Reach\Message;

/** Finds the message of an app that a command is about. */
trait FindsMessage
{
    use FindsSpace;

    private function message(?Space $space): ?Message
    {
        $name = (string) $this->argument('message');
        foreach ($space?->blueprint()->sends ?? [] as $message) {
            if (mb_strtolower($message->name) === mb_strtolower($name)) {
                return $message;
            }
        }
        $space === null || $this->error("There is no message “{$name}” in {$space->app->name}.");

        return null;
    }
}
