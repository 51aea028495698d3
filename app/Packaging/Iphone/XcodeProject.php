<?php

declare(strict_types=1);

namespace App\Packaging\Iphone;

use Lanai\Core\Text\Pattern;

/**
 * Writes the file by which Xcode knows a project: an old property list of objects that name one another by numbers of 24 digits (from memory). The
 * numbers come from what an object is, so that the same app gives the same file.
 */
final class XcodeProject
{
    /** File type by ending. */
    private const TYPES = [
        'h' => 'sourcecode.c.h', 'm' => 'sourcecode.c.objc', 'js' => 'sourcecode.javascript', 'plist' => 'text.plist.xml', 'xcprivacy' => 'text.xml',
        'entitlements' => 'text.plist.entitlements', 'xcassets' => 'folder.assetcatalog', 'strings' => 'text.plist.strings', 'storekit' => 'text',
        'framework' => 'wrapper.framework', 'app' => 'wrapper.application', 'appex' => 'wrapper.app-extension', '' => 'folder',
    ];

    /** @var array<string, array<string, array<string, mixed>>> kind => number => object */
    private array $objects = [];

    /** @var array<string, string> number => what stands beside it */
    private array $called = [];

    /** @param  list<string>  $tongues  tags, the app's own first */
    public function __construct(private readonly array $tongues)
    {
    }

    /**
     * @param  list<Part>  $parts  what is built, the app first; the others go into it
     * @param  array<string, string>  $settings  for all of them
     * @param  list<string>  $beside  files of the project that are built into nothing
     */
    public function written(array $parts, array $settings, array $beside): string
    {
        $app = $parts[0];
        $products = array_map(fn (Part $part): string => $this->file("$part->name.".$part->ending(), 'BUILT_PRODUCTS_DIR', true), $parts);
        $groups = array_map($this->group(...), $parts);
        $frameworks = array_values(array_unique(array_merge(...array_map(fn (Part $part): array => $part->frameworks, $parts))));
        $linked = array_map(fn (string $name): string => $this->file("System/Library/Frameworks/$name.framework", 'SDKROOT'), $frameworks);
        $main = $this->add('PBXGroup', 'main', [
            'children' => [
                ...array_map(fn (string $file): string => $this->file($file, '<group>'), $beside),
                ...$groups,
                $this->add('PBXGroup', 'Frameworks', ['children' => $linked, 'name' => 'Frameworks', 'sourceTree' => '<group>']),
                $inProducts = $this->add('PBXGroup', 'Products', ['children' => $products, 'name' => 'Products', 'sourceTree' => '<group>']),
            ],
            'sourceTree' => '<group>',
        ]);
        $targets = [];
        foreach (array_reverse(array_keys($parts)) as $i) {
            $targets[$i] = $this->target($parts[$i], $products[$i], $i === 0 ? array_map(null, array_slice($parts, 1), array_slice($products, 1)) : []);
        }
        ksort($targets);
        $project = $this->add('PBXProject', 'project', [
            'attributes' => ['BuildIndependentTargetsInParallel' => '1', 'LastUpgradeCheck' => '1500'],
            'buildConfigurationList' => $this->configurations('project', $settings, []),
            'compatibilityVersion' => 'Xcode 14.0',
            'developmentRegion' => $this->tongues[0],
            'hasScannedForEncodings' => '0',
            'knownRegions' => [...$this->tongues, 'Base'],
            'mainGroup' => $main,
            'productRefGroup' => $inProducts,
            'projectDirPath' => '',
            'projectRoot' => '',
            'targets' => $targets,
        ], 'Project object');
        foreach (array_slice($parts, 1) as $other) {
            $this->objects['PBXContainerItemProxy'][self::number('PBXContainerItemProxy', $other->name)]['containerPortal'] = $project;
        }

        return $this->printed($project, $app->name);
    }

    /** The number of the app's target, by which a scheme knows it. */
    public static function numberOf(string $name): string
    {
        return self::number('PBXNativeTarget', $name);
    }

