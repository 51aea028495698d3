<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\App;
use App\Models\Feedback;
use App\Models\Tester;
use App\Stores\Groups;
use App\Stores\Testing;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Who tries an app, and what they tell of it: for its founder. */
final class TestersController
{
    public function show(App $app): JsonResponse
    {
        return response()->json((new Testing($app))->state());
    }

    public function invite(Request $request, App $app): JsonResponse
    {
        $told = $request->validate(['emails' => ['required', 'string', 'max:10000'], 'group' => ['nullable', 'string', 'max:60']]);
        $sent = (new Testing($app))->invite($told['emails'], trim($told['group'] ?? ''));

        return response()->json((new Testing($app))->state() + ['sent' => $sent]);
    }

    /** A group stays on the revision that is the newest now, or goes along with what is written. */
    public function group(Request $request, App $app): JsonResponse
    {
        $told = $request->validate(['group' => ['present', 'nullable', 'string', 'max:60'], 'stays' => ['required', 'boolean']]);
        Groups::put($app, (string) $told['group'], (bool) $told['stays']);

        return response()->json((new Testing($app))->state());
    }

    public function remove(App $app, int $tester): JsonResponse
    {
        Tester::query()->where(['app_id' => $app->id, 'id' => $tester])->delete();

        return response()->json((new Testing($app))->state());
    }

    /** The founder has seen to it. */
    public function forget(App $app, int $feedback): JsonResponse
    {
        Feedback::query()->where(['app_id' => $app->id, 'id' => $feedback])->delete();

        return response()->json((new Testing($app))->state());
    }
}
