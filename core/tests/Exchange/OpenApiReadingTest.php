<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Exchange;

use Lanai\Core\Edits\Detail;
use Lanai\Core\Exchange\NewService;
use Lanai\Core\Exchange\NotUnderstood;
use Lanai\Core\Exchange\OpenApiReading;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Screen;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Services\Request;
use Lanai\Core\Tests\Support\InMemoryRecordStore;
use Lanai\Core\Tests\Support\PretendServices;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/** OpenAPI documents, written from the specification's own text (OpenAPI 3.0.3 and 3.1.0, the examples of their sections). */
final class OpenApiReadingTest extends TestCase
{
    private const PETS = <<<'YAML'
    openapi: 3.0.3
    info: {title: Sample Pet Store API, version: 1.0.1}
    servers:
      - url: https://{username}.gigantic-server.example:{port}/{basePath}
        variables:
          username: {default: demo}
          port: {enum: ['8443', '443'], default: '8443'}
          basePath: {default: v2}
    security: [{api_key: []}]
    paths:
      /pets:
        parameters: [{name: X-Trace, in: header, schema: {type: string}}]
        get:
          description: Returns all pets from the system that the user has access to
          operationId: listPets
          parameters:
            - $ref: '#/components/parameters/limitParam'
            - {name: kind, in: query, schema: {type: string, enum: [cat, dog]}}
          responses:
            '200':
              description: A list of pets.
              content: {application/json: {schema: {type: array, items: {$ref: '#/components/schemas/pet'}}}}
        post:
          summary: Add a pet
          requestBody:
            required: true
            content: {application/json: {schema: {$ref: '#/components/schemas/pet'}}}
          responses:
            '201': {description: Made, content: {application/json: {schema: {$ref: '#/components/schemas/pet'}}}}
      /pets/{id}:
        get:
          operationId: get_pet
          parameters: [{name: id, in: path, required: true, schema: {type: integer, format: int64}, example: 7}]
          responses:
            default: {description: One, content: {application/json: {schema: {$ref: '#/components/schemas/pet'}}}}
    components:
      parameters:
        limitParam: {name: limit, in: query, description: max records to return, schema: {type: integer, format: int32, default: 20}}
      securitySchemes:
        other: {type: http, scheme: basic}
        api_key: {type: apiKey, name: api_key, in: header}
      schemas:
        pet:
          allOf:
            - type: object
              required: [id, name]
              properties: {id: {type: integer, readOnly: true}, name: {type: string}}
            - type: object
              properties: {born: {type: string, format: date}, owner: {type: object, properties: {email: {type: string, format: email}}},
                tag: {type: string, nullable: true}}
    YAML;

    public function test_each_operation_is_a_request_with_its_blanks_and_parts(): void
    {
        $service = OpenApiReading::read(Yaml::parse(self::PETS), '', Blueprint::begin('App'));

        self::assertSame(
            ['Sample pet store', 'https://demo.gigantic-server.example:8443/v2', [['kind' => 'header', 'header' => 'api_key']]],
            [$service['name'], $service['address'], $service['signing']],
        );
        self::assertSame(['Pets', 'Add a pet', 'One pet'], array_column($service['requests'], 'name'));
        [$list, $add, $one] = $service['requests'];
        self::assertSame(['X trace', 'Limit', 'Kind'], array_column($list['takes'], 'name'));
        self::assertSame(['20', ['cat', 'dog']], [$list['takes'][1]['begins'], $list['takes'][2]['type']['options']]);
        self::assertSame(['Id' => 'whole', 'Name' => 'longText', 'Born' => 'date', 'Email' => 'email', 'Tag' => 'longText'], $this->kinds($list['parts']));
        self::assertSame(
            ['json', ['name', 'born', 'tag']],
            [$add['body'], array_column(array_values(array_filter($add['sends'], fn (array $s): bool => $s['in'] === 'body')), 'name')],
        );
        self::assertSame(['/pets/{id}', '7'], [$one['address'], $one['takes'][0]['tried']]);
    }

    public function test_what_was_read_is_an_app_without_a_fault(): void
    {
        $service = OpenApiReading::read(Yaml::parse(self::PETS), '', Blueprint::begin('App'));
        $app = Blueprint::fromData(['name' => 'App', 'services' => [$service]]);

        self::assertSame($app->script(), Blueprint::fromScript($app->script())->script());
        self::assertSame(
            [],
            array_map(
                fn (Finding $f): string => "$f->at $f->sentence",
                array_values(array_filter(Findings::in(Reading::of($app)), fn (Finding $f): bool => str_starts_with($f->at, '/services') && $f->blocks)),
            ),
        );
    }

