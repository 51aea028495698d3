<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Standins\Inspection;
use Standins\Review;

/** Lengths are the common store limits (common practice, no source). */
final class ReviewTest extends TestCase
{
    /** @return iterable<string, array{Inspection, array<string, string>, list<string>, array<string, mixed>|null, list<string>}> */
    public static function reviews(): iterable
    {
        $listing = ['title' => str_repeat('t', 30), 'summary' => str_repeat('s', 80), 'description' => str_repeat('d', 4000)];
        $package = new Inspection('a.b', 5, '1.0', 'aa', ['android.permission.INTERNET']);
        yield 'all is well' => [$package, $listing, ['android.permission.INTERNET'], null, []];
        yield 'one character too many' => [$package, ['title' => str_repeat('t', 31)] + $listing, ['android.permission.INTERNET'], null, ['listing.title']];
        yield 'nothing written' => [$package, [], ['android.permission.INTERNET'], null, ['listing.title', 'listing.summary', 'listing.description']];
        yield 'a permission that is not declared' => [$package, $listing, [], null, ['permission']];
        yield 'the same version code' => [$package, $listing, ['android.permission.INTERNET'], ['code' => 5, 'signer' => 'aa'], ['version.code']];
        yield 'another key' => [$package, $listing, ['android.permission.INTERNET'], ['code' => 4, 'signer' => 'bb'], ['signature']];
        yield 'a higher code under the same key' => [$package, $listing, ['android.permission.INTERNET'], ['code' => 4, 'signer' => 'aa'], []];
    }

    /**
     * @param  array<string, string>  $listing
     * @param  list<string>  $declared
     * @param  array<string, mixed>|null  $last
     * @param  list<string>  $codes
     */
    #[DataProvider('reviews')]
    public function test_a_review_names_every_reason(Inspection $inspection, array $listing, array $declared, ?array $last, array $codes): void
    {
        self::assertSame($codes, array_column(Review::reasons($inspection, $listing, $declared, $last), 'code'));
    }
}
