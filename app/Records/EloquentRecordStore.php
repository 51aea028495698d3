<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\App;
use App\Models\DataRow;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\StoredValue;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\Sort;
use Lanai\Core\Query\Term;
use Lanai\Core\Rows\RecordStore;
use Lanai\Core\Rows\Sight;
use Lanai\Core\Storage\Plan;
use PDO;

/** The rows of an app's data set, in its SQLite file, through Eloquent. */
final readonly class EloquentRecordStore implements RecordStore
{
    private const PAGE = 500;

    public string $connection;

    private Happenings $happenings;

    private QueryCost $cost;

    public function __construct(App $app, DataSet $set, private Blueprint $blueprint)
    {
        $this->connection = (new DataFile($app, $set))->connection;
        $this->cost = new QueryCost(DB::connection($this->connection));
        $this->happenings = new Happenings($app, $set, $blueprint, $this->connection);
    }

    public function blueprint(): Blueprint
    {
        return $this->blueprint;
    }

    public function whole(): self
    {
        return $this;
    }

    public function rights(): ?Sight
    {
        return null;
    }

    public function rows(Query $query): array
    {
        return trim($query->search) === '' && $query->after === null
            ? $this->straight($query)
            : $this->read($this->ordered($this->query($query), $query)->limit($query->limit), $query);
    }

    /**
     * The same as one statement, for what is asked most: a builder takes longer to write it than SQLite to answer.
     *
     * @return list<Row>
     */
    private function straight(Query $query): array
    {
        $this->check($query);
        $names = $order = [];
        [$select, $where, $sort] = [new Sql(), new Sql(), new Sql()];
        $columns = '"t0".*';
        foreach ($query->compute as $formula => $term) {
            $name = '='.count($names);
            $columns .= ', '.$select->value($term).' as '.Sql::name($name);
            $names[$name] = [$formula, $term->type];
        }
        $condition = $query->where === null ? '' : ' where '.$where->condition($query->where);
        foreach ($query->sorts as $by) {
            $order[] = ($by->exact ? $sort->value($by->by) : $sort->ordered($by->by)).($by->upward ? ' asc' : ' desc');
        }
        $order[] = '"t0"."id" asc';
        $from = ' from '.Sql::name($query->table->storedAs()).' as "t0"';
        $raws = DB::connection($this->connection)->select(
            "select $columns$from$condition order by ".implode(', ', $order)." limit $query->limit",
            [...$select->bindings, ...$where->bindings, ...$sort->bindings],
        );

        return $this->made($raws, $query, $names);
    }

    /**
     * @param  array<\stdClass>  $raws
     * @param  array<string, array{string, Type}>  $names
     * @return list<Row>
     */
    private function made(array $raws, Query $query, array $names): array
    {
        $links = $this->links($query->table, array_map(fn (\stdClass $raw): int => (int) $raw->id, $raws));

        return array_values(array_map(fn (\stdClass $raw): Row => self::row($query->table, $raw, $links, $names), $raws));
    }

    private function ordered(Builder $builder, Query $query): Builder
    {
        foreach ($query->sorts as $sort) {
            $sql = new Sql();
            $builder->orderByRaw(($sort->exact ? $sql->value($sort->by) : $sql->ordered($sort->by)).($sort->upward ? ' asc' : ' desc'), $sql->bindings);
        }

        return $builder->orderBy('t0.id');
    }

    /** @return list<Row> */
    private function read(Builder $builder, Query $query): array
    {
        $builder->addSelect('t0.*');
        $names = [];
        foreach ($query->compute as $formula => $term) {
            $sql = new Sql();
            $builder->selectRaw($sql->value($term).' as '.Sql::name('='.count($names)), $sql->bindings);
            $names['='.count($names)] = [$formula, $term->type];
        }

        return $this->made($builder->get()->all(), $query, $names);
    }

    public function each(Query $query): iterable
    {
        // First a few ids and then more and more of them: who stops early has not waited for all.
        $from = 0;
        do {
            $ids = $this->inOrder($query, $from === 0 ? self::PAGE : 4 * $from, $from);
            foreach (array_chunk($ids, self::PAGE) as $some) {
                $found = array_column($this->read($this->query($query)->whereIntegerInRaw('t0.id', $some), $query), null, 'id');
                foreach ($some as $id) {
                    if (isset($found[$id])) {
                        yield $found[$id];
                    }
                }
            }
            $more = count($ids) === ($from === 0 ? self::PAGE : 4 * $from);
            $from += count($ids);
        } while ($more);
    }

    /** @return list<int> */
    private function inOrder(Query $query, int $limit, int $from): array
    {
        $ids = [];
        foreach (
            $this->ordered($this->query($query)->select('t0.id'), $query)
                ->limit($limit)
                ->offset($from)
                ->cursor() as $raw
        ) {
            $ids[] = (int) $raw->id;
        }

        return $ids;
    }

    public function compute(Term $term): mixed
    {
        $this->cost->check('', [$term]);
        $sql = new Sql();
        $value = DB::connection($this->connection)->scalar('select '.$sql->value($term), $sql->bindings);

        return match (true) {
            $term->kind === 'among' && $term->name === 'average' && $value === null => null,
            $term->kind === 'among' && $term->name === 'average' => (float) $value,
            default => StoredValue::value($term->type, $value),
        };
    }

    public function seenOneByOne(Table $table): bool
    {
        return false;
    }

    public function count(Query $query): int
    {
        return $this->query($query->unordered())->count();
    }

    /** @return list<int> the ids of all rows that the query finds, whatever its limit */
    public function ids(Query $query): array
    {
        return array_map(intval(...), $this->query($query->unordered())->pluck('t0.id')->all());
    }

    /**
     * Some ids of the rows that the query finds, in their order, whatever its own. The table is gone through once for all pages: no index is asked, for what it
     * finds would have to be put in order for each page anew.
     *
     * @return list<int>
     */
    public function idsAfter(Query $query, int $after, int $most): array
    {
        $some = $this->query($query->unordered())->select('t0.id')->where('t0.id', '>', $after)->orderBy('t0.id')->limit($most);
        $some->fromRaw(Sql::name($query->table->storedAs()).' as "t0" not indexed');
        $asked = DB::connection($this->connection)->getPdo()->prepare($some->toSql());
        $asked->execute($some->getConnection()->prepareBindings($some->getBindings()));

        return array_values(array_filter($asked->fetchAll(PDO::FETCH_COLUMN), is_int(...)));
    }

    /**
     * The keys of every so manyeth row in the query's order: where pages begin.
     *
     * @return list<list<string|int|float|null>> each with the sort keys and the id
     */
    public function anchors(Query $query, int $every): array
    {
        $inner = $this->query($query)->select('t0.id');
        $order = [];
        foreach ($query->sorts as $i => $sort) {
            $sql = new Sql();
            $inner->selectRaw($sql->value($sort->by).' as '.Sql::name("k$i"), $sql->bindings);
            $place = "k$i";
            if ($sort->isOfTexts()) {
                $place = "o$i";
                $sql = new Sql();
                $inner->selectRaw($sql->ordered($sort->by).' as '.Sql::name($place), $sql->bindings);
            }
            $order[] = Sql::name($place).($sort->upward ? ' asc' : ' desc');
        }
        $keyed = DB::connection($this->connection)
            ->query()
            ->fromSub($inner, 'keyed')
            ->select('*')
            ->selectRaw('row_number() over (order by '.implode(', ', [...$order, '"id"']).') as n');
        $found = DB::connection($this->connection)
            ->query()
            ->fromSub($keyed, 'numbered')
            ->whereRaw('n % ? = 0', [$every])
            ->orderBy('n')
            ->get();

        return array_values(
            $found->map(fn (\stdClass $raw): array => [...array_map(fn (int $i): mixed => $raw->{"k$i"}, array_keys($query->sorts)), (int) $raw->id])->all(),
        );
    }

    public function groups(Query $query, array $by, array $of = []): array
    {
        $builder = $this->query($query->unordered())->selectRaw('count(*) as "n"')->orderByDesc('n')->limit($query->limit);
        foreach ($by as $i => $term) {
            $sql = new Sql();
            $builder
                ->selectRaw($sql->value($term).' as '.Sql::name("by$i"), $sql->bindings)
                ->groupBy("by$i")
                ->orderBy("by$i");
        }
        foreach ($of as $key => [$aggregate, $term]) {
            $sql = new Sql();
            $builder->selectRaw(($aggregate === 'average' ? 'avg' : $aggregate).'('.$sql->value($term).') as '.Sql::name("of_$key"), $sql->bindings);
        }
        $groups = [];
        foreach ($builder->get() as $raw) {
            $totals = [];
            foreach ($of as $key => [$aggregate, $term]) {
                $value = $raw->{"of_$key"};
                $totals[$key] = match (true) {
                    $aggregate === 'average' && $value === null => null,
                    $aggregate === 'average' => (float) $value,
                    default => StoredValue::value($term->type, $value),
                };
            }
            $groups[] = [
                'by' => array_map(fn (Term $term, int $i): mixed => StoredValue::value($term->type, $raw->{"by$i"}), $by, array_keys($by)),
                'count' => (int) $raw->n,
                'of' => $totals,
            ];
        }

        return $groups;
    }

    public function byIds(Table $table, array $ids): array
    {
        $rows = [];
        foreach (array_chunk($ids, 500) as $some) {
            $links = $this->links($table, $some);
            foreach ($this->among($table->storedAs(), 'id', $some) as $raw) {
                $row = self::row($table, $raw, $links);
                $rows[$row->id] = $row;
            }
        }

        return $rows;
    }

    /** @param  int|null  $id  the number that the row is to have, where it comes from elsewhere */
    public function add(Table $table, array $values, ?int $id = null): int
    {
        $row = DataRow::of($this->connection, $table->storedAs());
        $row->forceFill(self::stored($table, $values) + ($id === null ? [] : ['id' => $id]))->save();
        $this->keepLinks($table, (int) $row->getKey(), $values);
        $this->happenings->tell($table, (int) $row->getKey(), 'added');

        return (int) $row->getKey();
    }

    public function change(Table $table, int $id, array $values): bool
    {
        $stored = self::stored($table, $values);
        $held = $this->happenings->held($table, $id, $this);
        $there = $stored === [] ? $this->table($table)->where('id', $id)->exists() : $this->table($table)->where('id', $id)->update($stored) > 0;
        if ($there) {
            $this->keepLinks($table, $id, $values);
            $this->happenings->tell($table, $id, 'changed', $held);
        }

        return $there;
    }

    public function remove(Table $table, int $id): bool
    {
        $there = $this->table($table)->where('id', $id)->delete() > 0;
        if ($there) {
            $this->happenings->tell($table, $id, 'removed');
        }

        return $there;
    }

    public function together(callable $work): mixed
    {
        return DB::connection($this->connection)->transaction(\Closure::fromCallable($work));
    }

    /** @return array<string, mixed>|null */
    public function answerTo(string $tap): ?array
    {
        $answer = DB::connection($this->connection)->table('_taps')->where('tap', $tap)->value('answer');
        $decoded = is_string($answer) ? json_decode($answer, true) : null;

        return is_array($decoded) ? $decoded : null;
    }

    public function keepAnswer(string $tap, array $answer): void
    {
        DB::connection($this->connection)
            ->table('_taps')
            ->insert(['tap' => $tap, 'answer' => json_encode($answer, JSON_THROW_ON_ERROR)]);
    }

    public function kept(int $person, string $name): ?string
    {
        $written = DB::connection($this->connection)
            ->table('_kept')
            ->where(['person' => $person, 'name' => $name])
            ->value('written');

        return is_string($written) ? $written : null;
    }

    public function keep(int $person, string $name, string $written): void
    {
        DB::connection($this->connection)
            ->table('_kept')
            ->upsert([['person' => $person, 'name' => $name, 'written' => $written]], ['person', 'name'], ['written']);
    }

    private function table(Table $table): Builder
    {
        return DataRow::of($this->connection, $table->storedAs())->newQuery()->toBase();
    }

    private function check(Query $query): void
    {
        $this->cost->check(
            $query->table->storedAs(),
            array_values(array_filter([$query->where, ...$query->compute, ...array_map(fn (Sort $sort): Term => $sort->by, $query->sorts)])),
        );
    }

    private function query(Query $query): Builder
    {
        $this->check($query);
        $builder = $this->table($query->table)->from($query->table->storedAs(), 't0');
        if ($query->where !== null) {
            $sql = new Sql();
            $builder->whereRaw($sql->condition($query->where), $sql->bindings);
        }
        if (trim($query->search) !== '') {
            $words = SearchIndex::match($query->search);
            $find = Sql::name((new SearchIndex(DB::connection($this->connection)))->ready($query->table));
            $words === '' ? $builder->whereRaw('0') : $builder->whereRaw("t0.\"id\" in (select rowid from $find where $find match ?)", [$words]);
        }
        if ($query->after !== null) {
            self::beginAfter($builder, $query, $query->after);
        }

        return $builder;
    }

    /**
     * Only rows that come after one with these keys: the first key bounds the search in the index, the rest decides among equals.
     *
     * @param  list<mixed>  $after
     */
    private static function beginAfter(Builder $builder, Query $query, array $after): void
    {
        $yesNo = Type::of(Kind::YesNo);
        $first = $query->sorts[0] ?? null;
        if ($first !== null && ($after[0] ?? null) !== null && ($first->upward || $first->by->field?->required === true)) {
            $sql = new Sql();
            $builder->whereRaw(
                $sql->condition(Term::operator($first->upward ? '>=' : '<=', $yesNo, $first->by, Term::value($after[0], $first->by->type))),
                $sql->bindings,
            );
        }
        $nothing = Term::value(null, Type::of(Kind::Nothing));
        $id = Term::id(0, $query->table);
        $later = Term::operator('>', $yesNo, $id, Term::value($after[count($query->sorts)] ?? 0, Type::of(Kind::Whole)));
        foreach (array_reverse($query->sorts, true) as $i => $sort) {
            $key = $after[$i] ?? null;
            $here = Term::value($key, $sort->by->type);
            $beyond = match (true) {
                $sort->upward && $key === null => Term::operator('!=', $yesNo, $sort->by, $nothing),
                $sort->upward => Term::operator('>', $yesNo, $sort->by, $here),
                $key === null => null,
                default => Term::operator('or', $yesNo, Term::operator('<', $yesNo, $sort->by, $here), Term::operator('==', $yesNo, $sort->by, $nothing)),
            };
            $there =
                $sort->isOfTexts() && $key !== null
                    ? Term::all(Term::operator('>=', $yesNo, $sort->by, $here), Term::operator('<=', $yesNo, $sort->by, $here))
                    : Term::operator('==', $yesNo, $sort->by, $here);
            $same = Term::operator('and', $yesNo, $there, $later);
            $later = $beyond === null ? $same : Term::operator('or', $yesNo, $beyond, $same);
        }
        $sql = new Sql();
        $builder->whereRaw($sql->condition($later), $sql->bindings);
    }

    /**
     * @param  list<int>  $ids
     * @return array<string, array<int, list<int>>> column => row => ids of linked rows
     */
    private function links(Table $table, array $ids): array
    {
        $links = [];
        foreach ($table->fields as $field) {
            if ($field->linksToMany() === '') {
                continue;
            }
            foreach (array_chunk($ids, 500) as $some) {
                foreach ($this->among(Plan::join($table, $field), 'row', $some, ' order by "other"') as $link) {
                    $links[$field->column()][(int) $link->row][] = (int) $link->other;
                }
            }
        }

        return $links;
    }

    /**
     * Rows whose number is one of these: every screen asks so several times, and it is said in one statement.
     *
     * @param  list<int>  $numbers
     * @return array<\stdClass>
     */
    private function among(string $table, string $column, array $numbers, string $order = ''): array
    {
        $in = implode(', ', array_map(intval(...), $numbers));

        return DB::connection($this->connection)->select('select * from '.Sql::name($table).' where '.Sql::name($column)." in ($in)$order");
    }

    /** @param  array<string, mixed>  $values */
    private function keepLinks(Table $table, int $id, array $values): void
    {
        foreach ($table->fields as $field) {
            if ($field->linksToMany() === '' || ! array_key_exists($field->column(), $values)) {
                continue;
            }
            $join = DB::connection($this->connection)->table(Plan::join($table, $field));
            $join->clone()->where('row', $id)->delete();
            $others = is_array($values[$field->column()]) ? array_filter($values[$field->column()], is_int(...)) : [];
            $join->clone()->insertOrIgnore(array_map(fn (int $other): array => ['row' => $id, 'other' => $other], array_values($others)));
        }
    }

    /**
     * @param  array<string, array<int, list<int>>>  $links
     * @param  array<string, array{string, Type}>  $computed  column of the query => formula and its type
     */
    private static function row(Table $table, \stdClass $raw, array $links, array $computed = []): Row
    {
        $values = [];
        $id = (int) $raw->id;
        foreach ($table->fields as $field) {
            $column = $field->column();
            if ($field->hasColumn()) {
                $values[$column] = $field->type->load($raw->{$column} ?? null);
            } elseif ($field->linksToMany() !== '') {
                $values[$column] = $links[$column][$id] ?? null;
            }
        }
        $found = [];
        foreach ($computed as $name => [$formula, $type]) {
            $found[$formula] = StoredValue::value($type, $raw->{$name});
        }

        return new Row($table, $id, $values, $found);
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, string|int|float|null>
     */
    private static function stored(Table $table, array $values): array
    {
        $stored = [];
        foreach ($table->fields as $field) {
            if ($field->hasColumn() && array_key_exists($field->column(), $values)) {
                $stored[$field->column()] = $field->type->store($values[$field->column()]);
            }
        }

        return $stored;
    }
}
