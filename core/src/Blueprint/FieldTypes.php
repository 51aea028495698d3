<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint;

use Lanai\Core\Script\Family;

/** The field types there are; a new one is registered here. Of two that begin alike, the longer stands first. */
final class FieldTypes
{
    private const KINDS = [
        'text' => FieldTypes\TextType::class,
        'longText' => FieldTypes\LongTextType::class,
        'whole' => FieldTypes\WholeNumberType::class,
        'decimal' => FieldTypes\DecimalType::class,
        'money' => FieldTypes\MoneyType::class,
        'yesNo' => FieldTypes\YesNoType::class,
        'moment' => FieldTypes\MomentType::class,
        'date' => FieldTypes\DateType::class,
        'time' => FieldTypes\TimeType::class,
        'duration' => FieldTypes\DurationType::class,
        'choice' => FieldTypes\ChoiceType::class,
        'choices' => FieldTypes\ChoicesType::class,
        'picture' => FieldTypes\PictureType::class,
        'file' => FieldTypes\FileType::class,
        'place' => FieldTypes\PlaceType::class,
        'rating' => FieldTypes\RatingType::class,
        'colour' => FieldTypes\ColourType::class,
        'email' => FieldTypes\EmailType::class,
        'phone' => FieldTypes\PhoneType::class,
        'web' => FieldTypes\WebAddressType::class,
        'link' => FieldTypes\LinkType::class,
    ];

    /** Those that only a field of a table can have. */
    private const OF_TABLES = [
        'links' => FieldTypes\LinksType::class,
        'formula' => FieldTypes\FormulaType::class,
        'addedAt' => FieldTypes\AddedAtType::class,
        'addedBy' => FieldTypes\AddedByType::class,
        'changedAt' => FieldTypes\ChangedAtType::class,
        'role' => FieldTypes\RoleType::class,
        'lastHere' => FieldTypes\LastHereType::class,
    ];

    /** Those that are only asked for and never kept. */
    private const ONLY_ASKED = ['secret' => FieldTypes\SecretType::class];

    private static ?Family $all = null;

    private static ?Family $asked = null;

    private static ?Family $answered = null;

    private static ?Family $every = null;

    /** What storage must know of a type to read its values later: its kind, and the currency of money. */
    public static function tag(FieldType $type): string
    {
        return self::family()->kindOf($type).($type instanceof FieldTypes\MoneyType ? " $type->currency" : '');
    }

    /** The type of which this is the tag, as far as reading stored values needs it; null for an unknown one. */
    public static function tagged(string $tag): ?FieldType
    {
        [$kind, $currency] = [...explode(' ', $tag, 2), ''];
        $class = self::family()->kinds[$kind] ?? null;
        $type = $class === null ? null : ($class === FieldTypes\MoneyType::class ? new FieldTypes\MoneyType($currency) : new $class);

        return $type instanceof FieldType ? $type : null;
    }

    public static function family(): Family
    {
        return self::$all ??= Family::of('a type such as “is a text”', self::KINDS + self::OF_TABLES);
    }

    /** Every type there is, wherever it can stand. */
    public static function all(): Family
    {
        return self::$every ??= Family::of('a type such as “is a text”', self::KINDS + self::OF_TABLES + self::ONLY_ASKED);
    }

    /** Those that a part of a service's answer can have; "are many" for a list of things with parts of their own. */
    public static function answered(): Family
    {
        return self::$answered ??= Family::of('a type such as “is a text”', array_diff_key(self::KINDS, ['link' => true, 'file' => true]) + ['links' => FieldTypes\LinksType::class]);
    }

    /** Those that a person can be asked for on a screen. */
    public static function asked(): Family
    {
        return self::$asked ??= Family::of('a type such as “is a text”', self::KINDS + self::ONLY_ASKED);
    }
}
