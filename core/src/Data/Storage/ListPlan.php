<?php

declare(strict_types=1);

namespace Lanai\Core\Data\Storage;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\Field;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Formula\Conditions;
use Lanai\Core\Formula\Evaluation;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Term;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Runtime\NoRows;

/** How the query of a list can be answered: by which fields an index finds its rows, and what is left to look at row by row. */
final readonly class ListPlan
{
    /**
     * @param  list<Field>  $equal  fields that must have one value
     * @param  Field|null  $range  a field that must lie on one side of a value
     * @param  list<Field>  $sorted  fields in whose order the rows come, as far as an index can give it
     * @param  bool  $overLink  whether a condition on linked rows narrows them down by the link's index
     * @param  array{Field, Table, Field}|null  $through  the link, the linked table and its field that must have one value
     * @param  bool  $filters  whether there is a condition at all
     * @param  bool  $rest  whether a part of the condition must be computed on each row outside of the query
     */
    private function __construct(public array $equal, public ?Field $range, public array $sorted, public bool $overLink, public bool $filters, public bool $rest, public ?array $through = null)
    {
    }

    public static function of(ListLine $line, Table $table, Blueprint $blueprint): self
    {
        $parts = [];
        $rest = false;
        if (trim($line->where) !== '') {
            try {
                [$term, $rest] = Conditions::of(Formula::of($line->where), $table, $blueprint, self::nobody());
                $parts = $term === null ? [] : ($term->name === 'and' ? $term->parts : [$term]);
            } catch (FormulaMistake) {
                $rest = false;
            }
        }
        $equal = [];
        $range = null;
        $overLink = false;
        $through = null;
        foreach ($parts as $part) {
            $through ??= self::through($part);
            $overLink = $overLink || (in_array($part->name, ['==', '<', '>', '<=', '>=', 'contains'], true) && ($part->parts[0] ?? null)?->kind === 'lookup' && ($part->parts[1] ?? null)?->kind === 'value');
            $field = self::own($part);
            if ($field !== null && ($part->kind === 'column' || $part->name === '==')) {
                $equal[$field->column()] = $field;
            } elseif ($field !== null && in_array($part->name, ['<', '>', '<=', '>='], true)) {
                $range ??= $field;
            }
        }

        return new self(array_values($equal), $range, self::sorted($line, $table), $overLink, trim($line->where) !== '', $rest, $through);
    }

    /** @return list<IndexKey> the index that serves it best; [] where none would */
    public function index(): array
    {
        $then = $this->sorted !== [] && ($this->range === null || $this->range === $this->sorted[0] || $this->equal === []) ? $this->sorted : ($this->range === null ? [] : [$this->range]);
        $keys = [];
        // Through a link few rows of the other table are left, and for each of them the rows that lead to it come in order.
        foreach ([...$this->equal, ...($this->through === null ? [] : [$this->through[0]])] as $field) {
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

        return $part->name === '==' && $b?->kind === 'value' && $b->value !== null && $a?->table !== null && $link?->kind === 'column' && $link->row === 0 && $link->field !== null && $field?->kind === 'column' && $field->field !== null
            ? [$link->field, $a->table, $field->field] : null;
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

    private static function nobody(): Evaluation
    {
        return new Evaluation(new Moment(new DateTimeImmutable('2000-01-01T00:00:00Z'), new DateTimeZone('UTC')), new NoRows, ['me' => null]);
    }
}
