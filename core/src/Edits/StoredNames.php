<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Language\Prose;
use Lanai\Core\Text\Names;

/**
 * Gives every table, every field, every product and every plan a place of its own in storage. A place is derived from the name; where that is taken (by what
 * was called so before, or is spelled the same without accents), or kept by the database for itself, another one is written down.
 */
final class StoredNames
{
    /** Names that SQLite gives to the number of a row (https://www.sqlite.org/lang_createtable.html#rowid). */
    private const ROW_NUMBERS = ['rowid', 'oid', '_rowid_'];

    /**
     * @param  array<string, mixed>  $data  of an app
     * @param  array<string, mixed>  $before  what was stored so far: it stays where it is
     * @return array<string, mixed>
     */
    public static function settled(array $data, array $before = []): array
    {
        if (is_array($data['products'] ?? null)) {
            $data['products'] = self::products(Prose::nodes($data['products']), Prose::nodes($before['products'] ?? []));
        }
        if (! is_array($data['tables'] ?? null)) {
            return $data;
        }
        $tables = Prose::nodes($data['tables']);
        $was = [];
        foreach (Prose::nodes($before['tables'] ?? []) as $table) {
            $was[mb_strtolower(self::text($table, 'name'))] = $table;
        }
        $tables = self::apart($tables, array_keys($was), fn (string $name): bool => ! str_starts_with($name, 'sqlite_') && ! str_starts_with($name, '_'));
        $joins = [];
        foreach ($tables as $i => $table) {
            $stored = self::place($table);
            $fields = Prose::nodes($table['fields'] ?? []);
            $old = $was[mb_strtolower(self::text($table, 'name'))] ?? [];
            $settled = self::apart(
                $fields,
                array_map(fn (array $f): string => mb_strtolower(self::text($f, 'name')), Prose::nodes($old['fields'] ?? [])),
                fn (string $name, array $field): bool => ! in_array($name, self::ROW_NUMBERS, true) &&
                    ! str_starts_with($name, '_') &&
                    ! (self::linksToMany($field) && isset($joins["{$stored}_$name"])),
                fn (string $name): string => $name === 'id' ? 'id_' : $name,
            );
            foreach ($settled as $field) {
                if (self::linksToMany($field)) {
                    $joins["{$stored}_".self::place($field)] = true;
                }
            }
            if ($settled !== $fields) {
                $tables[$i]['fields'] = $settled;
            }
        }
        $data['tables'] = $tables;

        return $data;
    }

    /**
     * What purchases keep of what was bought.
     *
     * @param  list<array<string, mixed>>  $products
     * @param  list<array<string, mixed>>  $before
     * @return list<array<string, mixed>>
     */
    private static function products(array $products, array $before): array
    {
        $any = fn (string $name): bool => $name !== '';
        $was = [];
        foreach ($before as $product) {
            $was[mb_strtolower(self::text($product, 'name'))] = Prose::nodes($product['plans'] ?? []);
        }
        $products = self::apart($products, array_keys($was), $any);
        foreach ($products as $i => $product) {
            if (is_array($product['plans'] ?? null)) {
                $known = [];
                foreach ($was[mb_strtolower(self::text($product, 'name'))] ?? [] as $plan) {
                    $known[] = mb_strtolower(self::text($plan, 'name'));
                }
                $products[$i]['plans'] = self::apart(Prose::nodes($product['plans']), $known, $any);
            }
        }

        return $products;
    }

    /**
     * @param  list<array<string, mixed>>  $nodes
     * @param  list<string>  $known  names in small letters of those that are stored already
     * @param  callable(string, array<string, mixed>): bool  $usable
     * @param  (callable(string): string)|null  $spelled  how the place is spelled in the end
     * @return list<array<string, mixed>>
     */
    private static function apart(array $nodes, array $known, callable $usable, ?callable $spelled = null): array
    {
        $spelled ??= fn (string $name): string => $name;
        $order = [];
        foreach ($nodes as $i => $node) {
            $name = self::text($node, 'name');
            if ($name !== '') {
                $order[$i] = [match (true) {
                    self::text($node, 'stored') !== '' => 0,
                    in_array(mb_strtolower($name), $known, true) => 1,
                    default => 2,
                }, $i];
            }
        }
        asort($order);
        $taken = [];
        foreach (array_keys($order) as $i) {
            $wanted = self::place($nodes[$i]);
            $place = $usable($wanted, $nodes[$i]) ? $wanted : "n_$wanted";
            for ($n = 2, $free = $place; isset($taken[strtolower($spelled($free))]) || ! $usable($free, $nodes[$i]); $n++) {
                $free = "{$place}_$n";
            }
            $taken[strtolower($spelled($free))] = true;
            if ($free !== $wanted) {
                $nodes[$i]['stored'] = $free;
            }
        }

        return $nodes;
    }

    /** @param  array<string, mixed>  $node */
    private static function place(array $node): string
    {
        $stored = self::text($node, 'stored');

        return $stored !== '' ? $stored : Names::inStorage(self::text($node, 'name'));
    }

    /** @param  array<string, mixed>  $field */
    private static function linksToMany(array $field): bool
    {
        return self::text(Prose::node($field['type'] ?? []), 'kind') === 'links';
    }

    /** @param  array<string, mixed>  $node */
    private static function text(array $node, string $key): string
    {
        return is_string($node[$key] ?? null) ? $node[$key] : '';
    }
}
