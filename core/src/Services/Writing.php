<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use GuzzleHttp\UriTemplate\UriTemplate;
use Lanai\Core\Model\Services\Message;
use Lanai\Core\Play\Scene;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Pattern;

/** Writes the message of a request: its address by RFC 6570, its query, headers and body. */
final class Writing
{
    /** @throws Refused where something that the address needs is not there, or would break the message */
    public static function of(Request $request, string $base, Scene $scene): Message
    {
        $known = [];
        foreach ($request->takes as $variable) {
            $known[$variable->key()] = JsonValues::of($scene->names[$variable->key()] ?? null);
        }
        self::complete($request, $known);
        $url = UriTemplate::expand($request->address, array_filter($known, fn (mixed $v): bool => $v !== null));
        if (! Pattern::match('~^(https?://|stand-in:)~i', $url)) {
            $url = $url === '' ? $base : rtrim($base, '/').(in_array($url[0], ['/', '?'], true) ? '' : '/').$url;
        }
        $message = new Message($request->method === '' ? 'GET' : $request->method, $url, ['Accept' => 'application/json']);
        $body = [];
        foreach ($request->sends as $i => $sent) {
            $value = $sent->value === '' ? null : JsonValues::of($scene->value($sent->value, "sends/$i/value"));
            if ($value === null || $sent->name === '') {
                continue;
            }
            $message = match ($sent->in) {
                'query' => self::query($message, $sent->name, $value),
                'header' => self::header($message, $sent->name, self::text($value)),
                default => $message,
            };
            if ($sent->in === 'body') {
                $body[] = [$sent->name, $value];
            }
        }
        if ($body === [] || in_array($message->method, ['GET', 'HEAD'], true)) {
            return $message;
        }

        return self::withBody($message, $request->body === '' ? 'json' : $request->body, $body);
    }

    /**
     * @param  array<string, mixed>  $known
     *
     * @throws Refused
     */
    private static function complete(Request $request, array $known): void
    {
        // What stands in the way itself, not behind a "?", must be there: without it the address means another thing.
        Pattern::matchAll('/\{([+\/.;]?)([^}?&#]+)\}/', $request->address, $found, PREG_SET_ORDER);
        foreach ($found as $expression) {
            foreach (explode(',', $expression[2]) as $name) {
                $name = rtrim($name, '*');
                $name = explode(':', $name)[0];
                if (($known[$name] ?? null) === null || $known[$name] === '') {
                    throw new Refused("$request->name cannot be asked: “{$name}” is not known here, and its address needs it.");
                }
            }
        }
    }

    private static function query(Message $message, string $name, mixed $value): Message
    {
        foreach (is_array($value) ? $value : [$value] as $one) {
            $message = $message->query($name, self::text($one));
        }

        return $message;
    }

    /** @throws Refused */
    private static function header(Message $message, string $name, string $value): Message
    {
        if (! Pattern::match("/^[!#$%&'*+.^_`|~0-9A-Za-z-]+$/", $name) || Pattern::match('/[\x00-\x08\x0A-\x1F\x7F]/', $value)) {
            throw new Refused("The header “{$name}” cannot carry this value.");
        }

        return $message->header($name, $value);
    }

    /** @param  list<array{string, mixed}>  $values */
    private static function withBody(Message $message, string $kind, array $values): Message
    {
        if ($kind === 'json') {
            $json = [];
            foreach ($values as [$name, $value]) {
                self::put($json, self::steps($name), $value);
            }

            return new Message(
                $message->method,
                $message->url,
                $message->headers,
                (string) json_encode($json, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION),
                'application/json',
                [],
                $message->wants,
            );
        }
        if ($kind === 'form') {
            return new Message(
                $message->method,
                $message->url,
                $message->headers,
                implode('&', array_map(fn (array $v): string => rawurlencode($v[0]).'='.rawurlencode(self::text($v[1])), $values)),
                'application/x-www-form-urlencoded',
                [],
                $message->wants,
            );
        }
        $pieces = array_map(
            fn (array $v): array => [
                'name' => $v[0],
                'value' => self::text($v[1]),
                'file' => is_string($v[1]) && Pattern::match('/^[0-9a-f]{64}\.[a-z0-9]{2,4}$/', $v[1]),
            ],
            $values,
        );

        return new Message($message->method, $message->url, $message->headers, '', 'multipart/form-data', $pieces, $message->wants);
    }

    /** @return list<string|int> */
    public static function steps(string $way): array
    {
        Pattern::matchAll('/\[(\d+)\]|((?:[^.\[\\\\]|\\\\.)+)/', $way, $found, PREG_SET_ORDER);

        return array_map(fn (array $m): string|int => ($m[2] ?? '') === '' ? (int) ($m[1] ?? 0) : stripslashes($m[2]), $found);
    }

    /**
     * @param  list<string|int>  $steps
     */
    private static function put(mixed &$json, array $steps, mixed $value): void
    {
        $here = &$json;
        foreach ($steps as $step) {
            if (! is_array($here)) {
                $here = [];
            }
            $here = &$here[$step];
        }
        $here = $value;
    }

    private static function text(mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? 'true' : 'false',
            is_scalar($value) => (string) $value,
            is_array($value) => (string) json_encode($value, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE),
            default => '',
        };
    }
}
