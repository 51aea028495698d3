<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use Closure;

/** A function of the formula language: what it takes, what it gives, and how it is computed. */
final readonly class Signature
{
    /**
     * @param  list<Kind>  $takes
     * @param  int  $optional  how many of the last may be left out
     * @param  Closure  $compute  (Moment of the request, mixed ...the values taken): mixed
     */
    public function __construct(public string $name, public array $takes, public Kind $gives, public string $help, public Closure $compute, public int $optional = 0)
    {
    }
}
