<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\FieldTypes;

/** Types as data, so that another sentence can have the same. */
final class TypeData
{
    /** @return array<string, mixed> */
    public static function dataOf(FieldType $type): array
    {
        $data = ['kind' => FieldTypes::all()->kindOf($type)];
        foreach (get_object_vars($type) as $name => $value) {
            if (! in_array($value, [null, '', [], false], true)) {
                $data[(string) $name] = $value;
            }
        }

        return $data;
    }
}
