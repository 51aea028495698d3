<?php

declare(strict_types=1);

namespace Standins;

/** How a store opens and reads a package. */
interface Inspector
{
    /** Plain words for what it takes. */
    public function takes(): string;

    /** True where the file is of the kind that it takes, by its content. */
    public function accepts(string $file): bool;

    public function inspect(string $file): Inspection;

    /** How a visitor of the store gets it. */
    public function install(string $package, string $file): Install;
}
