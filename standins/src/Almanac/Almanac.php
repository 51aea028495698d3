<?php

declare(strict_types=1);

namespace Standins\Almanac;

use Standins\Answer;
use Standins\Switches;

/** Sea and weather for made-up places: the same for the same day, told in several ways of signing in and of paging. */
final readonly class Almanac
{
    /** What lets somebody in, for practice. */
    public const KEY = 'practice-key-of-the-sea';

    public const TOKEN = 'practice-token-of-the-sea';

    public const NAME = 'keeper';

    public const PASSWORD = 'practice-password-of-the-sea';

    public const CLIENT = 'saltlark';

    public const CLIENT_SECRET = 'practice-client-of-the-sea';

    private const TOKEN_LASTS = 600;

    public function __construct(private Switches $switches, private Sea $sea, private string $address)
    {
    }

    /**
     * @param  array<string, mixed>  $query
     * @param  array<string, mixed>  $form
     * @param  array<string, string>  $headers  by name in small letters
     */
    public function answer(string $method, string $path, array $query, array $form, array $headers, string $body): Answer
    {
        if ($path === '/') {
            return $this->switches->desk(
                'Almanac',
                '<h1>Sea and weather for places that do not exist</h1><p>Its description is at <a href="'.
                    $this->address.
                    '/v1/openapi.json">/v1/openapi.json</a>. It wants the key <code>'.
                    self::KEY.
                    '</code> in the header X-Almanac-Key.</p>',
                $this->address,
            );
        }
        if ($path === '/switches') {
            return $this->switches->arranged($method, $form, str_contains($headers['accept'] ?? '', 'html'), $this->address);
        }
        if ($path === '/v1/openapi.json') {
            return Answer::json(200, Description::of("$this->address/v1"));
        }
        if ($path === '/oauth/token' && $method === 'POST') {
            return $this->token($form, $headers);
        }
        [$way, $rest] = preg_match('~^/(v1|bearer|basic|oauth)(/.*)$~', $path, $found) === 1 ? [$found[1], $found[2]] : ['', ''];
        if ($way === '') {
            return Answer::problem(404, 'There is nothing here. Try /v1/spots.');
        }
        $this->switches->count();
        $refused = $this->refused($way, $headers, $query);

        return $this->switches->through($refused ?? $this->tell($method, $rest, $query, $headers, $body));
    }

    /**
     * @param  array<string, string>  $headers
     * @param  array<string, mixed>  $query
     */
    private function refused(string $way, array $headers, array $query): ?Answer
    {
        $given = $headers['authorization'] ?? '';
        $good = match ($way) {
            'v1' => hash_equals(self::KEY, $headers['x-almanac-key'] ?? '') || hash_equals(self::KEY, is_string($query['key'] ?? null) ? $query['key'] : ''),
            'bearer' => hash_equals('Bearer '.self::TOKEN, $given),
            'basic' => hash_equals('Basic '.base64_encode(self::NAME.':'.self::PASSWORD), $given),
            default => $this->isToken($given),
        };
        $challenge = ['v1' => 'Key header="X-Almanac-Key"', 'basic' => 'Basic realm="Almanac"'][$way] ?? 'Bearer realm="Almanac"';

        return $good
            ? null
            : new Answer(
                401,
                (string) json_encode([
                    'message' => $given === '' && ! isset($headers['x-almanac-key']) ? 'Please say who you are.' : 'That is not known here.',
                ]),
                ['Content-Type' => 'application/json', 'WWW-Authenticate' => $challenge],
            );
    }

    /**
     * @param  array<string, mixed>  $query
     * @param  array<string, string>  $headers
     */
    private function tell(string $method, string $path, array $query, array $headers, string $body): Answer
    {
        $number = fn (string $name, int $otherwise, int $most): int => is_string($query[$name] ?? null) && ctype_digit($query[$name])
            ? max(1, min($most, (int) $query[$name]))
            : $otherwise;
        if ($path === '/reports' && $method === 'POST') {
            $report = json_decode($body, true);

            return is_array($report) && is_string($report['words'] ?? null) && $report['words'] !== ''
                ? Answer::json(201, ['number' => (crc32($body) % 90000) + 10000, 'words' => $report['words'], 'spot' => $report['spot'] ?? null])
                : Answer::json(422, ['message' => '“words” is needed.']);
        }
        if ($method !== 'GET') {
            return new Answer(405, '{"message":"This can only be read."}', ['Content-Type' => 'application/json', 'Allow' => 'GET']);
        }
        if ($path === '/spots') {
            return $this->spots($number('page', 1, 1000), $number('per_page', 10, 50));
        }
        if ($path === '/stations') {
            return $this->stations(is_string($query['cursor'] ?? null) ? $query['cursor'] : '', $number('limit', 8, 50));
        }
        if (preg_match('~^/stations/(\d{1,6})$~', $path, $found) === 1) {
            $station = array_column($this->sea->stations(), null, 'id')[(int) $found[1]] ?? null;

            return $station === null ? Answer::problem(404, "There is no station $found[1].") : $this->fresh($station, 600, $headers);
        }
        if (preg_match('~^/spots/([A-Za-z0-9-]+)(/conditions|/warnings)?$~', $path, $found) === 1) {
            $spot = $this->sea->spot($found[1]);

            return match (true) {
                $spot === null => Answer::problem(
                    404,
                    'There is no spot with the code “'.
                        $found[1].
                        '”.'.
                        ($this->sea->spot(strtolower($found[1])) === null ? '' : ' Codes are in small letters.'),
                ),
                ($found[2] ?? '') === '/conditions' => $this->fresh($this->sea->conditions($spot, $number('days', 7, 14)), 300, $headers),
                ($found[2] ?? '') === '/warnings' => new Answer(200, (string) json_encode($this->sea->warnings($spot)), [
                    'Content-Type' => 'application/json',
                    'Cache-Control' => 'no-store',
                ]),
                default => $this->fresh($spot, 3600, $headers),
            };
        }

        return Answer::problem(404, 'There is nothing at this address.');
    }

    /** Pages by number, with links as in RFC 8288. */
    private function spots(int $page, int $size): Answer
    {
        $all = $this->sea->spots();
        $last = (int) ceil(count($all) / $size);
        $link = fn (int $to, string $relation): string => "<$this->address/v1/spots?page=$to&per_page=$size>; rel=\"$relation\"";
        $links = array_filter([
            $page < $last ? $link($page + 1, 'next') : '',
            $page > 1 ? $link($page - 1, 'prev') : '',
            $link(1, 'first'),
            $link($last, 'last'),
        ]);

        return new Answer(200, (string) json_encode(array_slice($all, ($page - 1) * $size, $size), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), [
            'Content-Type' => 'application/json',
            'Cache-Control' => 'max-age=60',
            'Link' => implode(', ', $links),
        ]);
    }

    /** Pages by a cursor that means nothing to others. */
    private function stations(string $cursor, int $size): Answer
    {
        $all = $this->sea->stations();
        $from = (int) base64_decode(strtr($cursor, '-_', '+/'));
        $next = $from + $size < count($all) ? rtrim(strtr(base64_encode((string) ($from + $size)), '+/', '-_'), '=') : null;

        return Answer::json(200, ['data' => array_slice($all, $from, $size), 'next' => $next]);
    }

    /**
     * With a validator and a time for which it is fresh (RFC 9110, section 8.8; RFC 9111, section 5.2).
     *
     * @param  array<string, mixed>  $told
     * @param  array<string, string>  $headers
     */
    private function fresh(array $told, int $seconds, array $headers): Answer
    {
        $body = (string) json_encode($told, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
        $tag = '"'.substr(sha1($body), 0, 16).'"';
        $kept = ['Cache-Control' => "max-age=$seconds", 'ETag' => $tag, 'Date' => gmdate('D, d M Y H:i:s').' GMT'];

        return ($headers['if-none-match'] ?? '') === $tag
            ? new Answer(304, '', $kept)
            : new Answer(200, $body, ['Content-Type' => 'application/json'] + $kept);
    }

    /**
     * OAuth 2 client credentials (RFC 6749, section 4.4).
     *
     * @param  array<string, mixed>  $form
     * @param  array<string, string>  $headers
     */
    private function token(array $form, array $headers): Answer
    {
        [$name, $secret] =
            preg_match('/^Basic (\S+)$/', $headers['authorization'] ?? '', $found) === 1
                ? array_map(urldecode(...), explode(':', (string) base64_decode($found[1]), 2) + [1 => ''])
                : ['', ''];
        if ($name !== self::CLIENT || ! hash_equals(self::CLIENT_SECRET, $secret)) {
            return Answer::json(401, ['error' => 'invalid_client']);
        }
        if (($form['grant_type'] ?? '') !== 'client_credentials') {
            return Answer::json(400, ['error' => 'unsupported_grant_type']);
        }
        $until = time() + self::TOKEN_LASTS;

        return Answer::json(200, [
            'access_token' => $until.'.'.hash_hmac('sha256', (string) $until, self::CLIENT_SECRET),
            'token_type' => 'Bearer',
            'expires_in' => self::TOKEN_LASTS,
        ]);
    }

    private function isToken(string $given): bool
    {
        return preg_match('/^Bearer (\d+)\.([0-9a-f]{64})$/', $given, $found) === 1 &&
            (int) $found[1] > time() &&
            hash_equals(hash_hmac('sha256', $found[1], self::CLIENT_SECRET), $found[2]);
    }
}
