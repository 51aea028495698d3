<?php

declare(strict_types=1);

namespace Lanai\Core\Geometry;

use Closure;
use Lanai\Core\Text\OwnWords;

/** What a line needs to tell how large it is: the pen that sets its text, and the boxes of what is in it. */
final readonly class Setting
{
    /** @param  Closure(array<string, mixed>, Within): (Box|null)  $of  the box of another node */
    public function __construct(public Pen $pen, private Closure $of, private OwnWords $own)
    {
    }

    /** What Lanai itself says, in the language of the page. */
    public function own(string $sentence, string|int|float ...$values): string
    {
        return $this->own->say($sentence, ...$values);
    }

    /** The tag of that language. */
    public function tongue(): string
    {
        return $this->own->tongue;
    }

    /**
     * @param  array<string, mixed>  $node  with "nodes" in it
     * @return list<Box>
     */
    public function inside(array $node, Within $in): array
    {
        return array_values(array_filter(array_map(fn (array $child): ?Box => ($this->of)($child, $in), Nodes::of($node['nodes'] ?? []))));
    }

    /**
     * One below the other.
     *
     * @param  list<Box>  $children
     * @param  float|null  $gap  in dp; that of the look where it is null
     */
    public function stacked(array $children, ?float $gap = null): Box
    {
        return new Box(children: $children, gap: $gap ?? $this->pen->look->gap);
    }

    /**
     * What is in a node, one below the other.
     *
     * @param  array<string, mixed>  $node
     */
    public function group(array $node): Box
    {
        return $this->stacked($this->inside($node, Within::Group));
    }

    /** A sentence where there is nothing to show. */
    public function said(string $text): Box
    {
        return new Box(text: $this->pen->text($text), padding: Edges::of(20, 16));
    }
}
