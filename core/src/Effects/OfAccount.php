<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Access\SignInFirst;
use Lanai\Core\Play\Accounts;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Visit;
use Lanai\Core\Rows\Refused;

/** What the effects about accounts share. */
trait OfAccount
{
    /** @throws Refused where the app has no accounts here */
    private static function accounts(Doing $doing): Accounts
    {
        return $doing->accounts ?? throw new Refused('Signing in is not possible here.');
    }

    private static function visit(Doing $doing): Visit
    {
        return $doing->scene->visit ?? throw new Refused('Signing in is not possible here.');
    }

    /** The text that a formula gives, without spaces around it. */
    private static function given(Doing $doing, string $formula, string $key, string $otherwise): string
    {
        $value = $formula === '' ? null : $doing->scene->value($formula, $key);

        return match (true) {
            is_string($value) && trim($value) !== '' => trim($value),
            $otherwise === '' => '',
            default => throw new Refused($otherwise),
        };
    }

    /** A password as it was typed, spaces too. */
    private static function secret(Doing $doing, string $formula, string $key): string
    {
        $value = $formula === '' ? null : $doing->scene->value($formula, $key);

        return is_string($value) && $value !== '' ? $value : throw new Refused('Please type your password.');
    }

    /** The person, where they are who taps. */
    private static function needsMe(Doing $doing): void
    {
        if ($doing->scene->me() === null) {
            throw new SignInFirst('Please sign in first.');
        }
    }
}
