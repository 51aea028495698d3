<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Screen;
use Lanai\Core\Model\Services\Variable;
use Lanai\Core\Services\AnswerPart;
use Lanai\Core\Services\Parts;
use Lanai\Core\Services\Request;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** From a list: the request for one of its things, and the screens that show the list and one of them. */
final class Detail
{
    /**
     * The request for one thing, where the list's address can be followed by its id.
     *
     * @param  list<string>  $taken
     * @return array<string, mixed>|null data of a Request; null where the things have nothing to be asked by
     */
    public static function of(Request $list, array &$taken): ?array
    {
        $id = self::idOf($list);
        if (! $list->givesMany() || $id === null || $list->method !== 'GET') {
            return null;
        }
        $shape = json_decode($list->shape, true);
        [, , $one] = is_array($shape) ? Parts::main(Prose::node($shape)) : ['', false, []];
        $name = Parts::free('One '.mb_strtolower($list->each), $taken);
        [$way] = explode('{?', explode('?', $list->address)[0]);
        $parts =
            $one === []
                ? array_map(
                    fn (AnswerPart $p): array => ['name' => $p->name, 'type' => ['kind' => 'longText'], 'at' => $p->at],
                    array_values(array_filter($list->parts, fn (AnswerPart $p): bool => ! $p->isList())),
                )
                : Parts::of($one, $name, $taken);

        return [
            'kind' => 'rest',
            'name' => $name,
            'method' => 'GET',
            'address' => rtrim($way, '/').'/{'.Names::inFormula($id->name).'}',
            'one' => Parts::free($name.' found', $taken),
            'takes' => [
                ...array_values(
                    array_filter(
                        array_map(fn (Variable $v): array => ['name' => $v->name, 'type' => ['kind' => 'longText'], 'tried' => $v->tried], $list->takes),
                        fn (array $v): bool => str_contains($way, '{'.Names::inFormula($v['name']).'}'),
                    ),
                ),
                ['name' => $id->name, 'type' => ['kind' => 'longText']],
            ],
            'parts' => $parts,
        ] + ($one === [] ? [] : ['shape' => (string) json_encode($one, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)]);
    }

    /** The part that says which thing it is. */
    public static function idOf(Request $list): ?AnswerPart
    {
        foreach (['/^(id|uuid|guid)$/i', '/^(code|slug|key|ref|reference|number)$/i', '/(^| )(id|code|key)$/i'] as $pattern) {
            foreach ($list->parts as $part) {
                if (Pattern::match($pattern, $part->name) && ! $part->isList()) {
                    return $part;
                }
            }
        }

        return null;
    }

    /**
     * Two screens: the list, and one of its things.
     *
     * @param  array<string, mixed>|null  $one  data of the request for one thing; null for the list alone
     * @return list<array<string, mixed>> data of Screens
     */
    public static function screens(Request $list, ?array $one, Blueprint $blueprint): array
    {
        $names = array_map(fn (Screen $s): string => mb_strtolower($s->name), $blueprint->screens);
        $listed = Parts::free($list->name, $names);
        $id = self::idOf($list);
        $texts = array_values(array_filter($list->parts, fn (AnswerPart $p): bool => ! $p->isList() && $p !== $id));
        $shows = [];
        foreach (array_slice($texts, 0, 3) as $i => $part) {
            $shows[] = ['formula' => Names::inFormula($part->name), 'place' => ['title', 'note', 'aside'][$i]];
        }
        $line = [
            'kind' => 'list',
            'table' => $list->name,
            'layout' => 'rows',
            'page' => 20,
            'shows' => $shows === [] && $id !== null ? [['formula' => Names::inFormula($id->name), 'place' => 'title']] : $shows,
            'empty' => 'Nothing is there yet.',
        ];
        $screens = [];
        $with = array_map(
            fn (Variable $v): array => ['field' => $v->name, 'value' => ''],
            array_values(array_filter($list->takes, fn (Variable $v): bool => $v->begins === '' && str_contains($list->address, '{'.$v->key().'}'))),
        );
        if ($one !== null && $id !== null) {
            $called = is_string($one['name'] ?? null) ? $one['name'] : '';
            $single = Parts::free(Parts::words($list->each), $names);
            $known = Names::inFormula($called);
            $lines = [];
            foreach (array_slice(Prose::nodes($one['parts'] ?? []), 0, 12) as $i => $part) {
                $name = is_string($part['name'] ?? null) ? $part['name'] : '';
                $way = "$known.".Names::inFormula($name);
                $kind = Prose::node($part['type'] ?? [])['kind'] ?? '';
                if ($kind !== 'links') {
                    $lines[] = ['kind' => $i === 1 ? 'heading' : 'text', 'text' => $i === 1 ? "{{$way}}" : "$name: {{$way}}"];
                }
            }
            $line['tapped'] = [['kind' => 'goTo', 'screen' => $single, 'with' => [Names::inFormula($id->name)]]];
            $screens[] = [
                'name' => $single,
                'taking' => [['name' => 'Wanted', 'type' => ['kind' => 'longText']]],
                'lines' => [
                    [
                        'kind' => 'from',
                        'request' => $called,
                        'with' => [...$with, ['field' => $id->name, 'value' => 'wanted']],
                        'failed' => 'This cannot be fetched just now.',
                        'lines' => $lines,
                    ],
                ],
            ];
        }
        array_unshift($screens, [
            'name' => $listed,
            'lines' => [
                array_filter(
                    [
                        'kind' => 'from',
                        'request' => $list->name,
                        'with' => $with,
                        'loading' => 'One moment …',
                        'failed' => 'This cannot be fetched just now.',
                        'lines' => [$line],
                    ],
                    fn (mixed $v): bool => $v !== [],
                ),
            ],
        ]);

        return $screens;
    }
}