    public function test_a_document_of_3_1_with_types_in_lists_and_a_relative_server(): void
    {
        $service = OpenApiReading::read(
            [
                'openapi' => '3.1.0',
                'info' => ['title' => 'Sea'],
                'servers' => [['url' => '/v1']],
                'paths' => [
                    '/now' => [
                        'get' => [
                            'responses' => [
                                '200' => [
                                    'content' => [
                                        'application/json; charset=utf-8' => [
                                            'schema' => ['type' => 'object', 'properties' => ['celsius' => ['type' => ['number', 'null']]]],
                                        ],
                                    ],
                                ],
                            ],
                        ],
                    ],
                ],
                'components' => [
                    'securitySchemes' => [
                        'o' => ['type' => 'oauth2', 'flows' => ['clientCredentials' => ['tokenUrl' => 'https://sea.example/token', 'scopes' => []]]],
                    ],
                ],
            ],
            'https://sea.example/docs/openapi.json',
            Blueprint::begin('App'),
        );

        self::assertSame('https://sea.example/v1', $service['address']);
        self::assertSame([['kind' => 'client', 'token' => 'https://sea.example/token']], $service['signing']);
        self::assertSame(['Celsius' => 'decimal'], $this->kinds($service['requests'][0]['parts']));
    }

    public function test_other_documents_are_refused_with_a_sentence(): void
    {
        foreach ([['swagger' => '2.0'], ['openapi' => '2.9'], ['hello' => 1]] as $document) {
            try {
                OpenApiReading::read($document, '', Blueprint::begin('App'));
                self::fail('It was read.');
            } catch (NotUnderstood $wrong) {
                self::assertNotSame('', $wrong->getMessage());
            }
        }
    }

    public function test_from_a_list_follow_the_request_for_one_and_both_screens(): void
    {
        $service = OpenApiReading::read(Yaml::parse(self::PETS), '', Blueprint::begin('App'));
        $app = Blueprint::fromData(['name' => 'App', 'services' => [['requests' => [$service['requests'][0]]] + $service]]);
        $list = $app->services[0]->requests[0];
        self::assertInstanceOf(Request::class, $list);
        $taken = NewService::taken($app);
        $one = Detail::of($list, $taken);
        self::assertSame('/pets/{id}', $one['address'] ?? '');
        $data = $app->data();
        $data['services'][0]['requests'][] = $one;
        $data['screens'] = Detail::screens($list, $one, $app);
        $made = Blueprint::fromData($data);

        self::assertSame(['Pets', 'Pet'], array_map(fn (Screen $s): string => $s->name, $made->screens));
        self::assertSame(
            [],
            array_map(
                fn (Finding $f): string => "$f->at $f->sentence",
                array_values(array_filter(Findings::in(Reading::of($made)), fn (Finding $f): bool => $f->blocks && ! str_starts_with($f->at, '/release'))),
            ),
        );
        $services = new PretendServices([
            'GET https://demo.gigantic-server.example:8443/v2/pets?limit=20' => [['id' => 5, 'name' => 'Rex']],
            'GET https://demo.gigantic-server.example:8443/v2/pets/5' => ['id' => 5, 'name' => 'Rex', 'tag' => 'good'],
        ]);
        $player = new Player($made, new InMemoryRecordStore($made), null, $services, rehearsal: true);
        $items = $player->show(new Visit(World::moment(), 'pets', waits: true), Trail::none())['nodes'][0]['nodes'][0]['items'];
        $go = $player->tap(new Visit(World::moment(), 'pets'), '/screens/0/lines/0/lines/0', $items[0]['id'], '', Trail::none())->go;
        self::assertSame(['5'], $go['args'] ?? []);
        self::assertSame(
            'Tag: good',
            $player->show(new Visit(World::moment(), 'pet', $go['args'] ?? [], waits: true), Trail::none())['nodes'][0]['nodes'][4]['text'],
        );
    }

    /**
     * @param  list<array<string, mixed>>  $parts
     * @return array<string, string>
     */
    private function kinds(array $parts): array
    {
        return array_combine(array_column($parts, 'name'), array_map(fn (array $p): string => $p['type']['kind'], $parts));
    }
}
