<?php

declare(strict_types=1);

namespace Lanai\Core\Data;

use Lanai\Core\Blueprint\Field;

/** What rows a query wants. Comparing nothing with anything but nothing is no; "not" turns yes and no around. */
final readonly class Condition
{
    /** @param  list<Condition>  $parts */
    private function __construct(public string $kind, public ?Field $field = null, public string $operator = '', public mixed $value = null, public array $parts = [])
    {
    }

    /** @param  string  $operator one of == != < > <= >= */
    public static function compare(Field $field, string $operator, mixed $value): self
    {
        return new self('compare', $field, $operator, $value);
    }

    /** With no parts it holds for every row. */
    public static function all(self ...$parts): self
    {
        return count($parts) === 1 ? array_values($parts)[0] : new self('all', parts: array_values($parts));
    }

    /** With no parts it holds for no row. */
    public static function any(self ...$parts): self
    {
        return count($parts) === 1 ? array_values($parts)[0] : new self('any', parts: array_values($parts));
    }

    public static function not(self $part): self
    {
        return new self('not', parts: [$part]);
    }

    /** @return list<Field> */
    public function fields(): array
    {
        $fields = $this->field === null ? [] : [$this->field];
        foreach ($this->parts as $part) {
            array_push($fields, ...$part->fields());
        }

        return $fields;
    }
}
