<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use DateTimeImmutable;
use Lanai\Core\Text\Texts;
use Lanai\Core\Values\Place;
use Lanai\Core\Values\Sortable;

/** The order of values of one kind. */
final class Comparison
{
    /** Below, at or above zero; -1 for values of kinds that have no order. */
    public static function of(mixed $a, mixed $b): int
    {
        return match (true) {
            $a instanceof DateTimeImmutable && $b instanceof DateTimeImmutable => $a <=> $b,
            is_string($a) && is_string($b) => Texts::order($a, $b),
            is_bool($a) && is_bool($b), (is_int($a) || is_float($a)) && (is_int($b) || is_float($b)) => $a <=> $b,
            $a instanceof Sortable && $b instanceof Sortable && $a::class === $b::class => $a->key() <=> $b->key(),
            $a instanceof Place && $b instanceof Place => $a->written() <=> $b->written(),
            is_array($a) && is_array($b) => $a <=> $b,
            default => -1,
        };
    }
}
