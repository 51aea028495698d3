<?php

declare(strict_types=1);

namespace Lanai\Core\Storage;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Sort;
use Lanai\Core\Query\Term;
use Lanai\Core\Rows\Conditions;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\NoRows;

/** How the query of a list can be answered: by which fields an index finds its rows, and what is left to look at row by row. */
final readonly class ListPlan
{
    private const WAYS = 8;

    /**
     * @param  list<Field>  $equal  fields that must have one value
     * @param  Field|null  $range  the first field that must lie on one side of a value
     * @param  list<Field>  $ranges  all of them
     * @param  list<Sort>  $sorts
     * @param  list<Field>  $sorted  fields in whose order the rows come, as far as an index can give it
     * @param  bool  $overLink  whether a condition on linked rows narrows them down by the link's index
     * @param  array{Field, Table, Field}|null  $through  the link, the linked table and its field that must have one value
     * @param  bool  $filters  whether there is a condition at all
     * @param  bool  $rest  whether a part of the condition must be computed on each row outside of the query
     */
    private function __construct(
        public array $equal,
        public ?Field $range,
        public array $sorted,
        public bool $overLink,
        public bool $filters,
        public bool $rest,
        public ?array $through,
        public array $ranges,
        public array $sorts,
        public ListLine $line,
        private Blueprint $blueprint,
    ) {
    }

    public static function of(ListLine $line, Table $table, Blueprint $blueprint): self
    {
        $parts = [];
        $rest = false;
        if (trim($line->where) !== '') {
            try {
                [$term, $rest] = Conditions::of(Formula::of($line->where), $table, $blueprint, self::somebody($blueprint, self::sometime()));
                $parts = match (true) {
                    $term === null => [],
                    $term->name === 'and' => $term->parts,
                    default => [$term],
                };
            } catch (FormulaMistake) {
                $rest = false;
            }
        }
        $equal = [];
        $ranges = [];
        $overLink = false;
        $through = null;
        foreach ($parts as $part) {
            $through ??= self::through($part);
            $overLink =
                $overLink ||
                (in_array($part->name, ['==', '<', '>', '<=', '>=', 'contains'], true) &&
                    ($part->parts[0] ?? null)?->kind === 'lookup' &&
                    ($part->parts[1] ?? null)?->kind === 'value');
            $field = self::own($part);
            if ($field !== null && ($part->kind === 'column' || $part->name === '==')) {
                $equal[$field->column()] = $field;
            } elseif ($field !== null && in_array($part->name, ['<', '>', '<=', '>='], true)) {
                $ranges[$field->column()] = $field;
            }
        }

        $ranges = array_values($ranges);
        $sorts = array_map(fn (Field $f): Sort => Sort::by($f, $line->by[0]->way !== 'downward'), self::sorted($line, $table));

        return new self(
            array_values($equal),
            $ranges[0] ?? null,
            self::sorted($line, $table),
            $overLink,
            trim($line->where) !== '',
            $rest,
            $through,
            $ranges,
            $sorts,
            $line,
            $blueprint,
        );
    }

    /**
     * Ways in which indexes could serve it; that of index() comes first. Which is best depends on the rows.
     *
     * @return list<list<array{Table, list<IndexKey>}>>
     */
    public function alternatives(Table $table): array
    {
        $equal = array_map(IndexKey::alike(...), $this->equal);
        $link = $this->through === null ? [] : [IndexKey::alike($this->through[0])];
        $sorted = array_map(IndexKey::inOrder(...), $this->sorted);
        $own = [$this->index(), [...$equal, ...$sorted], [...$equal, ...$link, ...$sorted], $sorted];
        foreach (array_slice($this->ranges, 0, 2) as $field) {
            $range = IndexKey::inOrder($field);
            array_push($own, [...$equal, $range], [...$equal, ...$link, $range], [$range]);
        }
        $beside = $this->through === null ? [] : [[$this->through[1], [IndexKey::alike($this->through[2])]]];
        $ways = [];
        foreach ($own as $keys) {
            $once = [];
            foreach ($keys as $key) {
                $once[$key->field->column()] ??= $key;
            }
            $once = array_slice(array_values($once), 0, 4);
            if ($once !== []) {
                $ways[implode(' ', array_map(fn (IndexKey $k): string => $k->name(), $once))] ??= [[$table, $once], ...$beside];
            }
        }

        return array_slice(array_values($ways), 0, self::WAYS);
    }

    /** @return list<IndexKey> the index that serves it best; [] where none would */
    public function index(): array
    {
        $then =
            match (true) {
                $this->sorted !== [] && ($this->range === null || $this->range === $this->sorted[0] || $this->equal === []) => $this->sorted,
                $this->range === null => [],
                default => [$this->range],
            };
        $keys = [];
        // Through a link few rows of the other table are left, and for each of them the rows that lead to it come in order.
        foreach ([...$this->equal, ...$this->through === null ? [] : [$this->through[0]]] as $field) {
            $keys[$field->column()] = IndexKey::alike($field);
        }
        foreach ($then as $field) {
            $keys[$field->column()] ??= IndexKey::inOrder($field);
        }

        return array_slice(array_values($keys), 0, 4);
    }

    /** True where no index can find the rows, so that each is read; that they come in an order does not help where few are right. */
    public function scans(): bool
    {
        return $this->filters && ! $this->overLink && $this->equal === [] && $this->range === null;
    }

    /** @return array{Field, Table, Field}|null */
    private static function through(Term $part): ?array
    {
        [$a, $b] = [$part->parts[0] ?? null, $part->parts[1] ?? null];
        [$link, $field] = [$a?->kind === 'lookup' ? $a->parts[0] ?? null : null, $a?->kind === 'lookup' ? $a->parts[1] ?? null : null];

        return $part->name === '==' &&
            $b?->kind === 'value' &&
            $b->value !== null &&
            $a?->table !== null &&
            $link?->kind === 'column' &&
            $link->row === 0 &&
            $link->field !== null &&
            $field?->kind === 'column' &&
            $field->field !== null
            ? [$link->field, $a->table, $field->field]
            : null;
    }

    private static function own(Term $part): ?Field
    {
        if ($part->kind === 'column') {
            return $part->field;
        }
        [$a, $b] = [$part->parts[0] ?? null, $part->parts[1] ?? null];

        return match (true) {
            $part->kind !== 'operator' || $a === null || $b === null => null,
            $a->kind === 'column' && $a->row === 0 && $b->kind === 'value' => $a->field,
            $b->kind === 'column' && $b->row === 0 && $a->kind === 'value' => $b->field,
            default => null,
        };
    }

    /** @return list<Field> */
    private static function sorted(ListLine $line, Table $table): array
    {
        $fields = [];
        foreach ($line->by as $key) {
            $field = $table->field($key->field);
            if ($field === null || ! $field->hasColumn() || $key->way !== $line->by[0]->way) {
                break;
            }
            $fields[] = $field;
        }

        return $fields;
    }

    /** What can be asked of a query at a moment; null for nothing. */
    public function asked(Table $table, Moment $moment): ?Term
    {
        try {
            return trim($this->line->where) === ''
                ? null
                : Conditions::of(Formula::of($this->line->where), $table, $this->blueprint, self::somebody($this->blueprint, $moment))[0];
        } catch (FormulaMistake) {
            return null;
        }
    }

    private static function sometime(): Moment
    {
        return new Moment(new DateTimeImmutable('2000-01-01T00:00:00Z'), new DateTimeZone('UTC'));
    }

    /** Whoever looks: somebody who is signed in. */
    private static function somebody(Blueprint $blueprint, Moment $moment): Evaluation
    {
        $people = $blueprint->peopleTable();

        return new Evaluation($moment, new NoRows(), ['me' => $people === null ? null : new Row($people, 1, [])]);
    }
}
