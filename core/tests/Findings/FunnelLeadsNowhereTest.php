<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Findings;

use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FunnelLeadsNowhereTest extends TestCase
{
    private const APP = <<<'APP'
    app A
    screen Start, first
      Card
        Button "Go on"
          tapped: go to Swim
    screen Swim
      Text "Here"
    funnel Swimming
      step Start
      step Start, tapping "Go on"
      step Swim
    APP;

    public function test_a_way_that_can_be_gone_is_not_spoken_of_and_follows_a_renamed_screen(): void
    {
        self::assertSame([], self::found(self::APP));
        self::assertSame(Blueprint::fromScript(self::APP)->script(), Blueprint::fromScript(Blueprint::fromScript(self::APP)->script())->script());
    }

    #[TestWith(['step Swim', 'step Nowhere', 'There is no screen “Nowhere”: nobody is counted on “Swimming”.'])]
    #[TestWith(['tapping "Go on"', 'tapping "Go off"', 'Nothing on Start says “Go off”: nobody comes further on “Swimming” than to here.'])]
    public function test_a_step_that_nobody_can_take_is_found_and_left_out_by_its_mend(string $part, string $instead, string $sentence): void
    {
        $script = str_replace($part, $instead, self::APP);
        $found = self::found($script);
        self::assertSame([$sentence], array_column($found, 'sentence'));
        $mended = Blueprint::fromData((new Patch($found[0]->mend->operations ?? []))->applyTo(Blueprint::fromScript($script)->data()));
        self::assertSame([], self::found($mended->script()));
    }

    public function test_one_step_is_no_way(): void
    {
        $script = str_replace(["  step Start, tapping \"Go on\"\n", '  step Swim'], '', self::APP);
        self::assertSame(['“Swimming” needs two steps at least: a way has a beginning and an end.'], array_column(self::found($script), 'sentence'));
    }

    /** @return list<Finding> */
    private static function found(string $script): array
    {
        $found = Findings::in(Reading::of(Blueprint::fromScript($script)));

        return array_values(array_filter($found, fn (Finding $f): bool => $f->rule === 'FunnelLeadsNowhere'));
    }
}
