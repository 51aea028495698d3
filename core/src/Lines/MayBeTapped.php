<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Effects\Effects;
use Lanai\Core\Ports\Refused;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Script\Block;

/** A line that shows something, on which a tap may do something too. */
trait MayBeTapped
{
    use Placed;

    public function tap(Doing $doing, ?int $item): void
    {
        if ($this->tapped === []) {
            throw new Refused('Nothing happens here yet.');
        }
        $doing->run($this->tapped, 'tapped');
    }

    public function effects(): array
    {
        return $this->tapped;
    }

    private static function whenTapped(): Block
    {
        return new Block('tapped', 'tapped:', Effects::family(), 'what tapping it does');
    }

    /** @return array<string, true> */
    private function taps(): array
    {
        return $this->tapped === [] ? [] : ['taps' => true];
    }
}
