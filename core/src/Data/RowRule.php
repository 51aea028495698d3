<?php

declare(strict_types=1);

namespace Lanai\Core\Data;

use Closure;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Names;

/** What holds for one field of a table, looked up once for all rows. */
final readonly class RowRule
{
    /**
     * @param  string  $key  the field's name in formulas
     * @param  Table|null  $linked  the table whose rows it links to
     * @param  (Closure(Row): mixed)|null  $onlyWhile  its condition, where it has one
     * @param  (Closure(Row): mixed)|null  $begins  what it is at first, where that is said
     */
    private function __construct(
        public Field $field,
        public FieldType $type,
        public string $column,
        public string $key,
        public bool $asked,
        public bool $required,
        public bool $unique,
        public ?Table $linked,
        public ?Closure $onlyWhile,
        public ?Closure $begins,
    ) {
    }

    /**
     * @param  Closure(string): (Closure(Row): mixed)  $formula  makes a function of a formula about the row
     * @return list<self>
     */
    public static function of(Table $table, Blueprint $blueprint, Closure $formula): array
    {
        return array_map(function (Field $field) use ($blueprint, $formula): self {
            $to = $field->linksTo() !== '' ? $field->linksTo() : $field->linksToMany();

            return new self(
                $field,
                $field->type,
                $field->column(),
                Names::inFormula($field->name),
                $field->isAsked(),
                $field->required,
                $field->unique && $field->hasColumn(),
                $to === '' ? null : $blueprint->tableOfOne($to),
                $field->onlyWhile === '' ? null : $formula($field->onlyWhile),
                $field->begins === '' ? null : $formula($field->begins),
            );
        }, $table->fields);
    }
}
