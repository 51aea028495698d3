<?php

declare(strict_types=1);

namespace Lanai\Core\People;

use Lanai\Core\Script\Family;

/** What can become of rows when somebody leaves. */
final class LeavingKinds
{
    private static ?Family $family = null;

    public static function family(): Family
    {
        return self::$family ??= Family::of('“leaving takes along” or “leaving keeps”', ['takes' => TakesAlong::class, 'keeps' => Keeps::class]);
    }
}
