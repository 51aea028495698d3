<?php

declare(strict_types=1);

namespace Lanai\Core\Runtime;

use Lanai\Core\Blueprint\Table;
use Lanai\Core\Data\Row;
use Lanai\Core\Ports\RecordStore;
use Lanai\Core\Ports\Rows;
use Lanai\Core\Script\Names;

/** Follows links during one request: each row is read once, and those that a list will need are read together. */
final class Reader implements Rows
{
    /** @var array<string, array<int, Row|null>> */
    private array $read = [];

    public function __construct(private readonly RecordStore $store)
    {
    }

    public function row(string $one, int $id): ?Row
    {
        $key = mb_strtolower($one);
        if (! array_key_exists($id, $this->read[$key] ?? [])) {
            $table = $this->store->tableOfOne($one);
            $this->read[$key][$id] = $table === null ? null : ($this->store->byIds($table, [$id])[$id] ?? null);
        }

        return $this->read[$key][$id];
    }

    /**
     * Reads the rows that these formulas will follow links to.
     *
     * @param  list<Row>  $rows
     * @param  list<string>  $formulas
     */
    public function ahead(Table $table, array $rows, array $formulas): void
    {
        $text = implode(' ', $formulas);
        foreach ($table->fields as $field) {
            $linked = $field->linksTo() === '' || ! str_contains($text, Names::inFormula($field->name)) ? null : $this->store->tableOfOne($field->linksTo());
            if ($linked === null) {
                continue;
            }
            $ids = [];
            foreach ($rows as $row) {
                $id = $row->value($field);
                if (is_int($id)) {
                    $ids[$id] = $id;
                }
            }
            $found = $ids === [] ? [] : $this->store->byIds($linked, array_values($ids));
            foreach ($ids as $id) {
                $this->read[mb_strtolower($linked->singular)][$id] = $found[$id] ?? null;
            }
        }
    }

    /** After a write, what was read may be stale. */
    public function forget(): void
    {
        $this->read = [];
    }
}
