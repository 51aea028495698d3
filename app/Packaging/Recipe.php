<?php

declare(strict_types=1);

namespace App\Packaging;

use Lanai\Core\Model\Blueprint;

/** One kind of package: what it is called, and how it is made. */
interface Recipe
{
    /** Its name, beside the button that builds it. */
    public function name(): string;

    /** Its name within a sentence: “Submit the web app 1.0.0”. */
    public function short(): string;

    /** What is in it, in a few words. */
    public function note(): string;

    /** What packages of this kind are together with others like it, in the plural: “takes Android packages”. */
    public function group(): string;

    /** How the name of its file ends, without the dot. */
    public function ending(): string;

    /** @return list<string> what it asks of the phone's own system, as the stores want it said */
    public function permissions(Blueprint $blueprint): array;

    /** Whether it opens what is live, at the app's server. */
    public function opensLive(): bool;

    /**
     * Makes the package from the job's app into the file.
     *
     * @throws PackagingFailed where a tool refuses
     * @throws BuildCancelled where the founder does not want it any more
     */
    public function make(Job $job, string $file): void;
}
