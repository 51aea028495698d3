<?php

declare(strict_types=1);

namespace Standins;

/** How a visitor of a store gets what is released there. */
final readonly class Install
{
    /**
     * @param  string  $at  its address, below that of all apps
     * @param  string  $type  its media type, where it is a file
     * @param  string  $name  of the file
     */
    public function __construct(public string $at, public string $type = '', public string $name = '')
    {
    }
}
