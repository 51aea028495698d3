<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Release;

use Lanai\Core\Release\SemanticVersion;
use PHPUnit\Framework\TestCase;

/** Semantic Versioning 2.0.0: the precedence examples of section 11, and valid and invalid versions of its FAQ's pattern, from memory. */
final class SemanticVersionTest extends TestCase
{
    public function test_the_precedence_examples_of_the_specification(): void
    {
        foreach (
            [
                ['1.0.0', '2.0.0', '2.1.0', '2.1.1'],
                ['1.0.0-alpha', '1.0.0-alpha.1', '1.0.0-alpha.beta', '1.0.0-beta', '1.0.0-beta.2', '1.0.0-beta.11', '1.0.0-rc.1', '1.0.0'],
            ] as $rising
        ) {
            foreach ($rising as $i => $low) {
                foreach ($rising as $j => $high) {
                    self::assertSame($i <=> $j, $this->version($low)->compare($this->version($high)) <=> 0, "$low and $high");
                }
            }
        }
    }

    public function test_build_metadata_does_not_count(): void
    {
        self::assertSame(0, $this->version('1.0.0+20130313144700')->compare($this->version('1.0.0+exp.sha.5114f85')));
    }

    public function test_what_is_no_version_is_not_read(): void
    {
        foreach (['1', '1.2', '01.1.1', '1.01.1', '1.2.3-0123', '1.2.3.DEV', 'alpha', '1.1.2+.123', '-1.0.3', 'v1.2.3', ''] as $text) {
            self::assertNull(SemanticVersion::tryOf($text), $text);
        }
        foreach (['0.0.4', '1.1.2-prerelease+meta', '1.0.0-alpha0.valid', '1.0.0-0A.is.legal', '99999.0.0'] as $text) {
            self::assertNotNull(SemanticVersion::tryOf($text), $text);
        }
    }

    private function version(string $text): SemanticVersion
    {
        return SemanticVersion::tryOf($text) ?? throw new \LogicException($text);
    }
}
