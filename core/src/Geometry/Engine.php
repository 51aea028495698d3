<?php

declare(strict_types=1);

namespace Lanai\Core\Geometry;

/**
 * Lays boxes out: in a column, in a row that may wrap, or in a grid of equal columns, with padding, gaps, growing and shrinking,
 * as CSS Flexible Box Layout (W3C) describes them for these properties.
 */
final class Engine
{
    /** @var array<int, float> */
    private array $natural = [];

    /** The frames of a box in a room of this size; positions are from the room's corner. */
    public static function frames(Box $box, float $width, ?float $height = null): Frame
    {
        return (new self())->lay($box, $width, $height);
    }

    /** @param  float|null  $height  null for as high as what is in it */
    private function lay(Box $box, float $width, ?float $height): Frame
    {
        $width = max($width, $box->padding->across());
        $height = $height === null ? null : max($box->padding->down(), self::bounded($height, $box->minHeight, $box->maxHeight));
        if ($box->text !== null) {
            [$lines, $broken] = $box->text->set(max(0.0, $width - $box->padding->across()));
            $high = count($lines) * $box->text->line + $box->padding->down();

            return new Frame($box, $width, $height ?? self::bounded($high, $box->minHeight, $box->maxHeight), lines: $lines, broken: $broken);
        }
        $frame = new Frame($box, $width, 0);
        $room = max(0.0, $width - $box->padding->across());
        $inner = $height === null ? null : max(0.0, $height - $box->padding->down());
        $flowing = array_values(array_filter($box->children, fn (Box $child): bool => $child->pins === null));
        $used = match ($box->flow) {
            'row' => $this->row($box, $frame, $flowing, $room, $inner),
            'grid' => $this->grid($box, $frame, $flowing, $room),
            default => $this->column($box, $frame, $flowing, $room, $inner),
        };
        $frame->height =
            $height ??
            self::bounded(
                $box->aspect !== null && $box->height === null ? $width / $box->aspect : $used + $box->padding->down(),
                $box->minHeight,
                $box->maxHeight,
            );
        // What a least height adds is room to stretch, to grow and to centre in.
        if ($height === null && $box->flow !== 'grid' && ! self::isLoose($box) && $frame->height - $box->padding->down() > $used + 0.001 && $flowing !== []) {
            $frame->children = [];
            $this->{$box->flow}($box, $frame, $flowing, $room, $frame->height - $box->padding->down());
        }
        foreach ($box->children as $child) {
            if ($child->pins !== null) {
                $this->pin($child, $child->pins, $frame);
            }
        }

        return $frame;
    }

    /** A box that was laid out, now so much higher; it is laid out again only where that moves something in it. */
    private function stretched(Box $box, Frame $frame, float $height): Frame
    {
        if (! self::isLoose($box)) {
            return $this->lay($box, $frame->width, $height);
        }
        $frame->height = max($box->padding->down(), self::bounded($height, $box->minHeight, $box->maxHeight));

        return $frame;
    }

    /** Whether more height moves nothing in the box: a text, an empty one, or a column that begins at the top and does not grow. */
    private static function isLoose(Box $box): bool
    {
        if ($box->text !== null || $box->children === []) {
            return true;
        }
        if ($box->flow !== 'column' || $box->justify !== 'start') {
            return false;
        }
        foreach ($box->children as $child) {
            if ($child->grow > 0 || $child->shrink > 0 || $child->pins !== null || $child->height?->unit === '%') {
                return false;
            }
        }

        return true;
    }

    /** @param  list<Box>  $children @return float the height that they take */
    private function column(Box $box, Frame $frame, array $children, float $room, ?float $inner): float
    {
        $laid = [];
        foreach ($children as $child) {
            $wide = $this->across($child, $box, $room);
            $laid[] = $this->lay($child, $wide, $this->high($child, $wide, $inner));
        }
        if ($inner !== null) {
            $laid = $this->resize($box, $children, $laid, $inner);
        }
        $used = self::along($children, $laid, $box->gap, 'height');
        [$y, $between] = self::begin($box->justify, $inner === null ? 0.0 : $inner - $used, count($children));
        $y += $box->padding->top;
        foreach ($children as $i => $child) {
            $y += $child->margin->top;
            $laid[$i]->move($box->padding->left + self::aside($child, $box, $room - $laid[$i]->width, $child->margin->left, $child->margin->right), $y);
            $y += $laid[$i]->height + $child->margin->bottom + $box->gap + $between;
            $frame->children[] = $laid[$i];
        }

        return $used;
    }

