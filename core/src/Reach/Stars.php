<?php

declare(strict_types=1);

namespace Lanai\Core\Reach;

/** The stars that people have given to a version, from 1 to 5 each. */
final readonly class Stars
{
    /** With fewer nothing is said. */
    private const FEWEST = 5;

    /**
     * What nineteen of twenty samples stay below that differ by chance alone: Student's t, one-sided, for degrees of freedom (handbook tables; from memory).
     */
    private const T = [4 => 2.132, 5 => 2.015, 6 => 1.943, 7 => 1.895, 8 => 1.860, 10 => 1.812, 12 => 1.782, 15 => 1.753, 20 => 1.725, 30 => 1.697, 60 => 1.671,
        120 => 1.658];

    private const T_MANY = 1.645;

    /** @param  list<int>  $given */
    public function __construct(public array $given)
    {
    }

    public function mean(): float
    {
        return $this->given === [] ? 0.0 : array_sum($this->given) / count($this->given);
    }

    /** Whether they are fewer than those of the version before, by more than chance explains (Welch's test, one-sided, at one in twenty). */
    public function fellFrom(self $before): bool
    {
        if (count($this->given) < self::FEWEST || count($before->given) < self::FEWEST) {
            return false;
        }
        [$one, $other] = [$this->spread(), $before->spread()];
        $fall = $before->mean() - $this->mean();
        if ($one + $other <= 0.0) {
            return $fall > 0;
        }

        return $fall / sqrt($one + $other) > self::critical($this->freedom($before));
    }

    /** Degrees of freedom by Welch and Satterthwaite. */
    private function freedom(self $before): float
    {
        [$one, $other] = [$this->spread(), $before->spread()];

        return ($one + $other) ** 2 / ($one ** 2 / (count($this->given) - 1) + $other ** 2 / (count($before->given) - 1));
    }

    /** The variance of the mean. */
    private function spread(): float
    {
        $mean = $this->mean();
        $squares = array_sum(array_map(fn (int $star): float => ($star - $mean) ** 2, $this->given));

        return $squares / (count($this->given) - 1) / count($this->given);
    }

    /** The next lower line of the table, which asks for more. */
    private static function critical(float $freedom): float
    {
        $found = self::T[4];
        foreach (self::T as $line => $t) {
            $found = $freedom >= $line ? $t : $found;
        }

        return $freedom > 1000 ? self::T_MANY : $found;
    }
}
