<?php

declare(strict_types=1);

namespace Lanai\Core\Runtime;

use Lanai\Core\Blueprint\Field;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Query\Sort;
use Lanai\Core\Query\Term;
use Lanai\Core\Script\Names;

/** What a person chose of what a list offers: words to search for, an order, and a value for some fields. */
final readonly class Narrowing
{
    private const MOST_CHIPS = 40;

    /**
     * @param  list<array{by: string, label: string}>  $orders  what can be chosen
     * @param  list<array{field: string, label: string, chosen: string, choices: list<array{id: string, label: string}>, rest?: string}>  $chips
     * @param  array<string, Term>  $conditions  what was chosen, in words => what it asks of a row
     */
    private function __construct(public string $search, public string $order, public array $orders, public array $chips, public ?Sort $sort, public array $conditions)
    {
    }

    public function condition(): ?Term
    {
        return $this->conditions === [] ? null : Term::all(...array_values($this->conditions));
    }

    public static function of(ListLine $list, Table $table, Scene $scene): self
    {
        $visit = $scene->visit;
        $order = $list->orders === [] ? '' : ($visit->orders[$scene->at] ?? '');
        $orders = [];
        $sort = null;
        foreach ($list->orders as $name) {
            $field = $table->field($name);
            $term = $field === null ? null : $scene->term($table, Names::inFormula($field->name));
            if ($field === null || $term === null) {
                continue;
            }
            $key = Names::inFormula($field->name);
            array_push($orders, ['by' => $key, 'label' => $field->name], ['by' => "-$key", 'label' => "$field->name, the other way"]);
            if (ltrim($order, '-') === $key) {
                $sort = Sort::byTerm($term, $order[0] !== '-');
            }
        }
        $chips = [];
        $conditions = [];
        foreach ($list->chips as $name) {
            $field = $table->field($name);
            if ($field === null || ! self::canChoose($field)) {
                continue;
            }
            $key = Names::inFormula($field->name);
            $chosen = $visit->chips[$scene->at][$key] ?? '';
            $offered = $field->type->control() === 'switch' ? ['choices' => [['id' => 'yes', 'label' => $field->name]]] : $scene->choices($field->type, $field->linksTo() !== '' && ctype_digit($chosen) ? (int) $chosen : null, self::MOST_CHIPS);
            $choices = $offered['choices'];
            $chips[] = ['field' => $key, 'label' => $field->name, 'chosen' => $chosen] + $offered;
            $condition = $chosen === '' ? null : self::chosen($table, $field, $chosen, $scene);
            if ($condition !== null) {
                $label = array_column($choices, 'label', 'id')[$chosen] ?? $chosen;
                $conditions[$label === $field->name ? $label : "$field->name: $label"] = $condition;
            }
        }

        return new self($list->searchable ? mb_substr($visit->finds[$scene->at] ?? '', 0, 200) : '', $sort === null ? '' : $order, $orders, $chips, $sort, $conditions);
    }

    /** Whether a field has values to choose from: options, yes or no, or the rows of a table. */
    public static function canChoose(Field $field): bool
    {
        return $field->hasColumn() && ($field->linksTo() !== '' || in_array($field->type->control(), ['switch', 'choice'], true));
    }

    public function narrows(): bool
    {
        return $this->search !== '' || $this->conditions !== [];
    }

    private static function chosen(Table $table, Field $field, string $id, Scene $scene): ?Term
    {
        $yesNo = Type::of(Kind::YesNo);
        $value = match (true) {
            $field->linksTo() !== '' => ctype_digit($id) ? $scene->reader->row($field->linksTo(), (int) $id) : null,
            $field->type->control() === 'switch' => true,
            default => $id,
        };

        // By the field as this person sees it: a choice tells nothing of what is hidden.
        $term = $scene->term($table, Names::inFormula($field->name));

        return $value === null ? null : ($term === null ? Term::value(false, $yesNo) : Term::operator('==', $yesNo, $term, Term::value($value, $field->valueType())));
    }
}
