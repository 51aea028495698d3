<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Data;

use Lanai\Core\Blueprint\Shape;
use Lanai\Core\Data\FieldType;
use Lanai\Core\Data\UnreadableValue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FieldTypesTest extends TestCase
{
    /** @return iterable<array{array<string, mixed>, string, string|int|float|null, string}> type, input, stored, written */
    public static function values(): iterable
    {
        yield [['kind' => 'text'], 'Zoë', 'Zoë', 'Zoë'];
        yield [['kind' => 'text'], "Zoe\u{0308}", 'Zoë', 'Zoë'];
        yield [['kind' => 'text'], '  ', null, ''];
        yield [['kind' => 'whole'], ' -12 ', -12, '-12'];
        yield [['kind' => 'decimal'], '18.5', 18.5, '18.5'];
        yield [['kind' => 'yesNo'], 'Yes', 1, 'yes'];
        yield [['kind' => 'yesNo'], 'false', 0, 'no'];
        yield [['kind' => 'moment'], '2026-12-24 07:30', '2026-12-24T07:30:00Z', '2026-12-24 07:30'];
        // ISO 8601 with an offset is an instant: half past nine in Berlin in winter is half past eight in UTC.
        yield [['kind' => 'moment'], '2026-12-24T09:30:00+01:00', '2026-12-24T08:30:00Z', '2026-12-24 08:30'];
        yield [['kind' => 'moment'], '2028-02-29', '2028-02-29T00:00:00Z', '2028-02-29 00:00'];
        yield [['kind' => 'picture'], str_repeat('a', 64).'.png', str_repeat('a', 64).'.png', str_repeat('a', 64).'.png'];
        yield [['kind' => 'link', 'one' => 'Spot'], '7', 7, '7'];
        yield [['kind' => 'link', 'one' => 'Spot'], '', null, ''];
    }

    /** @param  array<string, mixed>  $type */
    #[DataProvider('values')]
    public function test_a_value_is_read_stored_and_written_back(array $type, string $input, string|int|float|null $stored, string $written): void
    {
        $type = Shape::make(FieldType::class, $type);
        $value = $type->read($input);

        self::assertSame($stored, $type->store($value));
        self::assertSame($written, $type->write($type->load($stored)));
        self::assertEquals($value, $type->read($written));
    }

    /** @return iterable<array{array<string, mixed>, string, string}> */
    public static function refusals(): iterable
    {
        yield [['kind' => 'text', 'most' => 3], 'four', 'at most 3 characters; this has 4'];
        yield [['kind' => 'whole'], '1.5', '“1.5” is not a whole number'];
        yield [['kind' => 'whole'], '9999999999999999', 'is not a whole number'];
        yield [['kind' => 'whole', 'least' => 1], '0', 'at least 1'];
        yield [['kind' => 'decimal'], '1,5', 'Use a point'];
        yield [['kind' => 'decimal'], '1e999', 'is not a number'];
        yield [['kind' => 'yesNo'], 'maybe', 'neither yes nor no'];
        yield [['kind' => 'moment'], '2027-02-29', 'is not a date and time'];
        yield [['kind' => 'moment'], '2026-12-24 25:00', 'is not a date and time'];
        yield [['kind' => 'picture'], '../../etc/passwd', 'upload a PNG'];
        yield [['kind' => 'link', 'one' => 'Spot'], 'x', 'pick one'];
    }

    /** @param  array<string, mixed>  $type */
    #[DataProvider('refusals')]
    public function test_what_is_no_value_is_refused_with_a_sentence(array $type, string $input, string $words): void
    {
        $this->expectException(UnreadableValue::class);
        $this->expectExceptionMessageMatches('/'.preg_quote($words, '/').'/');

        Shape::make(FieldType::class, $type)->read($input);
    }
}
