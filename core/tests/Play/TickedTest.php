<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Play;

use Lanai\Core\Lines\ForChosen;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Play\Outcome;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

/** Items of a list that are ticked, and what is done with all of them. */
final class TickedTest extends TestCase
{
    private const APP = <<<'SCRIPT'
        app Errands

        table Errands, each an Errand
          Name is a text
          Done is yes or no
          Left is a whole number

        screen S, first
          List of Errands where not done, by Name upward
            shows name as title
            for the chosen ones "Done"
              tapped:
                change this
                  set Done = yes
                say "Well done."
            for the chosen ones "Remove", dangerous
              tapped:
                confirm "Remove what was chosen?"
                remove this
            for the chosen ones "Lower"
              tapped:
                lower left by 1 while it is above 0, otherwise say "{name} has none left."
            for the chosen ones "Tell"
              tapped:
                say "{name}"
        SCRIPT;

    private World $world;

    /** @var list<int> */
    private array $ids = [];

    protected function setUp(): void
    {
        $this->world = World::of(self::APP);
        foreach (['a', 'b', 'c', 'd', 'e'] as $i => $name) {
            $this->ids[] = $this->world->add('Errands', ['name' => $name, 'done' => false, 'left' => $i]);
        }
    }

    /** @param  list<int>  $ticked @param  list<string>  $confirmed */
    private function tap(int $which, array $ticked, array $confirmed = [], string $key = ''): Outcome
    {
        $visit = new Visit(World::moment(), 's', confirmed: $confirmed, ticked: $ticked);

        $player = new Player($this->world->blueprint, $this->world->store, rehearsal: true);

        return $player->tap($visit, "/screens/0/lines/0/chosen/$which", null, $key, Trail::none());
    }

    /** @return list<string> */
    private function shown(): array
    {
        return array_column($this->world->show()['nodes'][0]['items'], 'title');
    }

    public function test_what_is_offered_is_done_for_each_and_said_once(): void
    {
        self::assertSame(
            [['label' => 'Done', 'dangerous' => false], ['label' => 'Remove', 'dangerous' => true]],
            array_slice($this->world->show()['nodes'][0]['chosen'], 0, 2),
        );
        $outcome = $this->tap(0, [$this->ids[1], $this->ids[3], $this->ids[1]]);
        self::assertSame(['', ['Well done.']], [$outcome->refused, $outcome->say]);
        self::assertSame(['a', 'c', 'e'], $this->shown());
    }

    public function test_a_question_is_asked_once_for_all_and_its_button_says_what_it_does(): void
    {
        $asked = $this->tap(1, [$this->ids[0], $this->ids[2]]);
        $question = $asked->confirm ?? [];
        self::assertSame(['Remove what was chosen?', 'Remove', true], [$question['text'], $question['yes'], $question['dangerous']]);
        self::assertCount(5, $this->shown());
        self::assertSame('', $this->tap(1, [$this->ids[0], $this->ids[2]], [$question['at']])->refused);
        self::assertSame(['b', 'd', 'e'], $this->shown());
    }

    public function test_all_of_it_is_done_or_nothing(): void
    {
        self::assertSame('a has none left.', $this->tap(2, [$this->ids[4], $this->ids[0]])->refused);
        self::assertSame(4, $this->world->store->byIds($this->world->blueprint->tables[0], [$this->ids[4]])[$this->ids[4]]->values['left']);

        $this->tap(0, [$this->ids[2]]);
        self::assertSame('One of the chosen ones is no longer there. Please look again.', $this->tap(0, [$this->ids[1], $this->ids[2]])->refused);
        self::assertSame('One of the chosen ones is no longer there. Please look again.', $this->tap(0, [$this->ids[1], 999])->refused);
        self::assertSame(['a', 'b', 'd', 'e'], $this->shown());
    }

    public function test_none_and_too_many_are_refused_with_a_sentence(): void
    {
        self::assertSame('Please choose some first.', $this->tap(0, [])->refused);
        self::assertSame('Please choose at most 200 at a time.', $this->tap(0, range(1, ForChosen::MOST + 1))->refused);
        self::assertSame('This is not possible any more.', $this->tap(9, [$this->ids[0]])->refused);
        for ($i = count($this->ids); $i < ForChosen::MOST; $i++) {
            $this->ids[] = $this->world->add('Errands', ['name' => "n$i", 'done' => false, 'left' => 1]);
        }
        self::assertSame('', $this->tap(0, $this->ids)->refused);
        self::assertSame([], $this->shown());
    }

    public function test_what_is_said_of_many_is_cut_and_says_so(): void
    {
        self::assertSame(['a', 'b', 'c', 'And so on, 5 in all.'], $this->tap(3, $this->ids)->say);
    }

    public function test_the_same_tap_sent_twice_acts_once_and_with_others_ticked_it_is_another(): void
    {
        $this->tap(2, [$this->ids[4]], key: 'k');
        $this->tap(2, [$this->ids[4]], key: 'k');
        $this->tap(2, [$this->ids[3]], key: 'k');
        $rows = $this->world->store->byIds($this->world->blueprint->tables[0], $this->ids);
        self::assertSame([3, 2], [$rows[$this->ids[4]]->values['left'], $rows[$this->ids[3]]->values['left']]);
    }

    public function test_it_is_written_as_it_was_read(): void
    {
        $blueprint = Blueprint::fromScript(self::APP);
        self::assertSame($blueprint->script(), Blueprint::fromScript($blueprint->script())->script());
        self::assertStringContainsString('for the chosen ones "Remove", dangerous', $blueprint->script());
    }
}
