<?php

declare(strict_types=1);

namespace App\Packaging;

/** How one kind of package is made. */
interface Recipe
{
    /**
     * Makes the package from the job's app into the file.
     *
     * @throws PackagingFailed where a tool refuses
     * @throws Cancelled where the founder does not want it any more
     */
    public function make(Job $job, string $file): void;
}
