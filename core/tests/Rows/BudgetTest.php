<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Rows;

use Lanai\Core\Rows\Budget;
use Lanai\Core\Rows\TooMuch;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What PHP must work out item by item ends in a sentence, and not when the machine gives up. */
final class BudgetTest extends TestCase
{
    #[TestWith(['count(things, any(things, join(others, name) == name))'])]
    #[TestWith(['sum(things, length(join(where(others, weight > 1), name)))'])]
    public function test_lists_within_lists_are_stopped_and_named(string $formula): void
    {
        $world = World::of(
            "app A\ntable Things, each a Thing\n  Name is a text\ntable Others, each an Other\n  Name is a text\n  Weight is a whole number\n"
                ."screen S, first\n  Text \"{".
                $formula.
                '}"',
        );
        foreach (range(1, 900) as $i) {
            $world->add('Things', ['name' => "thing $i"]);
            $world->add('Others', ['name' => "other $i", 'weight' => $i]);
        }
        $shown = $world->show();

        self::assertSame(
            '“'.
                $formula.
                '” looks at too many rows one by one and was stopped after 500,000 steps. Compare fields of the table with values, or choose fewer rows first.',
            $shown['problem'],
        );
    }

    #[TestWith(['join(things, name)'])]
    #[TestWith(['replace(first(things).name, "o", first(things).name)'])]
    #[TestWith(['first(things).name ~ last(things).name'])]
    #[TestWith(['length(join(things, name ~ name))'])]
    public function test_a_text_that_grows_without_end_is_stopped_and_named(string $formula): void
    {
        $world = World::of("app A\ntable Things, each a Thing\n  Name is a text\nscreen S, first\n  Text \"{".strtr($formula, ['"' => '\\"']).'}"');
        foreach (range(1, 3) as $i) {
            $world->add('Things', ['name' => str_repeat('long one ', 60_000)]);
        }

        self::assertSame(
            '“'.$formula.'” makes a text of more than 1,000,000 characters and was stopped. Put fewer rows or shorter texts together.',
            $world->show()['problem'],
        );
    }

    public function test_a_budget_counts_what_is_done(): void
    {
        $budget = new Budget(steps: 3);
        foreach (range(1, 3) as $i) {
            $budget->step(fn (): string => 'count(things)');
        }
        $this->expectException(TooMuch::class);
        $this->expectExceptionMessage('“count(things)” looks at too many rows one by one and was stopped after 3 steps.');

        $budget->step(fn (): string => 'count(things)');
    }
}
