<?php

declare(strict_types=1);

namespace Lanai\Core\Reach;

/**
 * Two shares held against each other: which of two wordings is opened more, and whether that is more than chance.
 *
 * The interval of the difference is the “hybrid score” one: R. G. Newcombe, “Interval estimation for the difference between independent proportions:
 * comparison of eleven methods”, Statistics in Medicine 17 (1998), 873 to 890, method 10. How many are needed: J. L. Fleiss, “Statistical methods for
 * rates and proportions”, 2nd edition (1981), chapter 3, without the correction for continuity.
 */
final readonly class Contest
{
    /** The 80 % point of the normal distribution: a difference that is there is found four times of five. */
    public const FOUND = 0.8416212335729143;

    public float $difference;

    /** Bounds of the difference, from -1 to 1. */
    public float $low;

    public float $high;

    public function __construct(public Share $first, public Share $second)
    {
        [$a, $b] = [$first, $second];
        $this->difference = $b->value() - $a->value();
        $this->low = $a->of === 0 || $b->of === 0
            ? -1.0
            : $this->difference - sqrt(($b->value() - $b->low) ** 2 + ($a->high - $a->value()) ** 2);
        $this->high = $a->of === 0 || $b->of === 0
            ? 1.0
            : $this->difference + sqrt(($b->high - $b->value()) ** 2 + ($a->value() - $a->low) ** 2);
    }

    /**
     * How many of each are needed to tell two shares apart.
     *
     * @param  float  $usual  the share that is expected, above 0 and below 1
     * @param  float  $other  the one that it is to be told from
     *
     * @throws \ValueError where they cannot be told apart
     */
    public static function needed(float $usual, float $other, float $sure = Share::SURE, float $found = self::FOUND): int
    {
        if ($usual <= 0.0 || $usual >= 1.0 || $other <= 0.0 || $other >= 1.0 || $usual === $other) {
            throw new \ValueError('These shares cannot be told apart.');
        }
        $middle = ($usual + $other) / 2;
        $root = $sure * sqrt(2 * $middle * (1 - $middle)) + $found * sqrt($usual * (1 - $usual) + $other * (1 - $other));

        return (int) ceil(($root / ($usual - $other)) ** 2);
    }

    /** 1 or 2 for the better one, once each was shown to so many and chance does not explain it; 0 before. */
    public function winner(int $needed): int
    {
        if ($this->first->of < $needed || $this->second->of < $needed || ($this->low <= 0.0 && $this->high >= 0.0)) {
            return 0;
        }

        return $this->difference > 0 ? 2 : 1;
    }
}