    /**
     * Growing and shrinking down a column.
     *
     * @param  list<Box>  $children
     * @param  list<Frame>  $laid
     * @return list<Frame>
     */
    private function resize(Box $box, array $children, array $laid, float $inner): array
    {
        $free = $inner - self::along($children, $laid, $box->gap, 'height');
        if (abs($free) < 0.001) {
            return $laid;
        }
        $base = array_map(fn (Box $c, Frame $f): float => $c->basis?->within($inner) ?? $f->height, $children, $laid);
        $free =
            $inner - array_sum($base) - array_sum(array_map(fn (Box $c): float => $c->margin->down(), $children)) - $box->gap * max(0, count($children) - 1);
        $sizes = self::flexed($children, $base, $free, fn (Box $c): array => [$c->minHeight, $c->maxHeight]);
        foreach ($sizes as $i => $size) {
            if (abs($size - $laid[$i]->height) > 0.001) {
                $laid[$i] = $this->lay($children[$i], $laid[$i]->width, $size);
            }
        }

        return array_values($laid);
    }

    /** @param  list<Box>  $children @return float the height that they take */
    private function row(Box $box, Frame $frame, array $children, float $room, ?float $inner): float
    {
        $base = array_map(fn (Box $c): float => self::bounded($c->basis?->within($room) ?? $this->wanted($c, $room), 0, null), $children);
        $bounds = fn (Box $c): array => [$c->minWidth, $c->maxWidth?->within($room)];
        $lines = [[]];
        $sum = 0.0;
        foreach ($children as $i => $child) {
            [$least, $most] = $bounds($child);
            $outer = self::bounded($base[$i], $least, $most) + $child->margin->across();
            if ($box->wraps && end($lines) !== [] && $sum + $box->gap + $outer > $room + 0.01) {
                $lines[] = [];
                $sum = 0.0;
            }
            $sum += (end($lines) === [] ? 0 : $box->gap) + $outer;
            $lines[array_key_last($lines)][] = $i;
        }
        $set = [];
        foreach ($lines as $line) {
            $in = array_map(fn (int $i): Box => $children[$i], $line);
            $free =
                $room - array_sum(array_map(fn (int $i): float => $base[$i] + $children[$i]->margin->across(), $line)) - $box->gap * max(0, count($line) - 1);
            $widths = self::flexed($in, array_map(fn (int $i): float => $base[$i], $line), $free, $bounds);
            $laid = array_map(fn (Box $c, float $w): Frame => $this->lay($c, $w, $this->high($c, $w, $inner)), $in, $widths);
            $set[] = [$in, $laid, max([0.0, ...array_map(fn (Box $c, Frame $f): float => $f->height + $c->margin->down(), $in, $laid)])];
        }
        // What a given height leaves over is shared by the lines.
        $spare = $inner === null ? 0.0 : $inner - array_sum(array_column($set, 2)) - $box->gap * (count($set) - 1);
        $y = $box->padding->top;
        foreach ($set as $number => [$in, $laid, $tall]) {
            $tall = $inner !== null && ! $box->wraps ? $inner : $tall + max(0.0, $spare) / count($set);
            $used = self::along($in, $laid, $box->gap, 'width');
            [$x, $between] = self::begin($box->justify, $room - $used, count($in));
            $x += $box->padding->left;
            foreach ($in as $i => $child) {
                $free = $tall - $child->margin->down() - $laid[$i]->height;
                if (
                    ($child->alignSelf ?? $box->align) === 'stretch' &&
                    $child->height === null &&
                    $child->aspect === null &&
                    ! $child->middle &&
                    abs($free) > 0.001
                ) {
                    $laid[$i] = $this->stretched($child, $laid[$i], max(0.0, $tall - $child->margin->down()));
                    $free = $tall - $child->margin->down() - $laid[$i]->height;
                }
                $x += $child->margin->left;
                $laid[$i]->move($x, $y + self::aside($child, $box, $free + $child->margin->down(), $child->margin->top, $child->margin->bottom));
                $x += $laid[$i]->width + $child->margin->right + $box->gap + $between;
                $frame->children[] = $laid[$i];
            }
            $y += $tall + ($number < count($set) - 1 ? $box->gap : 0);
        }

        return $y - $box->padding->top;
    }

