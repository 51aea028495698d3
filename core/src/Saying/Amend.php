<?php

declare(strict_types=1);

namespace Lanai\Core\Saying;

use Lanai\Core\Edits\Kinds\PutRight;
use Lanai\Core\Text\Pattern;

/** Small edits at a place, of which changes are made. */
final class Amend
{
    /** A clause or a value is what it is told to be. */
    public static function put(string $at, mixed $value): PutRight
    {
        return new PutRight('', [['op' => 'add', 'path' => $at, 'value' => $value]]);
    }

    /** A clause or a value is left out. */
    public static function leave(string $at): PutRight
    {
        return new PutRight('', [['op' => 'remove', 'path' => $at]]);
    }

    /**
     * A list has other items.
     *
     * @param  array<array-key, mixed>  $items  none, and there is no list
     */
    public static function items(string $at, array $items): PutRight
    {
        return $items === [] ? self::leave($at) : self::put($at, array_values($items));
    }

    /** A condition beside one that is there already. */
    public static function both(string $one, string $other): string
    {
        $held = fn (string $formula): string => Pattern::match('~\bor\b|\?~', $formula) ? "($formula)" : $formula;

        return match (true) {
            $one === '' || $one === $other => $other,
            str_contains($one, $other) => $one,
            default => $held($one).' and '.$held($other),
        };
    }
}
