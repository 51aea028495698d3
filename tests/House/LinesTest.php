<?php

declare(strict_types=1);

namespace Tests\House;

use PHPUnit\Framework\TestCase;

/** Lines are read by people: none is longer than a screen is wide. */
final class LinesTest extends TestCase
{
    private const LONGEST = 160;

    /** What a program has written. */
    private const MADE = ['core/fonts/hanken-grotesk.php', 'core/passwords/common.php', 'web/contracts/studio.ts', 'web/contracts/view.ts'];

    private const FOLDERS = ['app', 'benchmarks', 'compat', 'config', 'core', 'database', 'routes', 'standins', 'tests', 'web'];

    public function test_no_line_is_longer_than_a_screen_is_wide(): void
    {
        $root = dirname(__DIR__, 2);
        $long = [];
        foreach (self::FOLDERS as $folder) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("$root/$folder", \FilesystemIterator::SKIP_DOTS)) as $file) {
                $path = substr($file->getPathname(), strlen($root) + 1);
                $made = in_array($path, self::MADE, true) || str_starts_with($path, 'core/hyphenation/');
                if (! in_array($file->getExtension(), ['php', 'ts', 'vue', 'mjs'], true) || $made) {
                    continue;
                }
                foreach (file($file->getPathname(), FILE_IGNORE_NEW_LINES) ?: [] as $i => $line) {
                    if (mb_strlen($line) > self::LONGEST) {
                        $long[] = "$path:".($i + 1);
                    }
                }
            }
        }

        self::assertSame([], $long);
    }
}
