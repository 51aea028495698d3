<?php

declare(strict_types=1);

use App\Records\DataTrouble;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Formula\TextTooLong;
use Lanai\Core\Language\ScriptMistake;
use Lanai\Core\Text\PatternFailed;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        using: function (): void {
            Route::middleware('open')->group(__DIR__.'/../routes/open.php');
            Route::middleware('web')->group(__DIR__.'/../routes/web.php');
        },
        commands: __DIR__.'/../routes/console.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->alias(['throttle' => App\Http\Middleware\Throttle::class]);
        $middleware->group('open', [
            App\Http\Middleware\PlainTexts::class,
            Illuminate\Cookie\Middleware\EncryptCookies::class,
            Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse::class,
            Illuminate\Routing\Middleware\SubstituteBindings::class,
        ]);
        $middleware->redirectGuestsTo('/');
        $middleware->append(App\Http\Middleware\OwnHosts::class);
        $middleware->append(App\Http\Middleware\SecurityHeaders::class);
        $middleware->append(App\Http\Middleware\Compressed::class);
        $middleware->web(prepend: [App\Http\Middleware\PlainTexts::class]);
        $middleware->web(append: [App\Http\Middleware\StillSignedIn::class]);
        $middleware->prependToPriorityList(Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests::class, App\Http\Middleware\StillSignedIn::class);
        $proxies = array_values(array_filter(array_map(trim(...), explode(',', (string) env('LANAI_TRUSTED_PROXIES', '')))));
        if ($proxies !== []) {
            $middleware->trustProxies(at: $proxies);
        }
    })
    ->withCommands([__DIR__.'/../app/Console'])
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => $request->is('api/*', 'device/*', 'rest/*', 'hook/*'));
        $exceptions->dontReport([EditRefused::class, ScriptMistake::class]);
        $exceptions->render(
            fn (ThrottleRequestsException $often) => response()->json(
                ['message' => 'That was too often in a short time. Please wait a minute and try again.'],
                429,
                $often->getHeaders(),
            ),
        );
        $exceptions->render(fn (Throwable $trouble, Request $request) => DataTrouble::answer($trouble, $request));
        $exceptions->render(fn (TextTooLong $long) => response()->json(['message' => $long->getMessage()], 422));
        $exceptions->render(fn (PatternFailed $failed) => response()->json(['message' => $failed->getMessage()], 422));
        $exceptions->render(fn (EditRefused $refused) => response()->json(['message' => $refused->getMessage()], 409));
        $exceptions->render(
            fn (ScriptMistake $mistake) => response()->json(
                [
                    'message' => $mistake->getMessage(),
                    'line' => $mistake->scriptLine,
                    'column' => $mistake->column,
                    'expected' => $mistake->expected,
                ],
                422,
            ),
        );
    })
    ->create();
