<?php

declare(strict_types=1);

// What needs no founder's session, and so makes none: devices, programs, files. Who asks says so with every request.

use App\Http\Controllers as C;
use App\Packaging\ServerAddress;
use Illuminate\Support\Facades\Route;

// What other programs ask of an app's rows, with a token that the founder has made.
Route::prefix('rest/{slug}/{set}')
    ->whereIn('set', ['sandbox', 'live'])
    ->middleware('throttle:rest')
    ->group(function (): void {
        Route::get('openapi.json', [C\RestController::class, 'document']);
        Route::get('{table}', [C\RestController::class, 'index']);
        Route::post('{table}', [C\RestController::class, 'add']);
        Route::get('{table}/{row}', [C\RestController::class, 'show'])->where('row', '[0-9]{1,18}');
        Route::patch('{table}/{row}', [C\RestController::class, 'change'])->where('row', '[0-9]{1,18}');
        Route::delete('{table}/{row}', [C\RestController::class, 'remove'])->where('row', '[0-9]{1,18}');
    });

// Webhooks that come in, each at an address that nobody can guess.
Route::post('hook/{slug}/{set}/{token}', [C\RoutineController::class, 'hook'])
    ->whereIn('set', ['sandbox', 'live'])
    ->where('token', '[0-9a-f]{40}')
    ->middleware('throttle:hook');

// What tills tell.
Route::post('heard/{till}/{set}/{slug}', C\HeardController::class)
    ->whereIn('till', ['card', 'quay', 'pier'])
    ->whereIn('set', ['sandbox', 'live'])
    ->middleware('throttle:hook');

// A network of adverts says, signed, that somebody has earned a reward.
Route::post('rewarded/{set}/{slug}', C\RewardedController::class)
    ->whereIn('set', ['sandbox', 'live'])
    ->middleware('throttle:hook');

// What the app's user's device asks: live by the app's address, sandbox by its share code.
Route::prefix('device/{way}/{key}')
    ->where(['way' => 'live|share'])
    ->group(__DIR__.'/device.php');
// What a picture for a store is taken of: looked at with a key that is good for some minutes, and nothing can be done there.
Route::prefix('device/{way}/{sitting}')
    ->where(['way' => 'taken', 'sitting' => '[A-Za-z0-9_-]{40,4000}'])
    ->middleware('throttle:taken')
    ->group(function (): void {
        Route::post('view', [C\DeviceController::class, 'view']);
        Route::get('pulse', [C\DeviceController::class, 'pulse']);
        Route::get('outlines', [C\DeviceController::class, 'outlines']);
        Route::get('words/{tongue}', [C\DeviceController::class, 'words'])->where('tongue', '[A-Za-z-]{2,35}');
        Route::get('tiles/{zoom}/{x}/{y}', [C\TileController::class, 'show'])
            ->where(['zoom' => '[0-9]{1,2}', 'x' => '[0-9]{1,7}', 'y' => '[0-9]{1,7}']);
    });
Route::prefix('taken/{key}')
    ->where(['key' => '[A-Za-z0-9_-]{40,4000}'])
    ->middleware('throttle:taken')
    ->group(function (): void {
        Route::get('', [C\DeviceController::class, 'page'])->defaults('way', 'taken');
        Route::get('outside', [C\TakenController::class, 'outside']);
        Route::get('for/{store}', [C\TakenController::class, 'picture'])->whereIn('store', ['quay', 'pier']);
    });
Route::get('media/{id}/{name}', [C\AssetController::class, 'show'])
    ->where('id', '[0-9]{1,18}')
    ->where('name', '[0-9a-f]{64}\.(png|jpg|webp|pdf|txt|csv|mp3|wav|zip|mp4|mov|webm|m4a|ogg)')
    ->middleware('throttle:media');

// What somebody's own calendar reads, at an address that nobody can guess.
Route::get('calendar/{set}/{slug}/{code}/{calendar}.ics', C\CalendarController::class)
    ->whereIn('set', ['sandbox', 'live'])
    ->where('code', '[0-9]{1,15}-[0-9a-f]{32}')
    ->where('calendar', '[a-z0-9_]{1,100}')
    ->middleware('throttle:page');

// Proves over an address that this very server answers there.
Route::get('reach/{nonce}', fn (string $nonce) => response(ServerAddress::proof($nonce), 200, ['Content-Type' => 'text/plain']))
    ->where('nonce', '[0-9a-f]{32}')
    ->middleware('throttle:page');

// What search engines may look through.
Route::get('robots.txt', [C\SearchEngineController::class, 'robots'])->middleware('throttle:page');
Route::get('sitemap.xml', [C\SearchEngineController::class, 'sitemap'])->middleware('throttle:page');

// Who may sell adverts in the apps of this server.
Route::get('app-ads.txt', C\AdsTxtController::class)->middleware('throttle:page');

// A phone asks whose links open in which package: https://developers.google.com/digital-asset-links/v1/getting-started, from memory.
Route::get('.well-known/assetlinks.json', [C\HomeScreenController::class, 'links'])->middleware('throttle:page');
Route::get('.well-known/apple-app-site-association', [C\HomeScreenController::class, 'universal'])->middleware('throttle:page');
Route::prefix('a/{key}')
    ->middleware('throttle:page')
    ->group(function (): void {
        Route::get('manifest.webmanifest', [C\HomeScreenController::class, 'manifest']);
        Route::get('sw.js', [C\HomeScreenController::class, 'worker']);
        Route::get('icons/{purpose}-{side}.png', [C\HomeScreenController::class, 'icon'])
            ->whereIn('purpose', ['any', 'maskable'])
            ->whereIn('side', ['192', '512']);
        Route::get('get', [C\WaysInController::class, 'door']);
        Route::get('strip.js', [C\WaysInController::class, 'strip']);
        Route::get('badge.png', [C\WaysInController::class, 'badge']);
        Route::get('card.png', [C\WaysInController::class, 'card']);
    });
Route::get('a/{key}/{rest?}', [C\DeviceController::class, 'page'])
    ->where('rest', '.*')
    ->defaults('way', 'live');
Route::get('s/{key}/{rest?}', [C\DeviceController::class, 'page'])
    ->where('rest', '.*')
    ->defaults('way', 'share');
