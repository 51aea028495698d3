<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Bundle;
use Tests\TestCase;

final class BundleTest extends TestCase
{
    /** An entry needs the styles of every chunk that it imports, and of those that they import (Vite, "Backend Integration"). */
    public function test_a_page_comes_with_the_styles_of_all_that_it_imports(): void
    {
        $manifest = [
            'main.ts' => ['file' => 'm.js', 'css' => ['m.css'], 'imports' => ['_a.js', '_b.js']],
            '_a.js' => ['file' => 'a.js', 'css' => ['a.css'], 'imports' => ['_b.js', 'main.ts']],
            '_b.js' => ['file' => 'b.js', 'css' => ['b.css']],
            '_c.js' => ['file' => 'c.js', 'css' => ['c.css']],
        ];

        self::assertSame(['m.css', 'a.css', 'b.css'], Bundle::styles($manifest, 'main.ts'));
    }

    public function test_the_studio_and_the_device_link_theirs(): void
    {
        foreach (['studio' => 'web/studio/main.ts', 'device' => 'web/device/main.ts'] as $bundle => $entry) {
            $styles = Bundle::styles(Bundle::manifest($bundle), $entry);
            self::assertNotSame([], $styles);
            foreach ($styles as $style) {
                self::assertStringContainsString("/build/$bundle/$style\"", Bundle::tags($bundle, $entry));
            }
        }
    }

    /** What a page links is there to be fetched, in the order of the manifest: what comes later wins. */
    public function test_each_file_that_a_page_links_has_been_built(): void
    {
        $page = (string) $this->get('/sign-in')->assertOk()->getContent();
        preg_match_all('~(?:href|src)="(/build/[^"]+)"~', $page, $links);

        self::assertGreaterThanOrEqual(2, count($links[1]));
        foreach ($links[1] as $link) {
            self::assertFileExists(public_path($link));
        }
        $styles = array_map(fn (string $style): string => "/build/studio/$style", Bundle::styles(Bundle::manifest('studio'), 'web/studio/main.ts'));
        self::assertSame($styles, array_values(array_filter($links[1], fn (string $link): bool => str_ends_with($link, '.css'))));
    }
}
