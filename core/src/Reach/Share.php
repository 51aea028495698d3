<?php

declare(strict_types=1);

namespace Lanai\Core\Reach;

/**
 * So many of so many, with how sure that is: the score interval of E. B. Wilson, “Probable inference, the law of succession, and statistical inference”,
 * Journal of the American Statistical Association 22 (1927), 209 to 212.
 */
final readonly class Share
{
    /** The 97.5 % point of the normal distribution: nineteen of twenty such intervals hold what is true. */
    public const SURE = 1.959963984540054;

    /** Both from 0 to 1; of nothing the interval is everything. */
    public float $low;

    public float $high;

    /**
     * @param  int  $part  from 0 to $of
     *
     * @throws \ValueError where there are more than there are
     */
    public function __construct(public int $part, public int $of, float $z = self::SURE)
    {
        if ($part < 0 || $part > $of) {
            throw new \ValueError("$part of $of is no share.");
        }
        if ($of === 0) {
            [$this->low, $this->high] = [0.0, 1.0];

            return;
        }
        $p = $part / $of;
        $middle = $p + $z * $z / (2 * $of);
        $half = $z * sqrt($p * (1 - $p) / $of + $z * $z / (4 * $of * $of));
        $whole = 1 + $z * $z / $of;
        // At the ends the bound is the end itself; what is beside it by a rounding is not.
        $this->low = $part === 0 ? 0.0 : max(0.0, ($middle - $half) / $whole);
        $this->high = $part === $of ? 1.0 : min(1.0, ($middle + $half) / $whole);
    }

    public function value(): float
    {
        return $this->of === 0 ? 0.0 : $this->part / $this->of;
    }
}
