<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Geometry;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Engine;
use Lanai\Core\Geometry\Frame;
use Lanai\Core\Geometry\Size;
use Lanai\Core\Tests\Support\BoxMaker;
use Lanai\Core\Tests\Support\Yoga;
use PHPUnit\Framework\TestCase;

/** The engine against yoga-layout, a well-known flexbox engine from the npm registry, and against rules of CSS Flexible Box Layout. */
final class EngineTest extends TestCase
{
    public function test_generated_trees_are_laid_out_as_another_engine_does(): void
    {
        $maker = fn (int $seed): Box => (new BoxMaker($seed))->tree();
        $boxes = array_map($maker, range(1, 500));
        $heights = array_map(fn (int $i): ?int => $i % 3 === 0 ? 500 : null, array_keys($boxes));
        $theirs = Yoga::frames($boxes, 360, $heights);
        $compared = $different = 0;
        foreach ($boxes as $i => $box) {
            $mine = Engine::frames($box, 360, $heights[$i]);
            // Where boxes run over, engines differ: this one holds text and groups to the room there is, as browsers do.
            if ($this->runsOver($mine)) {
                continue;
            }
            $compared++;
            $different += $this->differ($mine, $theirs[$i], 0, 0) ? 1 : 0;
        }

        self::assertGreaterThan(150, $compared);
        self::assertLessThan($compared * 0.03, $different, "$different of $compared");
    }

    public function test_what_is_left_is_shared_by_those_that_grow(): void
    {
        $row = new Box(
            flow: 'row',
            children: [new Box('a', width: Size::dp(100)), new Box('b', grow: 1, basis: Size::dp(0)), new Box('c', grow: 2, basis: Size::dp(0))],
            gap: 10,
        );

        self::assertSame(
            [[0.0, 100.0], [110.0, 60.0], [180.0, 120.0]],
            array_map(fn (Frame $f): array => [$f->x, $f->width], Engine::frames($row, 300)->children),
        );
    }

    public function test_nobody_grows_beyond_their_bound_and_others_take_the_rest(): void
    {
        $row = new Box(flow: 'row', children: [new Box('a', grow: 1, basis: Size::dp(0), maxWidth: Size::dp(50)), new Box('b', grow: 1, basis: Size::dp(0))]);

        self::assertSame([50.0, 250.0], array_map(fn (Frame $f): float => $f->width, Engine::frames($row, 300)->children));
    }

    public function test_a_grid_has_as_many_columns_as_fit_and_rows_of_one_height(): void
    {
        $cells = array_map(fn (int $i): Box => new Box("$i", height: $i === 1 ? Size::dp(80) : null, minHeight: 30), range(0, 3));
        $grid = Engine::frames(new Box(flow: 'grid', children: $cells, gap: 12, track: 148), 358);

        self::assertSame(
            [[0.0, 0.0, 173.0, 80.0], [185.0, 0.0, 173.0, 80.0], [0.0, 92.0, 173.0, 30.0], [185.0, 92.0, 173.0, 30.0]],
            array_map(fn (Frame $f): array => [$f->x, $f->y, $f->width, $f->height], $grid->children),
        );
        self::assertSame(122.0, $grid->height);
    }

    public function test_pins_hold_to_their_edges(): void
    {
        $box = new Box(
            children: [
                new Box('a', height: Size::dp(100)),
                new Box('b', width: Size::dp(56), height: Size::dp(56), pins: new Edges(NAN, 16, 20, NAN)),
                new Box('c', height: Size::dp(10), pins: new Edges(0, 5, NAN, 5)),
            ],
        );
        [$a, $b, $c] = Engine::frames($box, 390, 700)->children;

        self::assertSame([[318.0, 624.0], [5.0, 0.0, 380.0]], [[$b->x, $b->y], [$c->x, $c->y, $c->width]]);
    }

    public function test_a_shape_keeps_its_proportions_and_middle_is_in_the_middle(): void
    {
        [$picture, $button] = Engine::frames(
            new Box(children: [new Box(aspect: 16 / 10), new Box(width: Size::percent(50), height: Size::dp(50), middle: true)]),
            320,
        )->children;

        self::assertSame([200.0, 80.0, 160.0, 200.0], [$picture->height, $button->x, $button->width, $button->y]);
    }

    private function runsOver(Frame $frame): bool
    {
        foreach ($frame->all() as $each) {
            foreach ($each->children as $child) {
                if (
                    $child->box->pins === null &&
                    ($child->x < $each->x - 0.5 || $child->right() > $each->right() + 0.5 || $child->bottom() > $each->bottom() + 0.5)
                ) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param  array<string, mixed>  $theirs */
    private function differ(Frame $mine, array $theirs, float $x, float $y): bool
    {
        if (
            max(
                abs($mine->x - $x - $theirs['left']),
                abs($mine->y - $y - $theirs['top']),
                abs($mine->width - $theirs['width']),
                abs($mine->height - $theirs['height']),
            ) > 0.6
        ) {
            return true;
        }
        foreach ($mine->children as $child) {
            $i = array_search($child->box, $mine->box->children, true);
            if ($this->differ($child, $theirs['children'][$i], $mine->x, $mine->y)) {
                return true;
            }
        }

        return false;
    }
}
