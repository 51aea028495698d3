<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Apps\LayoutSurvey;
use App\Models\App;
use App\Studio\StudioState;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lanai\Core\Edits\ScreenMap;
use Lanai\Core\Geometry\Device;
use Lanai\Core\Play\Arguments;

/** How the screens come out on devices of all sizes. */
final class LayoutController
{
    /** All screens: a small picture of each, and what goes wrong on which devices. */
    public function index(Request $request, App $app): JsonResponse
    {
        $request->validate(['person' => ['nullable', 'integer', 'min:1']]);
        $screens = (new LayoutSurvey($app))->screens($request->filled('person') ? $request->integer('person') : null);

        return response()->json([
            'revision' => $app->revision->number,
            'devices' => count(Device::every()),
            'screens' => array_map(fn (array $s): array => ['findings' => array_map(StudioState::finding(...), $s['findings'])] + $s, $screens),
        ]);
    }

    /** The ways between screens, laid out. */
    public function ways(App $app): JsonResponse
    {
        return response()->json(ScreenMap::of($app->revision->read()));
    }

    /** One screen on one device. */
    public function frames(Request $request, App $app, string $slug): JsonResponse
    {
        $request->validate([
            'width' => ['required', 'numeric', 'between:200,4000'],
            'height' => ['required', 'numeric', 'between:200,4000'],
            'text' => ['sometimes', 'numeric', 'between:0.5,4'],
            'person' => ['nullable', 'integer', 'min:1'],
            'beside' => ['sometimes', 'boolean'],
            'args' => ['sometimes', 'array', 'max:10'],
            'args.*' => ['nullable', 'max:2000'],
        ]);
        $screen = $app->revision->read()->screen($slug) ?? abort(404);
        $device = new Device('a device', (float) $request->input('width'), (float) $request->input('height'), text: (float) $request->input('text', 1));

        return response()->json([
            'frames' => (new LayoutSurvey($app))->frames(
                $screen,
                Arguments::sent($request->array('args')),
                $request->filled('person') ? $request->integer('person') : null,
                $device,
                $request->boolean('beside'),
            ),
        ]);
    }
}
