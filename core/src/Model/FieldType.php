<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Faker\Generator;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\HasSentence;

/** What a field can hold: its storage, its check, its way from text and back. One class per type. */
interface FieldType extends HasSentence
{
    public function type(): Type;

    /** @return 'TEXT'|'INTEGER'|'REAL'|'' the SQLite column type; '' for what has no column of its own */
    public function column(): string;

    /** The stored form of a value: string, int, float or null. */
    public function store(mixed $value): string|int|float|null;

    /** The value of a stored form. */
    public function load(mixed $stored): mixed;

    /**
     * The value that a person's input stands for; null for an empty one.
     *
     * @throws UnreadableValue with a sentence for the person
     */
    public function read(mixed $input): mixed;

    /** How the value is written in a grid and in files, and read back by read(). */
    public function write(mixed $value): string;

    /** The control that asks for it, as in docs/view.schema.json; '' where nobody is asked. */
    public function control(): string;

    /** @return list<string> what can be picked, for a choice */
    public function options(): array;

    /** A value that fits the type and the field's name, for sample rows; null where none can be made. */
    public function sample(Generator $faker, string $name): mixed;
}
