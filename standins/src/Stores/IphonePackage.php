<?php

declare(strict_types=1);

namespace Standins\Stores;

use Standins\Inspection;
use Standins\Inspector;
use Standins\Install;
use ZipArchive;

/** Packages for iPhones. Whoever practises need not have signed them: that is what only a Mac and a certificate can do. */
final readonly class IphonePackage implements Inspector
{
    private const LARGEST = 50_000_000;

    /** The oldest system that the store still takes packages for. */
    private const LEAST = '12.0';

    public function takes(): string
    {
        return 'iPhone packages (IPA)';
    }

    public function accepts(string $file): bool
    {
        return self::bundles($file) !== [];
    }

    public function install(string $package, string $file): Install
    {
        return new Install("$package/package", 'application/octet-stream', "$package.ipa");
    }

    public function inspect(string $file): Inspection
    {
        $reasons = IphoneRules::names($file);
        $zip = new ZipArchive();
        $zip->open($file, ZipArchive::RDONLY);
        $bundles = self::bundles($file);
        $app = $bundles[0] ?? '';
        $plist = Plist::read((string) $zip->getFromName("{$app}Info.plist", self::LARGEST));
        if ($plist === null || count(array_filter($bundles, fn (string $one): bool => ! str_contains($one, '/PlugIns/'))) !== 1) {
            return new Inspection(reasons: [...$reasons, IphoneRules::reason('package', 'The package holds no app, or its Info.plist cannot be read as XML.')]);
        }
        [$found, $executable] = self::executable($zip, $app, $plist);
        array_push($reasons, ...$found);
        $uses = fn (string ...$names): bool => $executable !== null && $executable->uses(...$names);
        array_push($reasons, ...IphoneRules::described($plist, $uses));
        [$collects, $wrong] = IphoneRules::privacy(Plist::read((string) $zip->getFromName("{$app}PrivacyInfo.xcprivacy", self::LARGEST)), $uses);
        array_push($reasons, ...$wrong, ...self::icons($zip, $app, $plist));
        foreach (array_slice($bundles, 1) as $part) {
            array_push($reasons, ...self::part($zip, $part, $plist));
        }

        return IphoneRules::inspection($plist, $reasons, $collects);
    }

    /** @return list<string> folders of the app and of its parts, the app first */
    private static function bundles(string $file): array
    {
        $all = [];
        foreach (ZipEntries::of($file)->all as $entry) {
            if (preg_match('~^(Payload/[^/]+\.app/(?:PlugIns/[^/]+\.appex/)?)Info\.plist$~', $entry['name'], $found)) {
                $all[] = $found[1];
            }
        }
        usort($all, fn (string $a, string $b): int => strlen($a) <=> strlen($b));

        return $all;
    }

    /**
     * @param  array<string, mixed>  $plist
     * @return array{list<array{code: string, sentence: string}>, MachO|null}
     */
    private static function executable(ZipArchive $zip, string $in, array $plist): array
    {
        $name = is_string($plist['CFBundleExecutable'] ?? null) ? $plist['CFBundleExecutable'] : '';
        $executable = MachO::read((string) $zip->getFromName($in.$name, self::LARGEST));
        $least = is_string($plist['MinimumOSVersion'] ?? null) ? $plist['MinimumOSVersion'] : '';

        return [match (true) {
            $executable === null => [IphoneRules::reason('executable', "The executable “{$name}” is missing, or is none.")],
            ! $executable->phone => [IphoneRules::reason('executable', 'The executable is not made for iPhones (64 bits of ARM).')],
            $executable->least !== $least => [IphoneRules::reason(
                'system',
                "Info.plist says that iOS $least is enough, and the executable needs $executable->least.",
            )],
            version_compare($least, self::LEAST, '<') => [IphoneRules::reason('system', 'Systems before iOS '.self::LEAST.' are not taken any more.')],
            default => [],
        }, $executable];
    }

    /**
     * @param  array<string, mixed>  $plist
     * @return list<array{code: string, sentence: string}>
     */
    private static function icons(ZipArchive $zip, string $app, array $plist): array
    {
        $stems = $plist['CFBundleIcons']['CFBundlePrimaryIcon']['CFBundleIconFiles'] ?? [];
        if (! is_array($stems) || $stems === []) {
            return [IphoneRules::reason('icon', 'The package names no icon.')];
        }
        $reasons = [];
        foreach (array_filter($stems, is_string(...)) as $stem) {
            foreach (['@2x', '@3x'] as $scale) {
                array_push($reasons, ...IphoneRules::icon("$stem$scale.png", (string) $zip->getFromName("$app$stem$scale.png", self::LARGEST)));
            }
        }

        return $reasons;
    }

    /**
     * A part that stands in other programs belongs to its app by its id, and has its version.
     *
     * @param  array<string, mixed>  $app
     * @return list<array{code: string, sentence: string}>
     */
    private static function part(ZipArchive $zip, string $in, array $app): array
    {
        $plist = Plist::read((string) $zip->getFromName("{$in}Info.plist", self::LARGEST)) ?? [];
        $name = basename($in);
        $same = fn (string $key): bool => ($plist[$key] ?? null) === ($app[$key] ?? null);
        $id = is_string($plist['CFBundleIdentifier'] ?? null) ? $plist['CFBundleIdentifier'] : '';
        $of = is_string($app['CFBundleIdentifier'] ?? null) ? $app['CFBundleIdentifier'] : '';
        [$reasons] = self::executable($zip, $in, $plist);

        return [
            ...$reasons,
            ...str_starts_with($id, "$of.") ? [] : [IphoneRules::reason('part', "The id of {$name} does not begin with that of the app.")],
            ...$same('CFBundleVersion') && $same('CFBundleShortVersionString')
                ? []
                : [IphoneRules::reason('part', "{$name} has another version than the app.")],
        ];
    }
}
