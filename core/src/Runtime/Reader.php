<?php

declare(strict_types=1);

namespace Lanai\Core\Runtime;

use Lanai\Core\Access\Rights;
use Lanai\Core\Blueprint\BackLink;
use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Data\Query;
use Lanai\Core\Data\Row;
use Lanai\Core\Formula\Among;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Term;
use Lanai\Core\Formula\Type;
use Lanai\Core\Ports\RecordStore;
use Lanai\Core\Ports\Rows;
use Lanai\Core\Script\Names;

/** Follows links during one request: each row is read once, and those that a list will need are read together. */
final class Reader implements Rows
{
    /** The most rows that are read where a formula looks at several outside of a query. */
    public const BOUND = 2000;

    /** @var array<string, array<int, Row|null>> */
    private array $read = [];

    /** @var array<string, list<Row>|null> */
    private array $lists = [];

    private ?self $whole = null;

    public function __construct(private readonly RecordStore $store)
    {
    }

    public function whole(): self
    {
        return $this->store->rights() === null ? $this : ($this->whole ??= new self($this->store->whole()));
    }

    public function rights(): ?Rights
    {
        return $this->store->rights();
    }

    public function blueprint(): Blueprint
    {
        return $this->store->blueprint();
    }

    public function row(string $one, int $id): ?Row
    {
        $key = mb_strtolower($one);
        if (! array_key_exists($id, $this->read[$key] ?? [])) {
            $table = $this->store->blueprint()->tableOfOne($one);
            $this->read[$key][$id] = $table === null ? null : ($this->store->byIds($table, [$id])[$id] ?? null);
        }

        return $this->read[$key][$id];
    }

    public function has(Row $row, string $name): bool
    {
        return $row->table->fieldInFormula($name) !== null || isset($this->store->blueprint()->backLinks($row->table)[$name]);
    }

    public function linked(Row $row, string $name): ?array
    {
        $key = "{$row->table->name}/$row->id/$name";
        if (! array_key_exists($key, $this->lists)) {
            $this->lists[$key] = $this->link($row, $name);
        }

        return $this->lists[$key];
    }

    public function all(string $table): ?array
    {
        foreach ($this->store->blueprint()->tables as $each) {
            if (Names::inFormula($each->name) === $table) {
                return $this->lists["/$table"] ??= $this->store->rows(new Query($each, limit: self::BOUND));
            }
        }

        return null;
    }

    /** The condition on the rows of a link's table that they link to this row. */
    public static function linkingTo(BackLink $link, Row $row): Term
    {
        $yesNo = Type::of(Kind::YesNo);
        $there = Term::value($row, Type::row($row->table->singular));

        return $link->field->linksTo() !== '' ? Term::operator('==', $yesNo, Term::column(0, $link->field), $there)
            : Term::among('any', $yesNo, new Among($row->table, 1, $link->field, $link->from, false, Term::id(0, $link->from), Term::operator('==', $yesNo, Term::id(1, $row->table), $there)));
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
            $linked = $field->linksTo() === '' || ! str_contains($text, Names::inFormula($field->name)) ? null : $this->store->blueprint()->tableOfOne($field->linksTo());
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
        $this->whole?->forget();
    }

    /** @return list<Row>|null */
    private function link(Row $row, string $name): ?array
    {
        $field = $row->table->fieldInFormula($name);
        if ($field !== null) {
            $to = $field->linksToMany() === '' ? null : $this->store->blueprint()->tableOfOne($field->linksToMany());
            $ids = array_values(array_filter(is_array($row->value($field)) ? $row->value($field) : [], is_int(...)));
            $found = $to === null ? [] : $this->store->byIds($to, array_slice($ids, 0, self::BOUND));

            return $to === null ? null : array_values(array_filter(array_map(fn (int $id): ?Row => $found[$id] ?? null, $ids)));
        }
        $link = $this->store->blueprint()->backLinks($row->table)[$name] ?? null;

        return $link === null ? null : $this->store->rows(new Query($link->from, self::linkingTo($link, $row), limit: self::BOUND));
    }
}
