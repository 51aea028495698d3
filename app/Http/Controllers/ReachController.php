<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\App;
use App\Reach\Figures;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use Illuminate\Http\JsonResponse;

/** How many come to an app, and where they go in it. */
final class ReachController
{
    public function show(App $app, string $set): JsonResponse
    {
        $space = Space::of($app, DataSet::from($set)) ?? abort(404);

        return response()->json((new Figures($space))->state(new DateTimeImmutable()));
    }
}
