<?php

declare(strict_types=1);

namespace Lanai\Core\Layout;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Device;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Engine;
use Lanai\Core\Geometry\Frame;
use Lanai\Core\Geometry\Look;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Pen;
use Lanai\Core\Geometry\Size;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Text\OwnWords;

/** A screen as boxes: the bar, what is pinned, the page, the tabs. The same sizes stand in web/device/device.css. */
final readonly class Page
{
    /** What is left free of the page on wide screens begins beyond this, in dp. */
    public const WIDEST = 880;

    /** What is typed into or tapped is no wider, in dp: on a wide page it could not be taken in at a glance. */
    private const REACH = 560;

    private const OF_REACH = ['button', 'input', 'addForm', 'changeForm'];

    private const TABS = 58;

    /** How wide the tabs are at the most that stand at the side of a tablet, in dp. */
    private const RAIL = 116;

    /** From this width on, in dp, a list of a tablet may stand beside what it leads to, and so wide is it then. */
    private const BESIDE_FROM = 840;

    private const BESIDE = 360;

    /**
     * @param  array<string, mixed>  $view  as in docs/view.schema.json
     * @param  bool  $beside  the list that leads to it stands beside it, where there is room
     */
    public static function frames(array $view, Device $device, bool $beside = false): Frame
    {
        return Engine::frames(self::box($view, $device, $beside), $device->width, $device->height);
    }

    /** @param  array<string, mixed>  $view */
    public static function box(array $view, Device $device, bool $beside = false): Box
    {
        $theme = is_array($view['theme'] ?? null) ? $view['theme'] : [];
        $pen = new Pen($device, Look::of($theme));
        $nodes = Nodes::of($view['nodes'] ?? []);
        $pinned = fn (string $edge): array => array_values(array_filter($nodes, fn (array $n): bool => Nodes::placing($n, 'pin') === $edge));
        $floats = self::floats(...);
        $flowing = array_values(array_filter($nodes, fn (array $n): bool => Nodes::placing($n, 'pin') === '' && ! $floats($n)));
        $boxes = new Boxes($pen, OwnWords::in(is_string($theme['lang'] ?? null) ? $theme['lang'] : 'en'));
        $full = ($view['full'] ?? false) === true;
        $rail = ! $full && $device->isTablet() && Nodes::list($view['tabs'] ?? []) !== [] ? self::besides($pen) : 0;
        $side = $rail + ($beside && ! $full && $device->isTablet() && $device->width >= self::BESIDE_FROM ? self::BESIDE : 0);
        $parts = [];
        $last = $flowing === [] ? [] : $flowing[array_key_last($flowing)];
        $endsWithMap = Nodes::text($last, 'kind') === 'list' && Nodes::text($last, 'layout') === 'map' && Nodes::list($last['items'] ?? []) !== [];
        $bar = $full ? '' : ($view['bar'] ?? '');
        $over = $bar === 'over' && Nodes::text($flowing[0] ?? [], 'kind') === 'picture';
        if (! $full) {
            $top = self::bar($view, $pen, $boxes);
            $parts[] = $over ? $top->with(pins: new Edges(0, 0, NAN, $side)) : $top;
        }
        $room = $device->width - $side;
        $lines = self::lines($flowing, $boxes, Within::Main, $room);
        if ($endsWithMap && $lines !== []) {
            $lines[] = array_pop($lines)->with(grow: 1.0);
        }
        foreach (['top', 'bottom'] as $edge) {
            if ($edge === 'bottom') {
                $parts[] = new Box(
                    'main',
                    children: self::headed($bar, $over, $view, $pen, $lines, $room),
                    padding: new Edges($over ? 0 : 16, 16, 32, 16),
                    gap: $pen->look->gap,
                    grow: 1,
                    shrink: 1,
                    basis: Size::dp(0),
                    marks: ['scrolls' => true],
                );
            }
            if ($pinned($edge) !== []) {
                $away = max(
                    array_map(fn (array $n): float => (float) (Nodes::placing($n, 'distance') === '' ? 12 : Nodes::placing($n, 'distance')), $pinned($edge)),
                );
                $parts[] = new Box(
                    "pinned/$edge",
                    children: self::lines($pinned($edge), $boxes, Within::Pinned, $room),
                    padding: new Edges($edge === 'top' ? $away : 12, 16, $edge === 'bottom' ? $away : 12, 16),
                    gap: 8,
                );
            }
        }
        $tabs = is_array($view['tabs'] ?? null) ? $view['tabs'] : [];
        if (! $full && $tabs !== []) {
            $parts[] = $rail > 0 ? self::rail($tabs, $pen) : self::tabs($tabs, $pen);
        }
        $floating = array_values(array_filter($nodes, $floats));
        if ($floating !== []) {
            $parts[] = new Box(
                'floats',
                children: array_values(array_filter(array_map(fn (array $n): ?Box => $boxes->of($n, Within::Floats), $floating))),
                gap: 12,
                pins: new Edges(NAN, 16, $full || $rail > 0 ? 16 : 76, NAN),
            );
        }

        return new Box('device', children: $parts, padding: new Edges(0, 0, 0, $side));
    }

    /** @param  array<string, mixed>  $node */
    private static function floats(array $node): bool
    {
        return Nodes::text($node, 'kind') === 'floatingButton' && Nodes::placing($node, 'pin') === '';
    }

    /**
     * @param  list<array<string, mixed>>  $nodes
     * @return list<Box>
     */
    private static function lines(array $nodes, Boxes $boxes, Within $in, float $room): array
    {
        $lines = [];
        foreach ($nodes as $node) {
            $box = $boxes->of($node, $in);
            if ($box !== null) {
                $lines[] = self::line($box, $node, $in, $room);
            }
        }

        return $lines;
    }

    /**
     * The lines with a large title above them, or with their picture from edge to edge.
     *
     * @param  array<string, mixed>  $view
     * @param  list<Box>  $lines
     * @return list<Box>
     */
    private static function headed(mixed $bar, bool $over, array $view, Pen $pen, array $lines, float $room): array
    {
        if ($bar === 'large') {
            $title = $pen->text(is_string($view['title'] ?? null) ? $view['title'] : '', 1.75, 2.25, 700);

            return [new Box('large title', text: $title, width: Size::percent(100), maxWidth: Size::dp(self::WIDEST), middle: true), ...$lines];
        }
        if ($over && $lines !== []) {
            $lines[0] = $lines[0]->with(width: Size::dp($room), maxWidth: null, middle: false, alignSelf: 'start', margin: new Edges(0, 0, 0, -16));
        }

        return $lines;
    }

    /** @param  array<string, mixed>  $node */
    private static function line(Box $box, array $node, Within $in, float $room): Box
    {
        $fills = $box->width === null && Nodes::placing($node, 'width') === '' && ! isset($box->marks['narrow']);
        // What is narrower begins where the others begin.
        $side = max(0.0, ($room - 32 - self::WIDEST) / 2);
        if ($fills) {
            $reach = in_array(Nodes::text($node, 'kind'), self::OF_REACH, true);
            $filling = $box->with(width: Size::percent(100), maxWidth: Size::dp($reach ? self::REACH : self::WIDEST), middle: true);
            $edges = $box->margin;

            return $reach && $in === Within::Main
                ? $filling->with(
                    middle: false,
                    alignSelf: 'start',
                    margin: new Edges($edges->top, $edges->right, $edges->bottom, $side),
                    marks: ['glance' => true] + $box->marks,
                )
                : $filling;
        }
        $middle = Nodes::placing($node, 'centred') === '1';

        return $box->with(
            maxWidth: Size::dp(self::WIDEST),
            middle: $middle,
            alignSelf: 'start',
            margin: new Edges($box->margin->top, $box->margin->right, $box->margin->bottom, $middle ? 0 : $side),
        );
    }

    /** @param  array<string, mixed>  $view */
    private static function bar(array $view, Pen $pen, Boxes $boxes): Box
    {
        $tabs = array_column(Nodes::of([...Nodes::list($view['tabs'] ?? []), ...Nodes::list($view['menu'] ?? [])], false), 'screen');
        $back = ! in_array($view['screen'] ?? '', [...$tabs, $view['first'] ?? ''], true);
        $children = [];
        if ($back || Nodes::list($view['menu'] ?? []) !== []) {
            $children[] = new Box('bar/button', width: Size::dp(48), height: Size::dp(48), margin: new Edges(0, 0, 0, -14), marks: ['taps' => true]);
        }
        // A large one stands on the page.
        $title = is_string($view['title'] ?? null) && ($view['bar'] ?? '') !== 'large' ? $view['title'] : '';
        $children[] = $pen->large()
            ? new Box('title', text: $pen->text($title, 1.125, 1.6875, 650), grow: 1, shrink: 1, basis: Size::dp(0))
            : new Box('title', text: $pen->line($title, 1.125, 1.6875, 650), grow: 1, shrink: 1, basis: Size::dp(0), marks: ['cut' => true]);
        $nodes = Nodes::of($view['actions'] ?? []);
        // Of more than three the first two stand there, and a menu with the others.
        $most = count($nodes) > 3 ? 2 : 3;
        $actions = array_values(array_filter(array_map(fn (array $n): ?Box => $boxes->of($n, Within::Bar), array_slice($nodes, 0, $most))));
        if (count($nodes) > $most) {
            $actions[] = new Box(width: Size::dp(48), height: Size::dp(48), marks: ['taps' => true]);
        }
        if ($actions !== []) {
            $children[] = new Box('bar/actions', 'row', $actions, align: 'center');
        }

        return new Box('bar', 'row', $children, minHeight: 56 + $pen->device->top, padding: new Edges($pen->device->top, 8, 1, 16), gap: 4, align: 'center');
    }

    /** How wide the tabs of a tablet are: wider where text is larger. */
    private static function besides(Pen $pen): float
    {
        return min(self::RAIL, 24 + $pen->rem(4));
    }

    /**
     * On a tablet they stand at the side, one below the other.
     *
     * @param  array<array-key, mixed>  $tabs
     */
    private static function rail(array $tabs, Pen $pen): Box
    {
        $row = self::tabs($tabs, $pen);
        $boxes = array_map(fn (Box $tab): Box => $tab->with(grow: 0, shrink: 0, basis: null, minHeight: 64), $row->children);

        return new Box(
            'tabs',
            children: $boxes,
            width: Size::dp(self::besides($pen)),
            padding: new Edges($pen->device->top + 8, 1, $pen->device->bottom, 0),
            gap: 4,
            pins: new Edges(0, NAN, 0, 0),
        );
    }

    /** @param  array<array-key, mixed>  $tabs */
    private static function tabs(array $tabs, Pen $pen): Box
    {
        $boxes = [];
        foreach (array_values($tabs) as $i => $tab) {
            $label = is_array($tab) && is_string($tab['label'] ?? null) ? $tab['label'] : '';
            $boxes[] = new Box(
                "tabs/$i",
                children: [
                    ...is_array($tab) && ($tab['icon'] ?? '') !== '' ? [new Box(width: Size::dp(24), height: Size::dp(24))] : [],
                    new Box("tabs/$i/label", text: $pen->line($label, 0.75, 1.125, 700), maxWidth: Size::percent(100), marks: ['cut' => true]),
                ],
                minHeight: self::TABS,
                padding: Edges::of(7, 4),
                gap: 1,
                grow: 1,
                shrink: 1,
                basis: Size::dp(0),
                align: 'center',
                justify: 'center',
                marks: ['taps' => true],
            );
        }

        return new Box('tabs', 'row', $boxes, padding: new Edges(1, 0, $pen->device->bottom, 0));
    }
}
