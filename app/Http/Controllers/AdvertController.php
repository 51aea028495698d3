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
use Illuminate\Validation\Rule;
use Lanai\Core\Adverts\Clip;
use Lanai\Core\Play\Trail;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

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
        $trail = self::trail($entry);
        $advert = self::desk($entry, $trail)->advert($told['place'], $told['device'], $visit);

        return self::told(['advert' => $advert], $trail);
    }

    public function seen(Request $request, string $way, string $key): JsonResponse
    {
        $told = $request->validate(['key' => ['required', 'string', 'regex:'.self::KEY]]);
        $entry = Entry::from($request, $way, $key);
        $trail = self::trail($entry);
        self::desk($entry, $trail)->seen($told['key']);

        return self::told([], $trail);
    }

    public function happened(Request $request, string $way, string $key): JsonResponse
    {
        $told = $request->validate([
            'key' => ['required', 'string', 'regex:'.self::KEY],
            'what' => ['required', 'string', Rule::in([...Clip::EVENTS, 'error'])],
        ]);
        $entry = Entry::from($request, $way, $key);
        $trail = self::trail($entry);
        self::desk($entry, $trail)->told($told['key'], $told['what']);

        return self::told([], $trail);
    }

    /** Whether the network has said that an advert was seen to its end. */
    public function reward(Request $request, string $way, string $key): JsonResponse
    {
        $told = $request->validate(['key' => ['required', 'string', 'regex:'.self::KEY]]);

        return response()->json(['reward' => self::desk(Entry::from($request, $way, $key))->reward($told['key'])]);
    }

    public function film(Request $request, string $way, string $key, string $advert): BinaryFileResponse
    {
        [$file, $type] = self::desk(Entry::from($request, $way, $key))->film($advert) ?? abort(404);

        return response()->file($file, ['Content-Type' => $type, 'X-Content-Type-Options' => 'nosniff', 'Cache-Control' => 'private, max-age=3600']);
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
        $told = $request->validate([
            'personal' => ['required', 'boolean'],
            'device' => ['required', 'string', 'regex:/^[0-9a-f-]{36}$/D'],
            // What the phone's own system was answered, where it asks.
            'system' => ['sometimes', 'boolean'],
        ]);
        $entry = Entry::from($request, $way, $key);
        $system = isset($told['system']) ? (bool) $told['system'] : null;
        self::desk($entry)->allow($told['device'], (bool) $told['personal'] && $system !== false, $request->visit($entry), $system);

        return response()->json([]);
    }

    private static function desk(Entry $entry, ?Trail $trail = null): AdvertDesk
    {
        return new AdvertDesk(new Space($entry->app, $entry->set, $entry->revision), $trail);
    }

    /** Only the founder sees, in the deck, what goes on between here and the network. */
    private static function trail(Entry $entry): Trail
    {
        return $entry->inDeck() ? new Trail(fn (): int => hrtime(true)) : Trail::none();
    }

    /** @param  array<string, mixed>  $told */
    private static function told(array $told, Trail $trail): JsonResponse
    {
        return response()->json($told + ($trail->steps === [] ? [] : ['footprints' => ['steps' => $trail->steps, 'origins' => []]]));
    }
}
