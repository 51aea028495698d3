<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange;

use GuzzleHttp\Psr7\Uri;
use GuzzleHttp\Psr7\UriResolver;
use Lanai\Core\Formula\Formats;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Services\Service;
use Lanai\Core\Model\Services\SignsIn;
use Lanai\Core\Services\JsonShape;
use Lanai\Core\Services\Parts;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** Reads an OpenAPI document (3.0 or 3.1): the service it describes, with a request for each operation. */
final class OpenApiReading
{
    private const METHODS = ['get', 'post', 'put', 'patch', 'delete'];

    /** So many operations can be chosen among; what is beyond is said. */
    public const MOST = 1000;

    /** Schemas that are written out for one document; further answers get their parts from a try. */
    private const SCHEMAS = 30_000;

    /** For one operation. */
    private const SCHEMAS_EACH = 2_000;

    private const PARAMETERS = 40;

    private const DEEPEST = 8;

    private int $written = 0;

    private int $writtenNow = 0;

    private const SAME = 'same';

    private const UNSIGNED = 'unsigned';

    private const OTHERWISE = 'otherwise';

    /** @var array{string, array<string, mixed>|null}|null */
    private ?array $scheme = null;

    /** @param  array<string, mixed>  $document */
    private function __construct(private readonly array $document)
    {
    }

    /**
     * What is left out of a document, in a sentence; '' where nothing is.
     *
     * @param  array<string, mixed>  $document
     */
    public static function left(array $document): string
    {
        $reading = new self($document);
        $all = 0;
        $others = [];
        foreach (Prose::node($document['paths'] ?? []) as $way => $item) {
            foreach (array_intersect_key(Prose::node($item), array_flip(self::METHODS)) as $method => $operation) {
                $all++;
                if ($reading->signsInto(Prose::node($operation)) === self::OTHERWISE) {
                    $others[] = strtoupper($method)." $way";
                }
            }
        }
        $said =
            $all <= self::MOST
                ? []
                : [
                    'This document has '.
                    number_format($all).
                    ' requests. The first '.
                    number_format(self::MOST).
                    ' can be chosen here; for others paste the part of the document that has them.',
                ];
        if ($others !== []) {
            $said[] =
                (count($others) === 1 ? "One request, $others[0], signs" : number_format(count($others))." requests, such as $others[0], sign").
                ' in another way than the rest. '.
                'Put '.
                (count($others) === 1 ? 'it' : 'them').
                ' into a service of '.
                (count($others) === 1 ? 'its' : 'their').
                ' own that signs in so.';
        }

        return implode(' ', $said);
    }

    /**
     * @param  array<string, mixed>  $operation
     * @return self::SAME|self::UNSIGNED|self::OTHERWISE how an operation is signed in to, beside the service as a whole
     */
    private function signsInto(array $operation): string
    {
        [$name, $signing] = $this->scheme();
        $security = $operation['security'] ?? ($this->document['security'] ?? null);
        $ways = is_array($security) ? array_map(fn (mixed $way): array => array_keys(Prose::node($way)), array_values($security)) : [];

        return match (true) {
            $signing === null, ! is_array($security), in_array([$name], $ways, true) => self::SAME,
            $ways === [], in_array([], $ways, true) => self::UNSIGNED,
            array_filter($ways, fn (array $way): bool => in_array($name, $way, true)) !== [] => self::SAME,
            default => self::OTHERWISE,
        };
    }

    /**
     * @param  array<string, mixed>  $document  the document, parsed
     * @param  string  $from  where it was got; '' where it was pasted
     * @return array<string, mixed> data of a Service
     *
     * @throws NotUnderstood
     */
    public static function read(array $document, string $from, Blueprint $blueprint): array
    {
        $version = is_scalar($document['openapi'] ?? null) ? (string) $document['openapi'] : '';
        if (! Pattern::match('/^3\.[01](\.|$)/', $version)) {
            throw new NotUnderstood(
                match (true) {
                    isset($document['swagger']) => 'This is a Swagger 2 document. Look for its OpenAPI 3 form.',
                    $version === '' => 'This is not an OpenAPI document: “openapi” is missing.',
                    default => "OpenAPI $version is not known here; 3.0 and 3.1 are.",
                },
            );
        }
        $reading = new self($document);
        $info = Prose::node($document['info'] ?? []);
        $title = is_string($info['title'] ?? null) ? trim(Pattern::replace('/\b(API|REST|Open ?API|v?\d+(\.\d+)*)\b/i', '', $info['title'])) : '';
        $title = trim(Pattern::replace('/[^\p{L}\p{N}\' -]+/u', ' ', $title));
        $taken = NewService::taken($blueprint);

        return array_filter(
            [
                'name' => NewService::freeService($title === '' ? 'Service' : Parts::words($title), $blueprint),
                'address' => $reading->address($from),
                'signing' => $reading->signing(),
                'requests' => $reading->requests($taken, $title === '' ? '' : Parts::words($title)),
            ],
            fn (mixed $v): bool => $v !== [],
        );
    }

