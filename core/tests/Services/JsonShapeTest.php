<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Services;

use Lanai\Core\Services\JsonShape;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;

/** Shapes of answers: what is inferred holds for the examples, and what breaks it is said. */
final class JsonShapeTest extends TestCase
{
    public function test_optional_parts_and_types_are_seen_over_several_answers(): void
    {
        $shape = JsonShape::both(
            JsonShape::of(json_decode('{"a": 1, "b": "2026-06-01", "c": [{"d": 1}, {"d": 1.5, "e": null}]}')),
            JsonShape::of(json_decode('{"a": 2.5, "b": "soon", "c": []}')),
        );

        self::assertSame(['a', 'b', 'c'], $shape['required']);
        self::assertSame(['type' => 'number'], $shape['properties']['a']);
        self::assertSame(['type' => 'string'], $shape['properties']['b']);
        self::assertSame(['d'], $shape['properties']['c']['items']['required']);
        self::assertSame('date', JsonShape::of(json_decode('"2026-06-01"'))['format']);
    }

    /** A property over generated JSON: what is inferred from several answers holds for each, as opis/json-schema judges it. */
    public function test_a_shape_holds_for_what_it_was_made_from(): void
    {
        mt_srand(20261124);
        $validator = new Validator();
        for ($n = 0; $n < 150; $n++) {
            $examples = [$this->json(), $this->json(), $this->json()];
            $shape = array_reduce(
                array_slice($examples, 1),
                fn (array $s, mixed $e): array => JsonShape::both($s, JsonShape::of($e)),
                JsonShape::of($examples[0]),
            );
            foreach ($examples as $example) {
                $schema = json_decode((string) json_encode($this->withoutFormats($shape)));
                self::assertTrue($validator->validate($example, is_array($schema) ? (object) [] : $schema)->isValid(), json_encode([$shape, $example]) ?: '');
                self::assertSame([], JsonShape::broken($shape, $example), json_encode([$shape, $example]) ?: '');
            }
        }
    }

    public function test_what_breaks_it_is_said_in_plain_words(): void
    {
        $shape = JsonShape::of(json_decode('{"water": {"celsius": 14.5}, "days": [{"celsius": 1, "note": "x"}], "name": "Cove"}'));

        self::assertSame([], JsonShape::broken($shape, json_decode('{"water": {"celsius": 14, "new": 1}, "days": [], "name": "Cove", "more": true}')));
        self::assertSame(
            [
                '“water.celsius” was a number and is now a text.',
                '“days[0].note” was always there and is missing now.',
                '“name” was a text and is now nothing.',
            ],
            JsonShape::broken($shape, json_decode('{"water": {"celsius": "cold"}, "days": [{"celsius": 2}], "name": null}')),
        );
        self::assertSame(['The answer was an object and is now a list.'], JsonShape::broken($shape, []));
    }

    private function json(int $depth = 0): mixed
    {
        return match (mt_rand(0, $depth > 3 ? 4 : 6)) {
            0 => mt_rand(-5, 5),
            1 => mt_rand() / 3,
            2 => ['', 'words', '2026-06-01', 'https://x.example/a'][mt_rand(0, 3)],
            3 => (bool) mt_rand(0, 1),
            4 => null,
            5 => array_map(fn (): mixed => $this->json($depth + 1), range(1, mt_rand(1, 3))),
            default => (object) array_combine(
                $names = array_slice(['a', 'b', 'c'], 0, mt_rand(1, 3)),
                array_map(fn (): mixed => $this->json($depth + 1), $names),
            ),
        };
    }

    /**
     * @param  array<array-key, mixed>  $shape
     * @return array<array-key, mixed>
     */
    private function withoutFormats(array $shape): array
    {
        return array_map(
            fn (mixed $v): mixed => is_array($v) ? $this->withoutFormats($v) : $v,
            array_filter(
                $shape,
                fn (mixed $v, string|int $k): bool => ! ($k === 'format' && is_string($v)) && ! (in_array($k, ['properties'], true) && $v === []),
                ARRAY_FILTER_USE_BOTH,
            ),
        );
    }
}
