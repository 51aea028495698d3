<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Text\Pattern;

/** A phone number in E.164: a plus, the country's code, at most 15 digits. */
final readonly class PhoneType implements FieldType
{
    use KeptAsText;

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('is a phone number', 'is phone number'));
    }

    public function read(mixed $input): ?string
    {
        $text = self::typed($input);
        if ($text === '') {
            return null;
        }
        $digits = Pattern::replace('/^00/', '+', Pattern::replace('/[\s().\/-]+/', '', $text));

        return Pattern::match('/^\+[1-9]\d{6,14}$/', $digits)
            ? $digits
            : throw new UnreadableValue("“{$text}” is not a phone number with its country’s code, as in +44 20 7946 0000.");
    }

    public function control(): string
    {
        return 'phone';
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return sprintf('+4420794600%02d', $faker->numberBetween(0, 99));
    }
}
