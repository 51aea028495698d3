<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange;

/** Calls as an HTTP archive (HAR 1.2), without what shows who calls. */
final class Har
{
    /**
     * @param  list<array{method: string, url: string, headers: array<string, string>, body: string, type: string, status: int, answer: array<string,
     *   string>, content: string, at: string, ms: float}>  $calls  at as ISO 8601
     * @return array<string, mixed>
     */
    public static function of(array $calls): array
    {
        return ['log' => ['version' => '1.2', 'creator' => ['name' => 'Lanai', 'version' => '1'], 'entries' => array_map(self::entry(...), $calls)]];
    }

    /**
     * @param  array{method: string, url: string, headers: array<string, string>, body: string, type: string, status: int, answer: array<string,
     *   string>, content: string, at: string, ms: float}  $call
     * @return array<string, mixed>
     */
    private static function entry(array $call): array
    {
        $pairs = fn (array $headers): array => array_map(
            fn (string $name, mixed $value): array => ['name' => $name, 'value' => is_scalar($value) ? (string) $value : ''],
            array_map(strval(...), array_keys($headers)),
            $headers,
        );
        $query = [];
        foreach (array_filter(explode('&', explode('?', $call['url'], 2)[1] ?? '')) as $pair) {
            [$name, $value] = array_map(urldecode(...), [...explode('=', $pair, 2), '']);
            $query[] = ['name' => $name, 'value' => $value];
        }

        return [
            'startedDateTime' => $call['at'],
            'time' => $call['ms'],
            'request' => [
                'method' => $call['method'],
                'url' => $call['url'],
                'httpVersion' => 'HTTP/1.1',
                'cookies' => [],
                'headers' => $pairs($call['headers']),
                'queryString' => $query,
                'headersSize' => -1,
                'bodySize' => strlen($call['body']),
            ] + ($call['body'] === '' ? [] : ['postData' => ['mimeType' => $call['type'], 'text' => $call['body']]]),
            'response' => [
                'status' => $call['status'],
                'statusText' => '',
                'httpVersion' => 'HTTP/1.1',
                'cookies' => [],
                'headers' => $pairs($call['answer']),
                'content' => ['size' => strlen($call['content']), 'mimeType' => $call['answer']['content-type'] ?? '', 'text' => $call['content']],
                'redirectURL' => '',
                'headersSize' => -1,
                'bodySize' => strlen($call['content']),
            ],
            'cache' => (object) [],
            'timings' => ['send' => 0, 'wait' => $call['ms'], 'receive' => 0],
        ];
    }
}