    /** @param  list<Box>  $children @return float the height that they take */
    private function grid(Box $box, Frame $frame, array $children, float $room): float
    {
        $columns = max(1, (int) floor(($room + $box->gap) / ($box->track + $box->gap) + 0.0001));
        $wide = ($room - $box->gap * ($columns - 1)) / $columns;
        $y = $box->padding->top;
        foreach (array_chunk($children, $columns) as $number => $line) {
            $y += $number === 0 ? 0 : $box->gap;
            $tall = max([0.0, ...array_map(fn (Box $c): float => $this->lay($c, $wide, $this->high($c, $wide, null))->height, $line)]);
            foreach ($line as $i => $child) {
                $laid = $this->lay($child, $wide, $this->high($child, $wide, null) ?? $tall);
                $laid->move($box->padding->left + $i * ($wide + $box->gap), $y);
                $frame->children[] = $laid;
            }
            $y += $tall;
        }

        return $y - $box->padding->top;
    }

    private function pin(Box $child, Edges $pins, Frame $frame): void
    {
        $wide =
            $child->width?->within($frame->width) ??
            (is_nan($pins->left) || is_nan($pins->right) ? min($this->natural($child), $frame->width) : $frame->width - $pins->across());
        $wide = self::bounded($wide, $child->minWidth, $child->maxWidth?->within($frame->width));
        $high = $this->high($child, $wide, $frame->height) ?? (is_nan($pins->top) || is_nan($pins->bottom) ? null : $frame->height - $pins->down());
        $laid = $this->lay($child, $wide, $high);
        $laid->move(
            is_nan($pins->left) ? $frame->width - $laid->width - $pins->right : $pins->left,
            is_nan($pins->top) ? $frame->height - $laid->height - $pins->bottom : $pins->top,
        );
        $frame->children[] = $laid;
    }

    /** The width of a column's child. */
    private function across(Box $child, Box $box, float $room): float
    {
        $there = $room - $child->margin->across();
        $said = $child->width?->within($room);
        $stretched = ($child->alignSelf ?? $box->align) === 'stretch' && $child->width === null && ! $child->middle;
        $most = $child->maxWidth?->within($room);

        return self::bounded($said ?? ($stretched ? $there : min($this->natural($child), max(0.0, $there))), $child->minWidth, $most);
    }

    private function high(Box $child, float $wide, ?float $inner): ?float
    {
        $said = $child->height?->within($inner);

        return $said ?? ($child->aspect === null ? null : min($wide / $child->aspect, $child->maxHeight ?? INF));
    }

    /** The width that a row's child begins with. */
    private function wanted(Box $child, float $room): float
    {
        $said = $child->width?->within($room);
        if ($said === null && $child->aspect !== null && $child->height?->unit === 'dp') {
            $said = $child->height->amount * $child->aspect;
        }

        return $said ?? $this->natural($child);
    }

    /** The width that a box takes where it has all the room it wants. */
    private function natural(Box $box): float
    {
        $id = spl_object_id($box);
        if (isset($this->natural[$id])) {
            return $this->natural[$id];
        }
        $said = $box->width?->unit === 'dp' ? $box->width->amount : null;
        if ($said === null) {
            $flowing = array_filter($box->children, fn (Box $c): bool => $c->pins === null);
            $widths = array_map(
                fn (Box $c): float => ($c->basis !== null && $box->flow === 'row' && $c->basis->unit === 'dp'
                    ? max($c->basis->amount, $this->natural($c))
                    : $this->natural($c)) + $c->margin->across(),
                array_values($flowing),
            );
            $said =
                $box->padding->across() +
                match (true) {
                    $box->text !== null => $box->text->natural(),
                    $box->flow === 'column' => max([0.0, ...$widths]),
                    default => array_sum($widths) + $box->gap * max(0, count($widths) - 1),
                };
        }

        return $this->natural[$id] = self::bounded($said, $box->minWidth, $box->maxWidth?->unit === 'dp' ? $box->maxWidth->amount : null);
    }

