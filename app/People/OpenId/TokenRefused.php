<?php

declare(strict_types=1);

namespace App\People\OpenId;

/** An ID token that breaks a rule. */
final class TokenRefused extends \RuntimeException
{
    /** @param  string  $rule  a short name of the rule, such as "aud" */
    public function __construct(public readonly string $rule, string $message)
    {
        parent::__construct($message);
    }
}
