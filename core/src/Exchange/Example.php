<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange;

use Lanai\Core\Model\Services\Secret;
use Lanai\Core\Model\Services\SignsIn;
use Lanai\Core\Services\Request;
use Lanai\Core\Text\Pattern;

/** One call as it was read from somewhere, with the key taken out of it. */
final readonly class Example
{
    /**
     * @param  list<array{string, string}>  $headers
     * @param  'json'|'form'|'pieces'|''  $kind  of the body
     * @param  list<array{string, mixed}>  $body  way and value
     * @param  array<string, mixed>|null  $signing  data of a SignsIn
     */
    public function __construct(
        public string $method,
        public string $url,
        public array $headers = [],
        public string $kind = '',
        public array $body = [],
        public ?array $signing = null,
        #[\SensitiveParameter] public ?Secret $secret = null,
    ) {
    }

    private const KEYS = '/^(x-)?(api[-_]?key|apikey|app[-_]?id|app[-_]?key|access[-_]?token|auth[-_]?token|token|key|subscription[-_]?key|'
        .'client[-_]?secret|secret)$/i';

    /** Names that say nothing about the question. */
    private const IDLE = [
        'host',
        'user-agent',
        'accept',
        'content-type',
        'content-length',
        'connection',
        'accept-encoding',
        'cookie',
        'origin',
        'referer',
        'cache-control',
        'pragma',
    ];

    /**
     * @param  list<array{string, string}>  $headers
     *
     * @throws NotUnderstood
     */
    public static function of(string $method, string $url, array $headers, string $body, string $kind = '', ?string $user = null): self
    {
        $method = strtoupper($method);
        if (! isset(Request::METHODS[$method])) {
            throw new NotUnderstood("“{$method}” is not a method that can be used: GET, POST, PUT, PATCH or DELETE.");
        }
        if (! Pattern::match('~^https?://[^/\s?#]+~i', $url)) {
            throw new NotUnderstood('“'.mb_substr($url, 0, 80).'” is not an address of the web, such as https://api.example.com/v1/things.');
        }
        $signing = $secret = null;
        $kept = [];
        $type = '';
        foreach ($headers as [$name, $value]) {
            if (strcasecmp($name, 'content-type') === 0) {
                $type = strtolower($value);
            }
            if (strcasecmp($name, 'authorization') === 0) {
                [$signing, $secret] = self::authorization($value);
            } elseif (Pattern::match(self::KEYS, $name) || Pattern::match('/(^|[-_])(key|token|secret)$/i', $name)) {
                [$signing, $secret] = [['kind' => 'header', 'header' => $name], new Secret($value)];
            } elseif (! in_array(strtolower($name), self::IDLE, true)) {
                $kept[] = [$name, $value];
            }
        }
        if ($user !== null) {
            [$name, $password] = [...explode(':', $user, 2), ''];
            [$signing, $secret] = [['kind' => 'basic'], new Secret($password, $name)];
        }
        [$url, $key] = self::withoutKey($url);
        if ($key !== null) {
            [$signing, $secret] = [['kind' => 'query', 'query' => $key[0]], new Secret($key[1])];
        }
        [$kind, $parts] = self::body(
            $body,
            match (true) {
                $kind !== '' => $kind,
                str_contains($type, 'json') => 'json',
                str_contains($type, 'urlencoded') => 'form',
                default => '',
            },
        );

        return new self(
            $method,
            $url,
            $kept,
            $kind,
            $parts,
            $signing,
            $secret !== null && Pattern::match('/^[<{$\[]|^(your|my)[_ -]|_here$|^x+$/i', $secret->secret) ? null : $secret,
        );
    }

    /** @return array{array<string, mixed>, Secret} */
    private static function authorization(string $value): array
    {
        if (Pattern::match('/^Basic\s+(\S+)$/i', trim($value), $found)) {
            [$name, $password] = [...explode(':', (string) base64_decode($found[1], true), 2), ''];

            return [['kind' => 'basic'], new Secret($password, $name)];
        }
        if (Pattern::match('/^Bearer\s+(.+)$/i', trim($value), $found)) {
            return [['kind' => 'bearer'], new Secret($found[1])];
        }

        return [['kind' => 'header', 'header' => 'Authorization'], new Secret(trim($value))];
    }

    /** @return array{string, array{string, string}|null} the address without its key, and the key */
    private static function withoutKey(string $url): array
    {
        [$way, $query] = [...explode('?', explode('#', $url)[0], 2), ''];
        $kept = [];
        $key = null;
        foreach ($query === '' ? [] : explode('&', $query) as $pair) {
            [$name, $value] = array_map(urldecode(...), [...explode('=', $pair, 2), '']);
            if ($key === null && Pattern::match(self::KEYS, $name) && $value !== '') {
                $key = [$name, $value];
            } else {
                $kept[] = $pair;
            }
        }

        return [$way.($kept === [] ? '' : '?'.implode('&', $kept)), $key];
    }

    /** @return array{'json'|'form'|'pieces'|'', list<array{string, mixed}>} */
    private static function body(string $body, string $kind): array
    {
        if ($body === '') {
            return ['', []];
        }
        $json = json_decode($body, true);
        if ($kind === 'json' || ($kind === '' && is_array($json))) {
            if (! is_array($json)) {
                throw new NotUnderstood('The body says that it is JSON, but it cannot be read: '.json_last_error_msg().'.');
            }

            return ['json', self::leaves($json, '')];
        }
        $pairs = [];
        foreach (explode('&', $body) as $pair) {
            [$name, $value] = array_map(urldecode(...), [...explode('=', $pair, 2), '']);
            $pairs[] = [$name, $value];
        }

        return [$kind === 'pieces' ? 'pieces' : 'form', $pairs];
    }

    /**
     * @param  array<array-key, mixed>  $json
     * @return list<array{string, mixed}>
     */
    private static function leaves(array $json, string $at): array
    {
        $found = [];
        foreach ($json as $key => $value) {
            $way = is_int($key) ? "{$at}[$key]" : ltrim($at.'.'.addcslashes($key, '.[]\\'), '.');
            array_push(
                $found,
                ...match (true) {
                    is_array($value) && $value !== [] => self::leaves($value, $way),
                    $value === [] || $value === null => [],
                    default => [[$way, $value]],
                },
            );
        }

        return $found;
    }
}
