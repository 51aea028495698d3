<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Exchange\NewService;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Services\AnswerPart;
use Lanai\Core\Services\JsonShape;
use Lanai\Core\Services\Parts;
use Lanai\Core\Services\Request;
use Lanai\Core\Text\Pattern;

/** What can be made of one place in an answer that a founder points at. */
final class Picking
{
    /**
     * The ways to use the value at a place: by itself, as a part of each thing that the request gives, or the whole list that it
     * stands in.
     *
     * @param  list<string|int>  $steps  keys and places from the top of the answer
     * @return list<array{label: string, at: string, offer: string, part: array<string, mixed>|null}> part is data of an AnswerPart; null where the
     *   request is to give this list
     */
    public static function of(Request $request, mixed $json, array $steps, Blueprint $blueprint): array
    {
        $value = self::reach($json, $steps);
        $base = self::steps($request->at);
        $offers = [];
        $under = $base !== null && array_slice(self::keys($steps), 0, count($base)) === $base;
        $rest = $under ? array_slice($steps, self::lengthOf($steps, count($base))) : $steps;
        if ($under && $request->givesMany() && isset($rest[0]) && is_int($rest[0])) {
            array_shift($rest);
        }
        $last = self::lastKey($rest) ?? ($request->name === '' ? 'Value' : $request->name);
        $at = array_search(true, array_map(is_int(...), $rest), true);
        if ($at !== false && $under) {
            $list = array_slice($rest, 0, (int) $at);
            $whole = self::reach($json, array_slice($steps, 0, count($steps) - count($rest) + (int) $at));
            if ($list === []) {
                // The whole answer is a list: the request itself gives it.
                $at = false;
            } elseif (is_array($whole) && $whole !== [] && is_array(reset($whole))) {
                $taken = NewService::taken($blueprint);
                $name = self::lastKey($list) ?? 'List';
                $offers[] = [
                    'label' => 'All '.count($whole).' of “'.self::way($list).'”, as a list',
                    'at' => self::way($list),
                    'offer' => 'list',
                    'part' => self::listPart($name, self::way($list), $whole, $request->name, $taken),
                ];
            } elseif (is_array($whole)) {
                $offers[] = [
                    'label' => 'All of “'.self::way($list).'”, one after the other',
                    'at' => self::way($list),
                    'offer' => 'part',
                    'part' => ['name' => Parts::words(self::lastKey($list) ?? 'List'), 'type' => ['kind' => 'longText'], 'at' => self::way($list)],
                ];
            }
        }
        if (is_array($value) && array_is_list($value) && $value !== [] && is_array($value[0]) && $under && $rest !== []) {
            $taken = NewService::taken($blueprint);
            $offers[] = [
                'label' => 'This list of '.count($value),
                'at' => self::way($rest),
                'offer' => 'list',
                'part' => self::listPart($last, self::way($rest), $value, $request->name, $taken),
            ];
        } elseif (! is_array($value) && $rest !== [] && $under && ! is_int($rest[0])) {
            $shape = JsonShape::of($value);
            $kind = Parts::kind(JsonShape::types($shape)[0] ?? 'string', is_string($shape['format'] ?? null) ? $shape['format'] : '');
            $label = $at === false ? 'This value' : 'This one value, of the '.self::counted((int) $rest[(int) $at]).' alone';
            $offers[] = [
                'label' => $label,
                'at' => self::way($rest),
                'offer' => 'part',
                'part' => ['name' => Parts::words($last), 'type' => ['kind' => $kind], 'at' => self::way($rest)],
            ];
        }
        $outer = array_search(true, array_map(is_int(...), $steps), true);
        if ($outer !== false && ! ($under && $request->givesMany())) {
            $list = array_slice($steps, 0, (int) $outer);
            $offers[] = [
                'label' => 'Let the request give '.($list === [] ? 'the whole list' : '“'.self::way($list).'”').' as its rows',
                'at' => self::way($list),
                'offer' => 'rows',
                'part' => null,
            ];
        }

        return $offers;
    }

    /** @param  list<string|int>  $steps */
    public static function way(array $steps): string
    {
        $way = '';
        foreach ($steps as $step) {
            $way .= is_int($step) ? "[$step]" : ($way === '' ? '' : '.').Parts::step($step);
        }

        return $way === '' ? '@' : $way;
    }

    /** @param  list<string|int>  $steps */
    private static function reach(mixed $json, array $steps): mixed
    {
        foreach ($steps as $step) {
            $json = is_array($json) ? $json[$step] ?? null : null;
        }

        return $json;
    }

    /** @return list<string>|null the keys of a plain way; null where it is more than that */
    private static function steps(string $way): ?array
    {
        if ($way === '' || $way === '@') {
            return [];
        }

        return Pattern::match('/^[A-Za-z_][A-Za-z0-9_]*(\.[A-Za-z_][A-Za-z0-9_]*)*(\[\])?$/', $way) ? explode('.', rtrim($way, '[]')) : null;
    }

    /**
     * @param  list<string|int>  $steps
     * @return list<string>
     */
    private static function keys(array $steps): array
    {
        return array_values(array_filter($steps, is_string(...)));
    }

    /**
     * How many steps hold so many keys.
     *
     * @param  list<string|int>  $steps
     */
    private static function lengthOf(array $steps, int $keys): int
    {
        $length = 0;
        while ($keys > 0 && $length < count($steps)) {
            $keys -= is_string($steps[$length++]) ? 1 : 0;
        }

        return $length;
    }

    /** @param  list<string|int>  $steps */
    private static function lastKey(array $steps): ?string
    {
        $keys = self::keys($steps);

        return $keys === [] ? null : end($keys);
    }

    private static function counted(int $place): string
    {
        return ['first', 'second', 'third', 'fourth', 'fifth'][$place] ?? 'number '.($place + 1);
    }

    /**
     * @param  array<array-key, mixed>  $whole
     * @param  list<string>  $taken
     * @return array<string, mixed>
     */
    private static function listPart(string $name, string $at, array $whole, string $request, array &$taken): array
    {
        $shape = JsonShape::of(json_decode((string) json_encode(array_values($whole))));
        $table = Parts::free($request.' '.mb_strtolower(Parts::words($name)), $taken);
        $each = Parts::free(Parts::one($table) === $table ? "$table item" : Parts::one($table), $taken);
        $items = is_array($shape['items'] ?? null) ? $shape['items'] : [];

        return [
            'name' => Parts::words($name),
            'type' => ['kind' => 'links', 'table' => $table],
            'at' => $at,
            'each' => $each,
            'parts' => Parts::of(Prose::node($items), $table, $taken),
        ];
    }
}
