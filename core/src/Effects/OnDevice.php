<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Rows\Refused;

/** What the device itself does once the tap has gone through. */
trait OnDevice
{
    /** @throws Refused where there is nothing to do it with */
    private static function needed(mixed $value, string $else): string
    {
        $text = is_scalar($value) ? trim((string) $value) : '';

        return $text === '' ? throw new Refused($else) : $text;
    }
}
