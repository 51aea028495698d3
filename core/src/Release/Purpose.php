<?php

declare(strict_types=1);

namespace Lanai\Core\Release;

/** What data about people is for, as both stores ask for it; the names on their forms are from memory. */
enum Purpose: string
{
    case App = 'app';
    case Account = 'account';
    case Counting = 'counting';
    case Adverts = 'adverts';
    case Messages = 'messages';

    /** As it follows “to”. */
    public function inWords(): string
    {
        return match ($this) {
            self::App => 'do what the app is for',
            self::Account => 'let people sign in',
            self::Counting => 'make the app better',
            self::Adverts => 'show adverts',
            self::Messages => 'send messages',
        };
    }

    public function onAndroid(): string
    {
        return match ($this) {
            self::App, self::Messages => 'App functionality',
            self::Account => 'Account management',
            self::Counting => 'Analytics',
            self::Adverts => 'Advertising or marketing',
        };
    }

    public function onIos(): string
    {
        return 'NSPrivacyCollectedDataTypePurpose'.match ($this) {
            self::App, self::Account, self::Messages => 'AppFunctionality',
            self::Counting => 'Analytics',
            self::Adverts => 'ThirdPartyAdvertising',
        };
    }
}
