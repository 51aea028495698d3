<?php

declare(strict_types=1);

namespace Lanai\Core\Reach;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Somebody made up, to see what the figures would look like: when they come, from where, how far they go and when they come back. What is taken for likely is
 * told by whoever tries it; the rest is a guess and no source. For the same seed the same person.
 */
final readonly class MadeUp
{
    /** The days in which they come for the first time. */
    public const DAYS = 28;

    /** Where they come from, by how many of a hundred. */
    private const FROM = ['' => 50, 'poster' => 25, 'friend' => 15, 'newsletter' => 10];

    /** How many of a hundred come back on the day after, a week and thirty days after, as far as that is past. */
    private const BACK = [1 => 30, 7 => 15, 30 => 8];

    /**
     * @param  int  $ago  seconds since they came for the first time
     * @param  list<int>  $steps  for each step that they took the seconds since the one before it; the first is 0
     * @param  list<int>  $back  days after the first on which they came again
     */
    private function __construct(public int $ago, public string $source, public array $steps, public array $back)
    {
    }

    /**
     * @param  int  $number  which of the made-up people
     * @param  int  $length  so many steps the way has, at least 1
     * @param  float  $goesOn  how many of those at a step take the next one, from 0 to 1
     */
    public static function of(int $seed, int $number, int $length, float $goesOn): self
    {
        $luck = new Randomizer(new Xoshiro256StarStar(hash('sha256', "made up/$seed/$number", true)));
        $steps = [0];
        // Each draws the same luck whatever is taken for likely: so two guesses differ by no more than what they say.
        for ($step = 1; $step < $length; $step++) {
            [$goes, $seconds] = [$luck->getInt(0, 999_999) < $goesOn * 1_000_000, $luck->getInt(3, 60)];
            if ($goes && count($steps) === $step) {
                $steps[] = $seconds;
            }
        }
        $ago = $luck->getInt(0, self::DAYS * 86400 - 1);
        $at = $luck->getInt(1, 100);
        $source = '';
        foreach (self::FROM as $from => $of) {
            if ($at > 0 && $at <= $of) {
                $source = $from;
            }
            $at -= $of;
        }
        $back = [];
        foreach (self::BACK as $after => $of) {
            if ($luck->getInt(1, 100) <= $of && $after * 86400 < $ago) {
                $back[] = $after;
            }
        }

        return new self($ago, $source, $steps, $back);
    }
}
