<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Services;

use Faker\Factory;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Services\JsonValues;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every value of every type goes out as JSON that its schema takes, and comes back as the value it was. */
final class JsonValuesTest extends TestCase
{
    private const FIELDS = [
        'is a text of at least 2 of at most 40',
        'is a long text',
        'is a whole number from -5 to 40',
        'is a decimal',
        'is money in EUR',
        'is money in JPY',
        'is yes or no',
        'is a date and time',
        'is a date',
        'is a time of day',
        'is a duration',
        'is one of "sand", "rock; hard"',
        'are any of "sand", "rock"',
        'is a place',
        'is a rating up to 5',
        'is a colour',
        'is an e-mail address',
        'is a phone number',
        'is a web address',
    ];

    /** @return iterable<string, array{string}> */
    public static function fields(): iterable
    {
        foreach (self::FIELDS as $field) {
            yield $field => [$field];
        }
    }

    #[DataProvider('fields')]
    public function test_values_go_out_and_come_back(string $sentence): void
    {
        $field = Blueprint::fromScript("app A\ntable Hens, each a Hen\n  Thing $sentence\n")->tables[0]->fields[0];
        $faker = Factory::create();
        $faker->seed(7);
        $schema = json_decode((string) json_encode(JsonValues::schema($field)));
        for ($n = 0; $n < 30; $n++) {
            $value = $field->type->sample($faker, 'Thing');
            $json = json_encode(JsonValues::of($value), JSON_PRESERVE_ZERO_FRACTION);
            self::assertTrue((new Validator())->validate(json_decode((string) $json), $schema)->isValid(), "$json by ".json_encode($schema));
            $back = $field->type->read(JsonValues::read($field, json_decode((string) $json, true)));
            self::assertSame($field->type->write($value), $field->type->write($back), (string) $json);
        }
        self::assertNull($field->type->read(JsonValues::read($field, null)));
    }

    public function test_json_of_another_kind_is_refused_in_a_sentence(): void
    {
        $table = Blueprint::fromScript(
            "app A\ntable Hens, each a Hen\n  Name is a text\n  Eggs is a whole number\n  Lays is yes or no\n  Egg price is money in EUR\n"
                ."  Lies is a place\n  Sits is a duration\n  Likes are any of \"a\", \"b\"\n  Nest is one Nest\n  Friends are many Hens\n"
                    ."table Nests, each a Nest\n  Label is a text\n",
        )->tables[0];
        foreach (
            [
                'name' => [5, 'a text'],
                'eggs' => ['5', 'a number'],
                'lays' => ['yes', 'true or false'],
                'eggPrice' => [5, 'an amount in EUR'],
                'lies' => ['1, 2', 'an object with latitude and longitude'],
                'sits' => [-1, 'a number of whole seconds'],
                'likes' => [[1], 'a list of texts'],
                'nest' => ['1', 'a number'],
                'friends' => [['1'], 'a list of ids'],
            ] as $name => [$json, $needed]
        ) {
            try {
                JsonValues::read($table->fieldInFormula($name) ?? self::fail($name), $json);
                self::fail($name);
            } catch (UnreadableValue $wrong) {
                self::assertSame("This must be $needed.", $wrong->getMessage());
            }
        }
    }
}
