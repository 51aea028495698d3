<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Jobs\BuildPackage;
use App\Models\App;
use App\Models\Build;
use App\Packaging\Camera;
use App\Packaging\Target;
use App\Stores\StorePictures;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Pictures of the running app for its pages in the stores. */
final class PicturesController
{
    public function show(App $app): JsonResponse
    {
        return response()->json((new StorePictures($app))->state());
    }

    public function take(App $app): JsonResponse
    {
        $refusal = Camera::refusal();
        if ($refusal !== '') {
            return response()->json(['message' => $refusal], 422);
        }
        $pictures = $app->builds()->where('target', Target::Pictures->value);
        // One set at a time: another would show the same.
        if (! (clone $pictures)->whereIn('state', ['queued', 'running'])->exists()) {
            (new StorePictures($app))->forgetOld();
            $release = $app->revision->read()->release;
            $build = $app->builds()->create([
                'revision_id' => $app->revision->id,
                'target' => Target::Pictures->value,
                'version' => $release->version,
                'number' => $release->build,
                'here' => false,
            ]);
            BuildPackage::dispatch($build->id);
        }

        return response()->json((new StorePictures($app))->state(), 202);
    }

    /** One of them; they stay as they were taken. */
    public function picture(Request $request, App $app, int $build, string $tongue, string $name): Response
    {
        $width = $request->validate(['w' => ['sometimes', 'integer', 'between:60,1200']])['w'] ?? 0;
        /** @var Build $found */
        $found = $app->builds()->where(['target' => Target::Pictures->value, 'state' => 'done'])->findOrFail($build);
        $bytes = (new StorePictures($app))->bytes($found, $tongue, $name, (int) $width) ?? abort(404);

        return response($bytes, 200, ['Content-Type' => 'image/png', 'Cache-Control' => 'private, max-age=604800']);
    }
}
