<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

use Lanai\Core\Text\Pattern;

/**
 * What a founder has put right in what was understood: something left out, called otherwise, of another type, or added. They hold by name, so that the
 * paragraph can be written on; what is spoken of no more is passed over.
 *
 * @phpstan-import-type OutlineData from Outline
 * @phpstan-import-type TableData from Outline
 *
 * @phpstan-type Correction array{at: string, do: string, to: string, as: string}
 */
final readonly class Corrections
{
    /** So many of them. */
    public const MOST = 80;

    /** Letters of a name. */
    public const LONGEST = 40;

    public const DOES = ['leave out', 'call', 'type', 'add'];

    /** What is done => what is kept of it, and needs not be kept where it is not done. */
    private const MADE = ['book' => ['booking', 'reservation'], 'borrow' => ['loan'], 'rate' => ['rating', 'review'], 'comment' => ['comment', 'reply'],
        'favourite' => ['favourite'], 'like' => ['like'], 'follow' => ['follow'], 'message' => ['message'], 'order' => ['order'], 'cart' => ['cart'],
        'ask' => ['request', 'application']];

    /** @param  list<Correction>  $all */
    public function __construct(private array $all, private Lexicon $lexicon)
    {
    }

    /**
     * @param  array<array-key, mixed>  $told  as it comes from outside
     */
    public static function read(array $told, Lexicon $lexicon): self
    {
        $all = [];
        foreach (array_slice(array_values($told), 0, self::MOST) as $one) {
            $text = fn (string $key): string => is_array($one) && is_string($one[$key] ?? null) ? trim($one[$key]) : '';
            $name = ucfirst(Pattern::replace('/[^\p{L}\p{N} -]+/u', '', mb_scrub(mb_substr($text('to'), 0, self::LONGEST))));
            $isNamed = Pattern::match('/\p{L}/u', $name) > 0;
            $isKnown = in_array($text('do'), self::DOES, true) && ($isNamed || in_array($text('do'), ['leave out', 'type'], true));
            $type = $text('as') === 'choice' || isset(Plan::TYPES[$text('as')]) ? $text('as') : 'text';
            if ($isKnown && $text('at') !== '') {
                $all[] = ['at' => $text('at'), 'do' => $text('do'), 'to' => $name, 'as' => $type];
            }
        }

        return new self($all, $lexicon);
    }

    /**
     * @param  OutlineData  $data
     * @return OutlineData
     */
    public function on(array $data): array
    {
        foreach ($this->all as $one) {
            [$kind, $rest] = [...explode(' ', $one['at'], 2), ''];
            $data = match ($one['do']) {
                'leave out' => $this->without($data, $kind, $rest),
                'call' => $this->called($data, $kind, $rest, $one['to']),
                'type' => $this->typed($data, $rest, $one['as']),
                default => $this->with($data, $rest, $one['to'], $one['as']),
            };
        }

        return $data;
    }

    /**
     * @param  OutlineData  $data
     * @return OutlineData
     */
    private function without(array $data, string $kind, string $rest): array
    {
        [$first, $second] = [...explode('/', $rest, 2), ''];
        $tables = $data['tables'];
        switch ($kind) {
            case 'table':
                return $this->withoutTable($data, $rest);
            case 'field':
                $data['tables'] = $this->each($tables, $first, function (array $table) use ($second): array {
                    $table['fields'] = array_values(array_filter($table['fields'], fn (array $field): bool => $field['name'] !== $second));

                    return $table;
                });
                break;
            case 'link':
                $data['tables'] = $this->each($tables, $first, function (array $table) use ($second): array {
                    $table['links'] = array_values(array_filter($table['links'], fn (array $link): bool => $link['to'] !== $second));

                    return $table;
                });
                break;
            case 'act':
                $data['acts'] = array_values(array_filter($data['acts'], fn (array $act): bool => "$act[act]/$act[table]" !== $rest));

                return $this->withoutMade($data, $first);
            case 'right':
                $data['rights'] = array_values(array_filter($data['rights'], fn (array $right): bool => "$right[act]/$right[table]" !== $rest));
                break;
            case 'want':
                $data['wants'] = array_values(array_filter($data['wants'], fn (array $want): bool => $want['what'] !== $rest));
                break;
            case 'not':
                $data['not'] = array_values(array_filter($data['not'], fn (array $not): bool => $not['what'] !== $rest));
                break;
            case 'sold':
                $data['sells'] = null;
        }

        return $data;
    }

    /**
     * @param  OutlineData  $data
     * @return OutlineData
     */
    private function withoutTable(array $data, string $singular): array
    {
        $isOther = fn (array $one): bool => $one['table'] !== $singular;
        $data['tables'] = array_values(array_filter($data['tables'], fn (array $table): bool => $table['singular'] !== $singular));
        foreach ($data['tables'] as $i => $table) {
            $data['tables'][$i]['links'] = array_values(array_filter($table['links'], fn (array $link): bool => $link['to'] !== $singular));
        }
        $gone = array_filter($data['acts'], fn (array $act): bool => $act['table'] === $singular);
        $data['acts'] = array_values(array_filter($data['acts'], $isOther));
        $data['rights'] = array_values(array_filter($data['rights'], $isOther));
        $data['founders'] = array_values(array_diff($data['founders'], [$singular]));
        $data['questions'] = array_values(array_filter($data['questions'], fn (array $one): bool => $one['about'] !== $singular));
        foreach ($gone as $act) {
            $data = $this->withoutMade($data, $act['act']);
        }

        return $data;
    }

    /**
     * What comes of what nobody does any more.
     *
     * @param  OutlineData  $data
     * @return OutlineData
     */
    private function withoutMade(array $data, string $act): array
    {
        if (in_array($act, array_column($data['acts'], 'act'), true)) {
            return $data;
        }
        foreach (array_intersect(array_map(ucfirst(...), self::MADE[$act] ?? []), array_column($data['tables'], 'singular')) as $made) {
            $data = $this->withoutTable($data, $made);
        }

        return $data;
    }

    /**
     * @param  OutlineData  $data
     * @return OutlineData
     */
    private function called(array $data, string $kind, string $rest, string $name): array
    {
        [$first, $second] = [...explode('/', $rest, 2), ''];
        if ($kind === 'field') {
            $data['tables'] = $this->each($data['tables'], $first, function (array $table) use ($second, $name): array {
                $isTaken = in_array(mb_strtolower($name), array_map(mb_strtolower(...), array_column($table['fields'], 'name')), true);
                foreach ($table['fields'] as $i => $field) {
                    $table['fields'][$i]['name'] = $field['name'] === $second && ! $isTaken ? $name : $field['name'];
                }

                return $table;
            });
        }
        $isTaken = in_array(mb_strtolower($name), array_map(mb_strtolower(...), array_column($data['tables'], 'singular')), true);
        if ($kind !== 'table' || $isTaken) {
            return $data;
        }
        $new = fn (string $old): string => $old === $rest ? $name : $old;
        $data['questions'] = array_values(array_filter($data['questions'], fn (array $one): bool => $one['about'] !== $rest));
        foreach ($data['tables'] as $i => $table) {
            $isIt = $table['singular'] === $rest;
            $data['tables'][$i] = [
                ...$table,
                'singular' => $new($table['singular']),
                'name' => $isIt ? ucfirst($this->lexicon->many(mb_strtolower($name))) : $table['name'],
                'links' => array_map(fn (array $link): array => [...$link, 'to' => $new($link['to'])], $table['links']),
            ];
        }
        $data['acts'] = array_map(fn (array $act): array => [...$act, 'table' => $new($act['table'])], $data['acts']);
        $data['rights'] = array_map(fn (array $right): array => [...$right, 'table' => $new($right['table'])], $data['rights']);
        $data['founders'] = array_map($new, $data['founders']);

        return $data;
    }

    /**
     * @param  OutlineData  $data
     * @return OutlineData
     */
    private function typed(array $data, string $rest, string $type): array
    {
        [$singular, $name] = [...explode('/', $rest, 2), ''];
        $data['tables'] = $this->each($data['tables'], $singular, function (array $table) use ($name, $type): array {
            foreach ($table['fields'] as $i => $field) {
                if ($field['name'] === $name) {
                    $table['fields'][$i]['type'] = $type;
                }
            }

            return $table;
        });

        return $data;
    }

    /**
     * @param  OutlineData  $data
     * @return OutlineData
     */
    private function with(array $data, string $singular, string $name, string $type): array
    {
        $data['tables'] = $this->each($data['tables'], $singular, function (array $table) use ($name, $type): array {
            if (! in_array(mb_strtolower($name), array_map(mb_strtolower(...), array_column($table['fields'], 'name')), true)) {
                $table['fields'][] = ['name' => $name, 'type' => $type, 'choices' => [], 'from' => [0, 0]];
            }

            return $table;
        });

        return $data;
    }

    /**
     * @param  list<TableData>  $tables
     * @param  callable(TableData): TableData  $change
     * @return list<TableData>
     */
    private function each(array $tables, string $singular, callable $change): array
    {
        return array_map(fn (array $table): array => $table['singular'] === $singular ? $change($table) : $table, $tables);
    }
}
