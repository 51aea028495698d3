<?php

declare(strict_types=1);

namespace Lanai\Core\Adverts;

/** A clip that cannot be shown; its code is that of VAST 4.2, section 2.3.6.3 (IAB Tech Lab, from memory). */
final class Unplayable extends \DomainException
{
    public const UNREADABLE = 100;

    public const INCOMPLETE = 101;

    public const VERSION = 102;

    public const DURATION = 202;

    public const TOO_FAR = 302;

    public const EMPTY = 303;

    public const NO_FILE = 403;

    /**
     * @param  int  $code  of VAST
     * @param  list<string>  $told  addresses that are told of it
     */
    public static function for(int $code, string $sentence, array $told = []): self
    {
        return new self($sentence, $code, $told);
    }

    /** @param  list<string>  $told */
    private function __construct(string $sentence, int $code, public readonly array $told)
    {
        parent::__construct($sentence, $code);
    }
}
