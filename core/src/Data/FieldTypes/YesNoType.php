<?php

declare(strict_types=1);

namespace Lanai\Core\Data\FieldTypes;

use Lanai\Core\Data\FieldType;
use Lanai\Core\Data\UnreadableValue;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Words;

final readonly class YesNoType implements FieldType
{
    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('yes or no'));
    }

    public function type(): Type
    {
        return Type::of(Kind::YesNo);
    }

    public function column(): string
    {
        return 'INTEGER';
    }

    public function store(mixed $value): ?int
    {
        return is_bool($value) ? (int) $value : null;
    }

    public function load(mixed $stored): ?bool
    {
        return $stored === null ? null : (bool) $stored;
    }

    public function read(mixed $input): ?bool
    {
        $text = is_bool($input) ? ($input ? 'yes' : 'no') : (is_scalar($input) ? strtolower(trim((string) $input)) : '');

        return match ($text) {
            '' => null,
            'yes', 'true', '1' => true,
            'no', 'false', '0' => false,
            default => throw new UnreadableValue("“{$text}” is neither yes nor no."),
        };
    }

    public function write(mixed $value): string
    {
        return is_bool($value) ? ($value ? 'yes' : 'no') : '';
    }

    public function control(): string
    {
        return 'switch';
    }
}
