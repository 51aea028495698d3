<?php

declare(strict_types=1);

namespace Standins\Almanac;

/** Almanac's own OpenAPI 3.1 document. */
final class Description
{
    /** @return array<string, mixed> */
    public static function of(string $server): array
    {
        $number = ['type' => 'number'];
        $text = ['type' => 'string'];
        $object = fn (array $parts): array => ['type' => 'object', 'required' => array_keys($parts), 'properties' => $parts];
        $answer = fn (array $schema): array => [
            '200' => ['description' => 'Good.', 'content' => ['application/json' => ['schema' => $schema]]],
            '401' => ['description' => 'The key is missing or not known.'],
            '404' => ['description' => 'There is no such thing.'],
        ];
        $spot = [
            'name' => 'spot',
            'in' => 'path',
            'required' => true,
            'schema' => $text,
            'example' => 'lantern-cove',
            'description' => 'The code of a spot, in small letters.',
        ];

        return [
            'openapi' => '3.1.0',
            'info' => ['title' => 'Almanac', 'version' => '1.4.0', 'description' => 'Sea and weather for places that do not exist.'],
            'servers' => [['url' => $server]],
            'security' => [['key' => []]],
            'paths' => [
                '/spots' => [
                    'get' => [
                        'operationId' => 'listSpots',
                        'summary' => 'All spots',
                        'parameters' => [
                            ['name' => 'page', 'in' => 'query', 'schema' => ['type' => 'integer', 'default' => 1]],
                            ['name' => 'per_page', 'in' => 'query', 'schema' => ['type' => 'integer', 'default' => 10]],
                        ],
                        'responses' => $answer(['type' => 'array', 'items' => ['$ref' => '#/components/schemas/Spot']]),
                    ],
                ],
                '/spots/{spot}' => [
                    'get' => [
                        'operationId' => 'getSpot',
                        'summary' => 'One spot',
                        'parameters' => [$spot],
                        'responses' => $answer(['$ref' => '#/components/schemas/Spot']),
                    ],
                ],
                '/spots/{spot}/conditions' => [
                    'get' => [
                        'operationId' => 'getConditions',
                        'summary' => 'Conditions at a spot',
                        'parameters' => [$spot, ['name' => 'days', 'in' => 'query', 'schema' => ['type' => 'integer', 'default' => 7, 'maximum' => 14]]],
                        'responses' => $answer(['$ref' => '#/components/schemas/Conditions']),
                    ],
                ],
                '/stations' => [
                    'get' => [
                        'operationId' => 'listStations',
                        'summary' => 'Buoys that measure',
                        'parameters' => [['name' => 'cursor', 'in' => 'query', 'schema' => $text]],
                        'responses' => $answer(
                            $object([
                                'data' => ['type' => 'array', 'items' => ['$ref' => '#/components/schemas/Station']],
                                'next' => ['type' => ['string', 'null']],
                            ]),
                        ),
                    ],
                ],
                '/stations/{id}' => [
                    'get' => [
                        'operationId' => 'getStation',
                        'summary' => 'One buoy',
                        'parameters' => [['name' => 'id', 'in' => 'path', 'required' => true, 'schema' => ['type' => 'integer'], 'example' => 401]],
                        'responses' => $answer(['$ref' => '#/components/schemas/Station']),
                    ],
                ],
                '/reports' => [
                    'post' => [
                        'operationId' => 'addReport',
                        'summary' => 'Report what you see',
                        'requestBody' => [
                            'required' => true,
                            'content' => [
                                'application/json' => [
                                    'schema' => ['type' => 'object', 'required' => ['words'], 'properties' => ['words' => $text, 'spot' => $text]],
                                ],
                            ],
                        ],
                        'responses' => [
                            '201' => [
                                'description' => 'Taken.',
                                'content' => ['application/json' => ['schema' => $object(['number' => ['type' => 'integer'], 'words' => $text])]],
                            ],
                        ],
                    ],
                ],
            ],
            'components' => [
                'securitySchemes' => ['key' => ['type' => 'apiKey', 'in' => 'header', 'name' => 'X-Almanac-Key']],
                'schemas' => [
                    'Station' => $object([
                        'id' => ['type' => 'integer'],
                        'name' => $text,
                        'depth' => ['type' => 'integer'],
                        'active' => ['type' => 'boolean'],
                    ]),
                    'Spot' => $object(['code' => $text, 'name' => $text, 'place' => $object(['latitude' => $number, 'longitude' => $number])]),
                    'Conditions' => $object([
                        'spot' => $object(['code' => $text, 'name' => $text]),
                        'measured' => ['type' => 'string', 'format' => 'date-time'],
                        'water' => $object(['celsius' => $number, 'clarity' => $text]),
                        'wind' => $object(['kmh' => ['type' => 'integer'], 'from' => $text]),
                        'waves' => $object(['metres' => $number]),
                        'tide' => $object(['high' => ['type' => 'string', 'format' => 'date-time'], 'low' => ['type' => 'string', 'format' => 'date-time']]),
                        'days' => [
                            'type' => 'array',
                            'items' => $object([
                                'date' => ['type' => 'string', 'format' => 'date'],
                                'celsius' => $number,
                                'wind' => ['type' => 'integer'],
                                'waves' => $number,
                            ]),
                        ],
                    ]),
                ],
            ],
        ];
    }
}
