<?php

declare(strict_types=1);

namespace App\Packaging\Iphone;

use App\Packaging\Job;

/**
 * Compiles and links the shell for a phone, on any computer: with clang and lld, against headers of our own that declare what it uses, and text
 * stubs that name the system's libraries. What is misspelt is refused.
 */
final class Compiler
{
    private const CLANG = [
        'clang-14', '-target', 'arm64-apple-ios'.Project::LEAST, '-nostdinc', '-fobjc-arc', '-fblocks', '-Os', '-c', '-Wall', '-Wextra', '-Werror',
        '-Wno-unused-parameter', '-Wundeclared-selector', '-Wobjc-method-access', '-Wstrict-selector-match',
    ];

    private const LINK = ['ld64.lld-14', '-arch', 'arm64', '-platform_version', 'ios', Project::LEAST, Project::LEAST, '-dead_strip', '-no_adhoc_codesign'];

    /**
     * @param  string  $in  the folder of the part's code, from the job's own
     * @return string the executable: Mach-O for arm64
     */
    public static function made(Job $job, Part $part, string $in): string
    {
        $sdk = base_path('packaging/ios/sdk');
        // As many at a time as there are tools side by side.
        $parts = array_chunk($part->sources(), max(1, (int) ceil(count($part->sources()) / Job::AT_ONCE)));
        $job->runAll(array_map(fn (array $sources): array => [...self::CLANG, "-I$sdk/headers", ...$sources], $parts), $in);
        $objects = array_map(fn (string $source): string => "$in/".substr($source, 0, -2).'.o', $part->sources());
        $frameworks = array_merge(...array_map(fn (string $name): array => ['-framework', $name], $part->frameworks));
        // A part that stands in other programs is begun by the system.
        $entry = $part->kind === Part::APP ? [] : ['-e', '_NSExtensionMain'];
        $job->run([...self::LINK, ...$entry, '-syslibroot', $sdk, '-lSystem', '-lobjc', ...$frameworks, '-o', "$in/$part->name", ...$objects]);

        return (string) file_get_contents("$job->folder/$in/$part->name");
    }
}
