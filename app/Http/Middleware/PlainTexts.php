<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What is read as a text is one, in letters that can be read, and nothing larger comes in than anybody means to send. */
final class PlainTexts
{
    /** Bytes of a request that carries no files. */
    private const LARGEST = 40_000_000;

    /** Names under which every route wants one text. */
    private const TEXTS = [
        'address',
        'after',
        'as',
        'asks',
        'at',
        'before',
        'by',
        'client',
        'code',
        'device',
        'email',
        'error',
        'field',
        'finding',
        'form',
        'handle',
        'how',
        'invitation',
        'issuer',
        'join',
        'key',
        'kind',
        'known',
        'mode',
        'name',
        'now',
        'only',
        'password',
        'pending',
        'platform',
        'provider',
        'request',
        'role',
        'routine',
        'screen',
        'search',
        'secret',
        'service',
        'set',
        'sheet',
        'sort',
        'state',
        'store',
        'subject',
        'talk',
        'tap',
        'target',
        'text',
        'token',
        'way',
        'what',
        'where',
        'words',
        'zone',
    ];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ((int) $request->header('Content-Length', '0') > self::LARGEST && ! str_starts_with((string) $request->header('Content-Type'), 'multipart/')) {
            return self::refused('', 'This is more than can be sent at once.', 413);
        }
        $given = [...$request->query->all(), ...$request->request->all(), ...$request->isJson() ? $request->json()->all() : []];
        foreach (self::TEXTS as $name) {
            if (is_array($given[$name] ?? null)) {
                return self::refused($name, "“{$name}” must be one text.", 422);
            }
        }
        $unread = self::unread($given);

        return $unread === null ? $next($request) : self::refused($unread, 'This holds letters that cannot be read (it is not UTF-8).', 422);
    }

    /** @param  array<array-key, mixed>  $given */
    private static function unread(array $given): ?string
    {
        foreach ($given as $name => $value) {
            $wrong = is_array($value) ? self::unread($value) !== null : is_string($value) && ! mb_check_encoding($value, 'UTF-8');
            if ($wrong || (is_string($name) && ! mb_check_encoding($name, 'UTF-8'))) {
                return mb_scrub((string) $name);
            }
        }

        return null;
    }

    private static function refused(string $name, string $sentence, int $status): JsonResponse
    {
        return response()->json(['message' => $sentence] + ($name === '' ? [] : ['errors' => [$name => [$sentence]]]), $status);
    }
}
