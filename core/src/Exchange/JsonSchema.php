<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange;

use Lanai\Core\Language\Families;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Model\Services\ServiceRequest;
use Lanai\Core\Model\Shape;
use ReflectionNamedType;
use ReflectionParameter;

/** The JSON Schema (2020-12) of blueprint data, from the classes themselves. */
final class JsonSchema
{
    private const FAMILIES = [AnyLine::class => 'Line', AnyEffect::class => 'Effect', FieldType::class => 'FieldType', ServiceRequest::class => 'Askable'];

    /** @var array<string, array<string, mixed>> */
    private array $definitions = [];

    /** @return array<string, mixed> */
    public static function document(): array
    {
        $schema = new self();
        $root = $schema->shape(Blueprint::class, '');

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'https://lanai.example/blueprint.schema.json',
            'title' => 'Blueprint',
            'description' => 'The whole app: what it stores, shows and does. Parts that are left out have their default.',
        ] +
            $root + ['$defs' => $schema->definitions];
    }

    /**
     * @param  class-string  $class
     * @return array<string, mixed>
     */
    private function shape(string $class, string $kind): array
    {
        $properties = $kind === '' ? [] : ['kind' => ['const' => $kind]];
        $required = array_keys($properties);
        foreach (Shape::parametersOf($class) as $parameter) {
            $flat = Shape::flat($parameter);
            if ($flat !== null) {
                $inner = $this->shape($flat, '')['properties'];
                $properties += is_array($inner) ? $inner : [];

                continue;
            }
            $properties[$parameter->getName()] = $this->value($parameter);
            if (! $parameter->isDefaultValueAvailable()) {
                $required[] = $parameter->getName();
            }
        }

        // One of which nothing is said is written as PHP writes what is empty: as an array.
        return [
            'type' => $required === [] && $kind === '' ? ['object', 'array'] : 'object',
            ...$required === [] && $kind === '' ? ['maxItems' => 0] : [],
            'required' => $required,
            'properties' => $properties === [] ? new \stdClass() : $properties,
            'additionalProperties' => false,
        ];
    }

    /** @return array<string, mixed> */
    private function value(ReflectionParameter $parameter): array
    {
        $type = $parameter->getType();
        $listOf = $parameter->getAttributes(ListOf::class)[0] ?? null;
        if ($listOf !== null) {
            return ['type' => 'array', 'items' => $this->reference($listOf->newInstance()->class)];
        }
        if (! ($type instanceof ReflectionNamedType)) {
            return [];
        }

        return match ($type->getName()) {
            'string' => ['type' => 'string'],
            'bool' => ['type' => 'boolean'],
            // A blank that is offered but not filled yet holds an empty text.
            'int' => $type->allowsNull() ? ['oneOf' => [['type' => 'integer'], ['const' => '']]] : ['type' => 'integer'],
            'array' => ['type' => 'array', 'items' => ['type' => 'string']],
            default => class_exists($type->getName()) || interface_exists($type->getName()) ? $this->reference($type->getName()) : [],
        };
    }

    /**
     * @param  class-string  $class
     * @return array{'$ref': string}
     */
    private function reference(string $class): array
    {
        $name = self::FAMILIES[$class] ?? substr((string) strrchr($class, '\\'), 1);
        if (! isset($this->definitions[$name])) {
            $this->definitions[$name] = [];
            $family = Families::find($class);
            $shapes = [];
            foreach ($family->kinds ?? [] as $kind => $member) {
                $shapes[] = $this->shape($member, $kind);
            }
            $this->definitions[$name] = $family === null ? $this->shape($class, '') : ['oneOf' => $shapes];
        }

        return ['$ref' => "#/\$defs/$name"];
    }
}
