<?php

declare(strict_types=1);

namespace App\Founders;

use App\Jobs\SendNotice;
use App\Models\Founder;
use App\Outbound\Practice;

/** What Lanai writes to founders. For practice it lies in the box of whoever runs this Lanai. */
final class FounderLetters
{
    public static function reset(string $email, string $token): void
    {
        $address = self::address(['reset' => $token, 'email' => $email]);
        self::send(
            $email,
            'A new password for Lanai',
            'Somebody, perhaps you, has forgotten the password of the account with this address. Open this within an hour to choose a new '
                ."one:\n\n    $address\n\nIf it was not you, you need not do anything.",
        );
    }

    public static function invited(string $email, string $code, ?Founder $by): void
    {
        $address = self::address(['invitation' => $code, 'email' => $email]);
        self::send(
            $email,
            'You are invited to Lanai',
            ($by === null ? 'You are' : "$by->name has").
                ($by === null ? ' invited' : ' invited you').
                " to build an app with Lanai. This is good for one account, for two weeks:\n\n    $address",
        );
    }

    public static function passwordSet(Founder $founder): void
    {
        self::send(
            $founder->email,
            'Your password was changed',
            'The password of your account with Lanai has just been changed, and you were signed out everywhere else. If it was not you, choose a '
                .'new one by “I have forgotten it” at once.',
        );
    }

    public static function emailChanged(string $before, Founder $founder): void
    {
        self::send(
            $before,
            'Your address was changed',
            "Your account with Lanai now belongs to $founder->email. If it was not you, write to whoever runs this Lanai.",
        );
    }

    /** @param  array<string, string>  $query */
    private static function address(array $query): string
    {
        return rtrim((string) config('app.url'), '/').'/sign-in?'.http_build_query($query);
    }

    private static function send(string $email, string $about, string $text): void
    {
        SendNotice::dispatch($email, $about, $text, 'Lanai', Practice::box(Practice::key(null)));
    }
}
