<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Table;
use Lanai\Core\Services\JsonValues;
use Lanai\Core\Text\Article;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** The app's own REST API as a document of OpenAPI 3.1. */
final class OpenApi
{
    private const ETAG = ['ETag' => ['description' => 'The version of the row.', 'schema' => ['type' => 'string']]];

    /**
     * @param  string  $address  where it is served, without a trailing slash
     * @return array<string, mixed>
     */
    public static function of(Blueprint $blueprint, string $address): array
    {
        $paths = $schemas = [];
        foreach ($blueprint->tables as $table) {
            $name = Pattern::replace('/[^A-Za-z0-9_.-]/', '_', $table->singular);
            $schemas[$name] = self::schema($table);
            $one = ['$ref' => "#/components/schemas/$name"];
            $stored = $table->storedAs();
            $paths["/$stored"] = [
                'get' => self::operation(
                    "list_$stored",
                    "Rows of $table->name, oldest first.",
                    [
                        '200' => self::answer('A page of rows; the Link header leads to the next (RFC 8288).', [
                            'type' => 'object',
                            'required' => ['rows'],
                            'properties' => ['rows' => ['type' => 'array', 'items' => $one]],
                        ]),
                    ],
                    [
                        self::query('where', 'A condition on the rows, as a formula of Lanai: places > 0 and title contains "dip".', ['type' => 'string']),
                        self::query('search', 'Words to look for in the texts of a row; the beginning of each is enough.', ['type' => 'string']),
                        self::query('limit', 'How many rows at most.', ['type' => 'integer', 'minimum' => 1, 'maximum' => 200, 'default' => 50]),
                        self::query('after', 'The mark of the page before, as the Link header gives it.', ['type' => 'string']),
                    ],
                ),
                'post' => self::operation(
                    "add_$stored",
                    'Adds '.Article::with($table->singular).'.',
                    ['201' => self::answer('The row as it was added.', $one)],
                    [],
                    $one,
                ),
            ];
            $id = [['name' => 'id', 'in' => 'path', 'required' => true, 'schema' => ['type' => 'integer', 'minimum' => 1]]];
            $match = [
                ...$id,
                [
                    'name' => 'If-Match',
                    'in' => 'header',
                    'required' => true,
                    'description' => 'The ETag of the version that you saw, or * to write over whatever is there (RFC 9110, section 13.1.1).',
                    'schema' => ['type' => 'string'],
                ],
            ];
            $since = [
                '412' => self::answer('Somebody else has changed the row since; the answer holds it as it is now.', [
                    'type' => 'object',
                    'required' => ['message', 'row'],
                    'properties' => ['message' => ['type' => 'string'], 'row' => $one],
                ]),
                '428' => self::answer('The version that you saw is missing.', ['$ref' => '#/components/schemas/Problem']),
            ];
            $paths["/$stored/{id}"] = [
                'get' => self::operation(
                    "read_$stored",
                    "One $table->singular.",
                    [
                        '200' => self::answer('The row; its version is in the header ETag.', $one) + ['headers' => self::ETAG],
                        '304' => ['description' => 'It has not changed since.'],
                    ],
                    $id,
                ),
                'patch' => self::operation(
                    "change_$stored",
                    'Changes the given fields of '.Article::with($table->singular).'.',
                    ['200' => self::answer('The row as it is now.', $one) + ['headers' => self::ETAG]] + $since,
                    $match,
                    $one,
                ),
                'delete' => self::operation(
                    "remove_$stored",
                    'Removes '.Article::with($table->singular).'; links to it become empty.',
                    ['204' => ['description' => 'It is removed.']] + $since,
                    $match,
                ),
            ];
        }

        return [
            'openapi' => '3.1.0',
            'info' => ['title' => "$blueprint->name, its rows", 'version' => $blueprint->release->version === '' ? '0.0.0' : $blueprint->release->version],
            'servers' => [['url' => $address]],
            'security' => [['token' => []]],
            'paths' => $paths === [] ? new \stdClass() : $paths,
            'components' => [
                'schemas' => ($schemas === [] ? [] : $schemas) + [
                    'Problem' => [
                        'type' => 'object',
                        'required' => ['message'],
                        'properties' => ['message' => ['type' => 'string'], 'fields' => ['type' => 'object', 'additionalProperties' => ['type' => 'string']]],
                    ],
                ],
                'securitySchemes' => ['token' => ['type' => 'http', 'scheme' => 'bearer', 'description' => 'A token that the founder has made (RFC 6750).']],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function schema(Table $table): array
    {
        $properties = ['id' => ['type' => 'integer', 'readOnly' => true]];
        $required = [];
        foreach ($table->fields as $field) {
            $properties[Names::inFormula($field->name)] = JsonValues::schema($field);
            if ($field->required && $field->begins === '') {
                $required[] = Names::inFormula($field->name);
            }
        }

        return ['type' => 'object', 'properties' => $properties] + ($required === [] ? [] : ['required' => $required]);
    }

    /**
     * @param  array<array-key, mixed>  $answers  status => answer
     * @param  list<array<string, mixed>>  $parameters
     * @param  array<string, mixed>|null  $body
     * @return array<string, mixed>
     */
    private static function operation(string $id, string $summary, array $answers, array $parameters = [], ?array $body = null): array
    {
        $problem = fn (string $text): array => [
            'description' => $text,
            'content' => ['application/json' => ['schema' => ['$ref' => '#/components/schemas/Problem']]],
        ];

        return ['operationId' => $id, 'summary' => $summary] +
            ($parameters === [] ? [] : ['parameters' => $parameters]) +
            ($body === null ? [] : ['requestBody' => ['required' => true, 'content' => ['application/json' => ['schema' => $body]]]]) + [
                'responses' => $answers + [
                    '401' => $problem('The token is missing or not known.'),
                    '404' => $problem('There is no such table or row.'),
                    '422' => $problem('What was given does not fit.'),
                ],
            ];
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function answer(string $text, array $schema): array
    {
        return ['description' => $text, 'content' => ['application/json' => ['schema' => $schema]]];
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function query(string $name, string $text, array $schema): array
    {
        return ['name' => $name, 'in' => 'query', 'description' => $text, 'schema' => $schema];
    }
}
