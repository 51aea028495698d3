<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\App;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Data\Query;
use Lanai\Core\Data\Row;
use Lanai\Core\Data\RowCheck;
use Lanai\Core\Data\Sort;
use Lanai\Core\Script\Names;

/** The rows of an app's tables, as the founder's grid shows and changes them. */
final class RowController
{
    public function index(Request $request, App $app, string $set, string $table): JsonResponse
    {
        [$store, $found] = $this->place($app, $set, $table);
        $field = $found->fieldInFormula($request->string('sort')->value());
        $query = new Query($found, null, $field === null ? [] : [new Sort($field, $request->string('way')->value() !== 'downward')], 1000);
        $rows = $store->rows($query);

        return response()->json(['rows' => array_map(fn (Row $row): array => $this->written($row), $rows), 'count' => $store->count($query), 'labels' => $this->labels($store, $found)]);
    }

    public function store(Request $request, App $app, string $set, string $table): JsonResponse
    {
        [$store, $found] = $this->place($app, $set, $table);
        $check = RowCheck::of($found, $this->given($request, $found), $store, true);
        if ($check->errors !== []) {
            return response()->json(['message' => 'Please look at the marked cells.', 'errors' => $check->errors], 422);
        }
        $id = $store->together(fn (): int => $store->add($found, $check->values));

        return response()->json($this->written($store->byIds($found, [$id])[$id]), 201);
    }

    public function update(Request $request, App $app, string $set, string $table, int $row): JsonResponse
    {
        [$store, $found] = $this->place($app, $set, $table);
        $check = RowCheck::of($found, $this->given($request, $found), $store, false);
        if ($check->errors !== []) {
            return response()->json(['message' => implode(' ', $check->errors), 'errors' => $check->errors], 422);
        }
        abort_unless($store->together(fn (): bool => $store->change($found, $row, $check->values)), 404);

        return response()->json($this->written($store->byIds($found, [$row])[$row]));
    }

    public function destroy(App $app, string $set, string $table, int $row): JsonResponse
    {
        [$store, $found] = $this->place($app, $set, $table);
        abort_unless($store->together(fn (): bool => $store->remove($found, $row)), 404);

        return response()->json([]);
    }

    /** @return array{EloquentRecordStore, Table} */
    private function place(App $app, string $set, string $table): array
    {
        $set = DataSet::tryFrom($set) ?? abort(404);
        $revision = $set === DataSet::Live ? $app->liveRevision : $app->revision;
        $blueprint = $revision?->read() ?? abort(404, 'Nothing is live yet.');
        $found = $blueprint->tableStoredAs($table) ?? abort(404);

        return [new EloquentRecordStore($app, $set, $blueprint), $found];
    }

    /** @return array<string, mixed> column => input */
    private function given(Request $request, Table $table): array
    {
        $given = [];
        foreach ($table->fields as $field) {
            $key = Names::inFormula($field->name);
            if ($request->has("values.$key")) {
                $given[$field->column()] = $request->input("values.$key");
            }
        }

        return $given;
    }

    /** @return array{id: int, values: array<string, string>} */
    private function written(Row $row): array
    {
        $values = [];
        foreach ($row->table->fields as $field) {
            $values[Names::inFormula($field->name)] = $field->type->write($row->value($field));
        }

        return ['id' => $row->id, 'values' => $values];
    }

    /** @return array<string, array<int, string>> what linked rows are called, by the field that links to them */
    private function labels(EloquentRecordStore $store, Table $table): array
    {
        $labels = [];
        foreach ($table->fields as $field) {
            $linked = $field->linksTo() === '' ? null : $store->tableOfOne($field->linksTo());
            if ($linked !== null) {
                foreach ($store->rows(new Query($linked, limit: 1000)) as $row) {
                    $labels[Names::inFormula($field->name)][$row->id] = $row->label();
                }
            }
        }

        return $labels;
    }
}
