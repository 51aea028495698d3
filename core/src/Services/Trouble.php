<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

/** Why there is no answer, for the founder; what a person reads is said by the screen. */
final readonly class Trouble
{
    /**
     * @param  'secret'|'refused'|'missing'|'limit'|'slow'|'unreachable'|'broken'|'shape'|'own limit'  $kind
     * @param  int|null  $wait  seconds until it is worth trying again
     */
    public function __construct(public string $kind, public string $sentence, public ?int $wait = null, public string $said = '')
    {
    }
}
