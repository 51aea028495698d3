<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use Lanai\Core\Data\Row;
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

    /** @return list<Row> */
    public static function rows(mixed $list, int $most): array
    {
        return array_slice(array_values(array_filter(is_array($list) ? $list : [], fn (mixed $item): bool => $item instanceof Row)), 0, $most);
    }
}
