<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Script\Family;

/** The effects there are; a new one is registered here. */
final class Effects
{
    private static ?Family $family = null;

    public static function family(): Family
    {
        return self::$family ??= Family::of('an effect', [
            'goTo' => GoToScreen::class,
            'goBack' => GoBack::class,
            'addRow' => AddRow::class,
            'changeRow' => ChangeRow::class,
            'removeRow' => RemoveRow::class,
            'lower' => LowerNumber::class,
            'raise' => RaiseNumber::class,
            'if' => IfSo::class,
            'confirm' => Confirm::class,
            'say' => Say::class,
            'open' => OpenAddress::class,
            'startOver' => StartOver::class,
        ]);
    }
}
