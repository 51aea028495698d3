<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Adverts\AdvertDesk;
use App\Device\Entry;
use App\Http\Requests\DeviceRequest;
use App\Space;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What a device asks about adverts: words and pictures come from here, and nothing of a network comes to it. */
final class AdvertController
{
    private const NOWHERE = 'This advert leads somewhere that nobody should be sent to. You can close this page.';

    private const KEY = '/^[0-9a-f]{32}$/D';

    public function show(DeviceRequest $request, string $way, string $key): JsonResponse
    {
        $told = $request->validate([
            'place' => ['required', 'string', 'max:100'],
            'device' => ['required', 'string', 'regex:/^[0-9a-f-]{36}$/D'],
            'askable' => ['sometimes', 'boolean'],
        ]);
        $entry = Entry::from($request, $way, $key);
        $visit = $request->visit($entry);
        // Who is to be asked is asked where adverts stand, before the first one.
        $asks = $request->boolean('askable') ? self::desk($entry)->asks($told['device'], $visit) : '';
        if ($asks !== '') {
            return response()->json(['advert' => null, 'ask' => $asks]);
        }
        $why = [];
        $advert = self::desk($entry)->advert($told['place'], $told['device'], $visit, $why);

        return response()->json(['advert' => $advert] + ($entry->inDeck() ? ['why' => implode(' ', $why)] : []));
    }

    public function seen(Request $request, string $way, string $key): JsonResponse
    {
        $told = $request->validate(['key' => ['required', 'string', 'regex:'.self::KEY]]);
        self::desk(Entry::from($request, $way, $key))->seen($told['key']);

        return response()->json([]);
    }

    public function picture(Request $request, string $way, string $key, string $advert): Response
    {
        [$bytes, $type] = self::desk(Entry::from($request, $way, $key))->picture($advert) ?? abort(404);

        return response($bytes, 200, ['Content-Type' => $type, 'X-Content-Type-Options' => 'nosniff', 'Cache-Control' => 'private, max-age=3600']);
    }

    public function out(Request $request, string $way, string $key, string $advert): Response
    {
        $leads = self::desk(Entry::from($request, $way, $key))->leads($advert);

        return $leads === null
            ? response(self::NOWHERE, 404, ['Content-Type' => 'text/plain; charset=utf-8'])
            : response('', 302, ['Location' => $leads, 'Referrer-Policy' => 'no-referrer']);
    }

    public function allow(DeviceRequest $request, string $way, string $key): JsonResponse
    {
        $told = $request->validate(['personal' => ['required', 'boolean'], 'device' => ['required', 'string', 'regex:/^[0-9a-f-]{36}$/D']]);
        $entry = Entry::from($request, $way, $key);
        self::desk($entry)->allow($told['device'], (bool) $told['personal'], $request->visit($entry));

        return response()->json([]);
    }

    private static function desk(Entry $entry): AdvertDesk
    {
        return new AdvertDesk(new Space($entry->app, $entry->set, $entry->revision));
    }
}
