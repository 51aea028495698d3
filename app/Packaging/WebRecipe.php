<?php

declare(strict_types=1);

namespace App\Packaging;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Release\WebManifest;

/** A web app that can be installed: the W3C manifest, its icons, and a service worker. */
final class WebRecipe implements Recipe
{
    public function name(): string
    {
        return 'Web app';
    }

    public function short(): string
    {
        return 'the web app';
    }

    public function note(): string
    {
        return 'a zip with manifest, icons and service worker';
    }

    public function group(): string
    {
        return 'web apps';
    }

    public function ending(): string
    {
        return 'zip';
    }

    public function permissions(Blueprint $blueprint): array
    {
        return [];
    }

    public function opensLive(): bool
    {
        return true;
    }

    public function make(Job $job, string $file): void
    {
        $job->step(10, 'Collecting the device bundle');
        $files = DeviceFiles::of(
            $job->app,
            $job->blueprint,
            $job->server,
            '<link rel="manifest" href="./manifest.webmanifest"><link rel="icon" href="./icons/any-192.png">',
        );
        $job->step(30, 'Painting icons');
        $painter = new IconPainter($job->app, $job->blueprint);
        foreach ([192, 512] as $side) {
            $files["icons/any-$side.png"] = $painter->png($side, 0.96);
            // A maskable icon keeps its content within the inner 80 %: https://www.w3.org/TR/appmanifest/#icon-masks
            $files["icons/maskable-$side.png"] = $painter->png($side, 0.7);
        }
        $job->step(60, 'Writing the manifest and the service worker');
        $files['manifest.webmanifest'] = json_encode(
            WebManifest::of($job->blueprint),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        );
        ksort($files);
        $device = "$job->server/device/live/{$job->app->slug}";
        $files['sw.js'] = ServiceWorker::of('app', hash('sha256', implode('', $files)), './index.html', './', './media/', $device, array_keys($files));
        $job->step(80, 'Zipping '.count($files).' files');
        $zip = new ZipFile($file);
        foreach ($files as $path => $contents) {
            $zip->add($path, $contents);
        }
        $zip->close();
    }
}
