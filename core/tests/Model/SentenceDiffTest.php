<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Model;

use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\Kinds\Copy;
use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Edits\Kinds\Remove;
use Lanai\Core\Language\BlankSpot;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\NodeSpot;
use Lanai\Core\Language\Printer;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\SentenceDiff;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use SebastianBergmann\Diff\Differ;
use SebastianBergmann\Diff\Output\DiffOnlyOutputBuilder;

final class SentenceDiffTest extends TestCase
{
    public function test_a_filled_blank_is_one_changed_sentence(): void
    {
        $before = World::saltlark()->blueprint;
        $after = (new Fill('/screens/0/lines/3/label', 'Lead a swim'))->on($before)->blueprint;

        self::assertSame(
            [['was' => ['  Button "Offer a swim", quiet'], 'now' => ['  Button "Lead a swim", quiet']]],
            SentenceDiff::between($before->data(), $after->data()),
        );
    }

    public function test_neighbours_stand_together_and_others_apart(): void
    {
        $before = World::saltlark()->blueprint;
        $first = (new Remove(['/screens/0/lines/0']))->on($before)->blueprint;
        $second = (new Fill('/release/letter', 'L'))->on($first)->blueprint;

        self::assertSame(
            [
                ['was' => ['  Heading "Good morning, {me.name}", if me != null'], 'now' => []],
                ['was' => ['  icon letter is "S"'], 'now' => ['  icon letter is "L"']],
            ],
            SentenceDiff::between($before->data(), $second->data()),
        );
        self::assertSame([], SentenceDiff::between($before->data(), $before->data()));
    }

    /** Beside the whole of both written and compared by sebastian/diff: seeded edits of the demo, which speaks three languages, all over it. */
    public function test_what_is_left_out_changes_nothing(): void
    {
        $before = Blueprint::fromScript((string) file_get_contents(dirname(__DIR__, 3).'/database/demo/saltlark.script'));
        $random = new Randomizer(new Mt19937(7));
        $of = fn (array $all): mixed => $all[$random->getInt(0, count($all) - 1)];
        $walk = $before->walk();
        $items = '~^/(screens/\d+/lines|tables/\d+/fields|sends|languages/\d+/says|routines/\d+/does)/\d+(/.*)?$~';
        $nodes = array_values(array_filter($walk->nodes, fn (NodeSpot $node): bool => preg_match($items, $node->at) === 1));
        $texts = array_values(array_filter($walk->blanks, fn (BlankSpot $blank): bool => $blank->blank->fit instanceof TextFit));
        $compared = 0;
        for ($i = 0; $i < 18; $i++) {
            try {
                $edit = match ($i % 3) {
                    0 => new Remove([$of($nodes)->at]),
                    1 => new Fill($of($texts)->at, "Other words $i"),
                    default => new Copy([$of($nodes)->at]),
                };
                $after = $edit->on($before)->blueprint->data();
            } catch (EditRefused) {
                continue;
            }
            self::assertSame(self::whole($before->data(), $after), SentenceDiff::between($before->data(), $after), "Edit $i");
            $compared++;
        }
        self::assertGreaterThan(10, $compared);
    }

    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     * @return list<array{was: list<string>, now: list<string>}>
     */
    private static function whole(array $before, array $after): array
    {
        $pieces = (new Differ(new DiffOnlyOutputBuilder('')))->diffToArray(Printer::print($before, Blueprint::class), Printer::print($after, Blueprint::class));
        $groups = [['was' => [], 'now' => []]];
        foreach ($pieces as [$line, $kind]) {
            if ($kind !== Differ::REMOVED && $kind !== Differ::ADDED) {
                $groups[] = ['was' => [], 'now' => []];
            } else {
                $groups[count($groups) - 1][$kind === Differ::REMOVED ? 'was' : 'now'][] = rtrim($line, "\n");
            }
        }

        return array_values(array_filter($groups, fn (array $group): bool => $group !== ['was' => [], 'now' => []]));
    }
}
