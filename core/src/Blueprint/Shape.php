<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint;

use Lanai\Core\Data\FieldType;
use Lanai\Core\Data\FieldTypes;
use Lanai\Core\Effects\Effect;
use Lanai\Core\Effects\Effects;
use Lanai\Core\Lines\Line;
use Lanai\Core\Lines\Lines;
use Lanai\Core\Script\Family;
use Lanai\Core\Script\Prose;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;

/** Turns blueprint data into the value objects, by the parameters of their constructors. */
final class Shape
{
    /** @var array<class-string, list<ReflectionParameter>> */
    private static array $parameters = [];

    public static function family(string $interface): ?Family
    {
        return match ($interface) {
            Line::class => Lines::family(),
            Effect::class => Effects::family(),
            FieldType::class => FieldTypes::family(),
            default => null,
        };
    }

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
        $concrete = self::family($class)?->classOf($data) ?? $class;
        $values = [];
        foreach (self::parametersOf($concrete) as $parameter) {
            $name = $parameter->getName();
            $flat = self::flat($parameter);
            if ($flat !== null) {
                $values[$name] = self::make($flat, $data);

                continue;
            }
            if (array_key_exists($name, $data) && $data[$name] !== null) {
                $values[$name] = self::value($parameter, $data[$name]);
            } elseif (! $parameter->isDefaultValueAvailable()) {
                throw new \UnexpectedValueException("“{$name}” is missing.");
            }
        }
        try {
            return new $concrete(...$values);
        } catch (\TypeError) {
            throw new \UnexpectedValueException('A value has the wrong type in '.$concrete.'.');
        }
    }

    /** @return class-string|null the class of a part whose values stand among the node's own */
    public static function flat(ReflectionParameter $parameter): ?string
    {
        $type = $parameter->getType();

        return $type instanceof ReflectionNamedType && is_a($type->getName(), Flat::class, true) ? $type->getName() : null;
    }

    private static function value(ReflectionParameter $parameter, mixed $value): mixed
    {
        $listOf = $parameter->getAttributes(ListOf::class)[0] ?? null;
        if ($listOf !== null && is_array($value)) {
            $class = $listOf->newInstance()->class;

            return array_map(fn (mixed $item): object => self::make($class, Prose::node($item)), array_values($value));
        }
        $type = $parameter->getType();
        if ($type instanceof ReflectionNamedType && ! $type->isBuiltin() && is_array($value)) {
            /** @var class-string $class */
            $class = $type->getName();

            return self::make($class, Prose::node($value));
        }
        if ($type instanceof ReflectionNamedType && $type->getName() === 'int' && $value === '') {
            return null;
        }

        return $value;
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
