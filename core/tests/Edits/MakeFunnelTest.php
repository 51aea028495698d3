<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Edits;

use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\Edits;
use Lanai\Core\Edits\Kinds\MakeFunnel;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class MakeFunnelTest extends TestCase
{
    private const APP = <<<'APP'
    app A
    table Swims, each a Swim
      Title is a text
    screen Start, first
      List of Swims
        shows title as title
        tapped: go to Swim with this
      Card
        Button "Go on"
          tapped: go to Start
    screen Swim, about one Swim
      Button "Count me in"
        tapped: go back
    funnel Old
      step Start
      step Swim
    APP;

    public function test_what_was_done_in_the_app_becomes_sentences(): void
    {
        // A row that was tapped has its number in the place; the same screen twice in a row is one step; what is not there is none.
        $steps = ['start', '/screens/0/lines/0', 'swim', 'swim', '/screens/1/lines/0', '/screens/9/lines/0', 'nowhere', '/screens/0/lines/1/lines/0@3', 7];
        $edit = Edits::read(['do' => 'makeFunnel', 'name' => ' New one ', 'steps' => $steps]);
        $script = $edit->on(Blueprint::fromScript(self::APP))->blueprint->script();
        self::assertStringContainsString(<<<'SAID'
        funnel New one
          step Start
          step Start, tapping "List of Swims"
          step Swim
          step Swim, tapping "Count me in"
          step Start, tapping "Go on"
        SAID, $script);
        self::assertStringContainsString("funnel Old\n  step Start\n  step Swim", $script);
    }

    #[TestWith(['', ['start', 'swim'], 'Give this funnel a name that no other one has.'])]
    #[TestWith(['OLD', ['start', 'swim'], 'Give this funnel a name that no other one has.'])]
    #[TestWith(['New', ['start', 'start'], 'A funnel needs two steps at least. Go on in the app beside you, and then make it.'])]
    #[TestWith(['New', [], 'A funnel needs two steps at least. Go on in the app beside you, and then make it.'])]
    public function test_what_is_none_is_refused(string $name, array $steps, string $sentence): void
    {
        $this->expectExceptionObject(new EditRefused($sentence));
        (new MakeFunnel($name, $steps))->on(Blueprint::fromScript(self::APP));
    }
}
