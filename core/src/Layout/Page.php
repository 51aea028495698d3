<?php

declare(strict_types=1);

namespace Lanai\Core\Layout;

/** A screen as boxes: the bar, what is pinned, the page, the tabs. The same sizes stand in web/device/device.css. */
final readonly class Page
{
    /** What is left free of the page on wide screens begins beyond this, in dp. */
    public const WIDEST = 880;

    private const TABS = 58;

    /** @param  array<string, mixed>  $view  as in docs/view.schema.json */
    public static function frames(array $view, Device $device): Frame
    {
        return Engine::frames(self::box($view, $device), $device->width, $device->height);
    }

    /** @param  array<string, mixed>  $view */
    public static function box(array $view, Device $device): Box
    {
        $theme = is_array($view['theme'] ?? null) ? $view['theme'] : [];
        $pen = new Pen($device, Look::of($theme));
        $nodes = Nodes::of($view['nodes'] ?? []);
        $pinned = fn (string $edge): array => array_values(array_filter($nodes, fn (array $n): bool => Nodes::placing($n, 'pin') === $edge));
        $floats = self::floats(...);
        $flowing = array_values(array_filter($nodes, fn (array $n): bool => Nodes::placing($n, 'pin') === '' && ! $floats($n)));
        $boxes = new Boxes($pen);
        $full = ($view['full'] ?? false) === true;
        $parts = [];
        if (! $full) {
            $parts[] = self::bar($view, $pen, $boxes);
        }
        foreach (['top', 'bottom'] as $edge) {
            if ($edge === 'bottom') {
                $parts[] = new Box('main', children: array_map(fn (array $n): Box => self::line($boxes->of($n, 'main'), $n, $device), $flowing), padding: new Edges(16, 16, 32, 16), gap: $pen->look->gap, grow: 1, shrink: 1, basis: Size::dp(0), marks: ['scrolls' => true]);
            }
            if ($pinned($edge) !== []) {
                $away = max(array_map(fn (array $n): float => (float) (Nodes::placing($n, 'distance') === '' ? 12 : Nodes::placing($n, 'distance')), $pinned($edge)));
                $parts[] = new Box("pinned/$edge", children: array_map(fn (array $n): Box => self::line($boxes->of($n, 'pinned'), $n, $device), $pinned($edge)), padding: new Edges($edge === 'top' ? $away : 12, 16, $edge === 'bottom' ? $away : 12, 16), gap: 8);
            }
        }
        $tabs = is_array($view['tabs'] ?? null) ? $view['tabs'] : [];
        if (! $full && $tabs !== []) {
            $parts[] = self::tabs($tabs, $pen);
        }
        $floating = array_values(array_filter($nodes, $floats));
        if ($floating !== []) {
            $parts[] = new Box('floats', children: array_map(fn (array $n): Box => $boxes->of($n, 'floats'), $floating), gap: 12, pins: new Edges(NAN, 16, $full ? 16 : 76, NAN));
        }

        return new Box('device', children: $parts);
    }

    /** @param  array<string, mixed>  $node */
    private static function floats(array $node): bool
    {
        return Nodes::text($node, 'kind') === 'floatingButton' && Nodes::placing($node, 'pin') === '';
    }

    /** @param  array<string, mixed>  $node */
    private static function line(Box $box, array $node, Device $device): Box
    {
        $kind = Nodes::text($node, 'kind');
        $fills = $box->width === null && Nodes::placing($node, 'width') === '' && ! in_array($kind, ['link', 'iconButton'], true) && ($kind !== 'picture' || ($node['shape'] ?? '') !== 'round');
        if ($fills) {
            return $box->with(width: Size::percent(100), maxWidth: Size::dp(self::WIDEST), middle: true);
        }
        // What is narrower begins where the others begin.
        $side = max(0.0, ($device->width - 32 - self::WIDEST) / 2);
        $middle = Nodes::placing($node, 'centred') === '1';

        return $box->with(maxWidth: Size::dp(self::WIDEST), middle: $middle, alignSelf: 'start', margin: new Edges($box->margin->top, $box->margin->right, $box->margin->bottom, $middle ? 0 : $side));
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
        $title = is_string($view['title'] ?? null) ? $view['title'] : '';
        $children[] = $pen->large()
            ? new Box('title', text: $pen->text($title, 1.125, 1.6875, 650), grow: 1, shrink: 1, basis: Size::dp(0))
            : new Box('title', text: $pen->line($title, 1.125, 1.6875, 650), grow: 1, shrink: 1, basis: Size::dp(0), marks: ['cut' => true]);
        $actions = array_map(fn (array $n): Box => $boxes->of($n, 'bar'), Nodes::of($view['actions'] ?? []));
        if ($actions !== []) {
            $children[] = new Box('bar/actions', 'row', $actions, align: 'center');
        }

        return new Box('bar', 'row', $children, minHeight: 56 + $pen->device->top, padding: new Edges($pen->device->top, 8, 1, 16), gap: 4, align: 'center');
    }

    /** @param  array<array-key, mixed>  $tabs */
    private static function tabs(array $tabs, Pen $pen): Box
    {
        $boxes = [];
        foreach (array_values($tabs) as $i => $tab) {
            $label = is_array($tab) && is_string($tab['label'] ?? null) ? $tab['label'] : '';
            $boxes[] = new Box("tabs/$i", children: [
                new Box(width: Size::dp(24), height: Size::dp(24)),
                new Box("tabs/$i/label", text: $pen->line($label, .75, 1.125, 700), maxWidth: Size::percent(100), marks: ['cut' => true]),
            ], minHeight: self::TABS, padding: Edges::of(7, 4), gap: 1, grow: 1, shrink: 1, basis: Size::dp(0), align: 'center', marks: ['taps' => true]);
        }

        return new Box('tabs', 'row', $boxes, padding: new Edges(1, 0, $pen->device->bottom, 0));
    }
}
