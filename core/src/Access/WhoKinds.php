<?php

declare(strict_types=1);

namespace Lanai\Core\Access;

use Lanai\Core\Script\Family;

/** Those who can be named in a permission; a new kind is registered here. */
final class WhoKinds
{
    private static ?Family $family = null;

    public static function family(): Family
    {
        return self::$family ??= Family::of('those who may', [
            'everyone' => Everyone::class,
            'nobody' => Nobody::class,
            'signedIn' => SignedIn::class,
            'themselves' => Themselves::class,
            'personIn' => PersonIn::class,
            'role' => InRole::class,
            'if' => Meeting::class,
        ]);
    }
}
