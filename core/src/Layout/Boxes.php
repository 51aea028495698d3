<?php

declare(strict_types=1);

namespace Lanai\Core\Layout;

/** The boxes of the nodes of a view tree: one method for each kind. The same sizes stand in web/device/device.css. */
final readonly class Boxes
{
    public function __construct(private Pen $pen)
    {
    }

    /**
     * @param  array<string, mixed>  $node
     * @param  'main'|'group'|'card'|'columns'|'wrapping'|'pinned'|'bar'|'floats'  $in  what it stands in
     */
    public function of(array $node, string $in): Box
    {
        $box = match (Nodes::text($node, 'kind')) {
            'heading' => $this->heading($node, $in),
            'text' => $this->text($node),
            'picture' => $this->picture($node),
            'icon' => new Box(height: Size::dp(40)),
            'badge' => $this->badge($node),
            'progress' => $this->progress($node),
            'rating', 'countdown' => new Box(height: Size::dp($this->pen->rem(2))),
            'divider' => new Box(height: Size::dp(1), margin: Edges::of(4, 0)),
            'space' => new Box(height: Size::dp(is_int($node['height'] ?? null) ? $node['height'] : 0)),
            'chart' => $this->chart($node),
            'map' => $this->map($node),
            'webPage' => new Box(height: Size::dp(320)),
            'video' => new Box(aspect: 16 / 9),
            'sound' => $this->stacked([new Box(text: $this->pen->text(Nodes::text($node, 'title'))), new Box(height: Size::dp(54))], 4),
            'list' => (new ListBoxes($this->pen))->of($node),
            'button' => $this->button($node, $in),
            'iconButton' => new Box(width: Size::dp(48), height: Size::dp(48), marks: ['taps' => true]),
            'floatingButton' => new Box(width: Size::dp(56), height: Size::dp(56), marks: ['taps' => true]),
            'link' => new Box(text: $this->pen->text(Nodes::text($node, 'label')), minHeight: 48, padding: Edges::of(12, 0), alignSelf: 'start', marks: ['taps' => true]),
            'menu' => $this->menu($node),
            'input' => (new FormBoxes($this->pen))->input(is_array($node['input'] ?? null) ? $node['input'] : []),
            'addForm', 'changeForm' => (new FormBoxes($this->pen))->form($node),
            'group', 'piece' => $this->group($node),
            'from' => $this->from($node),
            'conversation' => new Box(height: Size::dp(420)),
            'card' => new Box(children: $this->children($node, 'card'), padding: Edges::all(16), gap: 10, marks: ($node['taps'] ?? false) === true ? ['taps' => true] : []),
            'columns' => $this->columns($node),
            'sections' => $this->sections($node),
            'fold' => $this->fold($node),
            'repeat' => $this->stacked(array_map(fn (array $item): Box => $this->stacked($this->children($item, 'group'), $this->pen->look->gap), Nodes::of($node['items'] ?? [], false)), $this->pen->look->gap),
            default => new Box(height: Size::dp(0)),
        };
        $taps = ($node['taps'] ?? false) === true ? ['taps' => true] : [];

        return $this->placed($box->with(key: Nodes::text($node, 'at'), marks: $box->marks + $taps + ['kind' => Nodes::text($node, 'kind')]), $node, $in);
    }

    /**
     * What the sentence says of its place comes before what its kind says.
     *
     * @param  array<string, mixed>  $node
     */
    private function placed(Box $box, array $node, string $in): Box
    {
        $said = $this->pen->device->isTablet() && Nodes::placing($node, 'tabletWidth') !== '' ? Nodes::placing($node, 'tabletWidth') : Nodes::placing($node, 'width');
        $width = Size::of($said);
        $height = Size::of(Nodes::placing($node, 'height'));
        if ($height !== null && $height->unit !== 'content') {
            $box = $box->with(height: $height, minHeight: 0.0, marks: $box->marks + ['fixed' => true]);
        }
        $in = $this->pen->large() && ($in === 'columns' || $in === 'wrapping') ? 'stack' : $in;
        $flexible = ! in_array(Nodes::text($node, 'kind'), ['iconButton', 'link'], true) && ! (Nodes::text($node, 'kind') === 'picture' && ($node['shape'] ?? '') === 'round');
        if ($width !== null) {
            $box = $width->unit === 'content' ? $box->with(width: null, alignSelf: $in === 'columns' || $in === 'wrapping' ? null : 'start') : $box->with(width: $width);
        } elseif ($in === 'columns' && $flexible) {
            $box = $box->with(grow: 1.0, shrink: 1.0, basis: Size::dp(0));
        } elseif ($in === 'wrapping' && $flexible) {
            $box = $box->with(grow: 1.0, shrink: 1.0, basis: Size::dp(140));
        }

        return Nodes::placing($node, 'centred') === '1' && $box->width !== null ? $box->with(middle: true) : $box;
    }

    /**
     * @param  array<string, mixed>  $node
     * @param  'group'|'card'|'columns'|'wrapping'  $in
     * @return list<Box>
     */
    private function children(array $node, string $in): array
    {
        return array_values(array_map(fn (array $child): Box => $this->of($child, $in), array_filter(Nodes::of($node['nodes'] ?? []), fn (array $n): bool => Nodes::text($n, 'kind') !== 'sheet')));
    }

    /** @param  list<Box>  $children */
    private function stacked(array $children, float $gap): Box
    {
        return new Box(children: $children, gap: $gap);
    }

    /** @param  array<string, mixed>  $node */
    private function heading(array $node, string $in): Box
    {
        $look = $this->pen->look;

        return new Box(text: $this->pen->text(Nodes::text($node, 'text'), $look->heading, $look->headingLine, 680), margin: in_array($in, ['card', 'columns', 'wrapping'], true) ? new Edges : new Edges(8, 0, -4, 0));
    }

    /** @param  array<string, mixed>  $node */
    private function text(array $node): Box
    {
        $small = ($node['small'] ?? false) === true;
        $runs = array_map(fn (array $run): array => [Nodes::text($run, 'text'), ($run['strong'] ?? false) === true ? 680 : 400], Nodes::of($node['runs'] ?? [], false));

        return new Box(text: new Paragraph($runs === [] ? [[Nodes::text($node, 'text'), 400]] : $runs, $this->pen->rem($small ? .875 : 1), $this->pen->rem($small ? 1.25 : 1.5)));
    }

    /** @param  array<string, mixed>  $node */
    private function picture(array $node): Box
    {
        return match ($node['shape'] ?? '') {
            'square' => new Box(aspect: 1),
            'tall' => new Box(aspect: 3 / 4),
            'banner' => new Box(aspect: 3),
            'round' => new Box(width: Size::dp(96), aspect: 1),
            default => new Box(aspect: 16 / 10),
        };
    }

    /** @param  array<string, mixed>  $node */
    private function badge(array $node): Box
    {
        return new Box(children: [new Box(text: $this->pen->text(Nodes::text($node, 'text'), .875, 1.25, 600), padding: Edges::of(2, 12), alignSelf: 'start')], minHeight: $this->pen->rem(1.5));
    }

    /** @param  array<string, mixed>  $node */
    private function progress(array $node): Box
    {
        $text = Nodes::text($node, 'text');

        return $this->stacked([new Box(height: Size::dp(12)), ...($text === '' ? [] : [new Box(text: $this->pen->text($text, .9375, 1.375))])], 4);
    }

    /** @param  array<string, mixed>  $node */
    private function chart(array $node): Box
    {
        $title = Nodes::text($node, 'title');

        return $this->stacked([
            ...($title === '' ? [] : [new Box(text: $this->pen->text($title, weight: 600))]),
            Nodes::list($node['points'] ?? []) === [] ? $this->empty('There is nothing to draw yet.') : new Box(height: Size::dp(220)),
        ], 6);
    }

    private function empty(string $text): Box
    {
        return new Box(text: $this->pen->text($text), padding: Edges::of(20, 16));
    }

    /** @param  array<string, mixed>  $node */
    private function map(array $node): Box
    {
        $place = is_array($node['place'] ?? null) ? $node['place'] : null;
        if ($place === null) {
            return $this->empty('There is no place to show.');
        }
        $side = fn (mixed $value, string $plus, string $minus): string => is_int($value) || is_float($value) ? sprintf('%.4F° %s', abs($value), $value < 0 ? $minus : $plus) : '';
        $words = $side($place['latitude'] ?? 0, 'N', 'S').', '.$side($place['longitude'] ?? 0, 'E', 'W');
        $text = Nodes::text($node, 'text');

        return $this->stacked([new Box(height: Size::dp(200)), new Box(text: $this->pen->text($text === '' ? $words : "$text · $words", .875, 1.25))], 6);
    }

    /** @param  array<string, mixed>  $node */
    private function button(array $node, string $in): Box
    {
        return new Box(text: $this->pen->text(Nodes::text($node, 'label'), weight: 650), minHeight: $in === 'bar' ? 48 : 50, padding: $in === 'bar' ? Edges::of(8, 12) : Edges::of(13, 20), marks: ['taps' => true, 'label' => true]);
    }

    /** @param  array<string, mixed>  $node */
    private function menu(array $node): Box
    {
        $label = new Box(text: $this->pen->text(Nodes::text($node, 'label'), weight: 650), shrink: 1);

        return new Box(flow: 'row', children: [new Box(flow: 'row', children: [$label, new Box(width: Size::dp(24), height: Size::dp(24))], minHeight: 50, padding: Edges::of(13, 20), gap: 4, grow: 1, shrink: 1, basis: Size::dp(0), align: 'center', justify: 'center', marks: ['taps' => true])]);
    }

    /** @param  array<string, mixed>  $node */
    private function group(array $node): Box
    {
        return $this->stacked($this->children($node, 'group'), $this->pen->look->gap);
    }

    /** @param  array<string, mixed>  $node */
    private function from(array $node): Box
    {
        $said = Nodes::text($node, 'said');
        $again = ($node['state'] ?? '') === 'failed' || (($node['state'] ?? '') === 'ready' && $said !== '');

        return $this->stacked([...($said === '' ? [] : [$this->empty($said)]), ...($again ? [$this->button(['label' => 'Try again'], 'group')] : []), ...$this->children($node, 'group')], $this->pen->look->gap);
    }

    /** @param  array<string, mixed>  $node */
    private function columns(array $node): Box
    {
        $wraps = ($node['wraps'] ?? false) === true;

        $children = $this->children($node, $wraps ? 'wrapping' : 'columns');

        return $this->pen->large() ? new Box(children: $children, gap: 12) : new Box(flow: 'row', children: $children, gap: 12, wraps: $wraps);
    }

    /** @param  array<string, mixed>  $node */
    private function sections(array $node): Box
    {
        $sections = Nodes::of($node['sections'] ?? [], false);
        $tabs = array_map(fn (array $s): Box => new Box(flow: 'row', children: [new Box(text: $this->pen->text(Nodes::text($s, 'label'), weight: 600), shrink: 1, marks: ['label' => true])], minHeight: 48, padding: Edges::of(6, 8), grow: $this->pen->large() ? 0 : 1, shrink: 1, basis: $this->pen->large() ? null : Size::dp(0), align: 'center', justify: 'center', marks: ['taps' => true]), $sections);
        $first = $sections[0] ?? null;

        return $this->stacked([new Box(flow: $this->pen->large() ? 'column' : 'row', children: $tabs, padding: Edges::all(4), gap: 4), ...($first === null ? [] : [$this->stacked($this->children($first, 'group'), $this->pen->look->gap)])], $this->pen->look->gap);
    }

    /** @param  array<string, mixed>  $node */
    private function fold(array $node): Box
    {
        $head = new Box(flow: 'row', children: [new Box(text: $this->pen->text(Nodes::text($node, 'label'), weight: 650), grow: 1, shrink: 1, basis: Size::dp(0)), new Box(width: Size::dp(24), height: Size::dp(24))], minHeight: 48, gap: 12, align: 'center', marks: ['taps' => true]);

        return new Box(children: [$head, ...(($node['open'] ?? false) === true ? [$this->stacked($this->children($node, 'group'), $this->pen->look->gap)] : [])], padding: new Edges(0, 0, 9, 0), gap: 10);
    }
}