    private function address(string $from): string
    {
        $server = Prose::nodes($this->document['servers'] ?? [])[0] ?? [];
        $url = is_string($server['url'] ?? null) ? $server['url'] : '/';
        $defaults = [];
        foreach (array_slice(Prose::node($server['variables'] ?? []), 0, self::PARAMETERS) as $name => $variable) {
            $default = Prose::node($variable)['default'] ?? '';
            $defaults['{'.$name.'}'] = is_scalar($default) ? (string) $default : '';
        }
        // All at once: what is put in is not looked through again.
        $url = strtr(mb_substr($url, 0, 2000), $defaults);
        if (! Pattern::match('~^https?://~i', $url) && $from !== '') {
            $url = (string) UriResolver::resolve(new Uri($from), new Uri($url));
        }

        return rtrim($url, '/');
    }

    /** @return list<array<string, mixed>> */
    private function signing(): array
    {
        $signing = $this->scheme()[1];

        return $signing === null ? [] : [$signing];
    }

    /** @return array{string, array<string, mixed>|null} what the way of the service is called, and data of a SignsIn */
    private function scheme(): array
    {
        return $this->scheme ??= $this->firstKnown();
    }

    /** @return array{string, array<string, mixed>|null} */
    private function firstKnown(): array
    {
        foreach ($this->known('securitySchemes') as $called => $scheme) {
            $scheme = $this->resolved($scheme);
            $type = $scheme['type'] ?? '';
            $name = is_string($scheme['name'] ?? null) ? $scheme['name'] : '';
            $how = is_string($scheme['scheme'] ?? null) ? strtolower($scheme['scheme']) : '';
            $found = match (true) {
                $type === 'apiKey' && ($scheme['in'] ?? '') === 'header' => ['kind' => 'header', 'header' => $name],
                $type === 'apiKey' && ($scheme['in'] ?? '') === 'query' => ['kind' => 'query', 'query' => $name],
                $type === 'http' && $how === 'bearer' => ['kind' => 'bearer'],
                $type === 'http' && $how === 'basic' => ['kind' => 'basic'],
                $type === 'oauth2' => $this->client(Prose::node($scheme['flows'] ?? [])),
                default => null,
            };
            if ($found !== null) {
                return [(string) $called, $found];
            }
        }

        return ['', null];
    }

    /**
     * @param  array<string, mixed>  $flows
     * @return array<string, mixed>|null
     */
    private function client(array $flows): ?array
    {
        $flow = Prose::node($flows['clientCredentials'] ?? []);

        return is_string($flow['tokenUrl'] ?? null) ? ['kind' => 'client', 'token' => $flow['tokenUrl']] : null;
    }

    /**
     * @param  list<string>  $taken
     * @return list<array<string, mixed>>
     */
    private function requests(array &$taken, string $service): array
    {
        $requests = [];
        foreach (Prose::node($this->document['paths'] ?? []) as $way => $item) {
            $item = $this->resolved(Prose::node($item));
            foreach (self::METHODS as $method) {
                $operation = Prose::node($item[$method] ?? []);
                if ($operation !== [] && count($requests) < self::MOST) {
                    $requests[] = $this->request(
                        $way,
                        $method,
                        $operation,
                        [...Prose::nodes($item['parameters'] ?? []), ...Prose::nodes($operation['parameters'] ?? [])],
                        $taken,
                        $service,
                    );
                }
            }
        }

        return $requests;
    }

