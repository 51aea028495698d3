<?php

declare(strict_types=1);

namespace App\Console;

use App\Records\DataSet;
use App\Space;

/** Commands about one data set of an app. */
trait FindsSpace
{
    use FindsApp;

    /** The data set of an app that “--set” names. */
    private function space(): ?Space
    {
        $app = $this->app();
        $set = DataSet::tryFrom((string) $this->option('set'));
        $space = $app === null || $set === null ? null : Space::of($app, $set);
        if ($app !== null && $space === null) {
            $this->error('There is no such data set, or nothing is live yet.');
        }

        return $space;
    }
}
