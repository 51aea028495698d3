<?php

declare(strict_types=1);

namespace Tests\House;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * How many files one more of a kind touches, counted for one example of each; CONTRIBUTING has the same counts in a table. Files
 * that a program writes from others do not count (web/contracts, docs/blueprint.schema.json), nor do tests, nor what an installation
 * sets up for itself (config).
 */
final class AdditionsTest extends TestCase
{
    private const FOLDERS = ['app', 'core/src', 'docs', 'routes', 'database/migrations', 'standins', 'web'];

    private const MADE = ['web/contracts/studio.ts', 'web/contracts/view.ts', 'docs/blueprint.schema.json'];

    /** @return array<string, array{string, string, list<string>}> kind => what CONTRIBUTING calls the example, what it is known by, its files */
    public static function additions(): array
    {
        return [
            'a line kind' => [
                'Countdown',
                '/\bcountdown|CountdownLine|CountdownNode|\bCountdown\b/',
                [
                    'core/src/Catalogue.php',
                    'core/src/Lines/Countdown.php',
                    'docs/view.schema.json',
                    'web/device/lines/CountdownLine.vue',
                ],
            ],
            'an effect' => ['OpenAddress', '/\bOpenAddress\b/', ['core/src/Catalogue.php', 'core/src/Effects/OpenAddress.php']],
            'a finding' => ['SlowPermission', '/\bSlowPermission\b/', ['core/src/Findings/Findings.php', 'core/src/Findings/Rules/SlowPermission.php']],
            'an edit' => ['AddAsset', '/\bAddAsset\b/', ['core/src/Edits/Edits.php', 'core/src/Edits/Kinds/AddAsset.php']],
            'a field type that looks like a text' => [
                'DurationType',
                '/\bDurationType\b|"duration",?$/m',
                ['core/src/Catalogue.php', 'core/src/Model/FieldTypes/DurationType.php', 'docs/view.schema.json'],
            ],
            'a field type with a control of its own' => [
                'RatingType',
                '/\bRatingType\b|control [!=]== \'rating\'|\'rating\' => \[|\brating: |"rating",?$|class="box-stars"/m',
                [
                    'core/src/Catalogue.php',
                    'core/src/Model/FieldTypes/RatingType.php',
                    'docs/view.schema.json',
                    'web/device/controls/RatingControl.vue',
                ],
            ],
            'a kind of value' => [
                'Times',
                '/\bnew Times\b|\bclass Times\b|\bcase Time =/',
                ['core/src/Formula/Kind.php', 'core/src/Formula/Kinds/Kinds.php', 'core/src/Formula/Kinds/Times.php'],
            ],
            'a package target' => ['AabRecipe', '/\bAabRecipe\b|\'aab\'/', ['app/Packaging/AabRecipe.php', 'app/Packaging/Target.php']],
            'a station, besides its folder' => [
                'PeopleStation',
                '/\bPeopleStation\b|case People =/',
                ['core/src/Findings/Station.php', 'web/studio/stations.ts'],
            ],
        ];
    }

    /** @param  list<string>  $files */
    #[DataProvider('additions')]
    public function test_one_more_of_a_kind_touches_as_many_files_as_contributing_says(string $example, string $knownBy, array $files): void
    {
        $kind = (string) $this->dataName();
        $found = [];
        foreach (self::sources() as $path => $text) {
            if (preg_match($knownBy, $text) === 1) {
                $found[] = $path;
            }
        }
        sort($found);

        self::assertSame($files, $found);
        self::assertStringContainsString("| $kind | $example | ".count($files).' |', (string) file_get_contents(self::root().'/CONTRIBUTING.md'));
    }

    public function test_contributing_tells_of_no_kind_that_is_not_counted(): void
    {
        preg_match_all('/^\| ([^|]+) \| `?\w+`? \| \d+ \|/m', (string) file_get_contents(self::root().'/CONTRIBUTING.md'), $rows);

        self::assertEqualsCanonicalizing(array_keys(self::additions()), $rows[1]);
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    /** @return iterable<string, string> path => what is in it; the folder of a station is its own matter */
    private static function sources(): iterable
    {
        foreach (self::FOLDERS as $folder) {
            $all = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::root()."/$folder", \FilesystemIterator::SKIP_DOTS));
            foreach ($all as $file) {
                $path = substr($file->getPathname(), strlen(self::root()) + 1);
                if (
                    in_array($file->getExtension(), ['php', 'ts', 'vue', 'css', 'json'], true) &&
                    ! in_array($path, self::MADE, true) &&
                    ! str_starts_with($path, 'web/studio/people/')
                ) {
                    yield $path => (string) file_get_contents($file->getPathname());
                }
            }
        }
    }
}
