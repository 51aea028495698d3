<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Face;
use Lanai\Core\Play\Placing;
use Lanai\Core\Text\Pattern;

/** A quotation mark with which a text begins stands before its edge, so that the letters of all lines begin at one (an optical margin). */
final class Hanging
{
    /** @return array{hang?: float} how wide what hangs is, as a share of the font size */
    public static function of(string $text, Placing $placing, int $weight = 400): array
    {
        return ! $placing->centred && Pattern::match('/^["\'„“”‚‘«‹»›](?=\S)/u', $text, $found)
            ? ['hang' => round(Face::shipped()->width($found[0], $weight), 3)]
            : [];
    }

    /** @param  array<string, mixed>  $node */
    public static function in(array $node): float
    {
        $hang = $node['hang'] ?? 0;

        return is_int($hang) || is_float($hang) ? (float) $hang : 0.0;
    }
}
