<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Pages may load scripts, styles and fonts only from here, and be framed only by the studio. */
final class SecurityHeaders
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'same-origin');
        $response->headers->remove('X-Powered-By');
        header_remove('X-Powered-By');
        if (config('lanai.hsts') > 0 && $request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', 'max-age='.config('lanai.hsts'));
        }
        // An app may show pictures, sounds and pages of the web; the studio shows pictures of its screens, nothing else from elsewhere.
        $app = $request->is('a/*', 's/*', 'deck/*', 'taken/*') ? "media-src 'self' https: blob:; frame-src 'self' https: http:; " : '';
        $response->headers->set(
            'Content-Security-Policy',
            "default-src 'self'; {$app}img-src 'self' https: data: blob:; style-src 'self' 'unsafe-inline'; font-src 'self' data:; frame-ancestors "
                ."'self'; object-src 'none'; base-uri 'self'",
        );

        return $response;
    }
}
