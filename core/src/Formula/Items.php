<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use Lanai\Core\Blueprint\Row;
use Lanai\Core\Script\Scope;

/** The items of a list that a formula gives. */
final class Items
{
    public static function typeOf(string $formula, Scope $scope): Type
    {
        try {
            return $formula === '' ? Type::of(Kind::Any) : (Formula::of($formula)->typeIn($scope)->of ?? Type::of(Kind::Any));
        } catch (FormulaMistake) {
            return Type::of(Kind::Any);
        }
    }

    public static function isList(mixed $value): bool
    {
        return is_array($value) || $value instanceof LongList;
    }

    /** @return iterable<mixed> nothing where it is no list */
    public static function each(mixed $list): iterable
    {
        return is_array($list) || $list instanceof LongList ? $list : [];
    }

    /** @return list<Row> the first so many */
    public static function rows(mixed $list, int $most): array
    {
        $rows = [];
        foreach (self::each($list) as $item) {
            if (count($rows) >= $most) {
                break;
            }
            if ($item instanceof Row) {
                $rows[] = $item;
            }
        }

        return $rows;
    }
}
