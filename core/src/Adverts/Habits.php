<?php

declare(strict_types=1);

namespace Lanai\Core\Adverts;

/** How people use an app, and what adverts bring there, as a founder takes it for likely. */
final readonly class Habits
{
    /**
     * @param  int  $people  who come on a day
     * @param  float  $visits  of each on that day, at least one
     * @param  float  $places  for adverts that somebody passes in a visit
     * @param  float  $fill  the share of what is asked for that comes and is seen
     * @param  float  $thousand  what a thousand that were seen bring
     * @param  float  $loss  the share of people who do not come back in a month for each advert that they see in a visit
     */
    public function __construct(
        public int $people,
        public float $visits,
        public float $places,
        public float $fill,
        public float $thousand,
        public float $loss = 0.0,
    ) {
    }
}
