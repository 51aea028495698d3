<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

/** A version that a store has released since the one that a phone runs. */
final readonly class Newer
{
    /**
     * @param  int  $build  its build number
     * @param  string  $news  what is new in it, as its release says
     * @param  string  $address  its page in the store
     */
    public function __construct(public string $version, public int $build, public string $news, public string $address)
    {
    }
}
