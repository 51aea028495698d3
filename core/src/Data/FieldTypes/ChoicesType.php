<?php

declare(strict_types=1);

namespace Lanai\Core\Data\FieldTypes;

use Faker\Generator;
use Lanai\Core\Data\FieldType;
use Lanai\Core\Data\UnreadableValue;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Series;

/** Any of a few texts, kept as a JSON array in the order of the options. */
final readonly class ChoicesType implements FieldType
{
    use Kept;

    /** @param  list<string>  $options */
    public function __construct(public array $options = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('are any of', new Series('options', ',', TextFit::plain()));
    }

    public function type(): Type
    {
        return Type::several(Type::of(Kind::Text));
    }

    public function column(): string
    {
        return 'TEXT';
    }

    /** @return list<string>|null */
    public function read(mixed $input): ?array
    {
        $given = is_array($input) ? array_filter($input, is_string(...)) : explode(';', self::typed($input));
        $given = array_values(array_filter(array_map(fn (string $g): string => mb_strtolower(trim($g)), $given), fn (string $g): bool => $g !== ''));
        $chosen = array_values(array_filter($this->options, fn (string $option): bool => in_array(mb_strtolower($option), $given, true)));
        if (count($chosen) < count(array_unique($given))) {
            throw new UnreadableValue('Please use only '.implode('; ', $this->options).', with semicolons between them.');
        }

        return $chosen === [] ? null : $chosen;
    }

    public function control(): string
    {
        return 'choices';
    }

    public function options(): array
    {
        return $this->options;
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return $this->options === [] ? null : $this->read($faker->randomElements($this->options, $faker->numberBetween(1, min(3, count($this->options)))));
    }
}
