<?php

declare(strict_types=1);

namespace Lanai\Core\Geometry;

/** A rectangle to be laid out: how large it wants to be, and how it lays out what is in it. Sizes include the padding. */
final class Box
{
    /**
     * @param  string  $key  what it belongs to, such as the place of a node; '' where nobody asks
     * @param  'column'|'row'|'grid'  $flow
     * @param  list<Box>  $children
     * @param  float  $gap  between children, in dp
     * @param  float  $grow  share of the room that is left
     * @param  float  $shrink  share of the room that is missing
     * @param  Size|null  $basis  the size along the flow that growing begins with; its own size where it is null
     * @param  'stretch'|'start'|'center'|'end'  $align  children across the flow
     * @param  'start'|'center'|'end'|'between'  $justify  children along the flow
     * @param  'stretch'|'start'|'center'|'end'|null  $alignSelf
     * @param  bool  $middle  in the middle across the flow, by equal room on both sides
     * @param  float|null  $aspect  width by height
     * @param  Edges|null  $pins  distances from the edges of what it stands in; it takes no room in the flow. NAN for an edge left free
     * @param  float  $track  in a grid: the least width of a column
     * @param  array<string, mixed>  $marks  what findings want to know of it
     */
    public function __construct(
        public readonly string $key = '',
        public readonly string $flow = 'column',
        public readonly array $children = [],
        public readonly ?Paragraph $text = null,
        public readonly ?Size $width = null,
        public readonly ?Size $height = null,
        public readonly float $minWidth = 0,
        public readonly float $minHeight = 0,
        public readonly ?Size $maxWidth = null,
        public readonly ?float $maxHeight = null,
        public readonly ?float $aspect = null,
        public readonly Edges $padding = new Edges,
        public readonly Edges $margin = new Edges,
        public readonly float $gap = 0,
        public readonly float $grow = 0,
        public readonly float $shrink = 0,
        public readonly ?Size $basis = null,
        public readonly string $align = 'stretch',
        public readonly string $justify = 'start',
        public readonly ?string $alignSelf = null,
        public readonly bool $middle = false,
        public readonly bool $wraps = false,
        public readonly ?Edges $pins = null,
        public readonly float $track = 0,
        public readonly array $marks = [],
    ) {
    }

    /** The same box with some of its properties changed, by their names. */
    public function with(mixed ...$changes): self
    {
        /** @phpstan-ignore argument.type */
        return new self(...array_merge(get_object_vars($this), $changes));
    }
}
