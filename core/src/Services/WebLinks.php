<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use GuzzleHttp\Psr7\Uri;
use GuzzleHttp\Psr7\UriResolver;
use Lanai\Core\Text\Pattern;

/** Links in a Link header (RFC 8288, section 3). */
final class WebLinks
{
    /**
     * @return list<array{target: string, rel: list<string>, parameters: array<string, string>}>
     */
    public static function of(string $header): array
    {
        $links = [];
        $at = 0;
        while (Pattern::match('/\G[\s,]*<([^>]*)>/', $header, $target, from: $at)) {
            $at += strlen($target[0]);
            $parameters = [];
            while (
                Pattern::match(
                    '/\G\s*;\s*(?:([!#$%&\'*+.^_`|~0-9A-Za-z-]+)\s*(?:=\s*(?:"((?:[^"\\\\]|\\\\.)*)"|([^\s;,"]*)))?)?/',
                    $header,
                    $found,
                    from: $at,
                )
            ) {
                $at += strlen($found[0]);
                if (($found[1] ?? '') !== '') {
                    // Of a parameter that is said twice the first counts (section 3.3).
                    $parameters[strtolower($found[1])] ??= ($found[2] ?? '') !== '' ? stripslashes($found[2]) : $found[3] ?? '';
                }
            }
            $links[] = [
                'target' => $target[1],
                'rel' => Pattern::split('/\s+/', strtolower($parameters['rel'] ?? ''), flags: PREG_SPLIT_NO_EMPTY) ?: [],
                'parameters' => $parameters,
            ];
            if (! Pattern::match('/\G[^,]*,/', $header, $rest, from: $at)) {
                break;
            }
            $at += strlen($rest[0]);
        }

        return $links;
    }

    /** Where the link with this relation leads, from the address that was asked; null where there is none. */
    public static function target(string $header, string $relation, string $from): ?string
    {
        foreach (self::of($header) as $link) {
            if (in_array($relation, $link['rel'], true) && ! isset($link['parameters']['anchor'])) {
                return (string) UriResolver::resolve(new Uri($from), new Uri($link['target']));
            }
        }

        return null;
    }
}
