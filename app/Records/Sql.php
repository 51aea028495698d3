<?php

declare(strict_types=1);

namespace App\Records;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Model\StoredValue;
use Lanai\Core\Query\Among;
use Lanai\Core\Query\QueryCall;
use Lanai\Core\Query\Term;
use Lanai\Core\Storage\Plan;
use Lanai\Core\Text\Texts;

/** Writes terms as SQL for SQLite. What SQL does not say as formulas do is called back as the function `lanai`. */
final class Sql
{
    /** @var list<string> */
    public array $bindings = [];

    /** A yes or no that counts as no where it is nothing, for a where clause; written so that indexes serve. */
    public function condition(Term $term): string
    {
        if ($term->kind === 'column') {
            return $this->value($term).' = 1';
        }
        if ($term->kind === 'operator' && ($term->name === 'and' || $term->name === 'or')) {
            // SQLite asks from left to right: what the row itself answers is asked before what takes a look at others.
            $parts = $term->parts;
            usort($parts, fn (Term $a, Term $b): int => self::reach($a) <=> self::reach($b));

            return '('.implode(" $term->name ", array_map($this->condition(...), $parts)).')';
        }
        $linked = $this->overLink($term);
        if ($linked !== '') {
            return $linked;
        }
        if ($term->kind === 'operator' && in_array($term->name, ['<', '>', '<=', '>='], true)) {
            return '('.$this->ordered($term->parts[0])." $term->name ".$this->ordered($term->parts[1]).')';
        }

        return $this->yes($term);
    }

    /** 0 for what stands in the row itself, 1 for what a linked row holds, 2 for what is counted among others. */
    private static function reach(Term $term): int
    {
        return max($term->among !== null ? 2 : 0, $term->kind === 'lookup' ? 1 : 0, ...array_map(self::reach(...), $term->parts));
    }

    /** What a linked row must be, asked the other way around: first the linked rows, then by the link's index those that lead to them. */
    private function overLink(Term $term): string
    {
        [$part, $value] = [$term->parts[0] ?? null, $term->parts[1] ?? null];
        if (
            $term->kind !== 'operator' ||
            ! in_array($term->name, ['==', '<', '>', '<=', '>=', 'contains'], true) ||
            $part?->kind !== 'lookup' ||
            $value?->kind !== 'value' ||
            $value->value === null
        ) {
            return '';
        }
        $row = "t$part->row";
        $link = $this->value($part->parts[0]);
        $inner = $this->condition(Term::operator($term->name, $term->type, $part->parts[1], $value));

        return "($link in (select $row.\"id\" from ".self::name((string) $part->table?->storedAs())." as $row where $inner))";
    }

    public function value(Term $term): string
    {
        return match ($term->kind) {
            'value' => $this->constant(StoredValue::plain($term->value)),
            'column' => "t$term->row.".self::name((string) $term->field?->column()),
            'id' => "t$term->row.\"id\"",
            'lookup' => '(select '.
                $this->value($term->parts[1]).
                ' from '.
                self::name((string) $term->table?->storedAs()).
                " as t$term->row where t$term->row.\"id\" = ".
                $this->value($term->parts[0]).
                ')',
            'choice' => '(case when '.
                $this->yes($term->parts[0]).
                ' then '.
                $this->value($term->parts[1]).
                ' else '.
                $this->value($term->parts[2]).
                ' end)',
            'call' => $this->call($term),
            'among' => $this->among($term),
            default => $this->operator($term),
        };
    }

    /** What values are put in order by. */
    public function ordered(Term $term): string
    {
        return match (true) {
            $term->type->kind !== Kind::Text => $this->value($term),
            $term->kind === 'value' && is_string($term->value) => $this->constant(Texts::key($term->value)),
            default => TextFunctions::order($this->value($term)),
        };
    }

    /** A text without its case. */
    private function folded(Term $term): string
    {
        return match (true) {
            $term->kind === 'value' && is_string($term->value) => $this->constant(Texts::fold($term->value)),
            $term->kind === 'column' => TextFunctions::foldColumn($this->value($term)),
            default => TextFunctions::fold($this->value($term)),
        };
    }

    public static function name(string $name): string
    {
        return '"'.str_replace('"', '""', $name).'"';
    }

    private function yes(Term $term): string
    {
        return $term->isSure() ? $this->value($term) : 'ifnull('.$this->value($term).', 0)';
    }