    private static function number(string $kind, string $what): string
    {
        return strtoupper(substr(hash('sha256', "$kind\n$what"), 0, 24));
    }

    /** @param  array<string, mixed>  $object */
    private function add(string $kind, string $what, array $object, string $called = ''): string
    {
        $number = self::number($kind, $what);
        $this->objects[$kind][$number] = ['isa' => $kind] + $object;
        $this->called[$number] = $called !== '' ? $called : $what;

        return $number;
    }

    private function file(string $path, string $tree, bool $built = false, string $in = ''): string
    {
        $name = basename($path);
        $type = self::TYPES[pathinfo($name, PATHINFO_EXTENSION)] ?? 'text';
        $object = [$built ? 'explicitFileType' : 'lastKnownFileType' => $type];
        $object += $built ? ['includeInIndex' => '0'] : [];
        $object += $name === $path ? [] : ['name' => $name];

        return $this->add('PBXFileReference', "$in/$path", $object + ['path' => $path, 'sourceTree' => $tree], $name);
    }

    private function group(Part $part): string
    {
        $files = [...$part->code, ...$part->files, ...$part->described];
        $children = array_map(fn (string $file): string => $this->file($file, '<group>', in: $part->name), $files);
        foreach ($part->texts as $file) {
            $children[] = $this->add('PBXVariantGroup', "$part->name/$file", [
                'children' => array_map(fn (string $tongue): string => $this->inTongue($part, $file, $tongue), $this->tongues),
                'name' => $file,
                'sourceTree' => '<group>',
            ], $file);
        }

        return $this->add('PBXGroup', "in $part->name", ['children' => $children, 'path' => $part->name, 'sourceTree' => '<group>'], $part->name);
    }

    private function inTongue(Part $part, string $file, string $tongue): string
    {
        $object = ['lastKnownFileType' => self::TYPES['strings'], 'name' => $tongue, 'path' => "$tongue.lproj/$file", 'sourceTree' => '<group>'];

        return $this->add('PBXFileReference', "$part->name/$tongue/$file", $object, $tongue);
    }

    /** @param  list<array{Part, string}>  $inside  parts that go into it, with the numbers of what is built of them */
    private function target(Part $part, string $product, array $inside): string
    {
        $built = function (string $kind, string $in, string $what, array $rest = []) use ($part): string {
            return $this->add('PBXBuildFile', "$part->name $kind $what", ['fileRef' => $in] + $rest, "$what in $kind");
        };
        $phase = fn (string $kind, string $called, array $files, array $rest = []): string => $this->add(
            $kind,
            "$part->name $called",
            ['buildActionMask' => '2147483647', 'files' => $files, 'runOnlyForDeploymentPostprocessing' => '0'] + $rest,
            $called,
        );
        $own = fn (string $file): string => self::number('PBXFileReference', "$part->name/$file");
        $sources = array_values(array_filter($part->code, fn (string $file): bool => str_ends_with($file, '.m')));
        $phases = [
            $phase('PBXSourcesBuildPhase', 'Sources', array_map(fn (string $file): string => $built('Sources', $own($file), $file), $sources)),
            $phase('PBXFrameworksBuildPhase', 'Frameworks', array_map(
                fn (string $name): string => $built(
                    'Frameworks',
                    self::number('PBXFileReference', "/System/Library/Frameworks/$name.framework"),
                    "$name.framework",
                ),
                $part->frameworks,
            )),
            $phase('PBXResourcesBuildPhase', 'Resources', [
                ...array_map(fn (string $file): string => $built('Resources', $own($file), $file), $part->files),
                ...array_map(fn (string $f): string => $built('Resources', self::number('PBXVariantGroup', "$part->name/$f"), $f), $part->texts),
            ]),
        ];
        $needs = [];
        if ($inside !== []) {
            $embed = ['settings' => ['ATTRIBUTES' => ['RemoveHeadersOnCopy']]];
            $files = array_map(fn (array $one): string => $built('Embed', $one[1], "{$one[0]->name}.appex", $embed), $inside);
            // 13: where a phone looks for the parts of an app that stand in other programs.
            $phases[] = $phase('PBXCopyFilesBuildPhase', 'Embed', $files, ['dstPath' => '', 'dstSubfolderSpec' => '13', 'name' => 'Embed']);
            $needs = array_map(fn (array $one): string => $this->need($one[0]), $inside);
        }

        return $this->add('PBXNativeTarget', $part->name, [
            'buildConfigurationList' => $this->configurations("target $part->name", $part->settings, $part->inDebug),
            'buildPhases' => $phases,
            'buildRules' => [],
            'dependencies' => $needs,
            'name' => $part->name,
            'productName' => $part->name,
            'productReference' => $product,
            'productType' => $part->kind,
        ]);
    }

