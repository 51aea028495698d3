<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

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
}
