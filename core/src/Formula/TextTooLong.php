<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

/** A formula would make a text that nobody reads and no memory holds. */
final class TextTooLong extends \DomainException
{
    /** Bytes. */
    public const MOST = 1_000_000;

    public static function now(): self
    {
        return new self('A formula would make a text of more than '.number_format(self::MOST).' characters here, and was stopped.');
    }
}
