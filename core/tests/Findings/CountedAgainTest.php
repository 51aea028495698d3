<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Findings;

use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\TestCase;

final class CountedAgainTest extends TestCase
{
    private const APP = "app A\nscreen S, first\n  Button \"Do not count me\"\n    tapped: do not count me\n";

    public function test_who_is_not_counted_can_change_their_mind_after_the_mend(): void
    {
        $found = self::found(self::APP);
        self::assertSame(['Whoever does not want to be counted cannot change their mind: nothing says “count me”.'], array_column($found, 'sentence'));
        $mended = Blueprint::fromData((new Patch($found[0]->mend->operations ?? []))->applyTo(Blueprint::fromScript(self::APP)->data()));
        self::assertStringContainsString('count me', str_replace('do not count me', '', $mended->script()));
        self::assertSame([], self::found($mended->script()));
        self::assertSame([], self::found("app A\nscreen S, first\n  Text \"Here\"\n"));
    }

    /** @return list<Finding> */
    private static function found(string $script): array
    {
        return array_values(array_filter(Findings::in(Reading::of(Blueprint::fromScript($script))), fn (Finding $f): bool => $f->rule === 'CountedAgain'));
    }
}
