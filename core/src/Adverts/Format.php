<?php

declare(strict_types=1);

namespace Lanai\Core\Adverts;

/** How large an advert is, in dp (IAB New Ad Portfolio, fixed sizes of mobile, from memory). */
enum Format: string
{
    case Strip = 'strip';
    case LargeStrip = 'large strip';
    case Box = 'box';
    case Page = 'page';
    case Reward = 'reward';

    /** @return array{int, int} */
    public function size(): array
    {
        return match ($this) {
            self::Strip => [320, 50],
            self::LargeStrip => [320, 100],
            self::Box => [300, 250],
            self::Page, self::Reward => [320, 480],
        };
    }

    /** Over the whole screen: there an advert may also be a film. */
    public function isWhole(): bool
    {
        return $this === self::Page || $this === self::Reward;
    }
}
