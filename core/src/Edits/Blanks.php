<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Language\BlankSpot;
use Lanai\Core\Language\Fits\FamilyFit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Model\Blueprint;

/** Which blank a founder goes on with. */
final class Blanks
{
    /** The first empty one at a place or under it that has to be filled; '' for none. */
    public static function firstEmpty(Blueprint $blueprint, string $at): string
    {
        foreach (self::under($blueprint, $at) as $spot) {
            if ($spot->isEmpty() && $spot->needed) {
                return $spot->at;
            }
        }

        return '';
    }

    /** Of something that has been begun: its name where it has one of its own, else the first that has to be filled. */
    public static function toBegin(Blueprint $blueprint, string $at): string
    {
        foreach (self::under($blueprint, $at) as $spot) {
            if ($spot->blank->fit instanceof NameFit || ($spot->isEmpty() && $spot->needed)) {
                return $spot->at;
            }
        }

        return '';
    }

    /** @return list<BlankSpot> */
    private static function under(Blueprint $blueprint, string $at): array
    {
        return array_values(array_filter($blueprint->walkTo($at)->blanks,
            fn (BlankSpot $spot): bool => ($spot->at === $at || str_starts_with($spot->at, "$at/")) && ! $spot->blank->fit instanceof FamilyFit));
    }
}
