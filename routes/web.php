<?php

declare(strict_types=1);

use App\Http\Controllers as C;
use App\Models\App;
use App\Models\Founder;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;

// A founder reaches only their own apps; anybody else's are not there.
Route::bind('app', function (string $id): App {
    $founder = request()->user();
    abort_unless($founder instanceof Founder && ctype_digit($id), 404);

    return $founder->apps()->with('revision')->findOrFail($id);
});

Route::prefix('api')->group(function (): void {
    Route::get('session', [C\SessionController::class, 'show']);
    Route::post('session', [C\SessionController::class, 'store'])->middleware('throttle:sign-in');
    Route::post('founders', [C\SessionController::class, 'register'])->middleware('throttle:sign-up');
    Route::post('password/forgot', [C\AccountController::class, 'forgot'])->middleware('throttle:forgot');
    Route::post('password/reset', [C\AccountController::class, 'reset'])->middleware('throttle:sign-in');
    Route::delete('session', [C\SessionController::class, 'destroy']);

    Route::middleware(['auth', 'throttle:founder'])->group(function (): void {
        Route::get('account', [C\AccountController::class, 'show']);
        Route::middleware('throttle:account')
            ->prefix('account')
            ->group(function (): void {
                Route::post('email', [C\AccountController::class, 'email']);
                Route::post('password', [C\AccountController::class, 'password']);
                Route::delete('places/{place?}', [C\AccountController::class, 'leave'])->where('place', '[0-9]{1,18}');
                Route::post('invitations', [C\AccountController::class, 'invite']);
            });
        Route::get('apps', [C\AppController::class, 'index']);
        Route::post('apps', [C\AppController::class, 'store']);
        Route::post('apps/from-file', [C\AppController::class, 'fromFile']);
        Route::get('starters', [C\AppController::class, 'starters']);
        Route::get('starters/{key}', [C\AppController::class, 'starter'])->middleware('throttle:reading');
        Route::post('read', C\ReadingController::class)->middleware('throttle:reading');
        Route::post('apps/removed/{removed}/back', [C\AppController::class, 'back'])->where('removed', '[0-9]{1,18}');
        Route::get('apps/{app}', [C\AppController::class, 'show']);
        Route::patch('apps/{app}', [C\AppController::class, 'update']);
        Route::delete('apps/{app}', [C\AppController::class, 'remove']);
        Route::post('apps/{app}/twin', [C\AppController::class, 'twin']);
        Route::get('apps/{app}/seen', [C\AppController::class, 'seen']);
        Route::get('apps/{app}/script', [C\AppController::class, 'script']);
        Route::get('apps/{app}/revisions', [C\AppController::class, 'revisions']);
        Route::get('apps/{app}/blank', [C\EditController::class, 'blank']);
        Route::get('apps/{app}/mend', [C\EditController::class, 'mend']);
        Route::post('apps/{app}/mend', [C\EditController::class, 'mended']);
        Route::get('apps/{app}/offers', [C\EditController::class, 'offers']);
        Route::get('apps/{app}/beginnings', [C\EditController::class, 'beginnings']);
        Route::get('apps/{app}/page', [C\EditController::class, 'page']);
        Route::post('apps/{app}/edits', [C\EditController::class, 'store']);
        Route::post('apps/{app}/say', [C\SayingController::class, 'hear'])->middleware('throttle:reading');
        Route::get('apps/{app}/errands', [C\ErrandController::class, 'index'])->middleware('throttle:reading');
        Route::get('apps/{app}/errands.txt', [C\ErrandController::class, 'text']);
        Route::post('apps/{app}/errands/roam', [C\ErrandController::class, 'roam'])->middleware('throttle:rehearsal');
        Route::get('apps/{app}/next', [C\SayingController::class, 'next'])->middleware('throttle:reading');
        Route::post('apps/{app}/amiss', [C\SayingController::class, 'amiss'])->middleware('throttle:reading');
        Route::post('apps/{app}/say/try', [C\SayingController::class, 'try'])->middleware('throttle:rehearsal');
        Route::delete('apps/{app}/say/try', [C\SayingController::class, 'end']);
        Route::post('apps/{app}/say/take', [C\SayingController::class, 'take']);
        Route::post('apps/{app}/undo', [C\EditController::class, 'undo']);
        Route::post('apps/{app}/redo', [C\EditController::class, 'redo']);
        Route::post('apps/{app}/assets', [C\AssetController::class, 'store']);
        Route::post('apps/{app}/live', [C\ReleaseController::class, 'live']);
        Route::post('apps/{app}/live/coming', [C\ReleaseController::class, 'coming']);
        Route::post('apps/{app}/live/back', [C\ReleaseController::class, 'back']);
        Route::get('apps/{app}/rows/{set}/{table}', [C\RowController::class, 'index']);
        Route::post('apps/{app}/rows/{set}/{table}', [C\RowController::class, 'write']);
        Route::get('apps/{app}/rows/{set}/{table}/anchors', [C\RowController::class, 'anchors']);
        Route::get('apps/{app}/rows/{set}/{table}/choices', [C\RowController::class, 'choices']);
        Route::get('apps/{app}/rows/{set}/{table}/summary', [C\RowController::class, 'summary']);
        Route::post('apps/{app}/rows/{set}/{table}/remove', [C\RowController::class, 'remove']);
        Route::post('apps/{app}/rows/{set}/{table}/restore', [C\RowController::class, 'restore']);
        Route::get('apps/{app}/rows/{set}/{table}/{row}', [C\RowController::class, 'show'])->where('row', '[0-9]{1,18}');
        Route::get('apps/{app}/rows/{set}/{table}/export', [C\ExchangeController::class, 'export']);
        Route::get('apps/{app}/rows/{set}/{table}/compare', [C\ExchangeController::class, 'compare']);
        Route::post('apps/{app}/rows/{set}/{table}/copy', [C\ExchangeController::class, 'copy']);
        Route::post('apps/{app}/samples/{table}', [C\ExchangeController::class, 'samples']);
        Route::delete('apps/{app}/samples/{table}', [C\ExchangeController::class, 'removeSamples']);
        Route::post('apps/{app}/rows/{set}/{table}/imports', [C\ImportController::class, 'store']);
        Route::get('apps/{app}/imports/{import}', [C\ImportController::class, 'show'])->where('import', '[0-9]{1,18}');
        Route::delete('apps/{app}/imports/{import}', [C\ImportController::class, 'cancel'])->where('import', '[0-9]{1,18}');
        Route::post('apps/{app}/imports/{import}/sheet', [C\ImportController::class, 'sheet'])->where('import', '[0-9]{1,18}');
        Route::post('apps/{app}/imports/{import}/preview', [C\ImportController::class, 'preview'])->where('import', '[0-9]{1,18}');
        Route::post('apps/{app}/imports/{import}/run', [C\ImportController::class, 'run'])->where('import', '[0-9]{1,18}');
        Route::get('apps/{app}/ways', [C\LayoutController::class, 'ways']);
        Route::post('apps/{app}/copied', [C\EditController::class, 'copied']);
        Route::get('apps/{app}/layout', [C\LayoutController::class, 'index']);
        Route::get('apps/{app}/layout/{slug}', [C\LayoutController::class, 'frames']);
        Route::get('apps/{app}/map', [C\ShapeController::class, 'map']);
        Route::get('apps/{app}/uses', [C\ShapeController::class, 'uses']);
        Route::post('apps/{app}/formula', [C\FormulaController::class, 'show']);
        Route::get('apps/{app}/people/{set}', [C\PeopleController::class, 'show'])->whereIn('set', ['sandbox', 'live']);
        Route::get('apps/{app}/people/{set}/{person}', [C\PeopleController::class, 'one'])
            ->whereIn('set', ['sandbox', 'live'])
            ->where('person', '[0-9]{1,18}');
        Route::post('apps/{app}/people/{set}/invite', [C\PeopleController::class, 'invite'])
            ->whereIn('set', ['sandbox', 'live'])
            ->middleware('throttle:invite');
        Route::post('apps/{app}/people/{set}/{person}', [C\PeopleController::class, 'act'])
            ->whereIn('set', ['sandbox', 'live'])
            ->where('person', '[0-9]{1,18}');
        Route::get('apps/{app}/access', [C\PeopleController::class, 'access']);
        Route::get('apps/{app}/access/{stored}/{row}', [C\PeopleController::class, 'verdict'])->where('row', '[0-9]{1,18}');
        Route::get('apps/{app}/sights', [C\PeopleController::class, 'sights']);
        Route::get('apps/{app}/providers', [C\PeopleController::class, 'providers']);
        Route::post('apps/{app}/providers/{set}', [C\PeopleController::class, 'provider'])->whereIn('set', ['sandbox', 'live']);
        Route::prefix('apps/{app}/services')->group(function (): void {
            Route::post('begin', [C\ServiceController::class, 'begin'])->middleware('throttle:service');
            Route::post('take', [C\ServiceController::class, 'take']);
            Route::match(['GET', 'POST'], 'rehearse', [C\ServiceController::class, 'rehearse']);
            Route::prefix('{set}')
                ->whereIn('set', ['sandbox', 'live'])
                ->group(function (): void {
                    Route::get('', [C\ServiceController::class, 'show']);
                    Route::post('secret', [C\ServiceController::class, 'secret']);
                    Route::delete('secret', [C\ServiceController::class, 'revoke']);
                    Route::post('try', [C\ServiceController::class, 'try'])->middleware('throttle:service');
                    Route::post('preview', [C\ServiceController::class, 'preview']);
                    Route::post('step', [C\ServiceController::class, 'step'])->middleware('throttle:service');
                    Route::post('point', [C\ServiceController::class, 'point']);
                    Route::post('pick', [C\ServiceController::class, 'pick']);
                    Route::post('shape', [C\ServiceController::class, 'shape']);
                    Route::post('further', [C\ServiceController::class, 'further']);
                    Route::get('calls.har', [C\ServiceController::class, 'har']);
                });
        });
        Route::prefix('apps/{app}/routines/{set}')
            ->whereIn('set', ['sandbox', 'live'])
            ->group(function (): void {
                Route::get('', [C\RoutineController::class, 'index']);
                Route::post('now', [C\RoutineController::class, 'now']);
                Route::post('runs/{run}', [C\RoutineController::class, 'again'])->where('run', '[0-9]{1,18}');
                Route::post('webhooks', [C\RoutineController::class, 'addWebhook']);
                Route::delete('webhooks/{hook}', [C\RoutineController::class, 'removeWebhook'])->where('hook', '[0-9]{1,18}');
            });
        Route::get('apps/{app}/tokens', [C\TokenController::class, 'index']);
        Route::post('apps/{app}/tokens', [C\TokenController::class, 'store']);
        Route::post('apps/{app}/tokens/document', [C\TokenController::class, 'document']);
        Route::delete('apps/{app}/tokens/{token}', [C\TokenController::class, 'destroy'])->where('token', '[0-9]{1,18}');
        Route::get('apps/{app}/pages', [C\PeopleController::class, 'pages']);
        Route::post('apps/{app}/pages', [C\PeopleController::class, 'visitPages']);
        Route::post('apps/{app}/rehearsal', [C\EarningsController::class, 'rehearse'])->middleware('throttle:rehearsal');
        Route::prefix('apps/{app}/tills/{set}')
            ->whereIn('set', ['sandbox', 'live'])
            ->group(function (): void {
                Route::get('', [C\EarningsController::class, 'tills']);
                Route::post('{till}', [C\EarningsController::class, 'putUp'])->whereIn('till', ['quay', 'pier']);
                Route::post('raise', [C\EarningsController::class, 'raise']);
            });
        Route::prefix('apps/{app}/payouts/{set}')
            ->whereIn('set', ['sandbox', 'live'])
            ->group(function (): void {
                Route::get('', [C\PayoutsController::class, 'show']);
                Route::post('', [C\PayoutsController::class, 'ask'])->middleware('throttle:rehearsal');
                Route::patch('', [C\PayoutsController::class, 'keep']);
            });
        Route::prefix('apps/{app}/books/{set}')
            ->whereIn('set', ['sandbox', 'live'])
            ->group(function (): void {
                Route::get('', [C\BooksController::class, 'show']);
                Route::post('check', [C\BooksController::class, 'check'])->middleware('throttle:rehearsal');
                Route::get('journal.csv', [C\BooksController::class, 'journal']);
                Route::patch('seller', [C\BooksController::class, 'seller']);
                Route::get('receipts/{number}.pdf', [C\BooksController::class, 'receipt'])->where('number', '[0-9]{1,9}');
                Route::get('receipts/{number}.xml', [C\BooksController::class, 'invoice'])->where('number', '[0-9]{1,9}');
            });
        Route::post('apps/{app}/adverts/forecast', [C\EarningsController::class, 'foresee'])->middleware('throttle:rehearsal');
        Route::prefix('apps/{app}/messages/{set}')
            ->whereIn('set', ['sandbox', 'live'])
            ->group(function (): void {
                Route::get('', [C\MessagesController::class, 'index']);
                Route::post('{message}/audience', [C\MessagesController::class, 'audience'])->middleware('throttle:rehearsal');
                Route::post('{message}/words', [C\MessagesController::class, 'words'])->middleware('throttle:rehearsal');
                Route::post('{message}/try', [C\MessagesController::class, 'try'])->middleware('throttle:service');
                Route::post('{message}/send', [C\MessagesController::class, 'send'])->middleware('throttle:service');
            });
        Route::get('apps/{app}/links/{slug}', [C\LinksController::class, 'show'])->where('slug', '[^/]{1,100}');
        Route::prefix('apps/{app}/languages/{tongue}')
            ->where(['tongue' => '[A-Za-z-]{2,8}'])
            ->group(function (): void {
                Route::get('', [C\LanguagesController::class, 'show']);
                Route::get('file', [C\LanguagesController::class, 'file']);
                Route::post('file', [C\LanguagesController::class, 'read']);
                Route::post('propose', [C\LanguagesController::class, 'propose'])->middleware('throttle:service');
                Route::get('layout', [C\LanguagesController::class, 'layout'])->middleware('throttle:rehearsal');
            });
        Route::get('apps/{app}/ways-in', [C\WaysInController::class, 'show']);
        Route::post('apps/{app}/reach/people', [C\ReachController::class, 'people'])->middleware('throttle:rehearsal');
        Route::delete('apps/{app}/reach/sandbox', [C\ReachController::class, 'forget']);
        Route::get('apps/{app}/reach/{set}', [C\ReachController::class, 'show'])->whereIn('set', ['sandbox', 'live']);
        Route::get('apps/{app}/reach/{set}/lines/{screen}', [C\ReachController::class, 'lines'])
            ->whereIn('set', ['sandbox', 'live'])
            ->where('screen', '[0-9]{1,5}');
        Route::get('apps/{app}/adverts/{set}', [C\EarningsController::class, 'adverts'])->whereIn('set', ['sandbox', 'live']);
        Route::get('apps/{app}/figures/{set}', [C\EarningsController::class, 'figures'])->whereIn('set', ['sandbox', 'live']);
        Route::get('apps/{app}/tide', [C\EarningsController::class, 'tide']);
        Route::post('apps/{app}/tide', [C\EarningsController::class, 'tell']);
        Route::delete('apps/{app}/tide/{purchase}', [C\EarningsController::class, 'forget'])->where('purchase', '[0-9]{1,18}');
        Route::prefix('apps/{app}/purchases/{set}/{person}')
            ->where(['set' => 'sandbox|live', 'person' => '[0-9]{1,18}'])
            ->group(function (): void {
                Route::get('', [C\EarningsController::class, 'purchases']);
                Route::post('', [C\EarningsController::class, 'give']);
                Route::delete('{purchase}', [C\EarningsController::class, 'takeBack'])->where('purchase', '[0-9]{1,18}');
                Route::post('{purchase}/back', [C\EarningsController::class, 'giveBack'])->where('purchase', '[0-9]{1,18}');
            });
        Route::get('apps/{app}/testers', [C\TestersController::class, 'show']);
        Route::post('apps/{app}/testers', [C\TestersController::class, 'invite'])->middleware('throttle:invite');
        Route::get('apps/{app}/stores', [C\SubmissionController::class, 'stands'])->middleware('throttle:service');
        Route::post('apps/{app}/stores/{store}', [C\SubmissionController::class, 'connect'])
            ->whereIn('store', ['pier', 'quay'])
            ->middleware('throttle:service');
        Route::delete('apps/{app}/stores/{store}', [C\SubmissionController::class, 'disconnect'])->whereIn('store', ['pier', 'quay']);
        Route::post('apps/{app}/testers/group', [C\TestersController::class, 'group']);
        Route::delete('apps/{app}/testers/{tester}', [C\TestersController::class, 'remove'])->where('tester', '[0-9]{1,18}');
        Route::delete('apps/{app}/feedback/{feedback}', [C\TestersController::class, 'forget'])->where('feedback', '[0-9]{1,18}');
        Route::get('apps/{app}/release', [C\ReleaseController::class, 'show']);
        Route::get('apps/{app}/declarations', [C\ReleaseController::class, 'declarations']);
        Route::get('apps/{app}/listing', [C\ReleaseController::class, 'listing']);
        Route::get('apps/{app}/review', [C\ReleaseController::class, 'review'])->middleware('throttle:service');
        Route::post('apps/{app}/reported/seen', [C\ReleaseController::class, 'seen']);
        Route::delete('apps/{app}/troubles/{trouble}', [C\ReleaseController::class, 'forget'])->where('trouble', '[0-9]{1,18}');
        Route::get('apps/{app}/key', [C\ReleaseController::class, 'key']);
        Route::get('apps/{app}/icon.png', [C\ReleaseController::class, 'icon']);
        Route::post('apps/{app}/own-host', [C\ReleaseController::class, 'ownHost']);
        Route::post('apps/{app}/own-host/prove', [C\ReleaseController::class, 'prove'])->middleware('throttle:service');
        Route::delete('apps/{app}/own-host', [C\ReleaseController::class, 'noOwnHost']);
        Route::post('apps/{app}/address', [C\ReleaseController::class, 'address'])->middleware('throttle:service');
        Route::post('apps/{app}/builds', [C\ReleaseController::class, 'build']);
        Route::delete('apps/{app}/builds/{build}', [C\ReleaseController::class, 'cancel'])->where('build', '[0-9]{1,18}');
        Route::get('apps/{app}/pictures', [C\PicturesController::class, 'show']);
        Route::post('apps/{app}/pictures', [C\PicturesController::class, 'take']);
        Route::get('apps/{app}/pictures/{build}/{tongue}/{name}.png', [C\PicturesController::class, 'picture'])
            ->where(['build' => '[0-9]{1,18}', 'tongue' => '[A-Za-z0-9-]{2,35}', 'name' => '[a-z0-9-]{1,40}']);
        Route::get('apps/{app}/builds/{build}/file', [C\ReleaseController::class, 'download'])->where('build', '[0-9]{1,18}');
        Route::post('apps/{app}/reviewer', [C\SubmissionController::class, 'reviewer'])->middleware('throttle:account');
        Route::delete('apps/{app}/reviewer', [C\SubmissionController::class, 'noReviewer']);
        Route::post('apps/{app}/voices/{voice}', [C\ReleaseController::class, 'answer'])->where('voice', '[0-9]{1,18}')->middleware('throttle:account');
        Route::post('apps/{app}/submissions', [C\SubmissionController::class, 'store']);
        foreach (['release', 'date', 'halt', 'withdraw', 'appeal'] as $what) {
            Route::post("apps/{app}/submissions/{submission}/$what", [C\SubmissionController::class, $what])->where('submission', '[0-9]{1,18}');
        }
    });
    Route::any('{any}', fn () => abort(404))->where('any', '.*');
});