    private function need(Part $other): string
    {
        $target = self::numberOf($other->name);
        $proxy = $this->add('PBXContainerItemProxy', $other->name, [
            'containerPortal' => '',
            'proxyType' => '1',
            'remoteGlobalIDString' => $target,
            'remoteInfo' => $other->name,
        ], 'PBXContainerItemProxy');

        return $this->add('PBXTargetDependency', $other->name, ['target' => $target, 'targetProxy' => $proxy], 'PBXTargetDependency');
    }

    /**
     * @param  array<string, string>  $settings
     * @param  array<string, string>  $inDebug  other values while it is tried out on a phone
     */
    private function configurations(string $of, array $settings, array $inDebug): string
    {
        $isProject = $of === 'project';
        $made = [];
        foreach (['Debug', 'Release'] as $name) {
            $tries = $name === 'Debug';
            $own = $isProject ? ['GCC_OPTIMIZATION_LEVEL' => $tries ? '0' : 's', 'VALIDATE_PRODUCT' => $tries ? 'NO' : 'YES'] : [];
            $values = ($tries ? $inDebug : []) + $settings + $own;
            ksort($values);
            $made[] = $this->add('XCBuildConfiguration', "$of $name", ['buildSettings' => $values, 'name' => $name], $name);
        }

        return $this->add('XCConfigurationList', $of, [
            'buildConfigurations' => $made,
            'defaultConfigurationIsVisible' => '0',
            'defaultConfigurationName' => 'Release',
        ], "Build configuration list for $of");
    }

    private function printed(string $project, string $name): string
    {
        ksort($this->objects);
        $sections = '';
        foreach ($this->objects as $kind => $objects) {
            ksort($objects);
            $sections .= "\n/* Begin $kind section */\n";
            foreach ($objects as $number => $object) {
                $sections .= "\t\t{$this->named((string) $number)} = {$this->value($object, 2)};\n";
            }
            $sections .= "/* End $kind section */\n";
        }
        $whole = "// !$*UTF8*$!\n{\n\tarchiveVersion = 1;\n\tclasses = {\n\t};\n\tobjectVersion = 56;\n\tobjects = {\n$sections\t};\n";

        return $whole."\trootObject = {$this->named($project)};\n}\n";
    }

    private function named(string $number): string
    {
        $called = str_replace(['*/', '/*'], '', $this->called[$number] ?? '');

        return "$number /* $called */";
    }

    private function value(mixed $value, int $deep): string
    {
        $in = str_repeat("\t", $deep + 1);
        $out = str_repeat("\t", $deep);
        if (is_array($value) && array_is_list($value)) {
            return "(\n".implode('', array_map(fn (mixed $one): string => "$in{$this->value($one, $deep + 1)},\n", $value))."$out)";
        }
        if (is_array($value)) {
            $lines = array_map(fn (string $k, mixed $v): string => "$in{$this->text($k)} = {$this->value($v, $deep + 1)};\n", array_keys($value), $value);

            return "{\n".implode('', $lines)."$out}";
        }

        return $this->text(is_string($value) ? $value : '');
    }

    private function text(string $text): string
    {
        if (isset($this->called[$text])) {
            return $this->named($text);
        }

        return Pattern::match('~^[A-Za-z0-9_./]+$~D', $text) ? $text : '"'.strtr($text, ['\\' => '\\\\', '"' => '\\"', "\n" => '\\n']).'"';
    }
}
