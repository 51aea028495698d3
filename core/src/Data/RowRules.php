<?php

declare(strict_types=1);

namespace Lanai\Core\Data;

use Lanai\Core\Model\Field;

/** The rules of a table's fields, put apart by when they are asked. */
final readonly class RowRules
{
    /** @var list<RowRule> fields that a person gives */
    public array $asked;

    /** @var list<RowRule> fields that are something at first */
    public array $begun;

    /** @var list<RowRule> fields that are always required */
    public array $required;

    /** @var list<RowRule> fields that may have a value only while a condition holds */
    public array $conditional;

    /** @var list<RowRule> fields that other rows have to do with */
    public array $among;

    /** @var list<RowRule> fields that Lanai sets */
    public array $automatic;

    /** @var array<string, int> key => its place */
    private array $order;

    /**
     * @param  list<RowRule>  $all
     * @param  list<Field>  $alike  fields of which no two rows may have all alike
     */
    public function __construct(array $all, public array $alike)
    {
        $those = fn (callable $which): array => array_values(array_filter($all, $which));
        $this->asked = $those(fn (RowRule $r): bool => $r->asked);
        $this->begun = $those(fn (RowRule $r): bool => $r->asked && $r->begins !== null);
        $this->required = $those(fn (RowRule $r): bool => $r->required && $r->onlyWhile === null);
        $this->conditional = $those(fn (RowRule $r): bool => $r->onlyWhile !== null);
        $this->among = $those(fn (RowRule $r): bool => $r->asked && ($r->linked !== null || $r->unique));
        $this->automatic = $those(fn (RowRule $r): bool => ! $r->asked);
        $this->order = array_flip(array_map(fn (RowRule $r): string => $r->key, $all));
    }

    /**
     * @param  array<string, string>  $errors  by key
     * @return array<string, string> the same in the order of the fields
     */
    public function inOrder(array $errors): array
    {
        if (count($errors) > 1) {
            uksort($errors, fn (string $a, string $b): int => ($this->order[$a] ?? -1) <=> ($this->order[$b] ?? -1));
        }

        return $errors;
    }
}
