<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Edits;

use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Edits\Kinds\Move;
use Lanai\Core\Edits\Kinds\Remove;
use Lanai\Core\Edits\Kinds\Rewrite;
use Lanai\Core\Edits\Kinds\TakeOffer;
use Lanai\Core\Edits\Kinds\Write;
use Lanai\Core\Edits\Rebase;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Language\ScriptMistake;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

final class EditsTest extends TestCase
{
    public function test_a_blank_is_filled_and_the_edit_can_be_taken_back(): void
    {
        $before = World::saltlark()->blueprint;
        $edited = (new Fill('/screens/0/lines/1/text', 'Come in, the water is “fine”.'))->on($before);

        self::assertStringContainsString('Text "Come in, the water is “fine”."', $edited->blueprint->script());
        $this->assertTakenBack($before, $edited);
    }

    public function test_lines_are_added_moved_and_removed(): void
    {
        $before = World::saltlark()->blueprint;
        $added = (new Write('/screens/0/lines', "Heading \"Hello\"\nButton \"Go\"\n  tapped:\n    go back", 1))->on($before);
        self::assertCount(6, $added->blueprint->screens[0]->lines());
        $this->assertTakenBack($before, $added);

        $moved = (new Move(['/screens/0/lines/1'], 5))->on($added->blueprint);
        self::assertStringEndsWith("  Heading \"Hello\"\n", explode("\nscreen Swim,", $moved->blueprint->script())[0]);
        $this->assertTakenBack($added->blueprint, $moved);

        $removed = (new Remove(['/screens/0/lines/5']))->on($moved->blueprint);
        self::assertStringNotContainsString('Hello', $removed->blueprint->script());
        $this->assertTakenBack($moved->blueprint, $removed);
    }

    public function test_an_offered_clause_stands_there_unfilled(): void
    {
        $before = World::saltlark()->blueprint;

        self::assertStringContainsString('go in alone.", if ___', (new TakeOffer('/screens/0/lines/1/if'))->on($before)->blueprint->script());
        self::assertStringContainsString('Text "Pick', (new TakeOffer('/screens/0/lines/1/if'))->on($before)->blueprint->script());
    }

    public function test_what_does_not_fit_is_refused_with_what_would(): void
    {
        $this->expectException(ScriptMistake::class);
        $this->expectExceptionMessageMatches('/expected a whole number, but “three”/');

        (new Fill('/release/build', 'three'))->on(World::saltlark()->blueprint);
    }

    /** Whatever is renamed, everything that points at it follows, storage stays, and nothing new is wrong. */
    public function test_a_rename_is_followed_everywhere(): void
    {
        foreach (
            [
                ['/tables/1/fields/3/name', 'Room left', 'raise booking.swim.roomLeft by 1'],
                ['/tables/0/fields/0/name', 'Called', 'spot.called'],
                ['/tables/1/singular', 'Outing', '{outing.title}'],
                ['/tables/1/name', 'Group swims', 'List of Group swims'],
                ['/screens/1/name', 'One swim', 'go to One swim with this'],
                ['/screens/1/lines/5/name', 'Your name', 'input.yourName'],
            ] as [$at, $name, $seen]
        ) {
            $before = World::saltlark()->blueprint;
            $edited = (new Fill($at, $name))->on($before);

            self::assertStringContainsString($seen, $edited->blueprint->script(), $at);
            self::assertSame($this->rules($before), $this->rules($edited->blueprint), $at);
            self::assertSame($this->columns($before), $this->columns($edited->blueprint), $at);
            $this->assertTakenBack($before, $edited);
        }
    }

    public function test_a_name_that_is_taken_is_refused(): void
    {
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage('There is already one called “Spot”.');

        (new Fill('/tables/1/fields/0/name', 'spot'))->on(World::saltlark()->blueprint);
    }

    public function test_a_rewritten_script_is_one_edit(): void
    {
        $before = World::saltlark()->blueprint;
        $edited = (new Rewrite(str_replace(['Pick a swim', 'as cards'], ['Choose one', 'as rows'], $before->script())))->on($before);

        self::assertStringContainsString('Choose one', $edited->blueprint->script());
        $this->assertTakenBack($before, $edited);
    }

    public function test_a_later_edit_counts_unless_its_place_has_changed(): void
    {
        $other = [[['op' => 'replace', 'path' => '/screens/0/lines/1/text', 'value' => 'x']]];
        Rebase::check(['/screens/0/lines/2/table'], $other);
        Rebase::check(['/screens/3'], $other);

        foreach (['/screens/0/lines/1/text', '/screens/0', '/screens/0/lines/1'] as $at) {
            try {
                Rebase::check(['/tables/0', $at], $other);
                self::fail("$at was let through.");
            } catch (EditRefused $refused) {
                self::assertStringContainsString('another window', $refused->getMessage());
            }
        }
        $this->expectException(EditRefused::class);
        Rebase::check(['/screens/0/lines/4/label'], [[['op' => 'add', 'path' => '/screens/0/lines/0', 'value' => []]]]);
    }

    private function assertTakenBack(Blueprint $before, EditResult $edited): void
    {
        self::assertSame($before->script(), EditResult::by($edited->blueprint, $edited->inverse)->blueprint->script());
    }

    /** @return list<string> */
    private function rules(Blueprint $blueprint): array
    {
        return array_map(fn ($f): string => $f->rule.$f->at, Findings::in(Reading::of($blueprint)));
    }

    /** @return array<string, list<string>> */
    private function columns(Blueprint $blueprint): array
    {
        $columns = [];
        foreach ($blueprint->tables as $table) {
            $columns[$table->storedAs()] = array_map(fn ($f): string => $f->column(), $table->fields);
        }

        return $columns;
    }
}
