<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use DateTimeImmutable;

/** How somebody stands to a product. */
final readonly class Stand
{
    /**
     * @param  bool  $ends  it does not go on when what is paid is over
     * @param  DateTimeImmutable|null  $until  how far is paid, free or given; null for ever
     * @param  bool  $mayTurn  they can end it here, or let it go on after all
     * @param  string  $plan  what is paid for, as it is stored; '' where that is not known
     * @param  string  $next  what is paid for from the next period on; '' where that stays
     * @param  Rise|null  $rise  a higher price that comes; null for none
     */
    public function __construct(
        public bool $has,
        public bool $ends,
        public ?DateTimeImmutable $until,
        public bool $mayTurn,
        public string $plan = '',
        public string $next = '',
        public ?Rise $rise = null,
    ) {
    }
}
