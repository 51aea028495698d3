<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

/** The names that a formula may use at one place, with their types. */
final readonly class Scope
{
    /**
     * @param  array<string, Type>  $names  as spelled in formulas
     * @param  TableType|null  $row  the table whose fields stand bare here
     * @param  TableType|null  $target  the table whose fields are assigned or asked for here
     * @param  array<string, Type>  $inputs  what `input.` offers
     * @param  Type|null  $wanted  the type that fits, where a blank depends on its neighbours
     * @param  bool  $lost  true under a table that is not known: nothing can be said of the names there
     */
    private function __construct(
        public Schema $schema,
        public array $names = [],
        public ?TableType $row = null,
        public ?TableType $target = null,
        public array $inputs = [],
        public ?Type $wanted = null,
        public bool $lost = false,
    ) {
    }

    public static function of(Schema $schema): self
    {
        $person = $schema->person();

        return new self($schema, $person === null ? [] : ['me' => $person], inputs: $schema->remembered());
    }

    /** @param  array<string, Type>  $names */
    public function with(array $names): self
    {
        return new self($this->schema, [...$this->names, ...$names], $this->row, $this->target, $this->inputs, $this->wanted, $this->lost);
    }

    /** About one row: `this`, and its parts bare. The parts of the row around it stay known unless this one has the same. */
    public function inRow(?TableType $table): self
    {
        $outer = $this->row === null ? [] : $this->schema->partsOf($this->row);
        $names = $table === null ? $this->names : [...$this->names, ...$outer, 'this' => Type::row($table->one())];

        return new self($this->schema, $names, $table, $table, $this->inputs, $this->wanted, $this->lost || $table === null);
    }

    /** About one item of a list. */
    public function inItem(Type $item): self
    {
        return $item->kind === Kind::Row ? $this->inRow($this->schema->tableOfOne($item->one)) : $this->with(['this' => $item]);
    }

    public function target(?TableType $table): self
    {
        return new self($this->schema, $this->names, $this->row, $table, $this->inputs, $this->wanted, $this->lost || $table === null);
    }

    public function wanting(?Type $type): self
    {
        return new self($this->schema, $this->names, $this->row, $this->target, $this->inputs, $type, $this->lost);
    }

    /** @param  array<string, Type>  $inputs */
    public function asking(array $inputs): self
    {
        return new self($this->schema, $this->names, $this->row, $this->target, [...$this->inputs, ...$inputs], $this->wanted, $this->lost);
    }

    /** The type of a bare name; null where it is unknown. The row's own parts win over the screen's names, and these over whole tables. */
    public function typeOf(string $name): ?Type
    {
        return ($this->row === null ? null : $this->schema->partsOf($this->row)[$name] ?? null) ?? $this->names[$name] ?? $this->schema->lists()[$name] ?? null;
    }

    /** @return array<string, Type> every bare name */
    public function all(): array
    {
        return [...$this->schema->lists(), ...$this->names, ...($this->row === null ? [] : $this->schema->partsOf($this->row))];
    }
}
