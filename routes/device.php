<?php

declare(strict_types=1);

use App\Http\Controllers as C;
use Illuminate\Support\Facades\Route;

Route::post('view', [C\DeviceController::class, 'view'])->middleware('throttle:view');
Route::post('do', [C\DeviceController::class, 'tap'])->middleware('throttle:tap');
Route::get('pulse', [C\DeviceController::class, 'pulse'])->middleware('throttle:pulse');
Route::get('outlines', [C\DeviceController::class, 'outlines'])->middleware('throttle:outlines');
Route::get('words/{tongue}', [C\DeviceController::class, 'words'])->where('tongue', '[A-Za-z-]{2,35}')->middleware('throttle:words');
Route::post('tell', [C\DeviceController::class, 'tell'])->middleware('throttle:trouble');
Route::post('trouble', [C\DeviceController::class, 'trouble'])->middleware('throttle:trouble');
Route::post('arrive', [C\DeviceController::class, 'arrive'])->middleware('throttle:arrive');
Route::post('bought', [C\DeviceController::class, 'bought'])->middleware('throttle:arrive');
Route::post('mine', [C\DeviceController::class, 'mine'])->middleware('throttle:mine');
Route::post('said', [C\TalkController::class, 'said'])->middleware('throttle:say');
Route::post('say', [C\TalkController::class, 'say'])->middleware('throttle:say');
Route::post('why', [C\DeviceController::class, 'why'])->middleware('throttle:view');
Route::post('whence', [C\DeviceController::class, 'whence'])->middleware('throttle:view');
Route::get('tiles/{zoom}/{x}/{y}', [C\TileController::class, 'show'])
    ->where(['zoom' => '[0-9]{1,2}', 'x' => '[0-9]{1,7}', 'y' => '[0-9]{1,7}'])
    ->middleware('throttle:tiles');
Route::post('count', C\CountController::class)->middleware('throttle:count');
Route::get('notify/key', [C\NotifyController::class, 'key'])->middleware('throttle:notify');
Route::post('notify', [C\NotifyController::class, 'keep'])->middleware('throttle:notify');
Route::post('notify/lies', [C\NotifyController::class, 'lies'])->middleware('throttle:pulse');
Route::post('notify/fetch', [C\NotifyController::class, 'fetch'])->middleware('throttle:pulse');
Route::post('notify/came', [C\NotifyController::class, 'came'])->middleware('throttle:notify');
Route::post('notify/opened', [C\NotifyController::class, 'opened'])->middleware('throttle:notify');
Route::post('advert', [C\AdvertController::class, 'show'])->middleware('throttle:advert');
Route::post('advert/seen', [C\AdvertController::class, 'seen'])->middleware('throttle:advert');
Route::post('advert/told', [C\AdvertController::class, 'happened'])->middleware('throttle:advert');
Route::post('advert/reward', [C\AdvertController::class, 'reward'])->middleware('throttle:advert');
Route::post('advert/consent', [C\AdvertController::class, 'allow'])->middleware('throttle:arrive');
Route::get('advert/{advert}/film', [C\AdvertController::class, 'film'])->where('advert', '[0-9a-f]{32}')->middleware('throttle:advert');
Route::get('advert/{advert}/picture', [C\AdvertController::class, 'picture'])->where('advert', '[0-9a-f]{32}')->middleware('throttle:advert');
Route::get('advert/{advert}/out', [C\AdvertController::class, 'out'])->where('advert', '[0-9a-f]{32}')->middleware('throttle:back');
Route::post('pictures', [C\DeviceController::class, 'picture'])->middleware('throttle:upload');
