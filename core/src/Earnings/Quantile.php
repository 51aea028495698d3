<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

/** The value below which a share of some lies, in a straight line between two of them (Hyndman and Fan, 1996, definition 7). */
final class Quantile
{
    /**
     * @param  non-empty-list<float>  $sorted  upwards
     * @param  float  $share  from 0 to 1
     */
    public static function of(array $sorted, float $share): float
    {
        $place = $share * (count($sorted) - 1);
        $low = (int) floor($place);
        $high = min($low + 1, count($sorted) - 1);

        return $sorted[$low] + ($place - $low) * ($sorted[$high] - $sorted[$low]);
    }
}
