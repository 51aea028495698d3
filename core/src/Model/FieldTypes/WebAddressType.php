<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Text\Pattern;

/** An http or https address. */
final readonly class WebAddressType implements FieldType
{
    use KeptAsText;

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('is a web address', 'is web address'));
    }

    public function read(mixed $input): ?string
    {
        $text = self::typed($input);
        if ($text === '') {
            return null;
        }
        $address = Pattern::match('~^[\w-]+(\.[\w-]+)+([/?#].*)?$~', $text) ? "https://$text" : $text;

        return Pattern::match('~^https?://[^/\s]+\.[^/\s]+~i', $address) && filter_var($address, FILTER_VALIDATE_URL) !== false
            ? $address
            : throw new UnreadableValue("“{$text}” is not a web address, as in https://example.org.");
    }

    public function control(): string
    {
        return 'web';
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return 'https://'.$faker->domainWord().'.example';
    }
}
