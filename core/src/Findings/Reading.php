<?php

declare(strict_types=1);

namespace Lanai\Core\Findings;

use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Effects\GoToScreen;
use Lanai\Core\Script\NodeSpot;
use Lanai\Core\Script\Walk;

/** The app as the rules read it: walked once, shared by all. */
final readonly class Reading
{
    /** @param  int  $lastBuild the highest build number that a store has taken; 0 for none */
    private function __construct(public Blueprint $blueprint, public Walk $walk, public int $lastBuild)
    {
    }

    public static function of(Blueprint $blueprint, int $lastBuild = 0): self
    {
        return new self($blueprint, Walk::through($blueprint), $lastBuild);
    }

    /** @return list<NodeSpot> */
    public function goTos(): array
    {
        return $this->walk->nodesOf(GoToScreen::class);
    }
}
