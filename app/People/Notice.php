<?php

declare(strict_types=1);

namespace App\People;

use Lanai\Core\Text\OwnWords;

/** A letter that Lanai writes to people about their account, in their language. */
final readonly class Notice
{
    private function __construct(public string $about, public string $text)
    {
    }

    public static function code(OwnWords $own, string $app, string $code): self
    {
        $good = $own->say(
            'It is good for {0} minutes. If you did not ask for it, you need not do anything: without the code nobody gets in.',
            AccountDesk::MINUTES,
        );

        return new self($own->say('{0} is your code for {1}', $code, $app), $own->say('Your code for {0} is', $app)."\n\n    $code\n\n$good");
    }

    public static function known(OwnWords $own, string $app): self
    {
        $wanted = $own->say('Somebody, perhaps you, wanted to make an account with {0} for this address.', $app);
        $already = $own->say('There is one already: please sign in instead, by a code if you have forgotten the password.');
        $else = $own->say('If it was not you, you need not do anything.');

        return new self($own->say('You have an account with {0}', $app), "$wanted $already\n\n$else");
    }

    public static function passwordSet(OwnWords $own, string $app): self
    {
        $set = $own->say('The password of your account with {0} has just been set, and you were signed out on other devices.', $app);

        return new self($own->say('Your password for {0} was set', $app), "$set ".$own->say('If it was not you, sign in by a code and set another.'));
    }

    public static function emailChanged(OwnWords $own, string $app): self
    {
        return new self($own->say('Your address for {0} was changed', $app), $own->say(
            'Your account with {0} now belongs to another e-mail address. If it was not you, please write to those who run {0}.',
            $app,
        ));
    }

    public static function invited(OwnWords $own, string $app, string $address): self
    {
        $open = $own->say('You are invited to {0}. Open this address and sign in with the e-mail address that this letter came to:', $app);

        return new self($own->say('You are invited to {0}', $app), "$open\n\n    $address");
    }

    public static function granted(OwnWords $own, string $app, string $role): self
    {
        return new self($own->say('You are a {0} now', $role), $own->say('You asked to be a {0} in {1}. You are one now.', $role, $app));
    }
}
