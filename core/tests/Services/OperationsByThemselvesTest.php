<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Services;

use Lanai\Core\Exchange\OpenApiReading;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\TestCase;

/** What operations of an OpenAPI document say for themselves: how they are signed in to, examples of answers, files (OpenAPI 3.0.3 and 3.1.0). */
final class OperationsByThemselvesTest extends TestCase
{
    public function test_the_sign_in_of_most_operations_is_that_of_the_service(): void
    {
        $of = fn (string ...$schemes): array => ['get' => ['security' => array_map(fn (string $s): array => [$s => []], $schemes), 'responses' => []]];
        $read = $this->read(
            ['/a' => $of('login'), '/b' => $of('key'), '/c' => $of('key')],
            ['login' => ['type' => 'http', 'scheme' => 'basic'], 'key' => ['type' => 'apiKey', 'in' => 'header', 'name' => 'X-Key']],
        );

        self::assertSame([['kind' => 'header', 'header' => 'X-Key']], $read['signing']);
    }

    public function test_operations_that_differ_ask_without_signing_in_or_are_named(): void
    {
        $with = fn (?array $security): array => ['get' => ['responses' => []] + ($security === null ? [] : ['security' => $security])];
        $document = [
            'openapi' => '3.1.0',
            'info' => ['title' => 'T'],
            'security' => [['key' => []]],
            'paths' => [
                '/a' => $with(null),
                '/b' => $with([]),
                '/c' => $with([['login' => []]]),
                '/d' => $with([['login' => []], []]),
                '/e' => $with([['key' => []], []]),
                '/f' => $with([['key' => [], 'login' => []]]),
            ],
            'components' => ['securitySchemes' => ['login' => ['type' => 'http', 'scheme' => 'basic'], 'key' => ['type' => 'http', 'scheme' => 'bearer']]],
        ];
        $read = OpenApiReading::read($document, '', Blueprint::begin('A'));

        self::assertSame([['kind' => 'bearer']], $read['signing']);
        self::assertSame([false, true, false, true, false, false], array_map(fn (array $r): bool => $r['open'] ?? false, $read['requests']));
        self::assertSame(
            'One request, GET /c, signs in another way than the rest. Put it into a service of its own that signs in so.',
            OpenApiReading::left($document),
        );
        $document['paths']['/g'] = $with([['login' => []]]);
        self::assertSame(
            '2 requests, such as GET /c, sign in another way than the rest. Put them into a service of their own that signs in so.',
            OpenApiReading::left($document),
        );
        unset($document['paths']['/c'], $document['paths']['/g']);
        self::assertSame('', OpenApiReading::left($document));
    }

    public function test_an_example_tells_what_no_schema_does(): void
    {
        $json = fn (array $medium): array => ['get' => ['responses' => ['200' => ['content' => ['application/json' => $medium]]]]];
        $read = $this->read([
            '/a' => $json(['example' => [['id' => 1, 'name' => 'Cove']]]),
            '/b' => $json(['schema' => ['type' => 'object'], 'examples' => ['one' => ['value' => ['title' => 'Dawn']]]]),
        ]);

        self::assertSame([['Id', 'Name'], ['Title']], array_map(fn (array $r): array => array_column($r['parts'], 'name'), $read['requests']));
    }

    public function test_binary_fields_take_files(): void
    {
        $properties = [
            'title' => ['type' => 'string'],
            'photo' => ['type' => 'string', 'format' => 'binary'],
            'paper' => ['contentMediaType' => 'application/pdf'],
            'scan' => ['contentMediaType' => 'image/png'],
        ];
        $read = $this->read([
            '/up' => [
                'post' => [
                    'requestBody' => ['content' => ['multipart/form-data' => ['schema' => ['type' => 'object', 'properties' => $properties]]]],
                    'responses' => [],
                ],
            ],
        ]);

        self::assertSame('pieces', $read['requests'][0]['body']);
        self::assertSame(
            ['Title' => 'longText', 'Photo' => 'picture', 'Paper' => 'file', 'Scan' => 'picture'],
            array_column(array_map(fn (array $v): array => [$v['name'], $v['type']['kind']], $read['requests'][0]['takes']), 1, 0),
        );
    }

    /**
     * @param  array<string, mixed>  $paths
     * @param  array<string, mixed>  $schemes
     * @return array<string, mixed>
     */
    private function read(array $paths, array $schemes = []): array
    {
        return OpenApiReading::read(
            ['openapi' => '3.1.0', 'info' => ['title' => 'T'], 'paths' => $paths, 'components' => ['securitySchemes' => $schemes]],
            '',
            Blueprint::begin('A'),
        );
    }
}
