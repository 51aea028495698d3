<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Language\Prose;
use Lanai\Core\Text\Pattern;
use stdClass;

/** The shape of answers: inferred from examples, kept as JSON Schema (2020-12), and held against later answers. */
final class JsonShape
{
    private const DEEPEST = 24;

    /** Names of one object that are looked at: what has more is no record but a table by itself. */
    public const NAMES = 500;

    /**
     * @param  mixed  $json  as json_decode gives it, with objects as objects
     * @return array<string, mixed> a JSON Schema
     */
    public static function of(mixed $json, int $depth = 0): array
    {
        if ($depth > self::DEEPEST) {
            return [];
        }
        if ($json instanceof stdClass) {
            $parts = array_slice(get_object_vars($json), 0, self::NAMES, true);
            $properties = [];
            foreach ($parts as $name => $value) {
                $properties[(string) $name] = self::of($value, $depth + 1);
            }

            return ['type' => 'object', 'properties' => $properties, 'required' => array_map(strval(...), array_keys($parts))];
        }
        if (is_array($json)) {
            $items = null;
            foreach ($json as $item) {
                $shape = self::of($item, $depth + 1);
                $items = $items === null ? $shape : self::both($items, $shape);
            }

            return ['type' => 'array'] + ($items === null ? [] : ['items' => $items]);
        }

        return match (true) {
            is_string($json) => ['type' => 'string'] + self::format($json),
            is_int($json) => ['type' => 'integer'],
            is_float($json) => ['type' => 'number'],
            is_bool($json) => ['type' => 'boolean'],
            default => ['type' => 'null'],
        };
    }

    /**
     * A shape that both have.
     *
     * @param  array<string, mixed>  $a
     * @param  array<string, mixed>  $b
     * @return array<string, mixed>
     */
    public static function both(array $a, array $b): array
    {
        if ($a === [] || $b === []) {
            return [];
        }
        $types = array_values(array_unique([...self::types($a), ...self::types($b)]));
        if (in_array('number', $types, true)) {
            $types = array_values(array_diff($types, ['integer']));
        }
        sort($types);
        $shape = ['type' => count($types) === 1 ? $types[0] : $types];
        if (in_array('object', $types, true)) {
            $left = Prose::node($a['properties'] ?? []);
            $right = Prose::node($b['properties'] ?? []);
            $properties = [];
            foreach (array_keys(array_slice($left + $right, 0, self::NAMES, true)) as $name) {
                $name = (string) $name;
                $properties[$name] = isset($left[$name], $right[$name])
                    ? self::both(Prose::node($left[$name]), Prose::node($right[$name]))
                    : Prose::node($left[$name] ?? ($right[$name] ?? []));
            }
            $needs = fn (array $s): array => match (true) {
                in_array('object', self::types($s), true) && is_array($s['required'] ?? null) => array_filter($s['required'], is_string(...)),
                in_array('object', self::types($s), true) => [],
                default => array_keys($properties),
            };
            $shape += ['properties' => $properties, 'required' => array_values(array_intersect($needs($a), $needs($b)))];
        }
        if (in_array('array', $types, true)) {
            $items = array_values(array_filter([$a['items'] ?? null, $b['items'] ?? null], is_array(...)));
            $shape += $items === [] ? [] : ['items' => count($items) === 1 ? $items[0] : self::both(Prose::node($items[0]), Prose::node($items[1]))];
        }
        $texts = array_values(array_filter([$a, $b], fn (array $s): bool => in_array('string', self::types($s), true)));
        if (
            in_array('string', $types, true) &&
            isset($texts[0]['format']) &&
            array_filter($texts, fn (array $s): bool => ($s['format'] ?? '') !== $texts[0]['format']) === []
        ) {
            $shape['format'] = $texts[0]['format'];
        }

        return $shape;
    }

    /**
     * Something of this shape, with everything in it that it may have.
     *
     * @param  array<string, mixed>  $shape
     * @return array<array-key, mixed>|string objects as arrays; a text for every single value
     */
    public static function sample(array $shape): array|string
    {
        $types = self::types($shape);

        return match (true) {
            in_array('object', $types, true) => array_map(
                fn (mixed $inner): array|string => self::sample(Prose::node($inner)),
                Prose::node($shape['properties'] ?? []),
            ),
            in_array('array', $types, true) => isset($shape['items']) ? [self::sample(Prose::node($shape['items']))] : [],
            default => '',
        };
    }

    /**
     * How an answer breaks a shape, in plain words; what it has beyond the shape breaks nothing.
     *
     * @param  array<string, mixed>  $shape
     * @return list<string> at most ten
     */
    public static function broken(array $shape, mixed $json, string $at = ''): array
    {
        $found = [];
        $types = self::types($shape);
        $is = self::types(self::of(match (true) {
            is_array($json) => [],
            $json instanceof stdClass => new stdClass(),
            default => $json,
        }))[0] ?? 'null';
        if ($types !== [] && ! in_array($is, $types, true) && ! ($is === 'integer' && in_array('number', $types, true))) {
            return [($at === '' ? 'The answer' : "“{$at}”").' was '.self::inWords($types).' and is now '.self::inWords([$is]).'.'];
        }
        if ($json instanceof stdClass) {
            foreach (is_array($shape['required'] ?? null) ? $shape['required'] : [] as $name) {
                if (is_string($name) && ! property_exists($json, $name)) {
                    $found[] = '“'.ltrim("$at.$name", '.').'” was always there and is missing now.';
                }
            }
            foreach (Prose::node($shape['properties'] ?? []) as $name => $inner) {
                if (property_exists($json, $name)) {
                    array_push($found, ...self::broken(Prose::node($inner), $json->{$name}, ltrim("$at.$name", '.')));
                }
            }
        }
        if (is_array($json) && is_array($shape['items'] ?? null)) {
            foreach (array_slice($json, 0, 200) as $i => $item) {
                array_push($found, ...self::broken(Prose::node($shape['items']), $item, "{$at}[$i]"));
                if (count($found) >= 10) {
                    break;
                }
            }
        }

        return array_slice($found, 0, 10);
    }

    /**
     * @param  array<array-key, mixed>  $shape
     * @return list<string>
     */
    public static function types(array $shape): array
    {
        $type = $shape['type'] ?? [];

        return is_string($type) ? [$type] : array_values(array_filter(is_array($type) ? $type : [], is_string(...)));
    }

    /** @param  list<string>  $types */
    private static function inWords(array $types): string
    {
        return implode(
            ' or ',
            array_map(
                fn (string $t): string => [
                    'string' => 'a text',
                    'integer' => 'a whole number',
                    'number' => 'a number',
                    'boolean' => 'yes or no',
                    'object' => 'an object',
                    'array' => 'a list',
                    'null' => 'nothing',
                ][$t] ?? $t,
                $types,
            ),
        );
    }

    /** @return array{format?: string} */
    private static function format(string $text): array
    {
        return match (true) {
            Pattern::match('/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:?\d\d)?$/', $text) => ['format' => 'date-time'],
            Pattern::match('/^\d{4}-\d\d-\d\d$/', $text) => ['format' => 'date'],
            Pattern::match('~^https?://[^\s]+$~i', $text) => ['format' => 'uri'],
            Pattern::match('/^[^@\s]+@[^@\s]+\.[^@\s]+$/', $text) => ['format' => 'email'],
            default => [],
        };
    }
}
