<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Services;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Services\FillingIn;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What models write around the JSON that they were asked for. */
final class FencedJsonTest extends TestCase
{
    #[TestWith(['{"title": "Dawn", "places": 4}', true])]
    #[TestWith(["```json\n{\"title\": \"Dawn\", \"places\": 4}\n```", true])]
    #[TestWith(["Here it is:\n\n```\n{\"title\": \"Dawn\"}\n```\nShall I do more?", true])]
    #[TestWith(["~~~JSON\r\n{\"title\": \"a ``` b\"}\r\n~~~", true])]
    #[TestWith(["```json\n{\"title\": 5}\n```", false])]
    #[TestWith(['Here it is: a swim at dawn.', false])]
    public function test_it_is_read_in_a_fence_and_without(string $content, bool $right): void
    {
        $app = Blueprint::fromScript(
            "app A\nservice Words is at \"https://w.example\"\n  signs in with a bearer token\n  filling Wish from \"m\"\n    asked: \"{words}\"\n"
                ."    takes Words is a long text\n    Title is a text\n    Places is a whole number\nscreen S\n",
        );
        $filling = $app->services[0]->requests[0];
        self::assertInstanceOf(FillingIn::class, $filling);

        self::assertSame($right, $filling->wrong($content) === null, (string) $filling->wrong($content));
    }
}
