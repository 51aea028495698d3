<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Findings;

use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What the rules about effects see through, and what they leave alone. */
final class EffectsRulesTest extends TestCase
{
    private const TABLES = <<<'SCRIPT'
    app A

    table Swims, each a Swim
      Title is a text
      Places is a whole number
      Waiting is a whole number

    table Bookings, each a Booking
      Swim is one Swim
      Name is a text

    table Notes, each a Note
      Text is a text

    screen Swim, about one Swim
      Button "Book"
        tapped:
          lower swim.places by 1 while it is above 0
          add a Booking
            set Swim = swim

    screen Booking, about one Booking
      Button "Cancel"
        tapped:

    SCRIPT;

    #[TestWith([['remove booking'], true])]
    #[TestWith([['confirm "Sure?"', 'remove booking'], false])]
    #[TestWith([['remove booking', 'confirm "Sure?"'], true])]
    #[TestWith([['confirm "Sure?"', 'if booking.name == "x"', '  then:', '    remove booking'], false])]
    #[TestWith([['if booking.name == "x"', '  then:', '    confirm "Sure?"', '    remove booking'], false])]
    #[TestWith([['if booking.name == "x"', '  then:', '    confirm "Sure?"', '  otherwise:', '    remove booking'], true])]
    #[TestWith([['if booking.name == "x"', '  then:', '    confirm "Sure?"', 'remove booking'], true])]
    public function test_a_question_counts_only_where_it_comes_first_on_the_way(array $effects, bool $found): void
    {
        self::assertSame($found, $this->found('RemovedWithoutAsking', $effects) !== []);
    }

    #[TestWith([['remove booking'], true])]
    #[TestWith([['raise booking.swim.places by 1', 'remove booking'], false])]
    #[TestWith([['remove booking', 'raise booking.swim.places by 1'], false])]
    #[TestWith([['raise booking.swim.waiting by 1', 'remove booking'], true])]
    #[TestWith([['change booking.swim', '  set Places = booking.swim.places + 1', 'remove booking'], false])]
    #[TestWith([['change booking.swim', '  set Waiting = 1', 'remove booking'], true])]
    #[TestWith([['if booking.name == "x"', '  then:', '    raise booking.swim.places by 1', 'remove booking'], false])]
    #[TestWith([['go back'], false])]
    public function test_what_is_given_back_by_any_way_is_not_missed(array $effects, bool $found): void
    {
        self::assertSame($found, $this->found('LoweredNeverRaised', $effects) !== []);
    }

    public function test_the_mend_gives_back_as_much_as_was_taken(): void
    {
        $blueprint = Blueprint::fromScript(str_replace('lower swim.places by 1', 'lower swim.places by 3', $this->script(['remove booking'])));
        $finding =
            array_values(array_filter(Findings::in(Reading::of($blueprint)), fn (Finding $f): bool => $f->rule === 'LoweredNeverRaised'))[0] ??
            self::fail('Nothing was found.');
        $mended = EditResult::by($blueprint, new Patch($finding->mend->operations ?? []))->blueprint;

        self::assertSame('Raise booking.swim.places again', $finding->mend?->label);
        self::assertStringContainsString("      raise booking.swim.places by 3\n      remove booking\n", $mended->script());
    }

    public function test_a_number_of_another_table_is_no_counterpart(): void
    {
        $script = str_replace(
            ['lower swim.places by 1 while it is above 0', 'add a Booking', "        set Swim = swim\n"],
            ['lower swim.places by 1', 'add a Note', "        set Text = \"x\"\n"],
            $this->script(['remove booking']),
        );

        self::assertSame(
            [],
            array_filter(Findings::in(Reading::of(Blueprint::fromScript($script))), fn (Finding $f): bool => $f->rule === 'LoweredNeverRaised'),
        );
    }

    /**
     * @param  list<string>  $effects
     * @return list<Finding>
     */
    private function found(string $rule, array $effects): array
    {
        return array_values(
            array_filter(Findings::in(Reading::of(Blueprint::fromScript($this->script($effects)))), fn (Finding $f): bool => $f->rule === $rule),
        );
    }

    /** @param  list<string>  $effects */
    private function script(array $effects): string
    {
        return self::TABLES.implode('', array_map(fn (string $line): string => "      $line\n", $effects));
    }
}
