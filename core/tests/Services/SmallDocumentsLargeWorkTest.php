<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Services;

use Lanai\Core\Exchange\OpenApiReading;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Services\JsonShape;
use Lanai\Core\Services\Parts;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;

/** Small documents that once took minutes, or gigabytes. */
final class SmallDocumentsLargeWorkTest extends TestCase
{
    public function test_schemas_put_together_of_one_another_take_no_time(): void
    {
        $schemas = [];
        for ($i = 0; $i < 30; $i++) {
            $next = ['$ref' => '#/components/schemas/S'.($i + 1)];
            $schemas["S$i"] = [
                'allOf' => [$next, $next, ['type' => 'object', 'properties' => ['a' => $next, 'b' => $next, "own$i" => ['type' => 'string']]]],
            ];
        }
        $schemas['S30'] = ['type' => 'object', 'properties' => ['end' => ['type' => 'string']]];
        $read = $this->read($schemas, 'S0', 200);

        self::assertCount(200, $read['requests']);
        self::assertLessThan(4.0, $this->took);
    }

    /** A category has categories: once, and as JSON Schema has it. */
    public function test_what_refers_to_itself_is_written_out_once(): void
    {
        $schemas = [
            'Category' => [
                'type' => 'object',
                'required' => ['name', 'parent'],
                'properties' => [
                    'name' => ['type' => 'string'],
                    'parent' => ['$ref' => '#/components/schemas/Category'],
                    'children' => ['type' => 'array', 'items' => ['$ref' => '#/components/schemas/Category']],
                ],
            ],
            'Loop' => ['$ref' => '#/components/schemas/Loop'],
            'Self' => ['allOf' => [['$ref' => '#/components/schemas/Self'], ['type' => 'object', 'properties' => ['x' => ['type' => 'integer']]]]],
        ];
        $request = $this->read($schemas, 'Category')['requests'][0];
        $names = [];
        foreach ($request['parts'] as $part) {
            $names[] = $part['name'];
            foreach ($part['parts'] ?? [] as $inner) {
                $names[] = $part['name'].' / '.$inner['name'];
            }
        }
        self::assertSame(array_unique($names), $names);
        self::assertContains('Name', $names);
        self::assertLessThan(12, count($names));
        $shape = json_decode((string) $request['shape']);
        self::assertTrue(
            (new Validator())
                ->validate(json_decode('{"name": "a", "parent": {"name": "b", "children": []}, "children": [{"name": "c"}]}'), $shape)
                ->isValid(),
        );
        self::assertStringNotContainsString('[]', str_replace(['"required":[]'], '', (string) $request['shape']));
        self::assertArrayNotHasKey('parts', $this->read($schemas, 'Loop')['requests'][0]);
        self::assertSame(['X'], array_column($this->read($schemas, 'Self')['requests'][0]['parts'], 'name'));
    }

    public function test_variables_within_variables_are_put_in_once(): void
    {
        $variables = [];
        for ($i = 0; $i < 40; $i++) {
            $variables["v$i"] = ['default' => str_repeat('{v'.($i + 1).'}', 10)];
        }
        $read = $this->read([], '', 1, ['servers' => [['url' => 'https://api.example/{v0}', 'variables' => $variables]]]);

        self::assertSame('https://api.example/'.str_repeat('{v1}', 10), $read['address']);
    }

    public function test_very_many_names_and_parameters_are_bounded(): void
    {
        $from = microtime(true);
        $sample = (object) array_combine(array_map(fn (int $i): string => "key $i", range(1, 60_000)), range(1, 60_000));
        $shape = JsonShape::of([$sample, $sample]);
        $taken = [];
        self::assertCount(40, Parts::of($shape['items'], 'Thing', $taken));
        self::assertCount(JsonShape::NAMES, $shape['items']['properties']);
        $parameters = array_map(fn (int $i): array => ['name' => "p$i", 'in' => 'path', 'schema' => ['type' => 'string']], range(1, 30_000));
        $read = OpenApiReading::read(
            [
                'openapi' => '3.1.0',
                'info' => ['title' => 'Many'],
                'paths' => [
                    '/'.implode('/', array_map(fn (int $i): string => "{p$i}", range(1, 30_000))) => [
                        'get' => ['parameters' => $parameters, 'responses' => []],
                    ],
                ],
            ],
            '',
            Blueprint::begin('A'),
        );

        self::assertCount(40, $read['requests'][0]['takes']);
        self::assertLessThan(3.0, microtime(true) - $from);
    }

    public function test_all_operations_can_be_chosen_and_what_is_left_is_said(): void
    {
        $many = fn (int $n): array => [
            'openapi' => '3.0.0',
            'info' => ['title' => 'Large'],
            'paths' => array_combine(array_map(fn (int $i): string => "/thing$i", range(1, $n)), array_fill(0, $n, ['get' => ['responses' => []]])),
        ];

        self::assertCount(500, OpenApiReading::read($many(500), '', Blueprint::begin('A'))['requests']);
        self::assertSame('', OpenApiReading::left($many(1000)));
        self::assertCount(1000, OpenApiReading::read($many(1200), '', Blueprint::begin('A'))['requests']);
        self::assertSame(
            'This document has 1,200 requests. The first 1,000 can be chosen here; for others paste the part of the document that has them.',
            OpenApiReading::left($many(1200)),
        );
    }

    private float $took = 0;

    /**
     * @param  array<string, mixed>  $schemas
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private function read(array $schemas, string $answer, int $operations = 1, array $more = []): array
    {
        $paths = [];
        for ($i = 0; $i < $operations; $i++) {
            $paths["/thing$i"] = [
                'get' => ['responses' => ['200' => ['content' => ['application/json' => ['schema' => ['$ref' => "#/components/schemas/$answer"]]]]]],
            ];
        }
        $from = microtime(true);
        $read = OpenApiReading::read(
            ['openapi' => '3.1.0', 'info' => ['title' => 'T'], 'paths' => $paths, 'components' => ['schemas' => $schemas]] + $more,
            '',
            Blueprint::begin('A'),
        );
        $this->took = microtime(true) - $from;

        return $read;
    }
}
