<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Packaging\OwnAddress;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Under a name of its own there is one app, and nothing else of Lanai: no studio, and no other app. */
final class OwnHosts
{
    /** What belongs to no app, or says by itself whose it is. */
    private const SHARED = [
        'build/*', 'media/*', 'paid/*', 'back/*', 'receipt/*', 'rest/*', 'hook/*', 'heard/*', 'calendar/*', 'reach/*', 'try/*', 'robots.txt', 'sitemap.xml',
        'app-ads.txt', '.well-known/*', 'favicon.*',
    ];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $own = OwnAddress::at($request->getHost());
        if ($own === null) {
            return $next($request);
        }
        ['slug' => $slug, 'code' => $code] = $own;
        if ($request->path() === '/') {
            return redirect("/a/$slug".($request->getQueryString() === null ? '' : '?'.$request->getQueryString()));
        }
        $ofApp = ["a/$slug", "a/$slug/*", "device/live/$slug/*", "s/$code", "s/$code/*", "device/share/$code/*", "p/$slug/*"];
        abort_unless($request->is(...$ofApp, ...self::SHARED), 404);

        return $next($request);
    }
}
