<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Language\Block;
use Lanai\Core\Language\Families;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Play\Doing;
use Lanai\Core\Rows\Refused;

/** A line that shows something, on which a tap may do something too. */
trait MayBeTapped
{
    use HasPlacing;

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
        return new Block('tapped', 'tapped:', Families::of(AnyEffect::class), 'what tapping it does');
    }

    /** @return array<string, true> */
    private function taps(): array
    {
        return $this->tapped === [] ? [] : ['taps' => true];
    }
}
