<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\App;
use App\Records\DataSet;
use App\Records\Exporter;
use App\Records\Samples;
use App\Records\SetComparison;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Lanai\Core\Model\Table;
use Symfony\Component\HttpFoundation\Response;

/** Rows out of the studio, made-up rows into it, and rows from one data set to the other. */
final class ExchangeController
{
    public function export(Request $request, App $app, string $set, string $table): Response
    {
        $desk = RowController::desk($app, $set, $table);
        $exporter = new Exporter($desk);
        // Goes through all rows: what is left on the way is collected (public/index.php).
        gc_enable();
        $name = Str::slug($desk->table->name) ?: 'rows';
        $write = function (string $text): void {
            echo $text;
        };
        if ($request->string('as')->value() === 'sqlite') {
            $path = $app->folder('exports').'/'.Str::random(20).'.sqlite';
            $exporter->sqlite($path);

            return response()
                ->download($path, "$name.sqlite", ['Content-Type' => 'application/vnd.sqlite3'])
                ->deleteFileAfterSend();
        }

        return $request->string('as')->value() === 'json'
            ? response()->streamDownload(fn () => $exporter->json($write), "$name.json", ['Content-Type' => 'application/json'])
            : response()->streamDownload(fn () => $exporter->csv($write), "$name.csv", ['Content-Type' => 'text/csv; charset=UTF-8']);
    }

    public function samples(Request $request, App $app, string $table): JsonResponse
    {
        $given = $request->validate(['count' => 'required|integer|min:1|max:1000', 'seed' => 'required|integer|min:0']);
        $desk = RowController::desk($app, DataSet::Sandbox->value, $table);
        $made = (new Samples($app, $desk->store->blueprint()))->make($desk->table, (int) $given['count'], (int) $given['seed']);

        return $made > 0
            ? response()->json(['made' => $made], 201)
            : response()->json(['message' => 'No row could be made up that keeps the rules of this table. Does it need rows of another table first?'], 422);
    }

    public function removeSamples(App $app, string $table): JsonResponse
    {
        $desk = RowController::desk($app, DataSet::Sandbox->value, $table);

        return response()->json($desk->remove((new Samples($app, $desk->store->blueprint()))->all($desk->table), $desk->query('', true, '', '')));
    }

    /** What copying from one set to the other would bring. */
    public function compare(App $app, string $set, string $table): JsonResponse
    {
        [$comparison, $found] = $this->comparison($app, $set, $table);

        return response()->json($comparison->of($found));
    }

    public function copy(Request $request, App $app, string $set, string $table): JsonResponse
    {
        $given = $request->validate(['ids' => 'required|array|min:1|max:5000', 'ids.*' => 'integer']);
        [$comparison, $found] = $this->comparison($app, $set, $table);
        $trouble = $comparison->copy($found, array_map(intval(...), $given['ids']));

        return $trouble === '' ? response()->json(['copied' => count($given['ids'])]) : response()->json(['message' => $trouble], 422);
    }

    /** @return array{SetComparison, Table} from the named set to the other */
    private function comparison(App $app, string $set, string $table): array
    {
        $from = DataSet::tryFrom($set) ?? abort(404);
        $to = $from === DataSet::Live ? DataSet::Sandbox : DataSet::Live;
        $live = $app->liveRevision?->read() ?? abort(404, 'Nothing is live yet.');
        $sandbox = $app->revision->read();
        $mine = $from === DataSet::Live ? $live : $sandbox;

        return [new SetComparison($app, $mine, $to === DataSet::Live ? $live : $sandbox, $from, $to), $mine->tableStoredAs($table) ?? abort(404)];
    }
}
