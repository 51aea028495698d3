<?php

declare(strict_types=1);

namespace App\People;

/** A letter that Lanai writes to people about their account. */
final readonly class Notice
{
    private function __construct(public string $about, public string $text)
    {
    }

    public static function code(string $app, string $code): self
    {
        return new self(
            "$code is your code for $app",
            "Your code for $app is\n\n    $code\n\nIt is good for ".
                AccountDesk::MINUTES.
                ' minutes. If you did not ask for it, you need not do anything: without the code nobody gets in.',
        );
    }

    public static function known(string $app): self
    {
        return new self(
            "You have an account with $app",
            "Somebody, perhaps you, wanted to make an account with $app for this address. There is one already: please sign in instead, by a code if "
                ."you have forgotten the password.\n\nIf it was not you, you need not do anything.",
        );
    }

    public static function passwordSet(string $app): self
    {
        return new self(
            "Your password for $app was set",
            "The password of your account with $app has just been set, and you were signed out on other devices. If it was not you, sign in by a code "
                .'and set another.',
        );
    }

    public static function emailChanged(string $app): self
    {
        return new self(
            "Your address for $app was changed",
            "Your account with $app now belongs to another e-mail address. If it was not you, please write to those who run $app.",
        );
    }

    public static function invited(string $app, string $address): self
    {
        return new self(
            "You are invited to $app",
            "You are invited to $app. Open this address and sign in with the e-mail address that this letter came to:\n\n    $address",
        );
    }

    public static function granted(string $app, string $role): self
    {
        return new self("You are a $role now", "You asked to be a $role in $app. You are one now.");
    }
}
