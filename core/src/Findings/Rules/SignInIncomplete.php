<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Effects\SendCode;
use Lanai\Core\Effects\SignInAsGuest;
use Lanai\Core\Effects\SignInThrough;
use Lanai\Core\Effects\SignInWith;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Model\People\AsGuest;
use Lanai\Core\Model\People\Through;
use Lanai\Core\Model\People\WithCode;
use Lanai\Core\Model\People\WithPassword;

/** Sign-in without a screen, or without a way in, or without a line for each way. */
final class SignInIncomplete implements Rule
{
    public function holds(): string
    {
        return 'Every way in has a screen and a line that leads to it.';
    }

    public function station(): Station
    {
        return Station::People;
    }

    public function look(Reading $reading): iterable
    {
        $signIn = $reading->blueprint->signIn;
        if ($signIn === null) {
            return;
        }
        if ($reading->blueprint->peopleTable() === null) {
            yield Finding::blocking(
                self::class,
                '/signIn',
                'People can sign in, but no table keeps who they are. Give the table of people the words “who sign in”.',
            );
        }
        if ($signIn->ways === []) {
            yield Finding::blocking(self::class, '/signIn', 'There is no way to sign in yet.');
        }
        if ($signIn->at === '' || $reading->blueprint->screen($signIn->at) === null) {
            yield Finding::blocking(self::class, '/signIn', 'Nothing says at which screen people sign in.');
        }
        foreach ($signIn->ways as $i => $way) {
            [$effect, $words] = match (true) {
                $way instanceof WithPassword => [SignInWith::class, 'sign in with a password'],
                $way instanceof WithCode => [SendCode::class, 'ask for a code'],
                $way instanceof AsGuest => [SignInAsGuest::class, 'go on as a guest'],
                default => [SignInThrough::class, $way instanceof Through ? "go on with $way->provider" : ''],
            };
            $there = array_filter(
                $reading->placesOf($effect),
                fn (array $n): bool => ! ($way instanceof Through) || mb_strtolower(self::provider($n)) === mb_strtolower($way->provider),
            );
            if ($there === []) {
                yield Finding::warning(self::class, "/signIn/ways/$i", "No line lets people $words.");
            }
        }
    }

    /** @param  array<string, mixed>  $effect */
    private static function provider(array $effect): string
    {
        return is_string($effect['provider'] ?? null) ? $effect['provider'] : '';
    }
}
