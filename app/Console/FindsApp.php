<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\App;

/** Commands name an app by its address or its number. */
trait FindsApp
{
    private function app(): ?App
    {
        $name = $this->argument('app');
        $app = App::query()->where('slug', $name)->orWhere('id', ctype_digit((string) $name) ? (int) $name : 0)->first();
        if ($app === null) {
            $this->error("There is no app “{$name}”.");
        }

        return $app;
    }
}
