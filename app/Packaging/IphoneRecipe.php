<?php

declare(strict_types=1);

namespace App\Packaging;

use App\Packaging\Iphone\Project;
use App\Packaging\Iphone\Purposes;
use Lanai\Core\Model\Blueprint;

/** The whole project of an iPhone app, which a Mac archives and signs. */
final readonly class IphoneRecipe implements Recipe
{
    public function name(): string
    {
        return 'iPhone project';
    }

    public function short(): string
    {
        return 'the iPhone project';
    }

    public function note(): string
    {
        return 'a zip for Xcode; only a Mac can archive it, and only your account there can sign it';
    }

    public function group(): string
    {
        return 'iPhone packages';
    }

    public function ending(): string
    {
        return 'xcode.zip';
    }

    public function permissions(Blueprint $blueprint): array
    {
        return array_keys(Purposes::of($blueprint));
    }

    public function opensLive(): bool
    {
        return true;
    }

    public function make(Job $job, string $file): void
    {
        $job->step(5, 'Writing the project');
        $files = (new Project($job))->files();
        $job->step(70, 'Zipping '.count($files).' files');
        $zip = new ZipFile($file);
        foreach ($files as $path => $contents) {
            $zip->add("{$job->app->slug}-iphone/$path", $contents, str_ends_with($path, '.sh'));
        }
        $zip->close();
    }
}
