<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Text\Pattern;

/** Any of a few texts, kept as a JSON array in the order of the options. */
final readonly class ChoicesType implements FieldType
{
    use StoredByKind;

    /** @param  list<string>  $options */
    public function __construct(public array $options = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('are any of', new Series('options', ',', TextFit::words()));
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
        $left = mb_strtolower(is_array($input) ? implode('; ', array_filter($input, is_string(...))) : self::typed($input));
        $known = $this->options;
        usort($known, fn (string $a, string $b): int => mb_strlen($b) <=> mb_strlen($a));
        $found = [];
        // The longest first, so that an option may hold a semicolon itself.
        while (($left = ltrim($left, "; \t\n")) !== '') {
            $next =
                array_values(
                    array_filter($known, fn (string $option): bool => Pattern::match('/^'.preg_quote(mb_strtolower($option), '/').'\s*(;|$)/u', $left)),
                )[0] ?? throw new UnreadableValue('Please use only '.implode('; ', $this->options).', with semicolons between them.');
            $found[$next] = true;
            $left = mb_substr($left, mb_strlen($next));
        }
        $chosen = array_values(array_filter($this->options, fn (string $option): bool => isset($found[$option])));

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
