<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Text;

use Lanai\Core\Text\Article;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** English as it is spoken: common practice, no source. */
final class ArticleTest extends TestCase
{
    #[TestWith(['an Order'])]
    #[TestWith(['an Answer'])]
    #[TestWith(['an item'])]
    #[TestWith(['an Event'])]
    #[TestWith(['an Umbrella'])]
    #[TestWith(['an Uncle'])]
    #[TestWith(['an Hour'])]
    #[TestWith(['an Ostrich'])]
    #[TestWith(['a Spot'])]
    #[TestWith(['a User'])]
    #[TestWith(['a Unit'])]
    #[TestWith(['a House'])]
    #[TestWith(['a European'])]
    #[TestWith(['a One-off'])]
    #[TestWith(['a 3'])]
    #[TestWith(['a Überfahrt'])]
    #[TestWith(['a '])]
    public function test_a_name_is_said_with_its_article(string $said): void
    {
        self::assertSame($said, Article::with(explode(' ', $said, 2)[1]));
    }
}
