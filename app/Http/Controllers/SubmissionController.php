<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Apps\ReleaseState;
use App\Models\App;
use App\Models\Build;
use App\Models\Submission;
use App\Stores\StoreDesk;
use App\Stores\StoreUnreachable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Handing packages in at the stores. */
final readonly class SubmissionController
{
    public function __construct(private StoreDesk $desk)
    {
    }

    public function store(Request $request, App $app): JsonResponse
    {
        /** @var Build $build */
        $build = $app->builds()->with('revision')->where('state', 'done')->findOrFail($request->integer('build'));
        $store = $request->string('store')->value();
        $takes = config("lanai.stores.$store.takes") ?? abort(422, 'There is no such store.');
        if (! in_array($build->target, $takes, true)) {
            return response()->json(['message' => config("lanai.stores.$store.name").' does not take this kind of package.'], 422);
        }
        $build->setRelation('revision', $app->revision);

        return $this->answered($app, fn () => $this->desk->submit($build, $store));
    }

    public function release(App $app, int $submission): JsonResponse
    {
        /** @var Submission $found */
        $found = $app->submissions()->where('state', 'approved')->findOrFail($submission);

        return $this->answered($app, fn () => $this->desk->release($found));
    }

    /** @param  callable(): mixed  $call */
    private function answered(App $app, callable $call): JsonResponse
    {
        try {
            $call();
        } catch (StoreUnreachable $unreachable) {
            return response()->json(['message' => $unreachable->getMessage()], 502);
        }

        return response()->json(ReleaseState::of($app));
    }
}
