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
            'startOver' => StartOver::class,
            'addRow' => AddRow::class,
            'changeRow' => ChangeRow::class,
            'changeAll' => ChangeAll::class,
            'removeRow' => RemoveRow::class,
            'removeAll' => RemoveAll::class,
            'lower' => LowerNumber::class,
            'raise' => RaiseNumber::class,
            'putInto' => PutInto::class,
            'takeOut' => TakeOut::class,
            'setValue' => SetValue::class,
            'if' => IfSo::class,
            'forEach' => DoForEach::class,
            'confirm' => Confirm::class,
            'ask' => Ask::class,
            'askFor' => AskFor::class,
            'keepInStep' => KeepInStep::class,
            'say' => Say::class,
            'do' => DoRoutine::class,
            'openSheet' => OpenSheet::class,
            'closeSheet' => CloseSheet::class,
            'open' => OpenAddress::class,
            'mail' => WriteMail::class,
            'call' => CallNumber::class,
            'showOnMap' => ShowOnMap::class,
            'share' => ShareText::class,
            'copy' => CopyText::class,
            'play' => PlaySound::class,
            'wait' => Wait::class,
            'refresh' => Refresh::class,
            'signUp' => SignUp::class,
            'signIn' => SignInWith::class,
            'sendCode' => SendCode::class,
            'sendCodeAgain' => SendCodeAgain::class,
            'checkCode' => CheckCode::class,
            'signInAsGuest' => SignInAsGuest::class,
            'signInThrough' => SignInThrough::class,
            'setPassword' => SetPassword::class,
            'setEmail' => SetEmail::class,
            'signOut' => SignOut::class,
            'downloadMine' => DownloadMine::class,
            'deleteMe' => DeleteMe::class,
            'become' => BecomeRole::class,
            'letter' => WriteLetter::class,
        ]);
    }
}
