<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Model;

use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Edits\Kinds\Remove;
use Lanai\Core\Model\SentenceDiff;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

final class SentenceDiffTest extends TestCase
{
    public function test_a_filled_blank_is_one_changed_sentence(): void
    {
        $before = World::saltlark()->blueprint;
        $after = (new Fill('/screens/0/lines/3/label', 'Lead a swim'))->on($before)->blueprint;

        self::assertSame(
            [['was' => ['  Button "Offer a swim", quiet'], 'now' => ['  Button "Lead a swim", quiet']]],
            SentenceDiff::between($before->data(), $after->data()),
        );
    }

    public function test_neighbours_stand_together_and_others_apart(): void
    {
        $before = World::saltlark()->blueprint;
        $first = (new Remove(['/screens/0/lines/0']))->on($before)->blueprint;
        $second = (new Fill('/release/letter', 'L'))->on($first)->blueprint;

        self::assertSame(
            [
                ['was' => ['  Heading "Good morning, {me.name}", if me != null'], 'now' => []],
                ['was' => ['  icon letter is "S"'], 'now' => ['  icon letter is "L"']],
            ],
            SentenceDiff::between($before->data(), $second->data()),
        );
        self::assertSame([], SentenceDiff::between($before->data(), $before->data()));
    }
}
