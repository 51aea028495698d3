<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Language\Prose;
use Lanai\Core\Text\Pattern;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;

/** Edits as plain data, {"do": kind} and the fields of the class, and back. */
final class Edits
{
    /** Every edit there is; a new one is a class and a line here. */
    private const KINDS = [
        'fill' => Kinds\Fill::class,
        'offer' => Kinds\TakeOffer::class,
        'write' => Kinds\Write::class,
        'begin' => Kinds\Begin::class,
        'remove' => Kinds\Remove::class,
        'leaveOut' => Kinds\LeaveOut::class,
        'move' => Kinds\Move::class,
        'copy' => Kinds\Copy::class,
        'group' => Kinds\Group::class,
        'extract' => Kinds\Extract::class,
        'rewrite' => Kinds\Rewrite::class,
        'putRight' => Kinds\PutRight::class,
        'letPeopleIn' => Kinds\LetPeopleIn::class,
        'letAdvertsIn' => Kinds\LetAdvertsIn::class,
        'letPeopleBlock' => Kinds\LetPeopleBlock::class,
        'letMessagesIn' => Kinds\LetMessagesIn::class,
        'allow' => Kinds\Allow::class,
        'addAsset' => Kinds\AddAsset::class,
        'takeService' => Kinds\TakeService::class,
        'pickPart' => Kinds\PickPart::class,
        'keepShape' => Kinds\KeepShape::class,
        'readOn' => Kinds\ReadOn::class,
        'makeScreens' => Kinds\MakeScreens::class,
        'addLanguage' => Kinds\AddLanguage::class,
        'offerLanguage' => Kinds\OfferLanguage::class,
        'makeFunnel' => Kinds\MakeFunnel::class,
        'choosePictures' => Kinds\ChoosePictures::class,
        'translate' => Kinds\Translate::class,
        'keepTableInStep' => Kinds\KeepTableInStep::class,
    ];

    /** Fields that are JSON Pointers into an app, or lists of such. */
    private const PLACES = ['at', 'list', 'places'];

    private const PLACE = '~^(/[A-Za-z0-9-]{1,60}){0,40}$~';

    private const MOST_PLACES = 200;

    private const LONGEST = 500_000;

    private const HIGHEST = 10_000;

    public static function kind(Edit $edit): string
    {
        return (string) array_search($edit::class, self::KINDS, true);
    }

    /** @return array<string, mixed> */
    public static function written(Edit $edit): array
    {
        return Prose::node(['do' => self::kind($edit)] + get_object_vars($edit));
    }

    /**
     * @param  array<array-key, mixed>  $data
     *
     * @throws EditRefused where it is no edit that may come from outside, or one that is too large
     */
    public static function read(array $data): Edit
    {
        $kind = $data['do'] ?? null;
        $class = is_string($kind) ? self::KINDS[$kind] ?? null : null;
        if ($class === null || is_a($class, InternalEdit::class, true)) {
            throw self::refused();
        }
        $values = [];
        foreach ((new ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $values[] = self::value($parameter, $data[$parameter->getName()] ?? null);
        }

        return (new ReflectionClass($class))->newInstanceArgs($values);
    }

    private static function value(ReflectionParameter $parameter, mixed $given): mixed
    {
        if ($given === null) {
            return $parameter->isDefaultValueAvailable() ? $parameter->getDefaultValue() : throw self::refused();
        }
        $type = $parameter->getType();
        $fits = match ($type instanceof ReflectionNamedType ? $type->getName() : '') {
            'string' => is_string($given) && strlen($given) <= self::LONGEST && mb_check_encoding($given, 'UTF-8'),
            'int' => is_int($given) && $given >= 0 && $given <= self::HIGHEST,
            'bool' => is_bool($given),
            'array' => is_array($given) && strlen((string) json_encode($given)) <= self::LONGEST,
            default => false,
        };
        if (! $fits || (in_array($parameter->getName(), self::PLACES, true) && ! self::arePlaces(is_array($given) ? $given : [$given]))) {
            throw self::refused();
        }

        return is_array($given) && $parameter->getName() === 'places' ? array_values($given) : $given;
    }

    /** @param  array<array-key, mixed>  $given */
    private static function arePlaces(array $given): bool
    {
        return $given !== [] &&
            count($given) <= self::MOST_PLACES &&
            array_filter($given, fn (mixed $at): bool => ! is_string($at) || ! Pattern::match(self::PLACE, $at)) === [];
    }

    private static function refused(): EditRefused
    {
        return new EditRefused('This edit could not be understood.');
    }
}
