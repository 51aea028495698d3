<?php

declare(strict_types=1);

namespace Lanai\Core\Query;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Table;

/** A part of a formula in the form that a query can say: about columns of the row at hand and of rows linked to it. */
final readonly class Term
{
    /**
     * @param  'value'|'column'|'id'|'operator'|'call'|'choice'|'lookup'|'among'  $kind
     * @param  int  $row  0 for the row that the query is about, above for rows inside it
     * @param  list<self>  $parts
     * @param  string  $name  the operator, function or aggregate
     */
    private function __construct(
        public string $kind,
        public Type $type,
        public mixed $value = null,
        public int $row = 0,
        public ?Field $field = null,
        public ?Table $table = null,
        public string $name = '',
        public array $parts = [],
        public ?Among $among = null,
    ) {
    }

    public static function value(mixed $value, Type $type): self
    {
        return new self('value', $type, $value);
    }

    public static function column(int $row, Field $field): self
    {
        return new self('column', $field->valueType(), row: $row, field: $field);
    }

    /** The row itself, by its id. */
    public static function id(int $row, Table $table): self
    {
        return new self('id', Type::row($table->singular), row: $row, table: $table);
    }

    public static function operator(string $name, Type $type, self ...$parts): self
    {
        return new self('operator', $type, name: $name, parts: array_values($parts));
    }

    /** @param  Moment  $moment  when and where the function is computed */
    public static function call(string $name, Type $type, Moment $moment, self ...$parts): self
    {
        return new self('call', $type, QueryCall::moment($moment), name: $name, parts: array_values($parts));
    }

    public static function choice(self $condition, self $then, self $otherwise): self
    {
        return new self('choice', $then->type->joined($otherwise->type), parts: [$condition, $then, $otherwise]);
    }

    /** What a part says about the linked row, which is numbered $row in it. */
    public static function lookup(self $id, Table $table, int $row, self $part): self
    {
        return new self('lookup', $part->type, row: $row, table: $table, parts: [$id, $part]);
    }

    /** @param  'count'|'sum'|'average'|'min'|'max'|'any'  $name over several rows */
    public static function among(string $name, Type $type, Among $among): self
    {
        return new self('among', $type, name: $name, among: $among);
    }

    /** All of those that are there; null for none. */
    public static function every(?self ...$parts): ?self
    {
        $there = array_values(array_filter($parts, fn (?self $p): bool => $p !== null));

        return $there === [] ? null : self::all(...$there);
    }

    public static function all(self ...$parts): self
    {
        return count($parts) === 1 ? array_values($parts)[0] : self::operator('and', Type::of(Kind::YesNo), ...$parts);
    }

    /** The same id, as the number it is. */
    public function asNumber(): self
    {
        return new self($this->kind, Type::of(Kind::Whole), $this->value, $this->row, $this->field, $this->table, $this->name, $this->parts, $this->among);
    }

    /** True where it looks at other rows than the one at hand. */
    public function looksAround(): bool
    {
        return $this->among !== null || array_filter($this->parts, fn (self $part): bool => $part->looksAround()) !== [];
    }

    /** True where the result is never nothing. */
    public function isSure(): bool
    {
        return match ($this->kind) {
            'value' => $this->value !== null,
            'id' => true,
            'among' => in_array($this->name, ['count', 'any', 'sum'], true),
            'operator' => in_array($this->name, ['and', 'or', 'not', '==', '!=', '<', '>', '<=', '>=', 'contains', '~'], true),
            default => false,
        };
    }
}
