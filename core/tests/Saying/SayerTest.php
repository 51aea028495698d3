<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Saying;

use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Table;
use Lanai\Core\Saying\Sayer;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Asking back, several things in one breath, taking, questions, and words that nobody prepared. */
final class SayerTest extends TestCase
{
    private const TWO_LISTS = <<<'SCRIPT'
        app Boats

        table Boats, each a Boat
          Name is a text
          Length is a decimal

        screen Start, first
          List of Boats, by Name upward
            shows name as title

        screen Pier
          List of Boats, by Name upward
            shows name as title
          Button "Rent"
        SCRIPT;

    public function test_where_two_lists_are_meant_it_asks_back_and_each_answer_says_one_of_them(): void
    {
        $boats = Blueprint::fromScript(self::TWO_LISTS);
        $asked = $this->one('make the list of boats cards', $boats);

        self::assertSame('There are several lists of Boats. Which one?', $asked->asks);
        self::assertSame(['The one on Start', 'The one on Pier', 'All of them'], array_column($asked->answers, 'label'));
        foreach ($asked->answers as ['says' => $says, 'label' => $label]) {
            $cards = substr_count($this->one($says, $boats)->proposals[0]->after->script(), 'as cards');
            self::assertSame($label === 'All of them' ? 2 : 1, $cards, $says);
        }
    }

    public function test_where_somebody_looks_at_one_of_them_that_is_meant(): void
    {
        $made = $this->one('make the list cards', Blueprint::fromScript(self::TWO_LISTS), 'Pier')->proposals[0];

        self::assertSame(['Pier'], $made->screens());
    }

    public function test_several_things_in_one_breath_are_proposed_one_by_one_and_each_can_be_left(): void
    {
        $boats = Blueprint::fromScript(self::TWO_LISTS);
        $saying = 'Add a price to boats, and then rename Pier to Harbour. Make it blue';
        $heard = (new Sayer())->hear($boats, $saying);

        self::assertCount(3, $heard);
        self::assertSame(['Keep Price of each Boat', 'Rename the screen Pier to “Harbour”', 'Make the main colour #1C61BA'], array_map(
            fn (array $part): string => $part['understood']->proposals[0]->label,
            $heard,
        ));
        $taken = (new Sayer())->take($boats, $saying, [0 => 0, 1 => null, 2 => 0])->on($boats)->blueprint;
        self::assertNotNull($taken->screen('Pier'));
        self::assertNotNull($taken->table('Boats')?->field('Price'));
        self::assertSame('#1C61BA', $taken->theme->main);
    }

    public function test_what_needs_what_was_left_is_refused(): void
    {
        $saying = 'Add a price to boats. Sort the list of boats on Pier by price';

        $this->expectExceptionMessage('“Sort the list of boats on Pier by price” cannot be done as things stand now. Please say it again.');
        (new Sayer())->take(Blueprint::fromScript(self::TWO_LISTS), $saying, [0 => null, 1 => 0]);
    }

    public function test_taking_nothing_is_no_change(): void
    {
        $this->expectException(EditRefused::class);
        (new Sayer())->take(Blueprint::fromScript(self::TWO_LISTS), 'make it blue', [null]);
    }

    #[TestWith(['who can see shares?', 'Shares may be seen by the person in Owner.'])]
    #[TestWith(['Who may add firings', 'Firings may be added by a Fire master.'])]
    #[TestWith(['can potters remove kilns?', 'Kilns may be removed by nobody.'])]
    #[TestWith(['who can see Plan?', 'Plan may be opened by everybody who has signed in.'])]
    #[TestWith(['what happens when I throw it away?', "The button “Throw it away” on Glaze:\n– confirm \"Throw it away?\"\n"
        ."– remove the Glaze\n– go back"])]
    #[TestWith(['why can a guest not take a shelf?', 'The button “Take a shelf” on Firing: it is there only if somebody is signed in; '.
        'Shares may be added by signed-in people.'])]
    #[TestWith(['why is the list of shares on Me empty?', 'The list of Shares on Me shows only Shares of which this is so: '.
        'somebody is signed in and Owner is me. There are no Shares at all just now. '.
        'Shares may be seen by the person in Owner: what somebody may not see is left out for them.'])]
    public function test_questions_are_answered_from_the_app_itself(string $question, string $answer): void
    {
        $sayer = new Sayer(fn (Table $table): int => $table->name === 'Shares' ? 0 : 4);

        self::assertSame($answer, $sayer->hear(SayingTest::app(), $question)[0]['understood']->answer);
    }

    #[TestWith(['go to Glaze', '/screens/4'])]
    #[TestWith(['shares', '/tables/2'])]
    #[TestWith(['where is the hottest?', '/tables/0/fields/1'])]
    #[TestWith(['open earnings', 'station:earnings'])]
    public function test_it_finds_and_goes(string $saying, string $at): void
    {
        self::assertContains($at, array_column((new Sayer())->hear(SayingTest::app(), $saying)[0]['understood']->finds, 'at'));
    }

    #[TestWith([''])]
    #[TestWith(['   …   '])]
    #[TestWith(['"""'])]
    #[TestWith(['add a } { \\ " to glazes'])]
    #[TestWith(['add a is as where if to glazes'])]
    #[TestWith(["rename glazes to \u{202E}sezalg"])]
    #[TestWith(['change "Take a shelf" to "{firing.nothing"'])]
    #[TestWith(['mach die Liste zu Karten'])]
    #[TestWith(['add a 🦆 to glazes'])]
    public function test_odd_words_break_nothing(string $saying): void
    {
        foreach ((new Sayer())->hear(SayingTest::app(), $saying) as ['understood' => $understood]) {
            foreach ($understood->proposals as $proposal) {
                self::assertSame($proposal->after->script(), Blueprint::fromScript($proposal->after->script())->script());
            }
            self::assertTrue($understood->proposals !== [] || $understood->answer !== '' || $understood->asks !== '' || $understood->finds !== []);
        }
        self::assertIsArray((new Sayer())->hear(SayingTest::app(), $saying));
    }

    public function test_a_long_saying_takes_no_longer_than_a_short_one_by_much(): void
    {
        $words = new Utterance(str_repeat('make the list of glazes and firings by on in to as ', 40));

        self::assertLessThanOrEqual(Utterance::LONGEST, mb_strlen($words->text));
        self::assertNotSame([], (new Sayer())->hear(SayingTest::app(), $words->text));
    }

    /** Every saying that is understood leaves an app that can be written and read again. */
    public function test_whatever_is_taken_round_trips(): void
    {
        /** @var list<array{string, string, list<string>}> $sayings */
        $sayings = require __DIR__.'/sayings.php';
        foreach ($sayings as [$saying, $here]) {
            foreach ((new Sayer())->hear(SayingTest::app(), $saying, $here) as ['understood' => $understood]) {
                foreach ($understood->proposals as $proposal) {
                    self::assertSame($proposal->after->script(), Blueprint::fromScript($proposal->after->script())->script(), $saying);
                }
            }
        }
    }

    private function one(string $saying, Blueprint $app, string $here = ''): Understood
    {
        return (new Sayer())->hear($app, $saying, $here)[0]['understood'];
    }
}
