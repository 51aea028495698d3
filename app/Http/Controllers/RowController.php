<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RowChanges;
use App\Models\App;
use App\Records\DataSet;
use App\Records\RowDesk;
use App\Records\Samples;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Model\Row;
use Lanai\Core\Query\Query;

/** The rows of an app's tables, as the founder's grid shows and changes them. */
final class RowController
{
    private const PAGE = 200;

    public function index(Request $request, App $app, string $set, string $table): JsonResponse
    {
        $desk = self::desk($app, $set, $table);
        $query = $this->query($request, $desk);
        $after = json_decode($request->string('after')->value(), true);
        $rows = $desk->store->rows(
            new Query(
                $query->table,
                $query->where,
                $query->sorts,
                self::PAGE,
                $query->search,
                is_array($after) ? array_values(array_filter($after, fn (mixed $k): bool => $k === null || is_scalar($k))) : null,
                $query->compute,
            ),
        );

        $samples = $set === 'sandbox' ? (new Samples($app, $desk->store->blueprint()))->among($desk->table, array_map(fn (Row $r): int => $r->id, $rows)) : [];

        return response()->json(['rows' => array_map($desk->written(...), $rows), 'labels' => (object) $desk->labels($rows), 'samples' => $samples]);
    }

    /** How many rows there are, and where each page of them begins. */
    public function anchors(Request $request, App $app, string $set, string $table): JsonResponse
    {
        $desk = self::desk($app, $set, $table);
        $query = $this->query($request, $desk);

        return response()->json(['count' => $desk->store->count($query), 'page' => self::PAGE, 'anchors' => $desk->anchors($query, self::PAGE)]);
    }

    public function show(App $app, string $set, string $table, int $row): JsonResponse
    {
        $desk = self::desk($app, $set, $table);
        $found = $desk->row($row) ?? abort(404);

        return response()->json([
            'row' => $desk->written($found),
            'label' => $found->label(),
            'labels' => (object) $desk->labels([$found]),
            'linked' => $desk->linked($found),
        ]);
    }

    /** Adds and changes rows together: all, or none and the reasons. */
    public function write(RowChanges $request, App $app, string $set, string $table): JsonResponse
    {
        $desk = self::desk($app, $set, $table);
        $answer = $desk->write($request->changes());
        $rows = ['rows' => array_map($desk->written(...), $answer['rows']), 'labels' => (object) $desk->labels($answer['rows'])];
        if ($answer['changed'] !== []) {
            $first = $answer['changed'][0];
            $field = $desk->table->fieldInFormula($first['field'])->name ?? '';

            return response()->json(
                [
                    'message' => "$field was changed to “{$first['now']}” in another window a moment ago. It is shown as it is now; change it "
                        .'again if you still want to.',
                    'changed' => $answer['changed'],
                ],
                409,
            );
        }

        return $answer['errors'] === []
            ? response()->json($rows)
            : response()->json(['message' => $answer['errors'][0]['sentence'], 'cells' => $answer['errors']], 422);
    }

    public function remove(Request $request, App $app, string $set, string $table): JsonResponse
    {
        $given = $request->validate(['ids' => 'array|max:5000', 'ids.*' => 'integer', 'all' => 'boolean']);
        $desk = self::desk($app, $set, $table);

        return response()->json($desk->remove($given['all'] ?? false ? null : array_map(intval(...), $given['ids'] ?? []), $this->query($request, $desk)));
    }

    public function restore(Request $request, App $app, string $set, string $table): JsonResponse
    {
        $back = self::desk($app, $set, $table)->restore($request->string('token')->value());

        return $back > 0 ? response()->json(['back' => $back]) : response()->json(['message' => 'These rows are no longer kept.'], 404);
    }

    /** Rows that a link can be set to. */
    public function choices(Request $request, App $app, string $set, string $table): JsonResponse
    {
        $desk = self::desk($app, $set, $table);
        $field = $desk->table->fieldInFormula($request->string('field')->value()) ?? abort(404);

        return response()->json(
            array_map(fn (Row $r): array => ['id' => (string) $r->id, 'label' => $r->label()], $desk->choices($field, $request->string('search')->value())),
        );
    }

    public function summary(Request $request, App $app, string $set, string $table): JsonResponse
    {
        $desk = self::desk($app, $set, $table);
        $field = $desk->table->fieldInFormula($request->string('field')->value()) ?? abort(404);

        $summary = $desk->summary($field, $this->query($request, $desk));

        return response()->json(['totals' => (object) $summary['totals']] + $summary);
    }

    public static function desk(App $app, string $set, string $table): RowDesk
    {
        $set = DataSet::tryFrom($set) ?? abort(404);
        $blueprint = $app->revisionOf($set)?->read() ?? abort(404, 'Nothing is live yet.');

        return new RowDesk($app, $set, $blueprint, $blueprint->tableStoredAs($table) ?? abort(404));
    }

    private function query(Request $request, RowDesk $desk): Query
    {
        try {
            return $desk->query(
                $request->string('sort')->value(),
                $request->string('way')->value() !== 'downward',
                $request->string('search')->value(),
                $request->string('where')->value(),
            );
        } catch (FormulaMistake $mistake) {
            throw ValidationException::withMessages(['where' => $mistake->getMessage()]);
        }
    }
}
