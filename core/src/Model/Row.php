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

    /** The value as it is said in a language; as it is where nothing is said in that. */
    public function spoken(Field $field, string $tongue): mixed
    {
        $other = $this->table->spoken($field, $tongue);
        $said = $other === null ? null : $this->value($other);

        return $said === null || $said === '' ? $this->value($field) : $said;
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

    /**
     * What stands for the row where one text must: its first text field.
     *
     * @param  string  $tongue  in this language, where it is said in it
     */
    public function label(string $tongue = ''): string
    {
        $field = $this->table->labelField();
        $value = $field === null ? null : $this->spoken($field, $tongue);

        return is_string($value) && $value !== '' ? $value : $this->table->singular.' '.$this->id;
    }
}
