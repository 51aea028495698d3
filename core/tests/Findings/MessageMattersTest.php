<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Findings;

use Lanai\Core\Edits\Edits;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\TestCase;

final class MessageMattersTest extends TestCase
{
    private const APP = <<<'APP'
    app Reef
    sign-in at In
      as a guest
    table People, each a Person, who sign in
      Name is a text, required
    table Orders, each an Order
      may be seen by everyone
      Buyer is one Person
      Due is a date and time
    screen Start, first
      Text "Here"
    screen In
      Text "in"
    screen Settings
      Channels
      Inbox
      Button "Tell me"
        tapped:
          ask to send messages, because "So that you know."
    tab Settings as "Settings" with icon bell
    messages, quiet from "22:00" until "07:00"
      channel News
    message Hello, on News, also in the inbox
      says "Hello"
    APP;

    public function test_an_app_that_asks_and_lets_people_choose_is_right(): void
    {
        self::assertSame([], $this->said(self::APP));
    }

    /** Each of these is wrong in one way. */
    public function test_what_is_wrong_with_a_message_is_said(): void
    {
        $with = fn (string $from, string $to): array => $this->said(str_replace($from, $to, self::APP));
        self::assertSame(['/sends/0' => '“Hello” says nothing: write what it says.'], $with('says "Hello"', 'says ""'));
        self::assertSame(
            ['/sends/0' => 'There is no channel “Olds”: nobody could turn it off.'],
            $with('Hello, on News', 'Hello, on Olds'),
        );
        self::assertSame(
            ['/sends/0' => 'It comes on no channel: people can turn it off only together with everything else.'],
            $with('Hello, on News', 'Hello'),
        );
        self::assertSame(['/sends/0' => 'It lies also in the inbox, and no screen shows an “Inbox”.'], $with("  Inbox\n", ''));
        self::assertSame(['/sends/0' => 'Nowhere can people turn it off: let a screen show the “Channels”.'], $with("  Channels\n", ''));
        self::assertSame(
            ['/sends/0' => 'It has two times at which it is sent, by a row and by a time: say one of them.'],
            $with('Hello, on News', 'Hello, on News, when one Order is added, every day'),
        );
        self::assertSame(
            ['/sends/0' => 'Nothing says at which time it is sent for each Order.'],
            $with('Hello, on News', 'Hello, on News, for each Order'),
        );
        self::assertSame(
            ['/sends/0' => '“6 pm” is no time of the day: write it as “18:00”.'],
            $with('Hello, on News', 'Hello, on News, every day, at the time "6 pm"'),
        );
        self::assertSame(
            ['/messages' => '“ten” is no time of the day: write it as “21:30”. Until then no hour is quiet.'],
            $with('quiet from "22:00"', 'quiet from "ten"'),
        );
        self::assertSame(
            ['/screens/2/lines/2/tapped/0' => 'Nothing says why: whoever does not know what comes says no, and is not asked again.'],
            $with(', because "So that you know."', ''),
        );
        self::assertSame(
            ['/screens/2/lines/2/tapped/0' => 'It is asked on the first screen, before anybody knows what for: most say no there, for good.'],
            $this->said(str_replace(['Start, first', "screen Settings\n"], ['Start', "screen Settings, first\n"], self::APP)),
        );
        $none = "  Button \"Tell me\"\n    tapped:\n      ask to send messages, because \"So that you know.\"\n";
        self::assertSame([], $with($none, ''), 'It lies in the inbox: nobody need be asked.');
        self::assertStringContainsString(
            'Nobody is asked whether messages may come',
            $this->said(str_replace([$none, ', also in the inbox'], '', self::APP))['/sends/0'],
        );
    }

    public function test_its_mends_are_right(): void
    {
        foreach (['Hello, on News' => 'Hello, on Olds', ', because "So that you know."' => ''] as $from => $to) {
            $blueprint = Blueprint::fromScript(str_replace($from, $to, self::APP));
            [$finding] = $this->found($blueprint);
            self::assertNotNull($finding->mend);
            self::assertSame([], $this->found(Blueprint::fromData((new Patch($finding->mend->operations))->applyTo($blueprint->data()))));
        }
    }

    public function test_what_is_begun_with_one_tap_has_no_findings(): void
    {
        $bare = (string) preg_replace('/^messages.*/ms', '', str_replace("  Channels\n  Inbox\n", '', self::APP));
        $bare = (string) preg_replace('/^screen Settings.*?(?=^tab)/ms', "screen Settings\n  Text \"x\"\n", $bare);
        $result = Edits::read(['do' => 'letMessagesIn'])->on(Blueprint::fromScript($bare));
        $isOf = fn (Finding $f): bool => str_contains($f->at, 'essages') || str_starts_with($f->at, '/sends');
        self::assertSame([], array_filter(Findings::in(Reading::of($result->blueprint)), $isOf));
        self::assertStringContainsString("message Hello, on News\n", $result->blueprint->script());
        $this->expectExceptionMessage('There are rules for messages already.');
        Edits::read(['do' => 'letMessagesIn'])->on($result->blueprint);
    }

    /** @return array<string, string> place => sentence */
    private function said(string $script): array
    {
        return array_column(array_map(fn (Finding $f): array => [$f->at, $f->sentence], $this->found(Blueprint::fromScript($script))), 1, 0);
    }

    /** @return list<Finding> */
    private function found(Blueprint $blueprint): array
    {
        return array_values(array_filter(Findings::in(Reading::of($blueprint)), fn (Finding $f): bool => $f->rule === 'MessageMatters'));
    }
}
