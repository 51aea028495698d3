<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Formula\Items;
use Lanai\Core\Formula\OneRow;
use Lanai\Core\Formula\Type;

/** One stored row with typed values by column name. */
final readonly class Row implements OneRow
{
    /**
     * @param  array<string, mixed>  $values  column => value of each field that is kept; the ids of links to many
     * @param  array<string, mixed>  $computed  formula about the row => value, for those that the query computed
     */
    public function __construct(public Table $table, public int $id, public array $values, public array $computed = [])
    {
    }

    public function value(Field $field): mixed
    {
        return $this->values[$field->column()] ?? null;
    }

    public function id(): int
    {
        return $this->id;
    }

    public function type(): Type
    {
        return Type::row($this->table->singular);
    }

    /** @return list<self> the first so many rows of a list that a formula gives */
    public static function among(mixed $list, int $most): array
    {
        $rows = [];
        foreach (Items::each($list) as $item) {
            if (count($rows) >= $most) {
                break;
            }
            if ($item instanceof self) {
                $rows[] = $item;
            }
        }

        return $rows;
    }

    /** What stands for the row where one text must: its first text field. */
    public function label(): string
    {
        $field = $this->table->labelField();
        $value = $field === null ? null : $this->value($field);

        return is_string($value) && $value !== '' ? $value : $this->table->singular.' '.$this->id;
    }
}
