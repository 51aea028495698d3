<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Database\Connection;
use Lanai\Core\Model\BackLink;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Table;
use Lanai\Core\Storage\Plan;

/** Removed rows, kept for an undo with the links from and to them: the last so many removals of a data set. */
final readonly class RowBin
{
    private const KEPT = 20;

    public function __construct(private Connection $database, private Blueprint $blueprint)
    {
        $this->database->statement(
            'create table if not exists "_bin" ("n" integer primary key autoincrement, "token" text not null, "tbl" text not null, "kind" text not '
                .'null, "data" text not null)',
        );
        $this->database->statement('create index if not exists "ix_bin_token" on "_bin" ("token")');
    }

    /** @param  list<int>  $ids */
    public function throwAway(string $token, Table $table, array $ids): int
    {
        $removed = 0;
        foreach (array_chunk($ids, 500) as $some) {
            $rows = $this->database->table($table->storedAs())->whereIntegerInRaw('id', $some)->get();
            $this->keep($token, $table->storedAs(), 'row', $rows->all());
            foreach ($table->fields as $field) {
                $this->keepLinks($token, $table, $field, 'row', $some);
            }
            foreach ($this->blueprint->backLinks($table) as $link) {
                $this->keepBack($token, $link, $some);
            }
            $removed += $this->database->table($table->storedAs())->whereIntegerInRaw('id', $some)->delete();
        }
        $old = $this->database
            ->table('_bin')
            ->distinct()
            ->select('token')
            ->groupBy('token')
            ->orderByRaw('max(n) desc')
            ->offset(self::KEPT)
            ->limit(100)
            ->pluck('token');
        $this->database->table('_bin')->whereIn('token', $old)->delete();

        return $removed;
    }

    /** @return int how many rows are back; 0 where nothing is kept under the token */
    public function putBack(string $token): int
    {
        $back = 0;
        foreach ($this->database->table('_bin')->where('token', $token)->orderBy('n')->lazyById(200, 'n') as $kept) {
            $data = (array) json_decode((string) $kept->data, true);
            if ($kept->kind === 'row') {
                $known = array_flip($this->database->getSchemaBuilder()->getColumnListing($kept->tbl));
                $back += $this->database->table($kept->tbl)->insertOrIgnore($this->linked((string) $kept->tbl, array_intersect_key($data, $known)));
            } elseif ($kept->kind === 'join') {
                $this->joinAgain((string) $kept->tbl, $data);
            } else {
                $this->database
                    ->table($kept->tbl)
                    ->where('id', $data['id'] ?? 0)
                    ->whereNull($data['column'] ?? '')
                    ->update([$data['column'] ?? '' => $data['value'] ?? null]);
            }
        }
        $this->database->table('_bin')->where('token', $token)->delete();

        return $back;
    }

    /**
     * A row whose links lead to rows that are gone comes back without these.
     *
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>
     */
    private function linked(string $stored, array $data): array
    {
        foreach ($this->blueprint->tableStoredAs($stored)->fields ?? [] as $field) {
            $to = $field->linksTo() === '' ? null : $this->blueprint->tableOfOne($field->linksTo());
            $id = $data[$field->column()] ?? null;
            if ($to !== null && $id !== null && $to->storedAs() !== $stored && ! $this->database->table($to->storedAs())->where('id', $id)->exists()) {
                $data[$field->column()] = null;
            }
        }

        return $data;
    }

    /** @param  array<array-key, mixed>  $data */
    private function joinAgain(string $join, array $data): void
    {
        $ends = array_column($this->database->select('select "from", "table" from pragma_foreign_key_list(?)', [$join]), 'table', 'from');
        foreach ($ends as $end => $table) {
            if (
                ! $this->database
                    ->table($table)
                    ->where('id', $data[$end] ?? 0)
                    ->exists()
            ) {
                return;
            }
        }
        $this->database->table($join)->insertOrIgnore($data);
    }

    /** @param  list<int>  $ids */
    private function keepBack(string $token, BackLink $link, array $ids): void
    {
        if ($link->field->linksToMany() !== '') {
            $this->keepLinks($token, $link->from, $link->field, 'other', $ids);

            return;
        }
        $column = $link->field->column();
        $rows = $this->database
            ->table($link->from->storedAs())
            ->whereIntegerInRaw($column, $ids)
            ->get(['id', $column]);
        $this->keep(
            $token,
            $link->from->storedAs(),
            'link',
            $rows->map(fn ($r): array => ['id' => $r->id, 'column' => $column, 'value' => $r->{$column}])->all(),
        );
    }

    /** @param  list<int>  $ids */
    private function keepLinks(string $token, Table $table, Field $field, string $end, array $ids): void
    {
        if ($field->linksToMany() !== '') {
            $join = Plan::join($table, $field);
            $this->keep($token, $join, 'join', $this->database->table($join)->whereIntegerInRaw($end, $ids)->get()->all());
        }
    }

    /** @param  array<array-key, mixed>  $all */
    private function keep(string $token, string $table, string $kind, array $all): void
    {
        foreach (array_chunk($all, 200) as $some) {
            $this->database
                ->table('_bin')
                ->insert(
                    array_map(fn (mixed $one): array => ['token' => $token, 'tbl' => $table, 'kind' => $kind, 'data' => (string) json_encode($one)], $some),
                );
        }
    }
}
