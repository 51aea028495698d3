<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Language\Families;
use Lanai\Core\Language\Prose;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;

/** Turns blueprint data into the value objects, by the parameters of their constructors. */
final class Shape
{
    /** @var array<class-string, list<ReflectionParameter>> */
    private static array $parameters = [];

    /** @var array<class-string, array<string, ShapePart>> */
    private static array $plans = [];

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class  a node class or a family's interface
     * @param  array<string, mixed>  $data
     * @return T
     *
     * @throws \UnexpectedValueException where the data does not have this shape
     */
    public static function make(string $class, array $data): object
    {
        /** @var class-string<T> $concrete */
        $concrete = Families::find($class)?->classOf($data) ?? $class;
        $values = [];
        foreach (self::$plans[$concrete] ??= self::plan($concrete) as $name => $part) {
            if ($part->flat !== null) {
                $values[] = array_intersect_key($data, $part->keys) !== [] ? self::make($part->flat, $data) : $part->otherwise;
            } elseif (isset($data[$name])) {
                $values[] = $part->plain ? $data[$name] : self::value($part, $data[$name]);
            } elseif ($part->needed) {
                throw new \UnexpectedValueException("“{$name}” is missing.");
            } else {
                $values[] = $part->otherwise;
            }
        }
        try {
            return new $concrete(...$values);
        } catch (\TypeError) {
            throw new \UnexpectedValueException('A value has the wrong type in '.$concrete.'.');
        }
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @param  array<array-key, mixed>  $items  data, or what was made of it before
     * @return list<T>
     *
     * @throws \UnexpectedValueException where some of the data does not have this shape
     */
    public static function all(string $class, array $items): array
    {
        return array_map(fn (mixed $item): object => $item instanceof $class ? $item : self::make($class, Prose::node($item)), array_values($items));
    }

    /**
     * How the constructor's parameters are filled, worked out once.
     *
     * @param  class-string  $class
     * @return array<string, ShapePart>
     */
    private static function plan(string $class): array
    {
        $plan = [];
        foreach (self::parametersOf($class) as $parameter) {
            $type = $parameter->getType();
            $named = $type instanceof ReflectionNamedType ? $type : null;
            $flat = self::flat($parameter);
            $listOf = $parameter->getAttributes(ListOf::class)[0] ?? null;
            /** @var class-string|null $one */
            $one = $named !== null && ! $named->isBuiltin() && $flat === null ? $named->getName() : null;
            $list = $listOf?->newInstance();
            $plan[$parameter->getName()] = new ShapePart(
                $list === null || $list->later ? null : $list->class,
                $one,
                $named?->getName() === 'int',
                $flat,
                $flat === null ? [] : array_fill_keys(array_map(fn (ReflectionParameter $p): string => $p->getName(), self::parametersOf($flat)), true),
                ! $parameter->isDefaultValueAvailable(),
                $parameter->isDefaultValueAvailable() ? $parameter->getDefaultValue() : null,
            );
        }

        return $plan;
    }

    /** @return class-string|null the class of a part whose values stand among the node's own */
    public static function flat(ReflectionParameter $parameter): ?string
    {
        $type = $parameter->getType();

        return $type instanceof ReflectionNamedType && is_a($type->getName(), Flat::class, true) ? $type->getName() : null;
    }

    private static function value(ShapePart $part, mixed $value): mixed
    {
        if ($part->list !== null && is_array($value)) {
            return self::all($part->list, $value);
        }
        if ($part->one !== null && is_array($value)) {
            return self::make($part->one, Prose::node($value));
        }

        return $part->number && $value === '' ? null : $value;
    }

    /**
     * @param  class-string  $class
     * @return list<ReflectionParameter>
     */
    public static function parametersOf(string $class): array
    {
        return self::$parameters[$class] ??= (new ReflectionClass($class))->getConstructor()?->getParameters() ?? [];
    }
}