    /**
     * @param  array<string, mixed>  $operation
     * @param  list<array<string, mixed>>  $parameters
     * @param  list<string>  $taken
     * @return array<string, mixed>
     */
    private function request(string $way, string $method, array $operation, array $parameters, array &$taken, string $service): array
    {
        $takes = [];
        $sends = [];
        $named = [];
        $known = [];
        $ways = [];
        foreach (array_slice($parameters, 0, self::PARAMETERS) as $parameter) {
            $parameter = $this->resolved($parameter);
            $name = is_string($parameter['name'] ?? null) ? $parameter['name'] : '';
            $in = $parameter['in'] ?? '';
            if (
                $name === '' ||
                ! in_array($in, ['path', 'query', 'header'], true) ||
                isset($known["$in $name"]) ||
                Pattern::match('/^(accept|content-type|authorization)$/i', $name)
            ) {
                continue;
            }
            $known["$in $name"] = true;
            $variable = $this->variable($name, $parameter, $named);
            $takes[] = $variable;
            $key = Names::inFormula(is_string($variable['name']) ? $variable['name'] : '');
            if ($in === 'path') {
                $ways['{'.$name.'}'] = '{'.$key.'}';
            } else {
                $sends[] = ['in' => $in, 'name' => $name, 'value' => $key];
            }
        }
        $way = strtr($way, $ways);
        $this->writtenNow = 0;
        [$body, $sent] = $this->body(Prose::node($operation['requestBody'] ?? []), $takes, $named);
        $said = match (true) {
            is_string($operation['operationId'] ?? null) => $operation['operationId'],
            is_string($operation['summary'] ?? null) => $operation['summary'],
            default => "$method $way",
        };
        $shape = $this->answer(Prose::node($operation['responses'] ?? []));
        $words = Parts::words(Pattern::replace('/^(get|list|fetch|find|show|retrieve|read)(?=[A-Z_ -])/', '', $said));
        $words = mb_substr($words, 0, 60);
        $words = in_array(mb_strtolower($words), $taken, true) && Pattern::match('~\}$~', $way) ? 'One '.mb_strtolower($words) : $words;
        $name = NewService::free($words, $service, $taken);

        return array_filter(
            ['kind' => 'rest', 'name' => $name, 'method' => strtoupper($method), 'address' => $way] +
                ($body === '' ? [] : ['body' => $body]) +
                ($shape === null ? [] : NewService::shaped($name, $shape, $taken)) + ['takes' => $takes, 'sends' => [...$sends, ...$sent]] +
                ($this->signsInto($operation) === self::UNSIGNED ? ['open' => true] : []),
            fn (mixed $v): bool => $v !== [],
        );
    }

    /**
     * @param  array<string, mixed>  $parameter
     * @param  list<string>  $named
     * @return array<string, mixed>
     */
    private function variable(string $name, array $parameter, array &$named): array
    {
        $schema = $this->resolved(Prose::node($parameter['schema'] ?? []));
        $default = $schema['default'] ?? null;
        $examples = Prose::nodes($parameter['examples'] ?? []);
        $example =
            $parameter['example'] ??
            ($schema['example'] ??
                ((is_array($schema['examples'] ?? null) ? reset($schema['examples']) : null) ??
                    ($examples[0]['value'] ?? ((is_array($schema['enum'] ?? null) ? reset($schema['enum']) : null) ?? $default))));
        $options = array_values(array_filter(is_array($schema['enum'] ?? null) ? $schema['enum'] : [], fn (mixed $o): bool => is_string($o) && $o !== ''));
        $type =
            $options !== []
                ? ['kind' => 'choice', 'options' => $options]
                : ['kind' => Parts::kind(JsonShape::types($schema)[0] ?? 'string', is_string($schema['format'] ?? null) ? $schema['format'] : '')];

        return ['name' => Parts::free(Parts::words($name), $named), 'type' => $type] +
            (is_scalar($default) ? ['begins' => NewService::constant($default)] : []) +
            (is_scalar($example) && $example !== '' ? ['tried' => Formats::plain($example)] : []);
    }

