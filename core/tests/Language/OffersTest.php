<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Language;

use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Language\BlankSpot;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Tests\Support\World;
use Lanai\Core\Wording\InWords;
use PHPUnit\Framework\TestCase;

/** Whatever Lanai offers must fit: nothing that can be picked makes a fault. */
final class OffersTest extends TestCase
{
    private const EVERYTHING = <<<'SCRIPT'
        app Everything

        table People, each a Person, who sign in
          Name is a text

        table Things, each a Thing
          Title is a text
          Story is a long text
          Number is a whole number
          Weight is a decimal
          Price is money in EUR
          Ready is yes or no
          Starts is a date and time
          Day is a date
          Clock is a time of day
          Length is a duration
          Kind is one of "a", "b"
          Tags are any of "x", "y"
          Photo is a picture
          Manual is a file
          Lies is a place
          Stars is a rating
          Owner is one Person
          Friends are many People
          Added is when it was added
          Author is who added it
          Double = number * 2
          Friendly = count(friends)

        screen Start, first
          List of Things where ready, by Title upward
            shows title as title
            tapped:
              go to One with this

        screen One, about one Thing
          Text "Hello", if thing.ready
          Picture of thing.photo
          Progress of thing.weight
          Countdown to thing.starts
          Button "Go"
            tapped:
              lower thing.number by 1
              change thing
                set Price = thing.price
                set Day = thing.day
                set Length = thing.length
                set Title = thing.title
                set Lies = thing.lies
              remove thing
        SCRIPT;

    public function test_every_choice_of_a_formula_fits_its_blank(): void
    {
        $tried = 0;
        foreach ([Blueprint::fromScript(self::EVERYTHING), World::saltlark()->blueprint] as $blueprint) {
            foreach ($this->formulas($blueprint) as [$spot, $fit]) {
                foreach ($fit->choices($spot->scope) as $choice) {
                    $type = $fit->check($choice->text, $spot->scope);
                    self::assertTrue($type->fits($fit->wanted($spot->scope)), "$spot->at: $choice->text");
                    self::assertNotSame('', InWords::of(Formula::of($choice->text), $spot->scope));
                    $tried++;
                }
            }
        }
        self::assertGreaterThan(1200, $tried);
    }

    public function test_a_picked_choice_leaves_no_fault_behind(): void
    {
        $blueprint = Blueprint::fromScript(self::EVERYTHING);
        $before = $this->faults($blueprint);
        foreach ($this->formulas($blueprint) as [$spot, $fit]) {
            foreach (array_slice($fit->choices($spot->scope), 0, 4) as $choice) {
                $after = (new Fill($spot->at, $choice->text))->on($blueprint)->blueprint;
                // Another row may have other fields: what stands under it is another matter.
                $here = array_filter(array_diff($this->faults($after), $before), fn (string $fault): bool => str_contains("$fault ", " $spot->at "));
                self::assertSame([], $here, "$spot->at: $choice->text");
            }
        }
    }

    public function test_every_completion_is_a_name_or_a_function_that_is_known(): void
    {
        $blueprint = Blueprint::fromScript(self::EVERYTHING);
        foreach ($this->formulas($blueprint) as [$spot]) {
            foreach (FormulaFit::completions($spot->scope) as $completion) {
                if (str_ends_with($completion->text, '(')) {
                    continue;
                }
                self::assertNotSame('', Formula::of($completion->text)->typeIn($spot->scope)->inWords(), $completion->text);
            }
        }
    }

    public function test_every_type_that_is_offered_can_be_taken(): void
    {
        $blueprint = Blueprint::fromScript(self::EVERYTHING);
        $walk = $blueprint->walk();
        $spot = $walk->blankAt('/tables/1/fields/2/type') ?? self::fail('No type there.');
        foreach ($spot->blank->fit->choices($spot->scope) as $choice) {
            $after = (new Fill('/tables/1/fields/2/type', $choice->text))->on($blueprint)->blueprint;
            self::assertStringContainsString("  Number $choice->text\n", $after->script());
            self::assertSame($after->script(), Blueprint::fromScript($after->script())->script());
        }
    }

    /** @return iterable<array{BlankSpot, FormulaFit}> */
    private function formulas(Blueprint $blueprint): iterable
    {
        foreach ($blueprint->walk()->blanks as $spot) {
            if ($spot->blank->fit instanceof FormulaFit && ! $spot->scope->lost) {
                yield [$spot, $spot->blank->fit];
            }
        }
    }

    /** @return list<string> */
    private function faults(Blueprint $blueprint): array
    {
        $rules = ['UnknownName', 'NumberFromText', 'FormulaInCircles'];
        $found = array_filter(Findings::in(Reading::of($blueprint)), fn (Finding $f): bool => in_array($f->rule, $rules, true));

        return array_values(array_map(fn (Finding $f): string => "$f->rule $f->at $f->sentence", $found));
    }
}
