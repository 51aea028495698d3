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
use Lanai\Core\Values\Day;

/** What a person chose of what a list offers: words to search for, an order, and a value for some fields. */
final readonly class Narrowing
{
    private const MOST_CHIPS = 40;

    /**
     * @param  list<array{by: string, label: string}>  $orders  what can be chosen
     * @param  list<array{field: string, label: string, chosen: string, choices: list<array{id: string, label: string}>, days?: true, rest?: string}>  $chips
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
            $shown = $scene->blueprint->shown($field->name, $table->name);
            array_push($orders, ['by' => $key, 'label' => $scene->own($up, $shown)], ['by' => "-$key", 'label' => $scene->own($down, $shown)]);
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
            $shown = $scene->blueprint->shown($field->name, $table->name);
            if (self::isOfDays($field)) {
                $days = self::days($chosen);
                $chips[] = ['field' => $key, 'label' => $shown, 'chosen' => $days === null ? '' : $chosen, 'choices' => [], 'days' => true];
                if ($days !== null) {
                    $conditions["$field->name: ".self::inWords($days, $scene)] = self::within($table, $field, $days, $scene);
                }

                continue;
            }
            $offered =
                $field->type->control() === 'switch'
                    ? ['choices' => [['id' => 'yes', 'label' => $shown]]]
                    : $scene->choices($field->type, self::row($field, $chosen), self::MOST_CHIPS, on: $table->name);
            $choices = $offered['choices'];
            $chips[] = ['field' => $key, 'label' => $shown, 'chosen' => $chosen] + $offered;
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

    /** The id of the row that is chosen, of a field that links to rows. */
    private static function row(Field $field, string $chosen): ?int
    {
        return $field->linksTo() !== '' && ctype_digit($chosen) ? (int) $chosen : null;
    }

    /** @return array{string, string} how both ways are called */
    private static function ways(Kind $kind): array
    {
        return match ($kind) {
            Kind::Date, Kind::Moment, Kind::Time => ['{0}, earliest first', '{0}, latest first'],
            Kind::Whole, Kind::Decimal, Kind::Money => ['{0}, smallest first', '{0}, largest first'],
            Kind::Duration => ['{0}, shortest first', '{0}, longest first'],
            Kind::YesNo => ['{0}, no first', '{0}, yes first'],
            default => ['{0}, A to Z', '{0}, Z to A'],
        };
    }

    /** Whether a field has values to choose from: options, yes or no, the rows of a table, or the days from one to another. */
    public static function canChoose(Field $field): bool
    {
        return $field->hasColumn() && ($field->linksTo() !== '' || in_array($field->type->control(), ['switch', 'choice'], true) || self::isOfDays($field));
    }

    private static function isOfDays(Field $field): bool
    {
        return $field->hasColumn() && in_array($field->valueType()->kind, [Kind::Date, Kind::Moment], true);
    }

    /** @return array{Day, Day}|null from the first day to the last, as an ISO 8601 interval such as 2026-12-01/2026-12-05; null for none */
    private static function days(string $chosen): ?array
    {
        [$from, $to] = [...explode('/', $chosen), ''];
        [$first, $last] = [Day::of($from), Day::of($to)];

        return match (true) {
            $first === null || $last === null => null,
            $first->iso <= $last->iso => [$first, $last],
            default => [$last, $first],
        };
    }

    /** @param  array{Day, Day}  $days */
    private static function inWords(array $days, Scene $scene): string
    {
        [$from, $to] = array_map(fn (Day $day): string => $scene->show($day), $days);

        return $from === $to ? $from : $scene->own('{0} to {1}', $from, $to);
    }

    /** @param  array{Day, Day}  $days */
    private static function within(Table $table, Field $field, array $days, Scene $scene): Term
    {
        $yesNo = Type::of(Kind::YesNo);
        $term = $scene->term($table, Names::inFormula($field->name));
        if ($term === null) {
            return Term::value(false, $yesNo);
        }
        $type = $field->valueType();
        // A moment lies on a day where the person is.
        $zone = $scene->moment->zone;
        [$from, $to] = $type->kind === Kind::Date ? [$days[0], $days[1]->plusDays(1)] : [$days[0]->begins($zone), $days[1]->plusDays(1)->begins($zone)];

        return Term::all(
            Term::operator('>=', $yesNo, $term, Term::value($from, $type)),
            Term::operator('<', $yesNo, $term, Term::value($to, $type)),
        );
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
