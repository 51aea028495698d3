<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Services\Secret;
use Lanai\Core\Model\Services\Service;
use Lanai\Core\Services\JsonShape;
use Lanai\Core\Services\Parts;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** Begins a service from what a founder has at hand. Gives its data, and the secret that was found in it, apart. */
final class NewService
{
    private const LATEST = 12;

    /**
     * From a command for curl, a plain address, or a request as it goes over the wire; with an example of the answer where there is one.
     *
     * @return array{service: array<string, mixed>, secret: Secret|null}
     *
     * @throws NotUnderstood
     */
    public static function fromText(string $text, string $answer, Blueprint $blueprint): array
    {
        $text = trim($text);
        $example = match (true) {
            Pattern::match('~^(?:\s*#[^\n]*\n)*\s*(\$\s*)?\S*curl(\.exe)?(\s|$)~', $text) => CurlCommand::read($text),
            Pattern::match('~^https?://\S+$~i', $text) => Example::of('GET', $text, [], ''),
            default => self::wire($text),
        };
        $shape = null;
        if (trim($answer) !== '') {
            $json = json_decode($answer);
            if ($json === null && trim($answer) !== 'null') {
                throw new NotUnderstood('The example of an answer is not JSON: '.json_last_error_msg().'.');
            }
            $shape = JsonShape::of($json);
        }
        $taken = self::taken($blueprint);
        $parts = parse_url($example->url);
        $host = is_array($parts) ? (string) ($parts['host'] ?? '') : '';
        $origin = (is_array($parts) ? $parts['scheme'] ?? 'https' : 'https')."://$host".(isset($parts['port']) ? ":{$parts['port']}" : '');
        $way = is_array($parts) ? (string) ($parts['path'] ?? '') : '';
        $base = Pattern::match('~^(/(?:[^/]+/)?v\d+(?:\.\d+)?)(/.*)?$~', $way, $found) ? [$origin.$found[1], $found[2] ?? ''] : [$origin, $way];
        $called = self::freeService(self::hostName($host, $base[0]), $blueprint);
        $request = self::request($example, $base[1], $shape, $taken, $called);

        return [
            'service' => array_filter(
                ['name' => $called, 'address' => $base[0], 'signing' => $example->signing === null ? [] : [$example->signing], 'requests' => [$request]],
                fn (mixed $v): bool => $v !== [],
            ),
            'secret' => $example->secret,
        ];
    }

    /**
     * A request with blanks out of one call: steps of the address that look like a particular thing, and what stands in its query,
     * become variables with what they were as test values.
     *
     * @param  array<string, mixed>|null  $shape
     * @param  list<string>  $taken
     * @return array<string, mixed>
     */
    public static function request(Example $example, string $way, ?array $shape, array &$taken, string $service = ''): array
    {
        $takes = [];
        $named = [];
        $steps = [];
        $last = '';
        foreach (explode('/', trim($way, '/')) as $step) {
            if ($step === '') {
                continue;
            }
            $plain = rawurldecode(trim($step, '{}:<>'));
            $blank = Pattern::match('/^(\{.+\}|:.+|<.+>)$/', $step);
            if ($blank || self::isParticular($step)) {
                $name = match (true) {
                    $blank => Parts::words($plain),
                    Parts::one($last) === $last && $last !== '' => "$last id",
                    default => Parts::one($last) ?: 'Id',
                };
                $takes[] = self::variable($name, $blank ? '' : $plain, $named);
                $steps[] = '{'.Names::inFormula((string) end($takes)['name']).'}';
            } else {
                $last = Parts::words($plain);
                $steps[] = $step;
            }
        }
        $sends = [];
        foreach (self::query($example->url) as [$name, $value]) {
            $sends[] = self::sent('query', $name, $value, $takes, $named);
        }
        foreach ($example->headers as [$name, $value]) {
            $sends[] = ['in' => 'header', 'name' => $name, 'value' => self::constant($value)];
        }
        foreach ($example->body as [$name, $value]) {
            $sends[] =
                is_string($value) && mb_strlen($value) > 0
                    ? self::sent('body', $name, $value, $takes, $named)
                    : ['in' => 'body', 'name' => $name, 'value' => self::constant($value)];
        }
        $verb = ['POST' => 'Add ', 'PUT' => 'Change ', 'PATCH' => 'Change ', 'DELETE' => 'Remove '][$example->method] ?? '';
        $name = self::free(match (true) {
            $verb === '' && $last === '' => 'Answer',
            $verb === '' => $last,
            default => $verb.mb_strtolower($last === '' ? 'it' : $last),
        }, $service, $taken);

        return array_filter(
            ['kind' => 'rest', 'name' => $name, 'method' => $example->method, 'address' => '/'.implode('/', $steps)] +
                ($example->kind === '' ? [] : ['body' => $example->kind]) +
                ($shape === null ? [] : self::shaped($name, $shape, $taken)) + ['takes' => $takes, 'sends' => $sends],
            fn (mixed $v): bool => $v !== [],
        );
    }

    /**
     * What a request gives, by the shape of its answers.
     *
     * @param  array<string, mixed>  $shape
     * @param  list<string>  $taken
     * @return array<string, mixed>
     */
    public static function shaped(string $name, array $shape, array &$taken): array
    {
        [$at, $many, $one] = Parts::main($shape);
        $called = Parts::one($name) === $name ? "$name item" : Parts::one($name);
        $called = Parts::free($called, $taken);

        return ($many ? ['each' => $called] : ['one' => $called]) +
            ($at === '' ? [] : ['at' => $at]) + [
                'shape' => (string) json_encode($shape, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE),
                'parts' => Parts::of($one, $name, $taken),
            ];
    }

