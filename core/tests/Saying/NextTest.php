<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Saying;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Saying\Next;
use Lanai\Core\Saying\Sayer;
use PHPUnit\Framework\TestCase;

/** What would come next: each can be taken as it is said, and is not said again. */
final class NextTest extends TestCase
{
    public function test_each_step_is_understood_and_gone_once_it_is_taken(): void
    {
        $app = SayingTest::app();
        $taken = [];
        // Each brings something else forward, until nothing is left.
        for ($i = 0; $i < 30; $i++) {
            $steps = Next::of($app);
            self::assertLessThanOrEqual(5, count($steps));
            if ($steps === []) {
                break;
            }
            ['says' => $says, 'brings' => $brings] = $steps[0];
            self::assertNotContains($says, $taken);
            self::assertStringEndsWith('.', $brings);
            $taken[] = $says;
            $app = (new Sayer())->hear($app, $says)[0]['understood']->proposals[0]->after;
        }

        self::assertSame([], Next::of($app));
        self::assertContains('add a map of kilns', $taken);
        self::assertContains('dark mode', $taken);
    }

    public function test_an_empty_app_is_told_little(): void
    {
        self::assertSame(['dark mode', 'add a page about us'], array_column(Next::of(Blueprint::begin('Empty')), 'says'));
    }
}
