<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Play;

use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Tests\Support\World;
use Lanai\Core\Values\Day;
use PHPUnit\Framework\TestCase;

/** Two days of a form that are picked together. */
final class DaysTogetherTest extends TestCase
{
    private function script(string $form): string
    {
        return "app X\n\ntable Stays, each a Stay\n  Name is a text\n  Arrives is a date\n  Leaves is a date\n\nscreen S, first\n  $form\n";
    }

    /** @return array<string, array<string, mixed>> */
    private function boxes(string $form): array
    {
        return array_column(World::of($this->script($form))->show()['nodes'][0]['boxes'], null, 'name');
    }

    public function test_the_first_box_asks_for_both_and_each_is_checked_and_kept_by_itself(): void
    {
        $form = 'Form for a new Stay asking Name, Arrives, Leaves, picking the days from Arrives to Leaves';
        $boxes = $this->boxes($form);
        self::assertSame(['leaves', 'arrives'], [$boxes['arrives']['until'], $boxes['leaves']['within']]);
        self::assertArrayNotHasKey('until', $boxes['name']);
        $world = World::of($this->script($form));
        self::assertSame([], $world->tap('s', 0, inputs: ['name' => 'a', 'arrives' => '2026-12-24', 'leaves' => '2026-12-27'])->errors);
        $row = $world->store->byIds($world->blueprint->tables[0], [1])[1];
        self::assertEquals([Day::of('2026-12-24'), Day::of('2026-12-27')], [$row->values['arrives'], $row->values['leaves']]);
        self::assertSame(['leaves'], array_keys($world->tap('s', 0, inputs: ['arrives' => '2026-12-24', 'leaves' => 'x'])->errors));
        self::assertSame($this->script($form), Blueprint::fromScript($this->script($form))->script());
    }

    public function test_days_that_are_not_both_asked_for_are_picked_apart_and_that_is_found_and_mended(): void
    {
        $found = fn (Blueprint $app): array => array_values(
            array_filter(Findings::in(Reading::of($app)), fn (Finding $f): bool => $f->rule === 'DaysNotTogether'),
        );
        $form = 'Form for a new Stay asking Name, Arrives, picking the days from Arrives to Leaves';
        self::assertArrayNotHasKey('until', $this->boxes($form)['arrives']);
        $app = Blueprint::fromScript($this->script($form));
        [$finding] = $found($app);
        self::assertSame('The days cannot be picked together: the form does not ask for Leaves.', $finding->sentence);
        self::assertSame([], $found(EditResult::by($app, new Patch($finding->mend->operations ?? []))->blueprint));
        self::assertCount(1, $found(Blueprint::fromScript($this->script('Form for a new Stay asking Arrives, picking the days from Arrives to Arrives'))));
    }
}
