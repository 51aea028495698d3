<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Exchange;

use Lanai\Core\Exchange\JsonSchema;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Tests\Support\BlueprintMaker;
use Lanai\Core\Tests\Support\World;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;

/** opis/json-schema judges by JSON Schema 2020-12. */
final class JsonSchemaTest extends TestCase
{
    public function test_the_published_schema_is_the_one_of_the_classes(): void
    {
        $published = (string) file_get_contents(__DIR__.'/../../../docs/blueprint.schema.json');

        self::assertSame(json_encode(JsonSchema::document(), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES)."\n", $published, 'Run php artisan lanai:schema.');
    }

    public function test_every_blueprint_meets_it(): void
    {
        self::assertTrue($this->meets(World::saltlark()->blueprint->data()));
        for ($seed = 1; $seed <= 8; $seed++) {
            self::assertTrue($this->meets((new BlueprintMaker($seed))->make(Blueprint::class)), "seed $seed");
        }
    }

    public function test_what_is_no_blueprint_does_not(): void
    {
        self::assertFalse($this->meets(['name' => 'A', 'screens' => [['name' => 'S', 'lines' => [['kind' => 'dance']]]]]));
        self::assertFalse($this->meets(['name' => 'A', 'colour' => 'red']));
    }

    /** @param  array<string, mixed>  $data */
    private function meets(array $data): bool
    {
        return (new Validator)->validate(json_decode((string) json_encode($data)), (string) json_encode(JsonSchema::document()))->isValid();
    }
}
