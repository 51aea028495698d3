<?php

declare(strict_types=1);

namespace Lanai\Core\Data;

use Lanai\Core\Script\Family;

/** The field types there are; a new one is registered here. */
final class FieldTypes
{
    public static function family(): Family
    {
        return Family::of('a type such as “a text”', [
            'text' => FieldTypes\TextType::class,
            'whole' => FieldTypes\WholeNumberType::class,
            'decimal' => FieldTypes\DecimalType::class,
            'yesNo' => FieldTypes\YesNoType::class,
            'moment' => FieldTypes\MomentType::class,
            'picture' => FieldTypes\PictureType::class,
            'link' => FieldTypes\LinkType::class,
        ]);
    }
}
