<?php

declare(strict_types=1);

namespace Tests\House;

use PHPUnit\Framework\TestCase;

/** A release has one version, which the file, the changelog and the tags agree on. */
final class VersionTest extends TestCase
{
    /** The expression that semver.org recommends for Semantic Versioning 2.0.0, from memory, without build and pre-release parts. */
    private const VERSION = '(0|[1-9]\d*)\.(0|[1-9]\d*)\.(0|[1-9]\d*)';

    public function test_the_newest_section_of_the_changelog_is_of_the_version(): void
    {
        $version = trim((string) file_get_contents($this->root().'/VERSION'));
        $sections = $this->sections();

        self::assertMatchesRegularExpression('/^'.self::VERSION.'$/', $version);
        self::assertSame($version, $sections[0] ?? null);
    }

    public function test_sections_have_a_day_and_go_from_the_newest_down(): void
    {
        $sections = $this->sections();
        $ordered = $sections;
        usort($ordered, fn (string $a, string $b): int => version_compare($b, $a));

        self::assertSame($ordered, $sections);
        self::assertSame($sections, array_values(array_unique($sections)));
    }

    public function test_no_tag_is_ahead_of_the_version(): void
    {
        $version = trim((string) file_get_contents($this->root().'/VERSION'));
        $tags = explode("\n", trim((string) shell_exec('git -C '.escapeshellarg($this->root()).' tag --list "v*" 2> /dev/null')));

        self::assertSame([], array_values(array_filter($tags, fn (string $tag): bool => $tag !== '' && version_compare(substr($tag, 1), $version, '>'))));
    }

    public function test_the_command_says_it(): void
    {
        $version = trim((string) file_get_contents($this->root().'/VERSION'));

        self::assertSame("Lanai $version\n", shell_exec(escapeshellarg($this->root().'/lanai').' version'));
    }

    /** @return list<string> versions of the sections, as they stand */
    private function sections(): array
    {
        preg_match_all('/^## (.+)$/m', (string) file_get_contents($this->root().'/CHANGELOG.md'), $found);
        $versions = [];
        foreach ($found[1] as $heading) {
            if ($heading !== 'Unreleased') {
                self::assertMatchesRegularExpression('/^'.self::VERSION.' \(\d{4}-\d\d-\d\d\)$/', $heading);
                $versions[] = explode(' ', $heading)[0];
            }
        }

        return $versions;
    }

    private function root(): string
    {
        return dirname(__DIR__, 2);
    }
}