    /**
     * Shares what is left, or takes what is missing, until nobody is beyond their bounds (CSS Flexbox, 9.7).
     *
     * @param  list<Box>  $children
     * @param  list<float>  $base
     * @param  callable(Box): array{float, float|null}  $bounds
     * @return list<float>
     */
    private static function flexed(array $children, array $base, float $free, callable $bounds): array
    {
        $hypothetical = array_map(fn (Box $c, float $b): float => self::bounded($b, ...$bounds($c)), $children, $base);
        $left = $free + array_sum($base) - array_sum($hypothetical);
        $grows = $left > 0;
        $factor = fn (int $i): float => $grows ? $children[$i]->grow : $children[$i]->shrink * $base[$i];
        $frozen = [];
        foreach ($children as $i => $child) {
            if ($factor($i) <= 0 || ($grows ? $base[$i] > $hypothetical[$i] : $base[$i] < $hypothetical[$i])) {
                $frozen[$i] = $hypothetical[$i];
            }
        }
        while (count($frozen) < count($children)) {
            $open = array_values(array_diff(array_keys($children), array_keys($frozen)));
            $room = $free + array_sum($base) - array_sum($frozen) - array_sum(array_map(fn (int $i): float => $base[$i], $open));
            $whole = array_sum(array_map($factor, $open));
            $plain = array_sum(array_map(fn (int $i): float => $grows ? $children[$i]->grow : $children[$i]->shrink, $open));
            $room *= min(1.0, $plain);
            $sizes = [];
            $over = 0.0;
            foreach ($open as $i) {
                $wanted = $base[$i] + ($whole > 0 ? ($room * $factor($i)) / $whole : 0);
                $sizes[$i] = [$wanted, self::bounded($wanted, ...$bounds($children[$i]))];
                $over += $sizes[$i][1] - $sizes[$i][0];
            }
            foreach ($sizes as $i => [$wanted, $size]) {
                if (abs($over) < 0.0001 || ($over > 0 ? $size > $wanted : $size < $wanted)) {
                    $frozen[$i] = $size;
                }
            }
        }
        ksort($frozen);

        return array_values($frozen);
    }

    /**
     * @param  list<Box>  $children
     * @param  list<Frame>  $laid
     * @param  'width'|'height'  $side
     */
    private static function along(array $children, array $laid, float $gap, string $side): float
    {
        $sum = $gap * max(0, count($children) - 1);
        foreach ($children as $i => $child) {
            $sum += $side === 'width' ? $laid[$i]->width + $child->margin->across() : $laid[$i]->height + $child->margin->down();
        }

        return $sum;
    }

    /** @return array{float, float} where the first begins, and the room between two */
    private static function begin(string $justify, float $free, int $count): array
    {
        return match (true) {
            $justify === 'center' => [$free / 2, 0.0],
            $justify === 'end' => [$free, 0.0],
            $justify === 'between' && $count > 1 && $free > 0 => [0.0, $free / ($count - 1)],
            default => [0.0, 0.0],
        };
    }

    /** How far across the flow a child stands. */
    private static function aside(Box $child, Box $box, float $free, float $before, float $after): float
    {
        $free -= $before + $after;

        return $before +
            match (true) {
                $child->middle => max(0.0, $free / 2),
                ($child->alignSelf ?? $box->align) === 'center' => $free / 2,
                ($child->alignSelf ?? $box->align) === 'end' => $free,
                default => 0.0,
            };
    }

    private static function bounded(float $size, float $least, ?float $most): float
    {
        return max($least, $most === null ? $size : min($most, $size));
    }
}
