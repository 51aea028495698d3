<?php

declare(strict_types=1);

namespace Lanai\Core\Player;

use Lanai\Core\Effects\DoRoutine;
use Lanai\Core\Lines\AddForm;
use Lanai\Core\Lines\ChangeForm;
use Lanai\Core\Lines\InputLine;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Play\Tappable;
use Lanai\Core\Text\Pattern;

/** Which of a screen's inputs a tap reads: only those must be filled in rightly, and only those are empty afterwards. */
final class InputsUsed
{
    private const DEEPEST = 10;

    /** @return list<string> names in formulas */
    public static function by(Tappable $line, Blueprint $blueprint): array
    {
        $with = $line instanceof AddForm || $line instanceof ChangeForm ? $line->with : [];

        return array_values(array_unique(self::in([$line->effects(), $with], $blueprint, 0)));
    }

    /**
     * With those that the validity of these looks at.
     *
     * @param  list<string>  $used
     * @param  array<string, InputLine>  $inputs  by name
     * @return list<string>
     */
    public static function judged(array $used, array $inputs): array
    {
        for ($i = 0; $i < count($used); $i++) {
            Pattern::matchAll('/\binput\s*\.\s*(\w+)/u', $inputs[$used[$i]]->valid ?? '', $found);
            array_push($used, ...array_diff($found[1], $used));
        }

        return $used;
    }

    /** @return list<string> */
    private static function in(mixed $part, Blueprint $blueprint, int $depth): array
    {
        if (is_string($part)) {
            Pattern::matchAll('/\binput\s*\.\s*(\w+)/u', $part, $found);

            return $found[1];
        }
        $inside = match (true) {
            is_object($part) => array_values(get_object_vars($part)),
            is_array($part) => array_values($part),
            default => [],
        };
        $routine = $part instanceof DoRoutine && $depth < self::DEEPEST ? $blueprint->routineIndex($part->routine) : null;
        if ($routine !== null) {
            $inside[] = $blueprint->routines[$routine]->does;
            $depth++;
        }

        return array_merge([], ...array_map(fn (mixed $one): array => self::in($one, $blueprint, $depth), $inside));
    }
}