    /**
     * A name that nothing has; one that is taken gets that of its service before it.
     *
     * @param  list<string>  $taken
     */
    public static function free(string $name, string $service, array &$taken): string
    {
        return Parts::free($service !== '' && in_array(mb_strtolower($name), $taken, true) ? "$service ".mb_strtolower($name) : $name, $taken);
    }

    /** @return list<string> names of tables, of what their rows are called, and of requests, in small letters */
    public static function taken(Blueprint $blueprint): array
    {
        $taken = [];
        foreach ([...$blueprint->tables, ...array_values($blueprint->serviceTables())] as $table) {
            array_push($taken, mb_strtolower($table->name), mb_strtolower($table->singular));
        }

        return $taken;
    }

    public static function freeService(string $name, Blueprint $blueprint): string
    {
        $taken = array_map(fn (Service $s): string => mb_strtolower($s->name), $blueprint->services);

        return Parts::free($name, $taken);
    }

    /** A value as a formula. */
    public static function constant(mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? 'true' : 'false',
            is_int($value), is_float($value) => (string) json_encode($value),
            is_string($value) => (string) json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            default => 'null',
        };
    }

    /** What a service may be called by its address. */
    public static function hostName(string $host, string $address = ''): string
    {
        if (Pattern::match('~^stand-in:([a-z]+)|//(?:localhost|[\d.]+)(?::\d+)?/([a-z][a-z0-9-]+)~', $address, $found)) {
            return Parts::words($found[1] !== '' ? $found[1] : $found[2]);
        }
        $steps = array_values(array_diff(explode('.', $host), ['api', 'www', 'rest', 'data', 'developer', 'dev', 'sandbox', 'v1', 'v2']));

        return Parts::words(Pattern::match('/^[\d.]+$/', $host) ? "Service $host" : $steps[0] ?? $host);
    }

    /**
     * @param  list<array<string, mixed>>  $takes
     * @param  list<string>  $named
     * @return array<string, mixed>
     */
    private static function sent(string $in, string $name, string $value, array &$takes, array &$named): array
    {
        if (count($takes) >= self::LATEST) {
            return ['in' => $in, 'name' => $name, 'value' => self::constant($value)];
        }
        if (str_starts_with($value, CurlCommand::FILE)) {
            $called = Parts::free(Parts::words($name), $named);
            $takes[] = ['name' => $called, 'type' => ['kind' => str_ends_with($value, 'picture') ? 'picture' : 'file']];

            return ['in' => $in, 'name' => $name, 'value' => Names::inFormula($called)];
        }
        $variable = self::variable(Parts::words(Pattern::replace('/^.*[.\]]/', '', $name)), $value, $named);
        $takes[] = $variable + ['begins' => $variable['type']['kind'] === 'longText' ? self::constant($value) : $value];

        return ['in' => $in, 'name' => $name, 'value' => Names::inFormula((string) $variable['name'])];
    }

    /**
     * @param  list<string>  $named
     * @return array{name: string, type: array{kind: string}, tried?: string}
     */
    private static function variable(string $name, string $tried, array &$named): array
    {
        $kind = match (true) {
            Pattern::match('/^-?(0|[1-9]\d{0,14})$/', $tried) => 'whole',
            Pattern::match('/^-?(0|[1-9]\d{0,9})\.\d{1,9}$/', $tried) => 'decimal',
            default => 'longText',
        };
        $called = Parts::free($name === '' ? 'Value' : $name, $named);

        return ['name' => $called, 'type' => ['kind' => $kind]] + ($tried === '' ? [] : ['tried' => $tried]);
    }

    /** Whether a step of an address looks like the id of one thing. */
    private static function isParticular(string $step): bool
    {
        return Pattern::match('/^(\d+|[0-9a-f]{8}-[0-9a-f-]{27}|[0-9a-f]{16,}|(?=.*\d)[A-Za-z0-9_-]{8,})$/i', $step) && ! Pattern::match('/^v\d+$/', $step);
    }

    /** @return list<array{string, string}> */
    private static function query(string $url): array
    {
        $query = explode('?', $url, 2)[1] ?? '';

        return $query === ''
            ? []
            : array_map(function (string $pair): array {
                [$name, $value] = array_map(urldecode(...), [...explode('=', $pair, 2), '']);

                return [$name, $value];
            }, explode('&', $query));
    }

    /** A request as it goes over the wire (RFC 9112): "GET /v1/things HTTP/1.1", headers, an empty line, a body. */
    private static function wire(string $text): Example
    {
        [$head, $body] = [...Pattern::split('/\r?\n\r?\n/', $text, 2) ?: [$text], ''];
        $lines = Pattern::split('/\r?\n/', $head) ?: [];
        if (! Pattern::match('~^([A-Z]+)\s+(\S+)(\s+HTTP/[\d.]+)?$~', trim($lines[0] ?? ''), $found)) {
            throw new NotUnderstood('This is neither a command for curl, nor an address, nor a request such as “GET https://api.example.com/v1/things”.');
        }
        $headers = [];
        foreach (array_slice($lines, 1) as $line) {
            if (str_contains($line, ':')) {
                [$name, $value] = explode(':', $line, 2);
                $headers[] = [trim($name), trim($value)];
            }
        }
        $host = array_values(array_filter($headers, fn (array $h): bool => strcasecmp($h[0], 'host') === 0))[0][1] ?? '';

        return Example::of($found[1], str_starts_with($found[2], '/') ? "https://$host$found[2]" : $found[2], $headers, trim($body));
    }
}
