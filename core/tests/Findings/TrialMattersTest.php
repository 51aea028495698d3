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

final class TrialMattersTest extends TestCase
{
    private const APP = <<<'APP'
    app A
    table Spots, each a Spot
      Name is a text
    screen Start, first
      Button "Show me"
        tapped: go to Long
    screen Long
      Pages, ending with "Let us go"
        page
          Text "One"
        page
          Text "Two"
        finished: go to Start
    screen Short
      Pages, ending with "Let us go"
        page
          Text "All"
        finished: go to Start
    screen Spot, about one Spot
      Text "{spot.name}"
    funnel Welcome
      step Long
      step Long, tapping "Let us go"
    funnel Paged
      step Long
      step Long, page 2
    trial Shorter, showing Short, instead of Long, to 40 of a hundred newcomers, counted by Welcome
    APP;

    public function test_what_can_be_tried_is_not_spoken_of_is_reached_and_reads_as_it_was_written(): void
    {
        $blueprint = Blueprint::fromScript(self::APP);
        self::assertSame([], self::found(self::APP));
        self::assertSame($blueprint->script(), Blueprint::fromScript($blueprint->script())->script());
        self::assertStringContainsString('trial Shorter, showing Short, instead of Long, to 40 of a hundred newcomers,', $blueprint->script());
        $all = array_column(Findings::in(Reading::of($blueprint)), 'sentence');
        self::assertSame([], array_values(array_filter($all, fn (string $said): bool => str_contains($said, 'Nobody reaches the screen “Short”'))));
        self::assertCount(1, array_filter($all, fn (string $said): bool => str_contains($said, 'Nobody reaches the screen “Spot”')));
    }

    #[TestWith(['showing Short', 'showing Nothing', 'There is no screen “Nothing”: “Shorter” shows nobody anything else.'])]
    #[TestWith(['instead of Long', 'instead of Nothing', 'There is no screen “Nothing”: “Shorter” shows nobody anything else.'])]
    #[TestWith([', showing Short', '', 'Say what “Shorter” shows, and instead of which screen.'])]
    #[TestWith(['instead of Long', 'instead of Short', '“Shorter” shows Short instead of itself.'])]
    #[TestWith(['showing Short', 'showing Spot', 'Spot and Long are about different things: one cannot stand in for the other.'])]
    #[TestWith([', counted by Welcome', '', 'Say which funnel “Shorter” is counted by, so that it is known which way leads further.'])]
    #[TestWith(['counted by Welcome', 'counted by Booking', 'There is no funnel “Booking”: “Shorter” is not counted.'])]
    #[TestWith(['counted by Welcome', 'counted by Paged',
        'Short has no page 2, but it is a step of “Paged”: whoever is shown Short never comes to its end.'])]
    public function test_what_shows_nobody_anything_is_found_and_left_out_by_its_mend(string $part, string $instead, string $sentence): void
    {
        $script = str_replace($part, $instead, self::APP);
        $found = self::found($script);
        self::assertSame([$sentence], array_column($found, 'sentence'));
        $mended = Blueprint::fromData((new Patch($found[0]->mend->operations ?? []))->applyTo(Blueprint::fromScript($script)->data()));
        self::assertSame([], self::found($mended->script()));
    }

    public function test_in_one_place_there_is_one_trial(): void
    {
        $found = self::found(self::APP."\ntrial Again, showing Start, instead of Long, to 10 of a hundred newcomers, counted by Welcome");
        // On Start nothing says “Let us go” either.
        self::assertSame(['/trials/1'], array_column($found, 'at'));
    }

    public function test_a_page_that_is_not_there_leads_nowhere(): void
    {
        $all = Findings::in(Reading::of(Blueprint::fromScript(str_replace('page 2', 'page 3', self::APP))));
        $said = array_column(array_filter($all, fn (Finding $f): bool => $f->rule === 'FunnelLeadsNowhere'), 'sentence');
        self::assertSame(['Long has no page 3: nobody comes further on “Paged” than to here.'], array_values($said));
    }

    /** @return list<Finding> */
    private static function found(string $script): array
    {
        $found = Findings::in(Reading::of(Blueprint::fromScript($script)));

        return array_values(array_filter($found, fn (Finding $f): bool => $f->rule === 'TrialMatters'));
    }
}
