<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Language\Prose;
use Lanai\Core\Text\Pattern;

/** Makes the parts of an answer out of its shape, so that nothing needs to be typed. */
final class Parts
{
    private const DEEPEST = 4;

    private const MOST = 40;

    /**
     * @param  array<string, mixed>  $shape  a JSON Schema of one thing
     * @param  string  $one  what the thing is called; names of lists inside begin with it
     * @param  list<string>  $taken  names that are in use, in small letters
     * @return list<array<string, mixed>> data of AnswerPart
     */
    public static function of(array $shape, string $one, array &$taken, string $way = '', int $depth = 0): array
    {
        $parts = [];
        $names = [];
        foreach (Prose::node($shape['properties'] ?? []) as $name => $inner) {
            if (count($parts) >= self::MOST) {
                break;
            }
            $inner = Prose::node($inner);
            $at = ltrim($way.'.'.self::step($name), '.');
            $types = array_values(array_diff(JsonShape::types($inner), ['null']));
            $type = $types[0] ?? 'string';
            if ($type === 'object' && ! isset($inner['properties'])) {
                continue;
            }
            $items = Prose::node($inner['items'] ?? []);
            $made = match (true) {
                $type === 'object' && self::isPlace($inner) => [['name' => self::words($name), 'type' => ['kind' => 'place'], 'at' => $at]],
                $type === 'object' && $depth < self::DEEPEST => self::of($inner, $one, $taken, $at, $depth + 1),
                $type === 'array' && in_array('object', JsonShape::types($items), true) && $depth < self::DEEPEST => [
                    self::listed($name, $at, $items, $one, $taken, $depth),
                ],
                $type === 'array', $type === 'object' => [['name' => self::words($name), 'type' => ['kind' => 'text'], 'at' => $at]],
                default => [
                    [
                        'name' => self::words($name),
                        'type' => ['kind' => self::kind($type, is_string($inner['format'] ?? null) ? $inner['format'] : '', $name)],
                        'at' => $at,
                    ],
                ],
            };
            foreach ($made as $part) {
                $called = is_string($part['name']) ? $part['name'] : '';
                if (in_array(mb_strtolower($called), $names, true)) {
                    $whole = self::words(str_replace('.', ' ', Pattern::replace('/["\[\]]/', '', is_string($part['at']) ? $part['at'] : '')));
                    $called = $whole;
                    for ($n = 2; in_array(mb_strtolower($called), $names, true); $n++) {
                        $called = "$whole $n";
                    }
                    $part['name'] = $called;
                }
                $names[] = mb_strtolower($called);
                $parts[] = $part;
            }
        }

        return array_slice($parts, 0, self::MOST);
    }

    /**
     * The list or the thing that an answer is about: its shape, and the way there.
     *
     * @param  array<string, mixed>  $shape
     * @return array{string, bool, array<string, mixed>} way, whether it is a list, shape of one
     */
    public static function main(array $shape): array
    {
        if (in_array('array', JsonShape::types($shape), true)) {
            return ['', true, Prose::node($shape['items'] ?? [])];
        }
        // An object that holds nothing of its own but a list, such as {"data": [...], "next": "..."}.
        $lists = [];
        $other = 0;
        foreach (Prose::node($shape['properties'] ?? []) as $name => $inner) {
            $inner = Prose::node($inner);
            $items = Prose::node($inner['items'] ?? []);
            if (in_array('array', JsonShape::types($inner), true) && in_array('object', JsonShape::types($items), true)) {
                $lists[$name] = $items;
            } elseif (
                ! Pattern::match(
                    '/^(next|prev|previous|cursor|page|pages|per_?page|total|count|limit|offset|links?|meta|has_?more|took|object|kind|size)/i',
                    $name,
                )
            ) {
                $other++;
            }
        }
        if (count($lists) === 1 && $other === 0) {
            return [self::step((string) array_key_first($lists)), true, Prose::node(reset($lists))];
        }

        return ['', false, $shape];
    }

    /** "water_celsius", "waterCelsius" -> "Water celsius" */
    public static function words(string $name): string
    {
        $spaced = Pattern::replace('/[^\p{L}\p{N}]+/u', ' ', Pattern::replace('/([a-z0-9])([A-Z])/', '$1 $2', $name));
        $words = trim(mb_strtolower($spaced));
        $words = $words === '' ? 'value' : $words;

        return mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }

    /** One of several: "Spots" -> "Spot". English only; a name that does not look like several stays. */
    public static function one(string $several): string
    {
        return match (true) {
            Pattern::match('/(s|x|z|ch|sh)es$/i', $several) => substr($several, 0, -2),
            Pattern::match('/[^aeiou]ies$/i', $several) => substr($several, 0, -3).'y',
            Pattern::match('/[^su]s$/i', $several) => substr($several, 0, -1),
            default => $several,
        };
    }

    /** A name as a step of a JMESPath. */
    public static function step(string $name): string
    {
        return Pattern::match('/^[A-Za-z_][A-Za-z0-9_]*$/', $name) ? $name : (string) json_encode($name, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    public static function kind(string $type, string $format, string $name = ''): string
    {
        return match (true) {
            $type === 'integer' => 'whole',
            $type === 'number' => 'decimal',
            $type === 'boolean' => 'yesNo',
            $format === 'date-time' => 'moment',
            $format === 'date' => 'date',
            $format === 'uri', $format === 'url' => Pattern::match('/(image|photo|picture|thumb|avatar|icon|logo|cover)/i', $name) ? 'picture' : 'web',
            $format === 'email' => 'email',
            default => 'longText',
        };
    }

    /**
     * @param  array<string, mixed>  $items
     * @param  list<string>  $taken
     * @return array<string, mixed>
     */
    private static function listed(string $name, string $at, array $items, string $one, array &$taken, int $depth): array
    {
        $table = self::free("$one ".mb_strtolower(self::words($name)), $taken);
        $each = self::free(self::one($table) === $table ? "$table item" : self::one($table), $taken);

        return [
            'name' => self::words($name),
            'type' => ['kind' => 'links', 'table' => $table],
            'at' => $at,
            'each' => $each,
            'parts' => self::of($items, $table, $taken, '', $depth + 1),
        ];
    }

    /** @param  list<string>  $taken */
    public static function free(string $name, array &$taken): string
    {
        $free = $name;
        for ($n = 2; in_array(mb_strtolower($free), $taken, true); $n++) {
            $free = "$name $n";
        }
        $taken[] = mb_strtolower($free);

        return $free;
    }

    /** @param  array<string, mixed>  $shape */
    private static function isPlace(array $shape): bool
    {
        $names = array_map(strtolower(...), array_map(strval(...), array_keys(Prose::node($shape['properties'] ?? []))));

        return count($names) <= 3 &&
            array_intersect(['lat', 'latitude'], $names) !== [] &&
            array_intersect(['lon', 'lng', 'long', 'longitude'], $names) !== [];
    }
}
