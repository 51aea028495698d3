<?php

declare(strict_types=1);

namespace Standins\Stores;

use Standins\Inspection;
use Standins\Inspector;
use Standins\Install;
use ZipArchive;

/** Projects for iPhones: read as Xcode reads them, as far as that can be done without a Mac. */
final readonly class IphoneProject implements Inspector
{
    private const LARGEST = 20_000_000;

    /** The side of the icon that a store shows, in pixels. */
    private const ICON = 1024;

    public function takes(): string
    {
        return 'Xcode projects (zip)';
    }

    public function accepts(string $file): bool
    {
        return self::root($file) !== null;
    }

    public function install(string $package, string $file): Install
    {
        return new Install("$package/package", 'application/zip', "$package.zip");
    }

    public function inspect(string $file): Inspection
    {
        $reasons = IphoneRules::names($file);
        $zip = new ZipArchive();
        $zip->open($file, ZipArchive::RDONLY);
        $root = (string) self::root($file);
        $project = OpenStep::read((string) $zip->getFromName(self::pbxproj($file, $root), self::LARGEST));
        $objects = array_filter(is_array($project['objects'] ?? null) ? $project['objects'] : [], is_array(...));
        $app = array_values(array_filter($objects, fn (array $one): bool => ($one['productType'] ?? '') === 'com.apple.product-type.application'))[0] ?? null;
        if ($app === null) {
            return new Inspection(reasons: [...$reasons, IphoneRules::reason('project', 'The project cannot be read, or builds no app.')]);
        }
        $settings = self::settings($objects, $objects[$project['rootObject'] ?? ''] ?? []);
        $settings = self::settings($objects, $app) + $settings;
        $plist = self::filled(Plist::read((string) $zip->getFromName($root.($settings['INFOPLIST_FILE'] ?? ''), self::LARGEST)) ?? [], $settings);
        $folder = dirname($settings['INFOPLIST_FILE'] ?? 'App/Info.plist');
        [$code, $missing] = self::code($zip, $objects, $app, "$root$folder/");
        foreach ($missing as $name) {
            $reasons[] = IphoneRules::reason('project', "The project names “{$name}”, and it is not there.");
        }
        $uses = fn (string ...$names): bool => array_filter($names, fn (string $name): bool => preg_match("/\\b$name\\b/", $code) === 1) !== [];
        array_push($reasons, ...IphoneRules::described($plist, $uses));
        [$collects, $wrong] = IphoneRules::privacy(Plist::read((string) $zip->getFromName("$root$folder/PrivacyInfo.xcprivacy", self::LARGEST)), $uses);
        $set = $settings['ASSETCATALOG_COMPILER_APPICON_NAME'] ?? '';
        array_push($reasons, ...$wrong, ...self::icon($zip, "$root$folder/Assets.xcassets/$set.appiconset/"));

        return IphoneRules::inspection($plist, $reasons, $collects);
    }

    /** The folder that holds the project; null where there is none. */
    private static function root(string $file): ?string
    {
        foreach (ZipEntries::of($file)->all as $entry) {
            if (preg_match('~^((?:[^/]+/)?)[^/]+\.xcodeproj/project\.pbxproj$~', $entry['name'], $found)) {
                return $found[1];
            }
        }

        return null;
    }

    private static function pbxproj(string $file, string $root): string
    {
        $names = array_column(ZipEntries::of($file)->all, 'name');

        return array_values(preg_grep('~^'.preg_quote($root, '~').'[^/]+\.xcodeproj/project\.pbxproj$~', $names) ?: [])[0] ?? '';
    }

    /**
     * @param  array<array-key, array<array-key, mixed>>  $objects
     * @param  array<array-key, mixed>  $of  a project or a target
     * @return array<string, string> how it is built for the store
     */
    private static function settings(array $objects, array $of): array
    {
        $list = $objects[$of['buildConfigurationList'] ?? ''] ?? [];
        foreach (is_array($list['buildConfigurations'] ?? null) ? $list['buildConfigurations'] : [] as $id) {
            $one = $objects[$id] ?? [];
            if (($one['name'] ?? '') === 'Release') {
                return array_filter(is_array($one['buildSettings'] ?? null) ? $one['buildSettings'] : [], is_string(...));
            }
        }

        return [];
    }

    /**
     * @param  array<string, mixed>  $plist
     * @param  array<string, string>  $settings
     * @return array<string, mixed>
     */
    private static function filled(array $plist, array $settings): array
    {
        $fill = fn (string $text): string => (string) preg_replace_callback('/\$\((\w+)\)/', fn (array $m): string => $settings[$m[1]] ?? '', $text);

        return array_map(fn (mixed $value): mixed => is_string($value) ? $fill($value) : $value, $plist);
    }

    /**
     * @param  array<array-key, array<array-key, mixed>>  $objects
     * @param  array<array-key, mixed>  $target
     * @return array{string, list<string>} all that is compiled, and names of what is not there
     */
    private static function code(ZipArchive $zip, array $objects, array $target, string $in): array
    {
        [$code, $missing] = ['', []];
        foreach (is_array($target['buildPhases'] ?? null) ? $target['buildPhases'] : [] as $phase) {
            $isCode = ($objects[$phase]['isa'] ?? '') === 'PBXSourcesBuildPhase';
            foreach ($isCode && is_array($objects[$phase]['files'] ?? null) ? $objects[$phase]['files'] : [] as $build) {
                $path = $objects[$objects[$build]['fileRef'] ?? '']['path'] ?? '';
                $text = is_string($path) ? $zip->getFromName("$in$path", self::LARGEST) : false;
                $text === false ? $missing[] = is_string($path) ? $path : '' : $code .= "$text\n";
            }
        }

        return [$code, $missing];
    }

    /** @return list<array{code: string, sentence: string}> */
    private static function icon(ZipArchive $zip, string $set): array
    {
        $contents = json_decode((string) $zip->getFromName("{$set}Contents.json", self::LARGEST), true);
        $images = array_filter(is_array($contents) && is_array($contents['images'] ?? null) ? $contents['images'] : [], is_array(...));
        $reasons = [];
        $large = false;
        foreach ($images as $image) {
            $name = is_string($image['filename'] ?? null) ? $image['filename'] : '';
            $png = (string) $zip->getFromName($set.$name, self::LARGEST);
            array_push($reasons, ...IphoneRules::icon($name, $png));
            $side = strlen($png) > 20 ? (unpack('N', substr($png, 16, 4))[1] ?? 0) : 0;
            $points = (float) ($image['size'] ?? 0) * (float) ($image['scale'] ?? 1);
            if ($side !== (int) round($points)) {
                $reasons[] = IphoneRules::reason('icon', "The icon “{$name}” has another size than the catalog says.");
            }
            $large = $large || $side === self::ICON;
        }

        return [...$reasons, ...$large ? [] : [IphoneRules::reason('icon', 'An icon of '.self::ICON.' pixels is missing.')]];
    }
}
