<?php

declare(strict_types=1);

namespace Standins\Stores;

use Standins\Inspection;
use Standins\Inspector;
use Standins\Install;
use ZipArchive;

/** Web apps, read by the W3C Web Application Manifest. */
final readonly class WebApp implements Inspector
{
    public function takes(): string
    {
        return 'web apps: a zip with a manifest.webmanifest';
    }

    public function accepts(string $file): bool
    {
        $zip = new ZipArchive;

        return $zip->open($file, ZipArchive::RDONLY) === true && $zip->locateName('manifest.webmanifest') !== false;
    }

    public function inspect(string $file): Inspection
    {
        $zip = new ZipArchive;
        $zip->open($file, ZipArchive::RDONLY);
        $manifest = json_decode((string) $zip->getFromName('manifest.webmanifest'), true);
        if (! is_array($manifest)) {
            return new Inspection(reasons: [['code' => 'manifest', 'sentence' => 'The manifest is not JSON.']]);
        }
        $reasons = [];
        foreach (['name', 'start_url', 'display', 'icons'] as $member) {
            if (! isset($manifest[$member]) || $manifest[$member] === '') {
                $reasons[] = ['code' => 'manifest', 'sentence' => "The manifest has no “{$member}”."];
            }
        }
        $start = is_string($manifest['start_url'] ?? null) ? ltrim((string) preg_replace('~^\./~', '', $manifest['start_url']), '/') : '';
        if ($start !== '' && $zip->locateName($start) === false) {
            $reasons[] = ['code' => 'start', 'sentence' => 'The start page of the manifest is not in the package.'];
        }
        array_push($reasons, ...$this->icons($zip, is_array($manifest['icons'] ?? null) ? $manifest['icons'] : []));
        $worker = $zip->getFromName('sw.js');
        if ($worker === false || ! str_contains($worker, 'addEventListener')) {
            $reasons[] = ['code' => 'worker', 'sentence' => 'There is no service worker, so the app cannot open without a network.'];
        }
        $name = is_string($manifest['short_name'] ?? null) ? $manifest['short_name'] : 'app';
        $package = trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($name)), '-');

        return new Inspection($package, 0, '', '', [], $reasons);
    }

    public function install(string $package, string $file): Install
    {
        return new Install("$package/run/index.html");
    }

    /**
     * @param  array<mixed>  $icons
     * @return list<array{code: string, sentence: string}>
     */
    private function icons(ZipArchive $zip, array $icons): array
    {
        $reasons = [];
        $sides = [];
        $maskable = false;
        foreach ($icons as $icon) {
            $src = is_array($icon) && is_string($icon['src'] ?? null) ? $icon['src'] : '';
            $size = @getimagesizefromstring((string) $zip->getFromName((string) preg_replace('~^\./~', '', $src)));
            if ($size === false || ($icon['sizes'] ?? '') !== "$size[0]x$size[1]") {
                $reasons[] = ['code' => 'icon', 'sentence' => "The icon “{$src}” is missing or has another size than the manifest says."];

                continue;
            }
            $sides[] = $size[0];
            $maskable = $maskable || str_contains((string) ($icon['purpose'] ?? ''), 'maskable');
        }
        if (! in_array(192, $sides, true) || ! in_array(512, $sides, true)) {
            $reasons[] = ['code' => 'icon', 'sentence' => 'Icons of 192 and of 512 pixels are needed.'];
        }
        if (! $maskable) {
            $reasons[] = ['code' => 'icon', 'sentence' => 'A maskable icon is needed.'];
        }

        return $reasons;
    }
}
