<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\InlineNode;
use Lanai\Core\Language\Prose;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Text\Names;

/** A value that a screen, a routine or a piece is given: its name and its type. */
final readonly class Parameter implements AnyParameter, HasSentence
{
    public function __construct(public string $name, public FieldType $type)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(new Blank('name', NameFit::of('the name of what is given')), new InlineNode('type', FieldTypes::asked()));
    }

    public function key(Blueprint $blueprint): string
    {
        return Names::inFormula($this->name);
    }

    public function called(): string
    {
        return $this->name;
    }

    public function type(): Type
    {
        return $this->type->type();
    }

    public function mayBeEmpty(): bool
    {
        return true;
    }

    public function read(int|string $argument): mixed
    {
        return $this->type->read((string) $argument);
    }

    public function argument(mixed $value): int|string
    {
        if ($value === null || $value instanceof Row) {
            return $value->id ?? '';
        }

        return $this->type->write(is_int($value) && $this->type()->kind === Kind::Decimal ? (float) $value : $value);
    }

    /** @return array<string, Type> as formulas call them */
    public static function types(mixed $taking): array
    {
        $types = [];
        foreach (Prose::nodes($taking) as $one) {
            if (is_string($one['name'] ?? null) && $one['name'] !== '') {
                $types[Names::inFormula($one['name'])] = Shape::make(FieldType::class, Prose::node($one['type'] ?? []))->type();
            }
        }

        return $types;
    }
}