    /**
     * @param  array<string, mixed>  $body
     * @param  list<array<string, mixed>>  $takes
     * @param  list<string>  $named
     * @return array{string, list<array<string, mixed>>}
     */
    private function body(array $body, array &$takes, array &$named): array
    {
        $content = Prose::node($this->resolved($body)['content'] ?? []);
        foreach (['json' => '~[/+]json~', 'form' => '~x-www-form-urlencoded~', 'pieces' => '~multipart/form-data~'] as $kind => $pattern) {
            foreach ($content as $type => $medium) {
                if (! Pattern::match($pattern, $type)) {
                    continue;
                }
                $sent = [];
                $schema = $this->whole(Prose::node(Prose::node($medium)['schema'] ?? []));
                foreach (array_slice(Prose::node($schema['properties'] ?? []), 0, 20) as $name => $part) {
                    $part = $this->resolved(Prose::node($part));
                    $media = is_string($part['contentMediaType'] ?? null) ? $part['contentMediaType'] : '';
                    if (($part['format'] ?? '') === 'binary' || $media !== '') {
                        $called = Parts::free(Parts::words($name), $named);
                        $takes[] = [
                            'name' => $called,
                            'type' => [
                                'kind' => str_starts_with($media, 'image/') || Pattern::match('/(image|photo|picture|avatar|logo|cover)/i', $name)
                                        ? 'picture'
                                        : 'file',
                            ],
                        ];
                        $sent[] = ['in' => 'body', 'name' => addcslashes($name, '.[]\\'), 'value' => Names::inFormula($called)];
                    } elseif (array_intersect(JsonShape::types($part), ['object', 'array']) === [] && ($part['readOnly'] ?? false) !== true) {
                        $variable = $this->variable($name, ['schema' => $part], $named);
                        $takes[] = $variable;
                        $sent[] = [
                            'in' => 'body',
                            'name' => addcslashes($name, '.[]\\'),
                            'value' => Names::inFormula(is_string($variable['name']) ? $variable['name'] : ''),
                        ];
                    }
                }

                return [$sent === [] ? '' : $kind, $sent];
            }
        }

        return ['', []];
    }

    /**
     * @param  array<string, mixed>  $responses
     * @return array<string, mixed>|null the shape of a good answer
     */
    private function answer(array $responses): ?array
    {
        foreach ($responses as $status => $response) {
            if (! Pattern::match('/^2(\d\d|XX)$/i', (string) $status) && (string) $status !== 'default') {
                continue;
            }
            foreach (Prose::node($this->resolved(Prose::node($response))['content'] ?? []) as $type => $medium) {
                $medium = Prose::node($medium);
                if (! Pattern::match('~[/+]json~', $type)) {
                    continue;
                }
                $shape = isset($medium['schema']) ? $this->whole(Prose::node($medium['schema'])) : [];
                $named = is_array($medium['examples'] ?? null) ? Prose::node(reset($medium['examples']))['value'] ?? null : null;
                $example = $medium['example'] ?? Prose::nodes($medium['examples'] ?? [])[0]['value'] ?? $named;
                if ($shape !== [] || $example !== null) {
                    // Without a schema, or with an empty one, an example tells.
                    return ($shape !== [] && ($shape['properties'] ?? ($shape['items'] ?? [])) !== []) || $example === null
                        ? $shape
                        : JsonShape::of(json_decode((string) json_encode($example)));
                }
            }
        }

        return null;
    }

    /**
     * A schema with everything it refers to written out, as far as answers need it. What refers to itself is written out once.
     *
     * @param  array<string, mixed>  $schema
     * @param  array<string, int>  $around  what it stands within: reference => how often
     * @return array<string, mixed> nothing where it goes on for ever, or where the document has too much of this
     */
    private function whole(array $schema, int $depth = 0, array $around = []): array
    {
        if ($depth > self::DEEPEST || ++$this->written > self::SCHEMAS || ++$this->writtenNow > self::SCHEMAS_EACH) {
            return [];
        }
        $flat = $this->flat($schema, $around, 0);
        if ($flat === null) {
            return [];
        }
        [$schema, $around] = $flat;
        $types = JsonShape::types($schema);
        if ($types === [] && isset($schema['properties'])) {
            $types = ['object'];
        }
        if (($schema['nullable'] ?? false) === true) {
            $types[] = 'null';
        }
        $made = $types === [] ? [] : ['type' => count($types) === 1 ? $types[0] : $types];
        if (in_array('object', $types, true)) {
            $made['properties'] = [];
            foreach (array_slice(Prose::node($schema['properties'] ?? []), 0, JsonShape::NAMES) as $name => $part) {
                $part = $this->whole(Prose::node($part), $depth + 1, $around);
                if ($part !== []) {
                    $made['properties'][$name] = $part;
                }
            }
            $made['required'] = array_values(
                array_filter(
                    is_array($schema['required'] ?? null) ? $schema['required'] : [],
                    fn (mixed $r): bool => is_string($r) && isset($made['properties'][$r]),
                ),
            );
        }
        $items = isset($schema['items']) ? $this->whole(Prose::node($schema['items']), $depth + 1, $around) : [];

        /** @var array<string, mixed> $whole */
        $whole =
            $made +
            ($items === [] ? [] : ['items' => $items]) +
            (is_string($schema['format'] ?? null) ? ['format' => $schema['format']] : []) +
            array_intersect_key($schema, ['readOnly' => true, 'enum' => true, 'default' => true, 'example' => true, 'contentMediaType' => true]);

        return $whole;
    }

