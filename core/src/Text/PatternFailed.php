<?php

declare(strict_types=1);

namespace Lanai\Core\Text;

/** A text is too long for a regular expression, or has bytes that are no Unicode. */
final class PatternFailed extends \DomainException
{
    public static function now(): self
    {
        return new self(preg_last_error() === PREG_BAD_UTF8_ERROR ? 'This text has characters that cannot be read.' : 'This text is too long to be read.');
    }
}
