<?php

declare(strict_types=1);

namespace Lanai\Core\Access;

use Lanai\Core\Rows\Refused;

/** A tap or a screen for which somebody has to sign in. */
final class SignInFirst extends Refused
{
}
