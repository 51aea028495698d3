<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Text;

use Lanai\Core\Text\Pattern;
use Lanai\Core\Text\PatternFailed;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PatternTest extends TestCase
{
    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function tooMuch(): iterable
    {
        $long = str_repeat('ab', 500_000);
        yield 'match' => [fn () => Pattern::match('/^(a|b)*c$/', $long), 'This text is too long to be read.'];
        yield 'match all' => [fn () => Pattern::matchAll('/(?:a|b)*c/', $long), 'This text is too long to be read.'];
        yield 'replace' => [fn () => Pattern::replace('/^(a|b)*c$/', '', $long), 'This text is too long to be read.'];
        yield 'replace each' => [fn () => Pattern::replaceEach('/^(a|b)*c$/', fn (): string => '', $long), 'This text is too long to be read.'];
        yield 'split' => [fn () => Pattern::split('/^(a|b)*c$/', $long), 'This text is too long to be read.'];
        yield 'no Unicode' => [fn () => Pattern::match('/./u', "caf\xE9"), 'This text has characters that cannot be read.'];
    }

    /** @param  callable(): mixed  $try */
    #[DataProvider('tooMuch')]
    public function test_what_cannot_be_read_is_no_silent_no(callable $try, string $sentence): void
    {
        $this->expectException(PatternFailed::class);
        $this->expectExceptionMessage($sentence);

        $try();
    }

    public function test_what_is_found(): void
    {
        self::assertTrue(Pattern::match('/(\d)(x)?/', 'a1b2', $found, from: 2));
        self::assertSame(['2', '2'], $found);
        self::assertTrue(Pattern::match('/(\d)(x)?/', 'a1', $found, PREG_UNMATCHED_AS_NULL));
        self::assertSame(['1', '1', null], $found);
        self::assertFalse(Pattern::match('/z/', 'a1', $found));
        self::assertSame([], $found);
        self::assertSame(2, Pattern::matchAll('/\d/', 'a1b2'));
        self::assertTrue(Pattern::anyOf('/\d/', ['a', 'b2']));
        self::assertFalse(Pattern::allOf('/\d/', ['a', 'b2']));
        self::assertTrue(Pattern::allOf('/\d/', []));
        self::assertFalse(Pattern::tries('/^(a|b)*c$/', str_repeat('ab', 500_000)));
        self::assertFalse(Pattern::tries('/(/', 'a'));
    }
}
