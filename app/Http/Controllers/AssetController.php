<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Apps\Recordings;
use App\Apps\SmallerPictures;
use App\Apps\Uploads;
use App\Models\App;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lanai\Core\Text\Pattern;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Uploaded pictures. */
final class AssetController
{
    public function store(Request $request, App $app, Uploads $uploads): JsonResponse
    {
        $request->validate(Uploads::rules($request->file('picture')), Uploads::messages($request->file('picture')));

        return response()->json(['name' => $uploads->keep($app, $request->file('picture'))], 201);
    }

    /** Pictures are named by their content, so a browser may keep them for ever; the name cannot be guessed. */
    public function show(Request $request, int $id, string $name): BinaryFileResponse|Response
    {
        $file = config('lanai.apps')."/$id/pictures/$name";
        abort_unless(is_file($file), 404);

        $kept = ['Cache-Control' => 'public, max-age=31536000, immutable'];

        if ($request->boolean('poster')) {
            return is_file(Recordings::poster($file)) ? response()->file(Recordings::poster($file), $kept) : response()->noContent();
        }

        return Pattern::match('/\.(png|jpg|webp)$/', $name)
            ? response()->file(SmallerPictures::of($file, $request->integer('w')), $kept)
            : response()->download($file, 'file.'.pathinfo($name, PATHINFO_EXTENSION), $kept);
    }
}
