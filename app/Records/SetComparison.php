<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\App;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\StoredValue;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Article;

/** The rows of a table in the sandbox beside those in live, told apart by their numbers. */
final readonly class SetComparison
{
    private const LISTED = 200;

    private EloquentRecordStore $from;

    private EloquentRecordStore $to;

    public function __construct(App $app, Blueprint $fromShape, private Blueprint $toShape, DataSet $from, DataSet $to)
    {
        $this->from = new EloquentRecordStore($app, $from, $fromShape);
        $this->to = new EloquentRecordStore($app, $to, $toShape);
    }

    /**
     * @return array{same: int, rows: list<array{id: int, label: string, kind: 'new'|'different', fields: list<string>}>, only: int} rows that the
     *   other set lacks or has otherwise; `only` counts those that stand in the other alone
     */
    public function of(Table $table): array
    {
        $there = $this->toShape->tableStoredAs($table->storedAs());
        $ids = fn (EloquentRecordStore $store): array => array_map(
            intval(...),
            DB::connection($store->connection)->table($table->storedAs())->orderBy('id')->pluck('id')->all(),
        );
        $mine = $ids($this->from);
        $theirs = $there === null ? [] : $ids($this->to);
        $rows = [];
        $same = 0;
        foreach (array_chunk($mine, 500) as $some) {
            $others = $there === null ? [] : $this->to->byIds($there, $some);
            foreach ($this->from->byIds($table, $some) as $id => $row) {
                $fields = isset($others[$id]) ? $this->different($row, $others[$id]) : [];
                $same += isset($others[$id]) && $fields === [] ? 1 : 0;
                if (count($rows) < self::LISTED && (! isset($others[$id]) || $fields !== [])) {
                    $rows[] = ['id' => $id, 'label' => $row->label(), 'kind' => isset($others[$id]) ? 'different' : 'new', 'fields' => $fields];
                }
            }
        }

        return ['same' => $same, 'rows' => $rows, 'only' => count(array_diff($theirs, $mine))];
    }

    /**
     * Copies rows under their numbers, all or none.
     *
     * @param  list<int>  $ids
     * @return string what is in the way; '' where they were copied
     */
    public function copy(Table $table, array $ids): string
    {
        $there = $this->toShape->tableStoredAs($table->storedAs());
        if ($there === null) {
            return "$table->name is not there yet: go live first.";
        }
        $rows = $this->from->byIds($table, $ids);
        try {
            $this->to->together(function () use ($there, $rows): void {
                foreach ($rows as $row) {
                    $values = $this->carried($row, $there);
                    $this->to->change($there, $row->id, $values) || $this->to->add($there, $values, $row->id);
                }
            });
        } catch (MissingRow $missing) {
            return $missing->getMessage();
        }

        return '';
    }

    /** @return list<string> */
    private function different(Row $mine, Row $other): array
    {
        return array_values(
            array_map(
                fn (Field $f): string => $f->name,
                array_filter(
                    $mine->table->fields,
                    fn (Field $f): bool => ($f->hasColumn() || $f->linksToMany() !== '') &&
                        StoredValue::plain($mine->value($f)) !== StoredValue::plain($other->values[$f->column()] ?? null),
                ),
            ),
        );
    }

    /**
     * @return array<string, mixed>
     *
     * @throws MissingRow
     */
    private function carried(Row $row, Table $there): array
    {
        $values = array_intersect_key($row->values, array_flip(array_map(fn (Field $f): string => $f->column(), $there->fields)));
        foreach ($there->fields as $field) {
            $to = $field->linksTo() !== '' ? $field->linksTo() : $field->linksToMany();
            $linked = $to === '' ? null : $this->toShape->tableOfOne($to);
            $ids = array_filter((array) ($values[$field->column()] ?? []), is_int(...));
            if ($linked !== null && $linked->storedAs() !== $there->storedAs() && count($this->to->byIds($linked, array_values($ids))) < count($ids)) {
                throw new MissingRow("“{$row->label()}” links to ".Article::with($linked->singular)." that is not there yet. Copy $linked->name first.");
            }
        }

        return $values;
    }
}
