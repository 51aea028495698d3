<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Effects\SendCode;
use Lanai\Core\Effects\SignInAsGuest;
use Lanai\Core\Effects\SignInWith;
use Lanai\Core\Effects\SignUp;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Model\People\AsGuest;
use Lanai\Core\Model\People\WithCode;
use Lanai\Core\Model\People\WithPassword;
use Lanai\Core\Play\Line;
use Lanai\Core\Text\Pattern;

/** A line that signs in by a way which the app does not have, or no longer: the server refuses it. */
final class WayNotThere implements Rule
{
    private const NEEDED = [
        SignInWith::class => [WithPassword::class, 'with a password'],
        SignUp::class => [WithPassword::class, 'with a password'],
        SendCode::class => [WithCode::class, 'by a code'],
        SignInAsGuest::class => [AsGuest::class, 'as a guest'],
    ];

    public function holds(): string
    {
        return 'Every line that signs in does so by a way that the app has.';
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
        foreach (self::NEEDED as $effect => [$way, $words]) {
            foreach ($signIn->way($way) !== null ? [] : $reading->nodesOf($effect) as $spot) {
                $line = $spot->within(Line::class);
                // Where the line is there for this alone, it goes as a whole; else only what it does.
                $alone = $line !== null && Pattern::match('~^'.preg_quote($line->at, '~').'/tapped/0$~', $spot->at);
                [$at, $label] = $alone ? [$line->at, 'Remove this line'] : [$spot->at, 'Remove this'];
                yield Finding::blocking(
                    self::class,
                    $spot->at,
                    "Nobody can sign in $words here: sign-in has no such way, and the server refuses it. Give sign-in that way again, or take this out.",
                    new Mend($label, [['op' => 'remove', 'path' => $at]]),
                );
            }
        }
    }
}
