<?php

declare(strict_types=1);

namespace Lanai\Core\Script;

use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;

/** The names that a formula may use at one place, with their types. */
final readonly class Scope
{
    /**
     * @param  array<string, Type>  $names  as spelled in formulas
     * @param  Table|null  $row  the table whose fields stand bare here
     * @param  Table|null  $target  the table whose fields are assigned or asked for here
     * @param  array<string, Type>  $inputs  what `input.` offers
     * @param  Type|null  $wanted  the type that fits, where a blank depends on its neighbours
     * @param  bool  $lost  true under a table that is not known: nothing can be said of the names there
     */
    private function __construct(
        public Blueprint $blueprint,
        public array $names = [],
        public ?Table $row = null,
        public ?Table $target = null,
        public array $inputs = [],
        public ?Type $wanted = null,
        public bool $lost = false,
    ) {
    }

    public static function of(Blueprint $blueprint): self
    {
        $people = $blueprint->peopleTable();

        return new self($blueprint, $people === null ? [] : ['me' => Type::row($people->singular)], inputs: $blueprint->remembered());
    }

    /** @param  array<string, Type>  $names */
    public function with(array $names): self
    {
        return new self($this->blueprint, [...$this->names, ...$names], $this->row, $this->target, $this->inputs, $this->wanted, $this->lost);
    }

    /** About one row: `this`, and its parts bare. The parts of the row around it stay known unless this one has the same. */
    public function inRow(?Table $table): self
    {
        $outer = $this->row === null ? [] : $this->blueprint->partsOf($this->row);
        $names = $table === null ? $this->names : [...$this->names, ...$outer, 'this' => Type::row($table->singular)];

        return new self($this->blueprint, $names, $table, $table, $this->inputs, $this->wanted, $this->lost || $table === null);
    }

    /** About one item of a list. */
    public function inItem(Type $item): self
    {
        return $item->kind === Kind::Row ? $this->inRow($this->blueprint->tableOfOne($item->one)) : $this->with(['this' => $item]);
    }

    public function target(?Table $table): self
    {
        return new self($this->blueprint, $this->names, $this->row, $table, $this->inputs, $this->wanted, $this->lost || $table === null);
    }

    public function wanting(?Type $type): self
    {
        return new self($this->blueprint, $this->names, $this->row, $this->target, $this->inputs, $type, $this->lost);
    }

    /** @param  array<string, Type>  $inputs */
    public function asking(array $inputs): self
    {
        return new self($this->blueprint, $this->names, $this->row, $this->target, [...$this->inputs, ...$inputs], $this->wanted, $this->lost);
    }

    /** The type of a bare name; null where it is unknown. The row's own parts win over the screen's names, and these over whole tables. */
    public function typeOf(string $name): ?Type
    {
        return ($this->row === null ? null : $this->blueprint->partsOf($this->row)[$name] ?? null) ?? $this->names[$name] ?? $this->tables()[$name] ?? null;
    }

    /** @return array<string, Type> every bare name */
    public function all(): array
    {
        return [...$this->tables(), ...$this->names, ...($this->row === null ? [] : $this->blueprint->partsOf($this->row))];
    }

    /** @return array<string, Type> all rows of each table */
    private function tables(): array
    {
        $tables = [];
        foreach ($this->blueprint->tables as $table) {
            $tables[Names::inFormula($table->name)] = Type::several(Type::row($table->singular));
        }

        return $tables;
    }
}