    /**
     * One schema of what it refers to and is put together of; its parts are not looked into.
     *
     * @param  array<string, mixed>  $schema
     * @param  array<string, int>  $around
     * @return array{array<string, mixed>, array<string, int>}|null null where it stands within itself for the second time
     */
    private function flat(array $schema, array $around, int $depth): ?array
    {
        if ($depth > self::DEEPEST || ++$this->writtenNow > self::SCHEMAS_EACH) {
            return null;
        }
        for ($step = 0; is_string($schema['$ref'] ?? null); $step++) {
            $around[$schema['$ref']] = ($around[$schema['$ref']] ?? 0) + 1;
            if ($around[$schema['$ref']] > 2 || $step > 10) {
                return null;
            }
            $schema = $this->at($schema['$ref']);
        }
        foreach (['allOf', 'oneOf', 'anyOf'] as $several) {
            $parts = Prose::nodes($schema[$several] ?? []);
            foreach ($several === 'allOf' ? array_slice($parts, 0, 50) : array_slice($parts, 0, 1) as $part) {
                $flat = $this->flat($part, $around, $depth + 1);
                if ($flat === null) {
                    continue;
                }
                [$part, $around] = $flat;
                $required = array_filter(
                    [...is_array($schema['required'] ?? null) ? $schema['required'] : [], ...is_array($part['required'] ?? null) ? $part['required'] : []],
                    is_string(...),
                );
                $schema =
                    [
                        'properties' => Prose::node($schema['properties'] ?? []) + Prose::node($part['properties'] ?? []),
                        'required' => array_values(array_unique($required)),
                    ] +
                    $schema +
                    $part;
            }
            unset($schema[$several]);
        }

        return [
            array_filter($schema, fn (mixed $v, string $k): bool => $v !== [] || ! in_array($k, ['properties', 'required'], true), ARRAY_FILTER_USE_BOTH),
            $around,
        ];
    }

    /**
     * @param  array<string, mixed>  $node
     * @return array<string, mixed>
     */
    private function resolved(array $node): array
    {
        for ($step = 0; is_string($node['$ref'] ?? null) && $step < 10; $step++) {
            $node = $this->at($node['$ref']);
        }

        return $node;
    }

    /** @return array<string, mixed> what stands at a reference within the document, or nothing */
    private function at(string $reference): array
    {
        $target = $this->document;
        if (! str_starts_with($reference, '#/')) {
            return [];
        }
        foreach (explode('/', substr($reference, 2)) as $name) {
            $target = is_array($target) ? $target[strtr(rawurldecode($name), ['~1' => '/', '~0' => '~'])] ?? null : null;
        }

        return Prose::node($target);
    }

    /** @return array<string, array<string, mixed>> components of a kind by name; first those that the document says are needed */
    private function known(string $kind): array
    {
        $all = Prose::node(Prose::node($this->document['components'] ?? [])[$kind] ?? []);
        $needed = array_merge([], ...array_map(array_keys(...), Prose::nodes($this->document['security'] ?? [])));
        // Where each operation says for itself how it is signed in to, that of most of them.
        $said = [];
        foreach ($needed === [] ? Prose::node($this->document['paths'] ?? []) : [] as $item) {
            foreach (array_intersect_key(Prose::node($item), array_flip(self::METHODS)) as $operation) {
                foreach (array_merge([], ...array_map(array_keys(...), Prose::nodes(Prose::node($operation)['security'] ?? []))) as $name) {
                    $said[$name] = ($said[$name] ?? 0) + 1;
                }
            }
        }
        arsort($said);
        $needed = $needed === [] ? array_keys($said) : $needed;

        return array_map(
            Prose::node(...),
            array_replace(array_intersect_key(array_flip($needed), $all), array_intersect_key($all, array_flip($needed)), $all),
        );
    }
}
