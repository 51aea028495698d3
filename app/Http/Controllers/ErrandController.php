<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\App;
use App\Studio\ErrandDesk;
use Illuminate\Http\JsonResponse;

/** How the errands of an app go, as it is now. */
final readonly class ErrandController
{
    public function __invoke(App $app, ErrandDesk $desk): JsonResponse
    {
        return response()->json(['revision' => $app->revision->number, 'errands' => $desk->all($app)]);
    }
}
