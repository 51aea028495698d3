<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Apps\Pictures;
use App\Models\App;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Uploaded pictures. */
final class AssetController
{
    public function store(Request $request, App $app, Pictures $pictures): JsonResponse
    {
        $request->validate(['picture' => ['required', 'file', 'max:8192']], ['picture.*' => 'Please choose a picture of at most 8 MB.']);

        return response()->json(['name' => $pictures->keep($app, (string) $request->file('picture')?->getContent())], 201);
    }

    /** Pictures are named by their content, so a browser may keep them for ever; the name cannot be guessed. */
    public function show(int $id, string $name): BinaryFileResponse
    {
        $file = config('lanai.apps')."/$id/pictures/$name";
        abort_unless(is_file($file), 404);

        return response()->file($file, ['Cache-Control' => 'public, max-age=31536000, immutable']);
    }
}
