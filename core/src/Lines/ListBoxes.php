<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Pen;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Size;

/** The boxes of a list: its search, its choices, and its items as rows, cards, tiles, a strip or a conversation. */
final readonly class ListBoxes
{
    /** In dp; a map with which a page ends is as high as there is room for it. */
    private const MAP = 360;

    public function __construct(private Pen $pen, private Setting $setting)
    {
    }

    /** @param  array<string, mixed>  $node */
    public function of(array $node): Box
    {
        $parts = [];
        if (($node['search'] ?? null) !== null) {
            $parts[] = new Box(height: Size::dp(max(48, $this->pen->rem(1.5) + 2)));
        }
        $narrow = isset($node['orders']) ? [new Box(width: Size::dp(48), minHeight: 48, marks: ['taps' => true])] : [];
        foreach (Nodes::of($node['chips'] ?? [], false) as $i => $chips) {
            $offered = ($chips['days'] ?? false) === true ? [['label' => Nodes::text($chips, 'label')]] : Nodes::of($chips['choices'] ?? [], false);
            $choices = array_map($this->chip(...), $offered);
            $narrow[] = new Box(flow: 'row', children: $choices, padding: new Edges(0, 0, 0, $i > 0 ? 9 : 0), gap: 8);
        }
        if ($narrow !== []) {
            $parts[] = new Box(
                flow: 'row',
                children: $narrow,
                padding: Edges::of(0, 16),
                margin: new Edges(0, -16, 0, -16),
                gap: 8,
                marks: ['scrolls' => true],
            );
        }
        array_push($parts, ...array_merge(...array_map($this->rest(...), Nodes::of($node['chips'] ?? [], false))));
        $items = Nodes::of($node['items'] ?? [], false);
        if ($items !== [] && Nodes::list($node['chosen'] ?? []) !== []) {
            $choose = new Box(
                text: $this->pen->text('Choose', weight: 600),
                minHeight: 48,
                padding: Edges::of(0, 12),
                justify: 'center',
                alignSelf: 'end',
                marks: ['taps' => true],
            );
            $parts[] = new Box(children: [$choose], margin: Edges::of(-8, 0));
        }
        $parts[] = $items === [] ? $this->nothing($node) : $this->list($node, $items);
        if (($node['more'] ?? false) === true) {
            $parts[] = new Box(text: $this->pen->text($this->setting->own('More…')));
        }
        array_push($parts, ...$this->rest($node));

        return new Box(children: $parts, gap: 12);
    }

    /**
     * What is said of that which is not among what is shown.
     *
     * @param  array<string, mixed>  $of
     * @return list<Box>
     */
    private function rest(array $of): array
    {
        $said = Nodes::text($of, 'rest');

        return $said === '' ? [] : [new Box(text: $this->pen->text($said))];
    }

    /**
     * A picture, what an empty list says, and the way on.
     *
     * @param  array<string, mixed>  $node
     */
    private function nothing(array $node): Box
    {
        $narrowed = ($node['narrowed'] ?? false) === true;
        $said = Nodes::text($node, 'empty');
        $label = $narrowed ? $this->setting->own('Show all') : Nodes::text(Nodes::of([$node['first'] ?? []], false)[0] ?? [], 'label');
        $parts = [
            ...$narrowed ? [] : [new Box(width: Size::dp(96), height: Size::dp(64))],
            ...$said === '' ? [] : [new Box(text: $this->pen->text($said))],
            ...$label === '' ? [] : [ButtonLine::shape($label, $this->pen)],
        ];

        return new Box(children: $parts, padding: Edges::of(20, 16), gap: 12, align: 'center');
    }

    /**
     * A month of six weeks, and what is on the day at which it is opened.
     *
     * @param  array<string, mixed>  $node
     * @param  list<array<string, mixed>>  $items
     */
    private function calendar(array $node, array $items): Box
    {
        $month = MonthBox::of(Nodes::text($node, 'opened'), $this->setting);
        $here = array_values(array_filter($items, fn (array $item): bool => isset($item['day']) && $item['day'] === ($node['opened'] ?? null)));
        if ($here === []) {
            $said = $this->setting->own('Nothing on {0}.', MonthBox::aloud(Nodes::text($node, 'opened'), $this->setting->tongue()));

            return new Box(children: [$month, new Box(text: $this->pen->text($said))], gap: 12);
        }
        $short = Nodes::list($node['swipes'] ?? []) === [] && Nodes::list($node['chosen'] ?? []) === [] &&
            array_filter($here, fn (array $i): bool => ! isset($i['time']) || Nodes::text($i, 'picture').Nodes::text($i, 'note') !== '') === [];
        $boxes = array_map(
            fn (array $item, int $i): Box => ($short ? $this->slot($item) : $this->row($item, $node))->with(
                key: Nodes::text($node, 'at').'#'.(is_int($item['id'] ?? null) ? $item['id'] : $i),
                marks: ($node['taps'] ?? false) === true ? ['taps' => true] : [],
            ),
            $here,
            array_keys($here),
        );
        $rows = array_map(fn (Box $box, int $i): Box => $i === 0 ? $box : new Box(children: [$box], padding: new Edges(1)), $boxes, array_keys($boxes));
        $day = $short ? new Box(flow: 'grid', children: $boxes, gap: 8, track: $this->pen->rem(7)) : new Box(children: $rows);

        return new Box(children: [$month, $day], gap: 12);
    }

    /** @param  array<string, mixed>  $item */
    private function slot(array $item): Box
    {
        return new Box(
            children: [
                new Box(text: $this->pen->text(Nodes::text($item, 'time'), 1.0625, 1.5, 650)),
                ...$this->part($item, 'title', 0.8125, 1.125, 500),
                ...$this->badge($item),
                ...$this->part($item, 'aside', 0.875, 1.25, 600),
            ],
            minHeight: 52,
            padding: Edges::of(7, 9),
            grow: 1,
            align: 'center',
            justify: 'center',
        );
    }

    /** @param  array<string, mixed>  $choice */
    private function chip(array $choice): Box
    {
        return new Box(
            flow: 'row',
            children: [new Box(text: $this->pen->text(Nodes::text($choice, 'label')))],
            minHeight: 48,
            padding: Edges::of(11, 17),
            align: 'center',
            marks: ['taps' => true],
        );
    }

    /**
     * @param  array<string, mixed>  $node
     * @param  list<array<string, mixed>>  $items
     */
    private function list(array $node, array $items): Box
    {
        $layout = Nodes::text($node, 'layout');
        if ($layout === 'map') {
            return new Box(minHeight: self::MAP, grow: 1, marks: ['map' => true]);
        }
        if ($layout === 'calendar') {
            return $this->calendar($node, $items);
        }
        $boxes = [];
        $before = null;
        // Where some have a picture, those without keep its room, so that all stand in line; cards stand by themselves.
        $pictures = array_filter(array_column($items, 'picture'), fn (mixed $picture): bool => is_string($picture) && $picture !== '');
        if ($layout !== 'cards' && $pictures !== []) {
            $items = array_map(fn (array $item): array => ['picture' => '-', ...array_filter($item, fn (mixed $v): bool => $v !== '')], $items);
        }
        foreach ($items as $i => $item) {
            $box = match ($layout) {
                'cards' => $this->stacked($item, $node, 116, true),
                'tiles', 'strip' => $this->stacked($item, $node, 92, false),
                'pages' => $this->stacked($item, $node, 0, false),
                'conversation' => $this->said($item, $node),
                default => $this->row($item, $node),
            };
            $group = $item['group'] ?? null;
            $heading =
                in_array($layout, ['tiles', 'strip', 'pages'], true) || $group === null || $group === $before
                    ? []
                    : [
                        new Box(
                            text: $this->pen->text(is_string($group) && $group !== '' ? $group : '–', 0.9375, 1.375, 680),
                            padding: new Edges(10, 14, 4, 14),
                        ),
                    ];
            $before = $group;
            $line = $layout === 'rows' && $i > 0 ? 1 : 0;
            $taps = ($node['taps'] ?? false) === true ? ['taps' => true] : [];
            $box = $box->with(key: Nodes::text($node, 'at').'#'.(is_int($item['id'] ?? null) ? $item['id'] : $i), marks: $taps);
            $advert = self::adverts($node, $i, count($items));
            $boxes[] =
                $heading === [] && $line === 0 && $advert === []
                    ? $box
                    : new Box(children: [...$heading, $layout === 'tiles' ? $box->with(grow: 1.0) : $box, ...$advert], padding: new Edges($line));
        }

        return match ($layout) {
            'tiles' => new Box(flow: 'grid', children: $boxes, gap: 12, track: $this->pen->rem(9.25)),
            'strip' => new Box(
                flow: 'row',
                children: array_map(fn (Box $b): Box => $b->with(width: Size::dp($this->pen->large() ? 240 : 172)), $boxes),
                padding: Edges::of(0, 16),
                margin: new Edges(0, -16, 0, -16),
                gap: 12,
                marks: ['scrolls' => true],
            ),
            'pages' => new Box(
                children: [
                    new Box(
                        flow: 'row',
                        children: array_map(fn (Box $b): Box => $b->with(width: Size::percent(100)), $boxes),
                        gap: 12,
                        marks: ['scrolls' => true],
                    ),
                    ...count($boxes) > 1 ? [new Box(height: Size::dp(24))] : [],
                ],
                gap: 12,
            ),
            // Side by side where there is room for two.
            'cards' => new Box(flow: 'grid', children: $boxes, gap: 12, track: 300),
            'conversation' => new Box(children: $boxes, gap: 8),
            default => new Box(children: $boxes),
        };
    }

    /**
     * The advert that stands after an item: not after the last one.
     *
     * @param  array<string, mixed>  $node
     * @return list<Box>
     */
    private static function adverts(array $node, int $after, int $of): array
    {
        $adverts = is_array($node['adverts'] ?? null) ? $node['adverts'] : [];
        $every = is_int($adverts['every'] ?? null) ? $adverts['every'] : 0;

        return $every > 0 && ($after + 1) % $every === 0 && $after + 1 < $of
            ? [Advert::room($adverts, Nodes::text($node, 'layout') === 'rows' ? 12 : 0, Nodes::text($node, 'at'), $every)]
            : [];
    }

    /**
     * @param  array<string, mixed>  $item
     * @param  array<string, mixed>  $node
     */
    private function row(array $item, array $node): Box
    {
        $time = Nodes::text($item, 'time');
        $before = $time === '' ? [] : [new Box(children: [new Box(text: $this->pen->text($time, weight: 650))], minWidth: $this->pen->rem(3))];
        $chevron = ($node['taps'] ?? false) === true ? [new Box(width: Size::dp(20), height: Size::dp(24))] : [];
        $line = $this->pen->large()
            ? new Box(children: [$this->words($item), ...$this->aside($item, null)], gap: 4, grow: 1, shrink: 1, basis: Size::dp(0))
            : new Box(
                flow: 'row',
                children: [$this->words($item)->with(grow: 1.0, shrink: 1.0, basis: Size::dp(0)), ...$this->aside($item, Size::percent(50)), ...$chevron],
                gap: 12,
                grow: 1,
                shrink: 1,
                basis: Size::dp(0),
                align: 'center',
            );
        $picture = Nodes::text($item, 'picture') === '' ? [] : [new Box(width: Size::dp(48), height: Size::dp(48))];

        return new Box(
            flow: 'row',
            children: [...$before, ...$picture, $line],
            minHeight: 56,
            padding: $this->beside(new Edges(10, 14, 10, 14), $node),
            gap: 12,
            align: 'center',
        );
    }

    /**
     * A picture over words, as on cards and tiles.
     *
     * @param  array<string, mixed>  $item
     * @param  array<string, mixed>  $node
     */
    private function stacked(array $item, array $node, float $high, bool $asideBeside): Box
    {
        $words = $this->words($item);
        $line =
            match (true) {
                $asideBeside && $this->pen->large() => new Box(children: [$words, ...$this->aside($item, null)], padding: Edges::of(12, 14), gap: 4),
                $asideBeside => new Box(
                    flow: 'row',
                    children: [$words->with(grow: 1.0, shrink: 1.0, basis: Size::dp(0)), ...$this->aside($item, Size::percent(50))],
                    padding: Edges::of(12, 14),
                    gap: 12,
                    align: 'start',
                ),
                default => new Box(children: [$words, ...$this->aside($item, null)], padding: new Edges(10, 12, 12, 12), gap: 4),
            };
        $picture = Nodes::text($item, 'picture') === '' ? [] : [$high === 0.0 ? new Box(aspect: 16 / 10) : new Box(height: Size::dp($high))];

        return new Box(children: [...$picture, $line], minHeight: 56, padding: $this->beside(new Edges(), $node), justify: $asideBeside ? 'center' : 'start');
    }

    /**
     * @param  array<string, mixed>  $item
     * @param  array<string, mixed>  $node
     */
    private function said(array $item, array $node): Box
    {
        $line = new Box(
            children: [
                // One knows one's own name.
                ...($item['own'] ?? false) === true && Nodes::text($item, 'note') !== '' ? [] : $this->part($item, 'title', 0.875, 1.25, 600),
                ...$this->part($item, 'note', 1, 1.5, 400),
                ...$this->badge($item),
                ...$this->part($item, 'aside', 0.8125, 1.125, 400),
            ],
            grow: 1,
            shrink: 1,
            basis: null,
            align: 'start',
        );
        $picture = Nodes::text($item, 'picture') === '' ? [] : [new Box(width: Size::dp(40), height: Size::dp(40), alignSelf: 'start')];

        return new Box(
            flow: 'row',
            children: [...$picture, $line],
            width: null,
            maxWidth: Size::percent(82),
            minHeight: 48,
            padding: $this->beside(new Edges(8, 14, 8, 14), $node),
            gap: 12,
            align: 'center',
            alignSelf: ($item['own'] ?? false) === true ? 'end' : 'start',
        );
    }

    /**
     * The room for the button that opens what swiping offers.
     *
     * @param  array<string, mixed>  $node
     */
    private function beside(Edges $edges, array $node): Edges
    {
        return Nodes::list($node['swipes'] ?? []) === [] ? $edges : new Edges($edges->top, 56, $edges->bottom, $edges->left);
    }

    /** @param  array<string, mixed>  $item */
    private function words(array $item): Box
    {
        return new Box(
            children: [...$this->part($item, 'title', 1, 1.5, 600), ...$this->part($item, 'note', 0.9375, 1.375, 400), ...$this->badge($item)],
            align: 'start',
        );
    }

    /**
     * @param  array<string, mixed>  $item
     * @return list<Box>
     */
    private function part(array $item, string $name, float $size, float $line, int $weight): array
    {
        $text = Nodes::text($item, $name);

        return $text === '' ? [] : [new Box(text: $this->pen->text($text, $size, $line, $weight))];
    }

    /**
     * @param  array<string, mixed>  $item
     * @return list<Box>
     */
    private function badge(array $item): array
    {
        $text = Nodes::text($item, 'badge');

        return $text === '' ? [] : [new Box(text: $this->pen->text($text, 0.8125, 1.125, 600), padding: Edges::of(2, 10), margin: new Edges(4))];
    }

    /**
     * @param  array<string, mixed>  $item
     * @return list<Box>
     */
    private function aside(array $item, ?Size $most): array
    {
        return array_map(fn (Box $b): Box => $b->with(maxWidth: $most), $this->part($item, 'aside', 0.875, 1.25, 600));
    }
}
