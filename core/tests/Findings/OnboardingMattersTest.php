<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Findings;

use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\TestCase;

final class OnboardingMattersTest extends TestCase
{
    private const APP = <<<'APP'
    app Reef
    sign-in at In
      as a guest
    table People, each a Person, who sign in
      Name is a text, required
    table Spots, each a Spot
      may be seen by everyone
      Name is a text
      Lies is a place
    value Tongue is a text, kept for each device
    screen Start, first
      List of Spots, as a map
        shows lies as place
        when empty: "None."
    screen Welcome
      Pages, ending with "Go"
        page
          Text "One"
        page
          Input Tongue is a text
        finished:
          set value Tongue to input.tongue
          start over
    screen In
      Text "in"
    APP;

    public function test_two_pages_a_question_that_is_used_and_a_look_around_are_right(): void
    {
        self::assertSame([], $this->found(self::APP));
    }

    public function test_a_wall_many_pages_a_permission_and_an_idle_question_are_told_and_their_mends_are_right(): void
    {
        self::assertSame(
            ['/screens/0' => 'Nobody sees anything before they sign in: let newcomers look around first, and ask when it is needed.'],
            $this->said(str_replace('screen Start, first', 'screen Start, first, only when signed in', self::APP)),
        );
        $many = str_replace("    page\n      Text \"One\"\n", str_repeat("    page\n      Text \"One\"\n", 5), self::APP);
        self::assertSame(
            ['/screens/1/lines/0' => '6 pages are many: most newcomers look through five at most. Say less, or say it where it is needed.'],
            $this->said($many),
        );
        $here = str_replace('as a map', 'as a map, marking where one is', self::APP);
        $idle = str_replace("      set value Tongue to input.tongue\n", '', self::APP);
        self::assertSame(['/screens/1/lines/0/pages/1/lines/0'], array_keys($this->said($idle)));
        self::assertSame(['/screens/0/lines/0'], array_keys($this->said($here)));
        foreach ([$here, $idle] as $script) {
            $mend = $this->found($script)[0]->mend;
            $mended = (new Patch($mend->operations ?? []))->applyTo(Blueprint::fromScript($script)->data());
            self::assertSame([], $this->found(Blueprint::fromData($mended)->script()));
        }
    }

    /** @return array<string, string> */
    private function said(string $script): array
    {
        return array_column(array_map(fn (Finding $f): array => [$f->at, $f->sentence], $this->found($script)), 1, 0);
    }

    /** @return list<Finding> */
    private function found(string $script): array
    {
        $all = Findings::in(Reading::of(Blueprint::fromScript($script)));

        return array_values(array_filter($all, fn (Finding $f): bool => $f->rule === 'OnboardingMatters'));
    }
}