// What the deck's devices ask, by the founder's session.
Route::prefix('device/{desk}/{key}')
    ->where(['desk' => 'deck|trial'])
    ->group(__DIR__.'/device.php');

Route::prefix('try/{key}')->where(['key' => '[A-Za-z0-9]{40}'])->group(function (): void {
    Route::get('', [C\TryController::class, 'show'])->middleware('throttle:page');
    Route::get('package', [C\TryController::class, 'package'])->middleware('throttle:page');
    Route::post('tell', [C\TryController::class, 'tell'])->middleware('throttle:upload');
});
Route::get('p/{slug}/{key}', [C\PublicPageController::class, 'show'])
    ->whereIn('key', ['privacy', 'terms', 'deletion'])
    ->middleware('throttle:page');
Route::post('p/{slug}/deletion', [C\PublicPageController::class, 'delete'])->middleware('throttle:deletion');
Route::get('receipt/{set}/{slug}/{number}', [C\BooksController::class, 'paper'])
    ->where(['set' => 'sandbox|live', 'number' => '[0-9]{1,9}'])
    ->middleware(['signed', 'throttle:page'])
    ->name('receipt');
Route::get('paid/{set}/{key}/{token}', [C\PaidController::class, 'show'])
    ->where(['set' => 'sandbox|live', 'token' => '[0-9a-f-]{36}'])
    ->middleware('throttle:back');
Route::match(['GET', 'POST'], 'back/{set}/{key}', [C\ReturnController::class, 'show'])
    ->where(['set' => 'live|sandbox'])
    ->middleware('throttle:back');

Route::get('deck/{key}', [C\DeviceController::class, 'page'])
    ->defaults('way', 'deck')
    ->middleware('auth');

Route::get('trial/{key}', [C\DeviceController::class, 'page'])
    ->where(['key' => '[A-Za-z0-9]{40}'])
    ->defaults('way', 'trial')
    ->middleware('auth');

Route::get('{any?}', fn (Request $request) => response()->view('studio'))->where(
    'any',
    '(?!api/|device/|trial/|build/|back/|paid/|p/|rest/|hook/|heard/|calendar/|receipt/|reach/|taken/).*',
);
