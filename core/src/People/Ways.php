<?php

declare(strict_types=1);

namespace Lanai\Core\People;

use Lanai\Core\Script\Family;

/** The ways to sign in; a new one is registered here. */
final class Ways
{
    private static ?Family $family = null;

    public static function family(): Family
    {
        return self::$family ??= Family::of('a way in', ['password' => WithPassword::class, 'code' => WithCode::class, 'guest' => AsGuest::class, 'through' => Through::class]);
    }
}
