<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\App;
use App\Models\DataRow;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Data\Condition;
use Lanai\Core\Data\Query;
use Lanai\Core\Data\Row;
use Lanai\Core\Ports\RecordStore;

/** The rows of an app's data set, in its SQLite file, through Eloquent. */
final readonly class EloquentRecordStore implements RecordStore
{
    private string $connection;

    public function __construct(App $app, DataSet $set, private Blueprint $blueprint)
    {
        $this->connection = (new DataFile($app, $set))->connection;
    }

    public function tableOfOne(string $one): ?Table
    {
        return $this->blueprint->tableOfOne($one);
    }

    public function rows(Query $query): array
    {
        $found = $this->query($query)->limit($query->limit);
        foreach ($query->sorts as $sort) {
            $found->orderBy($sort->field->column(), $sort->upward ? 'asc' : 'desc');
        }

        return array_values(array_map(fn (\stdClass $raw): Row => self::row($query->table, $raw), $found->orderBy('id')->get()->all()));
    }

    public function count(Query $query): int
    {
        return $this->query($query)->count();
    }

    public function byIds(Table $table, array $ids): array
    {
        $rows = [];
        foreach (array_chunk($ids, 500) as $some) {
            foreach ($this->table($table)->whereIntegerInRaw('id', $some)->get() as $raw) {
                $row = self::row($table, $raw);
                $rows[$row->id] = $row;
            }
        }

        return $rows;
    }

    public function add(Table $table, array $values): int
    {
        $row = DataRow::of($this->connection, $table->storedAs());
        $row->forceFill(self::stored($table, $values))->save();

        return (int) $row->getKey();
    }

    public function change(Table $table, int $id, array $values): bool
    {
        if ($values === []) {
            return $this->table($table)->where('id', $id)->exists();
        }

        return $this->table($table)->where('id', $id)->update(self::stored($table, $values)) > 0;
    }

    public function remove(Table $table, int $id): bool
    {
        return $this->table($table)->where('id', $id)->delete() > 0;
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
        DB::connection($this->connection)->table('_taps')->insert(['tap' => $tap, 'answer' => json_encode($answer, JSON_THROW_ON_ERROR)]);
    }

    private function table(Table $table): Builder
    {
        return DataRow::of($this->connection, $table->storedAs())->newQuery()->toBase();
    }

    private function query(Query $query): Builder
    {
        $builder = $this->table($query->table);
        if ($query->where !== null) {
            self::constrain($builder, $query->where);
        }

        return $builder;
    }

    /** Each part is written so that it is never null: "not" then turns it around as PHP does. */
    private static function constrain(Builder $builder, Condition $condition): void
    {
        if ($condition->kind === 'all') {
            $builder->where(function (Builder $q) use ($condition): void {
                $q->whereRaw('1 = 1');
                foreach ($condition->parts as $part) {
                    self::constrain($q, $part);
                }
            });
        } elseif ($condition->kind === 'any') {
            $builder->where(function (Builder $q) use ($condition): void {
                $q->whereRaw('0 = 1');
                foreach ($condition->parts as $part) {
                    $q->orWhere(fn (Builder $inner) => self::constrain($inner, $part));
                }
            });
        } elseif ($condition->kind === 'not') {
            $builder->whereNot(fn (Builder $q) => self::constrain($q, $condition->parts[0]));
        } else {
            self::compare($builder, $condition);
        }
    }

    private static function compare(Builder $builder, Condition $condition): void
    {
        $field = $condition->field;
        assert($field !== null);
        $column = $field->column();
        $value = $condition->value === null ? null : $field->type->store($condition->value) ?? (is_scalar($condition->value) ? $condition->value : null);
        match (true) {
            $value === null && $condition->operator === '==' => $builder->whereNull($column),
            $value === null && $condition->operator === '!=' => $builder->whereNotNull($column),
            $value === null => $builder->whereRaw('0 = 1'),
            $condition->operator === '!=' => $builder->where(fn (Builder $q) => $q->whereNull($column)->orWhere($column, '!=', $value)),
            default => $builder->where(fn (Builder $q) => $q->whereNotNull($column)->where($column, $condition->operator === '==' ? '=' : $condition->operator, $value)),
        };
    }

    private static function row(Table $table, \stdClass $raw): Row
    {
        $values = [];
        foreach ($table->fields as $field) {
            $column = $field->column();
            $values[$column] = $field->type->load($raw->{$column} ?? null);
        }

        return new Row($table, (int) $raw->id, $values);
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, string|int|float|null>
     */
    private static function stored(Table $table, array $values): array
    {
        $stored = [];
        foreach ($table->fields as $field) {
            if (array_key_exists($field->column(), $values)) {
                $stored[$field->column()] = $field->type->store($values[$field->column()]);
            }
        }

        return $stored;
    }
}
