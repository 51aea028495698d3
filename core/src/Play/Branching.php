<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\Blueprint;

/** An effect that does others, one list of them or another. */
interface Branching extends Effect
{
    /** @return list<list<AnyEffect>> what it may do; none where nothing is known of it */
    public function branches(Blueprint $blueprint): array;
}
