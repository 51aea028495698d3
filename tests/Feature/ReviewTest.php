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
    /** @return iterable<string, array{Inspection, array<string, mixed>, list<string>, array<string, mixed>|null, list<string>}> */
    public static function reviews(): iterable
    {
        $declares = ['data' => [['type' => 'Device or other IDs']], 'contents' => [], 'deletion' => true];
        $listing = [
            'title' => str_repeat('t', 30),
            'summary' => str_repeat('s', 80),
            'description' => str_repeat('d', 4000),
            'declares' => $declares,
        ];
        $package = new Inspection('a.b', 5, '1.0', 'aa', ['android.permission.INTERNET']);
        yield 'all is well' => [$package, $listing, ['android.permission.INTERNET'], null, []];
        yield 'one character too many' => [$package, ['title' => str_repeat('t', 31)] + $listing, ['android.permission.INTERNET'], null, ['listing.title']];
        $nothing = ['listing.title', 'listing.summary', 'listing.description', 'declares'];
        yield 'nothing written' => [$package, [], ['android.permission.INTERNET'], null, $nothing];
        $writes = new Inspection('a.b', 5, '1.0', 'aa', ['android.permission.POST_NOTIFICATIONS']);
        yield 'messages, and the phone is known' => [$writes, $listing, $writes->permissions, null, []];
        $none = ['declares' => ['data' => []] + $declares] + $listing;
        yield 'messages, and nothing is known' => [$writes, $none, $writes->permissions, null, ['declares.device']];
        yield 'nothing kept at all' => [$package, $none, ['android.permission.INTERNET'], null, []];
        yield 'declared by half' => [$package, ['declares' => ['data' => []]] + $listing, ['android.permission.INTERNET'], null, ['declares']];
        yield 'declared as words' => [$package, ['declares' => 'nothing'] + $listing, ['android.permission.INTERNET'], null, ['declares']];
        $odd = ['declares' => ['data' => ['Name', ['type' => 7], []]] + $declares] + $listing;
        yield 'declared oddly' => [$writes, $odd, $writes->permissions, null, ['declares.device']];
        $says = new Inspection('a.b', 5, '1.0', collects: ['NSPrivacyCollectedDataTypeName']);
        $name = ['declares' => ['data' => [['type' => 'NSPrivacyCollectedDataTypeName']]] + $declares] + $listing;
        yield 'declared as its manifest has it' => [$says, $name, [], null, []];
        yield 'declared otherwise than its manifest has it' => [$says, $listing, [], null, ['declares.manifest']];
        $says = fn (string $text): array => ['summary' => $text] + $listing;
        yield 'words that still have to come' => [$package, $says('Lorem ipsum'), ['android.permission.INTERNET'], null, [
            'listing.summary.unfinished', 'listing.summary.unfinished',
        ]];
        yield 'praise' => [$package, $says('The best of all'), ['android.permission.INTERNET'], null, ['listing.summary.praise']];
        yield 'a permission that is not declared' => [$package, $listing, [], null, ['permission']];
        yield 'the same version code' => [$package, $listing, ['android.permission.INTERNET'], ['code' => 5, 'signer' => 'aa'], ['version.code']];
        yield 'another key' => [$package, $listing, ['android.permission.INTERNET'], ['code' => 4, 'signer' => 'bb'], ['signature']];
        yield 'a higher code under the same key' => [$package, $listing, ['android.permission.INTERNET'], ['code' => 4, 'signer' => 'aa'], []];
    }

    /**
     * @param  array<string, mixed>  $listing
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
