<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Script\Family;

/** The ways to sign in to a service; a new one is registered here. */
final class SignsInKinds
{
    private static ?Family $family = null;

    public static function family(): Family
    {
        return self::$family ??= Family::of('“signs in with”', [
            'header' => KeyInHeader::class,
            'query' => KeyInQuery::class,
            'bearer' => BearerToken::class,
            'basic' => NameAndPassword::class,
            'client' => ClientCredentials::class,
        ]);
    }
}
