<?php

declare(strict_types=1);

namespace App\Packaging;

use App\Packaging\Iphone\Compiler;
use App\Packaging\Iphone\Part;
use App\Packaging\Iphone\Project;
use App\Packaging\Iphone\PropertyList;
use App\Packaging\Iphone\Purposes;
use Lanai\Core\Model\Blueprint;

/** An iPhone package with its executable, which nobody has signed: what only a Mac makes, the catalog of pictures, is not in it. */
final readonly class IpaRecipe implements Recipe
{
    public function name(): string
    {
        return 'iPhone package';
    }

    public function short(): string
    {
        return 'IPA';
    }

    public function note(): string
    {
        return 'IPA with the executable, not signed: a phone opens it once a Mac has signed it with your certificate';
    }

    public function group(): string
    {
        return 'iPhone packages';
    }

    public function ending(): string
    {
        return 'ipa';
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
        $project = new Project($job);
        $files = $project->written();
        $zip = new ZipFile($file);
        foreach ($project->parts() as $i => $part) {
            $job->step(20 + 50 * $i, $i === 0 ? 'Compiling the shell for arm64' : 'Compiling what stands in the sheets of other programs');
            foreach ($part->code as $code) {
                $job->write("project/$part->name/$code", $files["$part->name/$code"]);
            }
            $executable = Compiler::made($job, $part, "project/$part->name");
            $into = $part->kind === Part::APP ? 'Payload/App.app' : "Payload/App.app/PlugIns/$part->name.appex";
            $zip->add("$into/$part->name", $executable, true);
            $zip->add("$into/Info.plist", PropertyList::of($this->filled($job, $project, $part)));
            foreach (['PrivacyInfo.xcprivacy', ...$part->kind === Part::APP ? ['locates.js'] : []] as $one) {
                if (isset($files["$part->name/$one"])) {
                    $zip->add("$into/$one", $files["$part->name/$one"]);
                }
            }
            foreach ($project->tongues() as $tongue) {
                foreach ($part->texts as $text) {
                    $zip->add("$into/$tongue.lproj/$text", $files["$part->name/$tongue.lproj/$text"]);
                }
            }
        }
        $job->step(90, 'Zipping the package');
        foreach ($project->page() as $path => $contents) {
            $zip->add("Payload/App.app/www/$path", $contents);
        }
        foreach ($project->icons() as $path => $contents) {
            $zip->add("Payload/App.app/$path", $contents);
        }
        $zip->close();
    }

    /** @return array<string, mixed> what Xcode would have filled in */
    private function filled(Job $job, Project $project, Part $part): array
    {
        $release = $job->blueprint->release;
        $values = [
            '$(EXECUTABLE_NAME)' => $part->name,
            '$(PRODUCT_BUNDLE_IDENTIFIER)' => $part->settings['PRODUCT_BUNDLE_IDENTIFIER'],
            '$(PRODUCT_NAME)' => $part->name,
            '$(MARKETING_VERSION)' => $release->numbers(),
            '$(CURRENT_PROJECT_VERSION)' => (string) $release->build,
        ];
        $described = $part->kind === Part::APP ? $project->described() : $project->describedShared();
        $icon = fn (string ...$files): array => ['CFBundlePrimaryIcon' => ['CFBundleIconFiles' => $files, 'CFBundleIconName' => 'AppIcon']];

        return array_map(fn (mixed $value): mixed => is_string($value) ? strtr($value, $values) : $value, $described) + [
            'CFBundleSupportedPlatforms' => ['iPhoneOS'],
            'DTPlatformName' => 'iphoneos',
            'MinimumOSVersion' => Project::LEAST,
            'UIDeviceFamily' => [1, 2],
        ] + ($part->kind === Part::APP ? ['CFBundleIcons' => $icon('AppIcon60x60'), 'CFBundleIcons~ipad' => $icon('AppIcon60x60', 'AppIcon76x76')] : []);
    }
}
