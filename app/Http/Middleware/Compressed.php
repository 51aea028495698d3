<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Answers of some size go compressed to whoever takes them so (RFC 9110, 8.4.1; gzip: RFC 1952); files and streams stay as they are. */
final class Compressed
{
    /** Below this many bytes it is not worth the while. */
    private const LEAST = 1400;

    /** Quick, and still a fifth of a view. */
    private const LEVEL = 4;

    public function handle(Request $request, Closure $next): mixed
    {
        $answer = $next($request);
        if (! ($answer instanceof JsonResponse) && ! ($answer instanceof Response)) {
            return $answer;
        }
        $answer->setVary('Accept-Encoding', false);
        $content = (string) $answer->getContent();
        if (strlen($content) < self::LEAST || $answer->headers->has('Content-Encoding') || ! in_array('gzip', $request->getEncodings(), true)) {
            return $answer;
        }
        $packed = gzencode($content, self::LEVEL);
        if ($packed !== false) {
            $answer->setContent($packed);
            $answer->headers->set('Content-Encoding', 'gzip');
            $answer->headers->set('Content-Length', (string) strlen($packed));
        }

        return $answer;
    }
}
