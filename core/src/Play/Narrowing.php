<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Sort;
use Lanai\Core\Query\Term;
use Lanai\Core\Text\Names;

/** What a person chose of what a list offers: words to search for, an order, and a value for some fields. */
final readonly class Narrowing
{
    private const MOST_CHIPS = 40;

    /**
     * @param  list<array{by: string, label: string}>  $orders  what can be chosen
     * @param  list<array{field: string, label: string, chosen: string, choices: list<array{id: string, label: string}>, rest?: string}>  $chips
     * @param  array<string, Term>  $conditions  what was chosen, in words => what it asks of a row
     */
    private function __construct(
        public string $search,
        public string $order,
        public array $orders,
        public array $chips,
        public ?Sort $sort,
        public array $conditions,
    ) {
    }

    public function condition(): ?Term
    {
        return $this->conditions === [] ? null : Term::all(...array_values($this->conditions));
    }

    /**
     * @param  list<string>  $sortable  names of the fields that it can be ordered by
     * @param  list<string>  $choosable  names of the fields of which a value can be chosen
     */
    public static function of(array $sortable, array $choosable, bool $searchable, Table $table, Scene $scene): self
    {
        $visit = $scene->visit;
        $order = $sortable === [] ? '' : $visit->orders[$scene->at] ?? '';
        $orders = [];
        $sort = null;
        foreach ($sortable as $name) {
            $field = $table->field($name);
            $term = $field === null ? null : $scene->term($table, Names::inFormula($field->name));
            if ($field === null || $term === null) {
                continue;
            }
            $key = Names::inFormula($field->name);
            [$up, $down] = self::ways($field->valueType()->kind);
            array_push($orders, ['by' => $key, 'label' => "$field->name, $up"], ['by' => "-$key", 'label' => "$field->name, $down"]);
            if (ltrim($order, '-') === $key) {
                $sort = Sort::byTerm($term, $order[0] !== '-');
            }
        }
        $chips = [];
        $conditions = [];
        foreach ($choosable as $name) {
            $field = $table->field($name);
            if ($field === null || ! self::canChoose($field)) {
                continue;
            }
            $key = Names::inFormula($field->name);
            $chosen = $visit->chips[$scene->at][$key] ?? '';
            $offered =
                $field->type->control() === 'switch'
                    ? ['choices' => [['id' => 'yes', 'label' => $field->name]]]
                    : $scene->choices($field->type, $field->linksTo() !== '' && ctype_digit($chosen) ? (int) $chosen : null, self::MOST_CHIPS);
            $choices = $offered['choices'];
            $chips[] = ['field' => $key, 'label' => $field->name, 'chosen' => $chosen] + $offered;
            $condition = $chosen === '' ? null : self::chosen($table, $field, $chosen, $scene);
            if ($condition !== null) {
                $label = array_column($choices, 'label', 'id')[$chosen] ?? $chosen;
                $conditions[$label === $field->name ? $label : "$field->name: $label"] = $condition;
            }
        }

        return new self(
            $searchable ? mb_substr($visit->finds[$scene->at] ?? '', 0, 200) : '',
            $sort === null ? '' : $order,
            $orders,
            $chips,
            $sort,
            $conditions,
        );
    }

    /** @return array{string, string} how both ways are called */
    private static function ways(Kind $kind): array
    {
        return match ($kind) {
            Kind::Date, Kind::Moment, Kind::Time => ['earliest first', 'latest first'],
            Kind::Whole, Kind::Decimal, Kind::Money => ['smallest first', 'largest first'],
            Kind::Duration => ['shortest first', 'longest first'],
            Kind::YesNo => ['no first', 'yes first'],
            default => ['A to Z', 'Z to A'],
        };
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

        return match (true) {
            $value === null => null,
            $term === null => Term::value(false, $yesNo),
            default => Term::operator('==', $yesNo, $term, Term::value($value, $field->valueType())),
        };
    }
}
