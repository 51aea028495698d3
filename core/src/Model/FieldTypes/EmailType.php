<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\UnreadableValue;

/** An e-mail address (RFC 5321 as PHP's filter checks it), its domain in small letters. */
final readonly class EmailType implements FieldType
{
    use KeptAsText;

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('is an e-mail address', 'is an email address', 'is e-mail'));
    }

    public function read(mixed $input): ?string
    {
        $text = self::typed($input);
        if ($text === '') {
            return null;
        }
        $at = (int) strrpos($text, '@');
        $text = substr($text, 0, $at).strtolower(substr($text, $at));

        return filter_var($text, FILTER_VALIDATE_EMAIL, FILTER_FLAG_EMAIL_UNICODE) === false
            ? throw new UnreadableValue("“{$text}” is not an e-mail address.")
            : $text;
    }

    public function control(): string
    {
        return 'email';
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return $faker->safeEmail();
    }
}
