<?php

declare(strict_types=1);

namespace Lanai\Core\Formula\Kinds;

use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Type;

/**
 * All that is known of one kind of value: how it is written, kept, sent as JSON and compared. Another kind is one more class
 * here, a case of Kind, and its line in Kinds.
 */
abstract readonly class ValueKind
{
    protected const FILLED = ['filled' => 'is filled in', 'empty' => 'is empty'];

    protected const SAME = ['is' => 'is', 'isNot' => 'is not'] + self::FILLED;

    protected const BY_SIZE = [
        'is' => 'is',
        'isNot' => 'is not',
        'more' => 'is more than',
        'less' => 'is less than',
        'least' => 'is at least',
        'most' => 'is at most',
    ] + self::FILLED;

    protected const IN_TIME = [
        'more' => 'is after',
        'less' => 'is before',
        'least' => 'is no earlier than',
        'most' => 'is no later than',
        'is' => 'is',
    ] + self::FILLED;

    abstract public function holds(mixed $value): bool;

    abstract public function typeOf(mixed $value): Type;

    /** Written the same whoever looks: for grids and files. */
    abstract public function plain(mixed $value): string;

    /** Written for one person, in their language and zone. */
    public function shown(mixed $value, Moment $moment): string
    {
        return $this->plain($value);
    }

    /** As a formula writes it; null where none can. */
    public function literal(mixed $value): ?string
    {
        return null;
    }

    /** As it is kept: the kept form orders as the values do. */
    abstract public function kept(mixed $value): string|int|float|null;

    /** The value from what is kept; null for what is none. */
    abstract public function value(string|int|float|bool $kept, Type $type): mixed;

    /** @return string|int|float|bool|array<array-key, mixed>|null as other programs read it */
    public function json(mixed $value): string|int|float|bool|array|null
    {
        return $this->plain($value);
    }

    /** What a field's own reading takes, from the JSON of another program; null for JSON of another kind. */
    public function fromJson(mixed $json, Type $type): ?string
    {
        return is_string($json) ? $json : null;
    }

    /** What its JSON must be, in words: "a number". */
    public function jsonInWords(Type $type): string
    {
        return 'a text';
    }

    /** @return array<string, mixed> JSON Schema 2020-12 */
    public function schema(Type $type): array
    {
        return ['type' => 'string'];
    }

    /** Whether one comes before or after another. */
    public function isOrdered(): bool
    {
        return false;
    }

    /** The sum over none; null where there are no sums. */
    public function zero(Type $type): mixed
    {
        return null;
    }

    /** How long its bar is in a chart. */
    public function length(mixed $value): int|float
    {
        return 0;
    }

    /** @return array<string, string> what can be said of it by pointing: comparison => words */
    public function comparisons(): array
    {
        return self::FILLED;
    }

    /** @return array<array-key, string> values to compare with: formula => words */
    public function constants(Type $type): array
    {
        return [];
    }

    /** @return array<string, string> conditions that are at hand for a value: formula => words */
    public function conditions(string $path): array
    {
        return [];
    }
}
