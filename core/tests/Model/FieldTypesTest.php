<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Model;

use Faker\Factory;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\FieldTypes;
use Lanai\Core\Model\Shape;
use Lanai\Core\Model\UnreadableValue;
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
        yield [['kind' => 'longText'], "two\r\nlines", "two\nlines", "two\nlines"];
        // ISO 4217: the euro has two digits after the point, the yen none, the Tunisian dinar three.
        yield [['kind' => 'money', 'currency' => 'EUR'], '12.5', 1250, '12.50'];
        yield [['kind' => 'money', 'currency' => 'JPY'], '1250 JPY', 1250, '1250'];
        yield [['kind' => 'money', 'currency' => 'TND'], '-0.125', -125, '-0.125'];
        yield [['kind' => 'date'], '2026-12-24T23:00', '2026-12-24', '2026-12-24'];
        yield [['kind' => 'time'], '7:30', '07:30', '07:30'];
        // ISO 8601 durations beside what people write.
        yield [['kind' => 'duration'], 'PT1H30M', 5400, '1 h 30 min'];
        yield [['kind' => 'duration'], '1:30', 5400, '1 h 30 min'];
        yield [['kind' => 'duration'], '2 days 5 min', 173100, '2 d 5 min'];
        yield [['kind' => 'choice', 'options' => ['Sand', 'Rock']], 'rock', 'Rock', 'Rock'];
        yield [['kind' => 'choices', 'options' => ['Sand', 'Rock', 'Pier']], 'pier; sand', '["Sand","Pier"]', 'Sand; Pier'];
        yield [['kind' => 'choices', 'options' => ['deep; cold', 'deep', 'warm']], 'WARM;deep; cold', '["deep; cold","warm"]', 'deep; cold; warm'];
        yield [['kind' => 'file'], str_repeat('b', 64).'.pdf', str_repeat('b', 64).'.pdf', str_repeat('b', 64).'.pdf'];
        yield [['kind' => 'place'], '50.1234567 -5.5', '50.123457, -5.5', '50.123457, -5.5'];
        yield [['kind' => 'rating', 'most' => 10], '10', 10, '10'];
        yield [['kind' => 'colour'], '#0b6e5f', '#0B6E5F', '#0B6E5F'];
        yield [['kind' => 'email'], 'Ada@Example.ORG', 'Ada@example.org', 'Ada@example.org'];
        // ITU-T E.164: a plus and at most 15 digits.
        yield [['kind' => 'phone'], '0044 (20) 7946-0000', '+442079460000', '+442079460000'];
        yield [['kind' => 'web'], 'example.org/a?b', 'https://example.org/a?b', 'https://example.org/a?b'];
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
        yield [['kind' => 'links', 'table' => 'Spots'], '1, x', 'pick rows'];
        yield [['kind' => 'money', 'currency' => 'EUR'], '12.505', 'Write it as 12.55'];
        yield [['kind' => 'money', 'currency' => 'JPY'], '12.5', 'Write it as 1250'];
        yield [['kind' => 'money', 'currency' => 'EUR', 'least' => 5], '4.99', 'at least 5 EUR'];
        yield [['kind' => 'date'], '2027-02-29', 'is not a date'];
        yield [['kind' => 'time'], '24:00', 'is not a time'];
        yield [['kind' => 'duration'], 'soon', 'is not a duration'];
        yield [['kind' => 'choice', 'options' => ['Sand']], 'Mud', 'not one of Sand'];
        yield [['kind' => 'choices', 'options' => ['Sand']], 'Sand; Mud', 'Please use only Sand'];
        yield [['kind' => 'place'], '91, 0', 'is not a place'];
        yield [['kind' => 'rating'], '6', 'from 1 to 5'];
        yield [['kind' => 'colour'], 'red', 'is not a colour'];
        yield [['kind' => 'email'], 'ada@', 'is not an e-mail'];
        yield [['kind' => 'phone'], '0207 946', 'country’s code'];
        yield [['kind' => 'web'], 'javascript:alert(1)', 'is not a web address'];
        yield [['kind' => 'text', 'least' => 3], 'ab', 'at least 3 characters'];
        yield [['kind' => 'decimal', 'most' => 30], '30.5', 'at most 30'];
    }

    /** @param  array<string, mixed>  $type */
    #[DataProvider('refusals')]
    public function test_what_is_no_value_is_refused_with_a_sentence(array $type, string $input, string $words): void
    {
        $this->expectException(UnreadableValue::class);
        $this->expectExceptionMessageMatches('/'.preg_quote($words, '/').'/');

        Shape::make(FieldType::class, $type)->read($input);
    }

    /** Whatever is made up for a field must be what the field takes. */
    public function test_samples_fit_their_type(): void
    {
        $faker = Factory::create('en_GB');
        $faker->seed(5);
        $made = 0;
        foreach (FieldTypes::family()->kinds as $kind => $class) {
            $type = Shape::make(
                FieldType::class,
                ['kind' => $kind] + ($kind === 'text' ? ['like' => 'AB-12'] : []) + (str_starts_with($kind, 'choice') ? ['options' => ['Sand', 'Rock']] : []),
            );
            for ($i = 0; $i < 20; $i++) {
                $sample = $type->sample($faker, 'Name');
                self::assertEquals($sample, $type->read($type->write($sample)), $kind);
                $made += $sample === null ? 0 : 1;
            }
        }
        self::assertGreaterThan(300, $made);
    }
}
