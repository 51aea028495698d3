<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\App;
use App\Studio\ErrandDesk;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lanai\Core\Errands\Roamed;

/** How the errands of an app go, as it is now. */
final readonly class ErrandController
{
    public function __construct(private ErrandDesk $desk)
    {
    }

    /** After an edit they are done by themselves, where only practice services are asked; by hand always, on three devices if wanted. */
    public function index(Request $request, App $app): JsonResponse
    {
        $told = $request->validate(['by' => ['sometimes', 'in:hand'], 'devices' => ['sometimes', 'boolean']]);
        $waits = isset($told['by']) ? [] : $this->desk->waits($app);

        return response()->json([
            'revision' => $app->revision->number,
            'errands' => $waits === [] ? $this->desk->all($app, (bool) ($told['devices'] ?? false)) : [],
            'waits' => $waits,
        ]);
    }

    /** Taps everything once, as somebody of the sandbox or as nobody. */
    public function roam(Request $request, App $app): JsonResponse
    {
        $told = $request->validate(['person' => ['present', 'nullable', 'string', 'max:200']]);
        ['taps' => $taps, 'whole' => $whole, 'trouble' => $trouble] = $this->desk->roam($app, (string) $told['person']);

        return response()->json([
            'revision' => $app->revision->number,
            'taps' => count($taps),
            'broken' => array_values(array_filter($taps, fn (Roamed $one): bool => $one->wrong !== '')),
            'whole' => $whole,
            'trouble' => $trouble,
        ]);
    }

    /** All errands as text, as they stand in the script. */
    public function text(App $app): Response
    {
        return response($this->desk->text($app), 200, [
            'Content-Type' => 'text/plain; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"$app->slug-errands.txt\"",
        ]);
    }
}
