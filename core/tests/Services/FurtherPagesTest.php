<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Services;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Services\FurtherPages;
use Lanai\Core\Services\Request;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What an answer shows of further pages; names of cursors are common practice, no source. */
final class FurtherPagesTest extends TestCase
{
    /** @return iterable<string, array{string, string, mixed, list<array<string, mixed>>}> request, "Link" header, answer, what it gets */
    public static function answers(): iterable
    {
        $each = 'request Buoys is GET "/buoys", giving each Buoy';
        yield 'a link to the next page (RFC 8288)' => [
            $each,
            '<https://a.example/buoys?page=2>; rel="next", <https://a.example/buoys?page=9>; rel="last"',
            [],
            [['linked' => true]],
        ];
        yield 'links that lead elsewhere' => [$each, '<https://a.example/buoys?page=1>; rel="prev"', [], []];
        yield 'a cursor at the top' => [
            $each,
            '',
            ['data' => [['id' => 1]], 'next_cursor' => 'b2Zmc2V0'],
            [['cursorAt' => 'next_cursor', 'cursorIn' => 'cursor']],
        ];
        yield 'a cursor further in, and where it goes' => [
            "$each\n  sends the query \"page_token\" = null",
            '',
            ['items' => [], 'paging' => ['nextPageToken' => 'x1']],
            [['cursorAt' => 'paging.nextPageToken', 'cursorIn' => 'page_token']],
        ];
        yield 'the last page has none' => [$each, '', ['data' => [], 'next' => null], []];
        yield 'an address is no cursor' => [$each, '', ['data' => [], 'next' => 'https://a.example/buoys?after=7'], []];
        yield 'a number in the query' => [
            "$each\n  takes Page is a whole number, at first 1\n  sends the query \"page\" = page",
            '',
            [['id' => 1]],
            [['pageIn' => 'page']],
        ];
        yield 'a list that reads on already' => ["$each, paged by the Link header", '<https://a.example/buoys?page=2>; rel="next"', [], []];
        yield 'one thing has no pages' => ['request Buoy now is GET "/buoy", giving one Buoy', '<https://a.example/2>; rel="next"', [], []];
    }

    /** @param  list<array<string, mixed>>  $expected */
    #[DataProvider('answers')]
    public function test_a_list_can_read_on_as_its_answer_shows(string $request, string $link, mixed $json, array $expected): void
    {
        $asked = Blueprint::fromScript(
            "app A\nservice S is at \"https://a.example\"\n  ".str_replace("\n", "\n  ", $request)."\n    Id is a whole number, at \"id\"\n",
        )->services[0]->requests[0];
        self::assertInstanceOf(Request::class, $asked);

        self::assertSame($expected, array_column(FurtherPages::in($asked, $link, $json), 'parts'));
    }
}
