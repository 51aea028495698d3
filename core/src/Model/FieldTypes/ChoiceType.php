<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\UnreadableValue;

/** One of a few texts. */
final readonly class ChoiceType implements FieldType
{
    use KeptAsText;
    use ReadsText;

    /** @param  list<string>  $options */
    public function __construct(public array $options = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('is one of', new Series('options', ',', TextFit::words()));
    }

    public function read(mixed $input): ?string
    {
        $text = self::clean($input);
        if ($text === null) {
            return null;
        }
        foreach ($this->options as $option) {
            if (mb_strtolower(trim($text)) === mb_strtolower($option)) {
                return $option;
            }
        }

        throw new UnreadableValue("“{$text}” is not one of ".implode(', ', $this->options).'.');
    }

    public function control(): string
    {
        return 'choice';
    }

    public function options(): array
    {
        return $this->options;
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return $this->options === [] ? null : $faker->randomElement($this->options);
    }
}
