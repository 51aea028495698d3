<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Release;

use Lanai\Core\Findings\ListingText;
use Lanai\Core\Release\WebManifest;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

final class ReleaseTest extends TestCase
{
    public function test_a_text_is_shortened_to_whole_sentences_or_whole_words(): void
    {
        self::assertSame('One sentence fits.', ListingText::title()->cut('One sentence fits. Another does not fit.'));
        self::assertSame('A title that goes on and on', ListingText::title()->cut('A title that goes on and on, without an end'));
        self::assertSame('Short', ListingText::title()->cut(' Short '));
        self::assertSame(30, mb_strlen(ListingText::title()->cut(str_repeat('x', 60))));
    }

    /** W3C Web Application Manifest: the members, their types, and that start_url lies within scope. */
    public function test_the_manifest_has_the_members_of_the_standard(): void
    {
        $manifest = WebManifest::of(World::saltlark()->blueprint);

        self::assertSame(
            ['id', 'name', 'lang', 'dir', 'short_name', 'description', 'start_url', 'scope', 'display', 'background_color', 'theme_color', 'icons'],
            array_keys($manifest),
        );
        self::assertContains($manifest['display'], ['fullscreen', 'standalone', 'minimal-ui', 'browser']);
        self::assertStringStartsWith($manifest['scope'], $manifest['start_url']);
        foreach ($manifest['icons'] as $icon) {
            self::assertMatchesRegularExpression('/^\d+x\d+$/', $icon['sizes']);
            self::assertContains($icon['purpose'], ['any', 'maskable', 'monochrome']);
        }
    }
}
