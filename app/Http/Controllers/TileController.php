<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Device\Entry;
use App\Services\NoTile;
use App\Services\TileDesk;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The tiles of an app's maps, as a device asks for them. */
final class TileController
{
    public function show(Request $request, string $way, string $key, string $zoom, string $x, string $y): Response|JsonResponse
    {
        $entry = Entry::from($request, $way, $key);
        try {
            [$bytes, $type, $seconds] = (new TileDesk($entry->app, $entry->set))->tile($entry->blueprint(), (int) $zoom, (int) $x, (int) $y);
        } catch (NoTile $none) {
            return response()->json(['message' => $none->getMessage()], $none->status);
        }

        return response($bytes, 200, ['Content-Type' => $type, 'Cache-Control' => "private, max-age=$seconds"]);
    }
}
