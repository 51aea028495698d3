<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Rows\Refused;

/** What people have earned by seeing an advert to its end. */
interface Rewards
{
    /**
     * Takes a reward: it is taken once, together with what it was taken for.
     *
     * @param  string  $key  of the advert that was seen
     * @param  string  $place  where it was offered
     *
     * @throws Refused where it was taken already, or the network has not said that the advert was seen
     */
    public function take(string $key, string $place): void;
}
