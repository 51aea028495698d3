<?php

declare(strict_types=1);

namespace Lanai\Core\Rows;

use Closure;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\LongList;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\BackLink;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Among;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\Term;
use Lanai\Core\Text\Names;
use WeakMap;

/** Follows links during one request: each row is read once, and those that a list will need are read together. */
final class Reader implements Rows
{
    /** A list of more rows is not held at once, but read bit by bit, or left to a query. */
    public const BOUND = 2000;

    private const PAGE = 500;

    /** @var array<string, array<int, Row|null>> */
    private array $read = [];

    /** @var array<string, list<Row>|LongList|null> */
    private array $lists = [];

    /** @var array<string, array<int, true>> table => ids of the rows that were written since they were read */
    private array $written = [];

    private ?self $whole = null;

    /** @var WeakMap<Row, array<string, mixed>> what formulas gave for rows */
    private WeakMap $given;

    public function __construct(private readonly RecordStore $store, public readonly Budget $budget = new Budget())
    {
        $this->given = new WeakMap();
    }

    public function remembered(Row $row, string $what, Closure $compute): mixed
    {
        $known = $this->given[$row] ?? [];
        if (! array_key_exists($what, $known)) {
            $value = $compute();
            // What it was worked out with may have been worked out meanwhile, too.
            $this->given[$row] = [$what => $value] + ($this->given[$row] ?? []);

            return $value;
        }

        return $known[$what];
    }

    public function whole(): self
    {
        return $this->store->rights() === null ? $this : ($this->whole ??= new self($this->store->whole(), $this->budget));
    }

    public function rights(): ?Sight
    {
        return $this->store->rights();
    }

    public function blueprint(): Blueprint
    {
        return $this->store->blueprint();
    }

    public function step(Closure $formula): void
    {
        $this->budget->step($formula);
    }

    public function tooLong(Closure $formula): never
    {
        throw TooMuch::text($formula());
    }

    public function row(string $one, int $id): ?Row
    {
        $key = mb_strtolower($one);
        if (! array_key_exists($id, $this->read[$key] ?? [])) {
            $table = $this->store->blueprint()->tableOfOne($one);
            $this->read[$key][$id] = $table === null ? null : $this->store->byIds($table, [$id])[$id] ?? null;
        }

        return $this->read[$key][$id];
    }

    public function has(Row $row, string $name): bool
    {
        return $row->table->fieldInFormula($name) !== null || isset($this->store->blueprint()->everyBackLink($row->table)[$name]);
    }

    public function linked(Row $row, string $name): array|LongList|null
    {
        $key = "{$row->table->name}/$row->id/$name";
        if (! array_key_exists($key, $this->lists)) {
            $this->lists[$key] = $this->link($row, $name);
        }

        return $this->lists[$key];
    }

    public function all(string $table): array|LongList|null
    {
        foreach ($this->store->blueprint()->tables as $each) {
            if (Names::inFormula($each->name) === $table) {
                return $this->lists["/$table"] ??= $this->list(new Query($each));
            }
        }

        return null;
    }

    public function compute(Term $term): mixed
    {
        return $this->store->compute($term);
    }

    /**
     * All rows that a query finds.
     *
     * @return list<Row>|LongList
     */
    public function list(Query $query): array|LongList
    {
        $rows = $this->store->rows($query->upTo(self::BOUND + 1));

        return count($rows) <= self::BOUND ? $rows : new LongList(fn (): iterable => $this->each($query));
    }

    /**
     * All rows that a query finds, read bit by bit.
     *
     * @return iterable<Row>
     *
     * @throws TooMuch where they are more than one visit may look at
     */
    public function each(Query $query): iterable
    {
        return $this->budget->over($this->store->each($query), $query->table->name);
    }

    /** The row as it is now; null where this tap has removed it. */
    public function still(Row $row): ?Row
    {
        return isset($this->written[$row->table->name][$row->id]) ? $this->row($row->table->singular, $row->id) : $row;
    }

    /** The row as it is now, where this tap has written to it; one that was removed is remembered as it was. */
    public function fresh(Row $row): Row
    {
        return $this->still($row) ?? $row;
    }

    public function hasWritten(): bool
    {
        return $this->written !== [];
    }

    /** After a write, what was read of other rows may be stale, too: formulas look at them. */
    public function wrote(Table $table, int $id): void
    {
        $this->written[$table->name][$id] = true;
        $this->whole?->wrote($table, $id);
        $this->forget();
    }

    /** The condition on the rows of a link's table that they link to this row. */
    public static function linkingTo(BackLink $link, Row $row): Term
    {
        $yesNo = Type::of(Kind::YesNo);
        $there = Term::value($row, Type::row($row->table->singular));

        return $link->field->linksTo() !== ''
            ? Term::operator('==', $yesNo, Term::column(0, $link->field), $there)
            : Term::among(
                'any',
                $yesNo,
                new Among(
                    $row->table,
                    1,
                    $link->field,
                    $link->from,
                    false,
                    Term::id(0, $link->from),
                    Term::operator('==', $yesNo, Term::id(1, $row->table), $there),
                ),
            );
    }

    /**
     * Reads the rows that these formulas will follow links to.
     *
     * @param  list<Row>  $rows
     * @param  list<string>  $formulas
     */
    public function ahead(Table $table, array $rows, array $formulas): void
    {
        $text = implode(' ', $formulas);
        foreach ($table->fields as $field) {
            $linked =
                $field->linksTo() === '' || ! str_contains($text, Names::inFormula($field->name))
                    ? null
                    : $this->store->blueprint()->tableOfOne($field->linksTo());
            if ($linked === null) {
                continue;
            }
            $ids = [];
            foreach ($rows as $row) {
                $id = $row->value($field);
                if (is_int($id)) {
                    $ids[$id] = $id;
                }
            }
            $found = $ids === [] ? [] : $this->store->byIds($linked, array_values($ids));
            foreach ($ids as $id) {
                $this->read[mb_strtolower($linked->singular)][$id] = $found[$id] ?? null;
            }
        }
    }

    /** After a write, what was read may be stale. */
    public function forget(): void
    {
        $this->read = [];
        $this->lists = [];
        $this->given = new WeakMap();
        $this->whole?->forget();
    }

    /** @return list<Row>|LongList|null */
    private function link(Row $row, string $name): array|LongList|null
    {
        $field = $row->table->fieldInFormula($name);
        if ($field !== null) {
            $to = $field->linksToMany() === '' ? null : $this->store->blueprint()->tableOfOne($field->linksToMany());
            $ids = array_values(array_filter(is_array($row->value($field)) ? $row->value($field) : [], is_int(...)));
            if ($to !== null && count($ids) > self::BOUND) {
                return new LongList(fn (): iterable => $this->budget->over($this->byId($to, $ids), $to->name));
            }
            $found = $to === null ? [] : $this->store->byIds($to, $ids);

            return $to === null ? null : array_values(array_filter(array_map(fn (int $id): ?Row => $found[$id] ?? null, $ids)));
        }
        $link = $this->store->blueprint()->everyBackLink($row->table)[$name] ?? null;

        return $link === null ? null : $this->list(new Query($link->from, self::linkingTo($link, $row)));
    }

    /**
     * Rows by their ids, a page of them at a time; those that are not there are left out.
     *
     * @param  list<int>  $ids
     * @return iterable<Row>
     */
    public function byId(Table $table, array $ids): iterable
    {
        foreach (array_chunk($ids, self::PAGE) as $some) {
            $found = $this->store->byIds($table, $some);
            foreach ($some as $id) {
                if (isset($found[$id])) {
                    yield $found[$id];
                }
            }
        }
    }
}
