<?php

declare(strict_types=1);

namespace Lanai\Core\Data;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Table;

/**
 * The tables and their links as a picture. Tables that are linked to stand left of those that link to them; within a column
 * each stands near the middle of its neighbours, so that few lines cross (layers by longest path, then barycentres, after
 * K. Sugiyama, S. Tagawa and M. Toda, "Methods for Visual Understanding of Hierarchical System Structures", 1981).
 */
final class TableMap
{
    private const WIDTH = 190;

    private const ROW = 21;

    private const HEAD = 38;

    private const BETWEEN_COLUMNS = 96;

    private const BETWEEN_BOXES = 28;

    /** @var array<string, Table> by stored name */
    private array $tables = [];

    /** @var list<array{from: string, to: string, field: Field, index: int}> */
    private array $links = [];

    /** @var array<string, int> */
    private array $layer = [];

    private function __construct(Blueprint $blueprint)
    {
        foreach ($blueprint->tables as $table) {
            $this->tables[$table->storedAs()] = $table;
        }
        foreach ($this->tables as $stored => $table) {
            foreach ($table->fields as $i => $field) {
                $to = $field->linksTo() !== '' ? $field->linksTo() : $field->linksToMany();
                $linked = $to === '' ? null : $blueprint->tableOfOne($to);
                if ($linked !== null) {
                    $this->links[] = ['from' => $stored, 'to' => $linked->storedAs(), 'field' => $field, 'index' => $i];
                }
            }
        }
    }

    /**
     * @param  array<string, int>  $rows  stored table => number of rows
     * @return array{width: float, height: float, boxes: list<array<string, mixed>>, links: list<array<string, mixed>>} in px; each link with an SVG path
     */
    public static function of(Blueprint $blueprint, array $rows = []): array
    {
        $map = new self($blueprint);
        foreach (array_keys($map->tables) as $stored) {
            $map->depth($stored, []);
        }
        $columns = $map->ordered();
        $boxes = [];
        $tallest = max([0.0, ...array_map($map->heightOf(...), $columns)]);
        foreach ($columns as $c => $column) {
            $y = ($tallest - $map->heightOf($column)) / 2;
            foreach ($column as $stored) {
                $table = $map->tables[$stored];
                $height = self::height($table);
                $boxes[$stored] = [
                    'stored' => $stored,
                    'name' => $table->name,
                    'rows' => $rows[$stored] ?? 0,
                    'x' => (float) ($c * (self::WIDTH + self::BETWEEN_COLUMNS)),
                    'y' => $y,
                    'width' => (float) self::WIDTH,
                    'height' => (float) $height,
                    'fields' => array_map(fn (Field $f): array => ['name' => $f->name, 'words' => $f->valueType()->inWords()], $table->fields),
                ];
                $y += $height + self::BETWEEN_BOXES;
            }
        }
        $links = array_map(
            fn (array $link): array => [
                'from' => $link['from'],
                'to' => $link['to'],
                'name' => $link['field']->name,
                'many' => $link['field']->linksToMany() !== '',
                'path' => self::path($boxes[$link['from']], $boxes[$link['to']], $link['index']),
            ],
            $map->links,
        );

        return [
            'width' => max(0.0, count($columns) * (self::WIDTH + self::BETWEEN_COLUMNS) - self::BETWEEN_COLUMNS + 40),
            'height' => $tallest,
            'boxes' => array_values($boxes),
            'links' => $links,
        ];
    }

    /** @param  list<string>  $column */
    private function heightOf(array $column): float
    {
        return array_sum(array_map(fn (string $stored): float => self::height($this->tables[$stored]) + self::BETWEEN_BOXES, $column)) - self::BETWEEN_BOXES;
    }

    private static function height(Table $table): float
    {
        return self::HEAD + self::ROW * max(1, count($table->fields)) + 10;
    }

    /** @param  array<string, true>  $on  the way here; a circle of links is cut where it closes */
    private function depth(string $stored, array $on): int
    {
        if (isset($this->layer[$stored])) {
            return $this->layer[$stored];
        }
        $depth = 0;
        foreach ($this->links as $link) {
            if ($link['from'] === $stored && $link['to'] !== $stored && ! isset($on[$link['to']])) {
                $depth = max($depth, 1 + $this->depth($link['to'], $on + [$stored => true]));
            }
        }

        return $this->layer[$stored] = $depth;
    }

    /** @return list<list<string>> */
    private function ordered(): array
    {
        $columns = [];
        foreach ($this->layer as $stored => $layer) {
            $columns[$layer][] = $stored;
        }
        ksort($columns);
        $columns = array_values($columns);
        for ($sweep = 0; $sweep < 6; $sweep++) {
            foreach ($sweep % 2 === 0 ? array_keys($columns) : array_reverse(array_keys($columns)) as $c) {
                $place = [];
                foreach ($columns as $column) {
                    foreach ($column as $i => $stored) {
                        $place[$stored] = $i - (count($column) - 1) / 2;
                    }
                }
                $middle = [];
                foreach ($columns[$c] as $stored) {
                    $near = [];
                    foreach ($this->links as $link) {
                        if ($link['from'] === $stored xor $link['to'] === $stored) {
                            $near[] = $place[$link['from'] === $stored ? $link['to'] : $link['from']];
                        }
                    }
                    $middle[$stored] = $near === [] ? $place[$stored] : array_sum($near) / count($near);
                }
                usort($columns[$c], fn (string $a, string $b): int => [$middle[$a], $a] <=> [$middle[$b], $b]);
            }
        }

        return $columns;
    }

    /**
     * From the field's line to the head of the table that it leads to.
     *
     * @param  array{x: float, y: float, width: float, height: float}  $from
     * @param  array{x: float, y: float, width: float, height: float}  $to
     */
    private static function path(array $from, array $to, int $index): string
    {
        $y = $from['y'] + self::HEAD + self::ROW * ($index + 0.5);
        $end = $to['y'] + self::HEAD / 2;
        $left = $to['x'] < $from['x'];
        $startX = $left ? $from['x'] : $from['x'] + $from['width'];
        $endX = $to['x'] + $to['width'];
        $bend = $left ? max(40, ($startX - $endX) / 2) : 34;

        return sprintf('M%.1f %.1f C%.1f %.1f %.1f %.1f %.1f %.1f', $startX, $y, $startX + ($left ? -$bend : $bend), $y, $endX + $bend, $end, $endX, $end);
    }
}
