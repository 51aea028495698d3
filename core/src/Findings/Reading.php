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
    /**
     * @param  int  $lastBuild  the highest build number that a store has taken; 0 for none
     * @param  array<string, int>  $rows  stored table => about how many rows it has, where that is known
     * @param  array<string, list<array{string, string}>>  $returns  provider in small letters => the address that is registered there, and the one that is needed
     * @param  array<string, list<string>>  $broken  request => how its latest answer breaks its shape
     */
    private function __construct(public Blueprint $blueprint, public Walk $walk, public int $lastBuild, public array $rows, public array $returns = [], public array $broken = [], public KeptSecrets $secrets = new KeptSecrets)
    {
    }

    /**
     * @param  array<string, int>  $rows
     * @param  array<string, list<array{string, string}>>  $returns
     * @param  array<string, list<string>>  $broken
     */
    public static function of(Blueprint $blueprint, int $lastBuild = 0, array $rows = [], array $returns = [], array $broken = [], KeptSecrets $secrets = new KeptSecrets): self
    {
        return new self($blueprint, Walk::through($blueprint), $lastBuild, $rows, $returns, $broken, $secrets);
    }

    /** @return list<NodeSpot> */
    public function goTos(): array
    {
        return $this->walk->nodesOf(GoToScreen::class);
    }

    /** @return array<string, self> the app in parts, each with the nodes of one screen only; '' for all that stands outside of screens */
    public function parts(): array
    {
        return array_map(fn (Walk $walk): self => new self($this->blueprint, $walk, $this->lastBuild, $this->rows, $this->returns, $this->broken, $this->secrets), $this->walk->byScreen());
    }
}