    private function constant(string|int|float|null $value): string
    {
        if (is_string($value)) {
            $this->bindings[] = $value;

            return '?';
        }
        if (is_float($value)) {
            $text = sprintf('%.17g', $value);

            return match (true) {
                is_finite($value) && strpbrk($text, '.e') === false => "$text.0",
                is_finite($value) => $text,
                default => 'null',
            };
        }

        return $value === null ? 'null' : (string) $value;
    }

    private function operator(Term $term): string
    {
        $name = $term->name;
        if ($name === 'and' || $name === 'or') {
            return '('.implode(" $name ", array_map($this->yes(...), $term->parts)).')';
        }
        if ($name === 'not') {
            return '(not '.$this->yes($term->parts[0]).')';
        }
        if ($name === 'contains') {
            return '(ifnull(instr('.$this->folded($term->parts[0]).', '.$this->folded($term->parts[1]).'), 0) > 0)';
        }
        if (in_array($name, ['<', '>', '<=', '>='], true)) {
            return 'ifnull('.$this->ordered($term->parts[0])." $name ".$this->ordered($term->parts[1]).', 0)';
        }
        $parts = array_map($this->value(...), $term->parts);

        return match ($name) {
            '==' => "($parts[0] is $parts[1])",
            '!=' => "($parts[0] is not $parts[1])",
            '~' => "(ifnull($parts[0], '') || ifnull($parts[1], ''))",
            '/' => "($parts[0] * 1.0 / nullif($parts[1], 0))",
            'coalesce' => count($parts) === 1 ? $parts[0] : 'coalesce('.implode(', ', $parts).')',
            default => "($parts[0] $name $parts[1])",
        };
    }

    private function call(Term $term): string
    {
        $this->bindings[] = $term->name;
        $this->bindings[] = QueryCall::types(array_map(fn (Term $part) => $part->type, $term->parts));
        $this->bindings[] = is_string($term->value) ? $term->value : '';

        return 'lanai(?, ?, ?'.implode('', array_map(fn (Term $part): string => ', '.$this->value($part), $term->parts)).')';
    }

    private function among(Term $term): string
    {
        $among = $term->among;
        assert($among !== null);
        if ($among->of?->type->kind === Kind::Text && in_array($term->name, ['min', 'max'], true)) {
            return $this->firstText($term->name, $among, $among->of);
        }
        $what = $among->of === null ? '' : $this->value($among->of);
        [$from, $where] = $this->source($among);
        if ($among->where !== null) {
            $where[] = $this->condition($among->where);
        }
        $where = $where === [] ? '' : ' where '.implode(' and ', $where);

        return match ($term->name) {
            'count' => "(select count(*) from $from$where)",
            'any' => "exists (select 1 from $from$where)",
            'sum' => "(select ifnull(sum($what), 0) from $from$where)",
            'average' => "(select avg($what) from $from$where)",
            default => "(select $term->name($what) from $from$where)",
        };
    }

    /** The first or the last of texts in their order; of those that stand at the same place, that of the first row. */
    private function firstText(string $which, Among $among, Term $of): string
    {
        $what = $this->value($of);
        [$from, $where] = $this->source($among);
        $where = [...$where, ...$among->where === null ? [] : [$this->condition($among->where)]];
        $where[] = $this->value($of).' is not null';
        $order = $this->ordered($of).($which === 'min' ? '' : ' desc');

        return "(select $what from $from where ".implode(' and ', $where)." order by $order, t$among->row.\"id\" limit 1)";
    }

    /** @return array{string, list<string>} */
    private function source(Among $among): array
    {
        $row = "t$among->row";
        $from = self::name($among->table->storedAs())." as $row";
        if ($among->link === null || $among->owner === null || $among->linking === null) {
            return [$from, []];
        }
        if ($among->link->hasColumn()) {
            return [$from, ["$row.".self::name($among->link->column()).' = '.$this->value($among->owner)]];
        }
        $join = self::name(Plan::join($among->linking, $among->link));
        [$mine, $theirs] = $among->back ? ['row', 'other'] : ['other', 'row'];

        return ["$join as j$among->row join $from on $row.\"id\" = j$among->row.\"$mine\"", ["j$among->row.\"$theirs\" = ".$this->value($among->owner)]];
    }
}
