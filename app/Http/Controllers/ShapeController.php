<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\App;
use App\Records\DataSet;
use App\Records\SchemaFollower;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lanai\Core\Data\TableMap;
use Lanai\Core\Edits\Uses;

/** How the tables of an app hang together, and where a thing is used. */
final class ShapeController
{
    /** The tables and their links as a picture. */
    public function map(App $app): JsonResponse
    {
        $blueprint = $app->revision->read();

        return response()->json(TableMap::of($blueprint, (new SchemaFollower($app, DataSet::Sandbox))->sizes($blueprint)));
    }

    public function uses(Request $request, App $app): JsonResponse
    {
        return response()->json(Uses::of($app->revision->read(), $request->string('at')->value()));
    }
}
