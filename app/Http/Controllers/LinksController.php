<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\App;
use App\Packaging\ServerAddress;
use App\Records\DataSet;
use App\Space;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lanai\Core\Model\Row;
use Lanai\Core\Query\Query;

/** Links that lead to a screen of an app, for posters, letters and other pages. */
final class LinksController
{
    /** Rows that are offered at once. */
    private const ROWS = 50;

    public function show(Request $request, App $app, string $slug): JsonResponse
    {
        $request->validate(['search' => ['nullable', 'string', 'max:200']]);
        $set = $app->liveRevision === null ? DataSet::Sandbox : DataSet::Live;
        $space = Space::of($app, $set) ?? abort(404);
        $screen = $space->blueprint()->screen($slug) ?? abort(404, 'This screen is not live yet.');
        $table = count($screen->parameters()) === 1 && count($screen->about) === 1 ? $space->blueprint()->tableOfOne($screen->about[0]->one) : null;
        $rows = $table === null || $space->blueprint()->isServiceTable($table)
            ? []
            : $space->store()->whole()->rows(new Query($table, limit: self::ROWS + 1, search: $request->string('search')->value()));

        return response()->json([
            'home' => ServerAddress::of($app).($set === DataSet::Live ? "/a/$app->slug" : "/s/$app->share_code"),
            'live' => $set === DataSet::Live,
            'leads' => $table !== null || $screen->parameters() === [],
            'about' => $table === null ? '' : $table->singular,
            'rows' => array_map(fn (Row $row): array => ['id' => $row->id, 'label' => $row->label()], array_slice($rows, 0, self::ROWS)),
            'more' => count($rows) > self::ROWS,
        ]);
    }
}
