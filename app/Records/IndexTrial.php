<?php

declare(strict_types=1);

namespace App\Records;

use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Connection;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Sort;
use Lanai\Core\Query\Term;
use Lanai\Core\Storage\IndexKey;
use Lanai\Core\Storage\ListPlan;
use PDO;
use PDOException;

/**
 * Which indexes serve a list best, as SQLite itself says: its query is run on a sample of the rows, in memory, with each of
 * the alternatives, and the steps of SQLite's machine are counted (https://www.sqlite.org/stmt.html), at two sizes of the
 * sample, so that it is seen which of them grow with the table. The rows that people use are only read.
 */
final class IndexTrial
{
    /** Below so many rows every way is quick. */
    public const MANY = 5000;

    private const SAMPLE = 8000;

    /** A list shows so many at first. */
    private const SHOWN = 100;

    /** An alternative must be better by so much to be preferred to the one before. */
    private const BETTER = 0.8;

    private readonly Moment $moment;

    public function __construct(private readonly Connection $database)
    {
        $this->moment = new Moment(new DateTimeImmutable(), new DateTimeZone('UTC'));
    }

    public function rows(Table $table): int
    {
        try {
            return (int) $this->database->scalar('select max("id") from '.Sql::name($table->storedAs()));
        } catch (PDOException) {
            return 0;
        }
    }

    /**
     * @param  list<list<array{Table, list<IndexKey>}>>  $alternatives
     * @return int the number of the best; 0 where that cannot be told
     */
    public function best(ListPlan $plan, Table $table, array $alternatives): int
    {
        $term = $plan->asked($table, $this->moment);
        if (count($alternatives) < 2 || $term?->looksAround() === true) {
            return 0;
        }
        try {
            return $this->tried($plan, $term, $table, $alternatives);
        } catch (PDOException $trouble) {
            report($trouble);

            return 0;
        }
    }

    /** @param  list<list<array{Table, list<IndexKey>}>>  $alternatives */
    private function tried(ListPlan $plan, ?Term $term, Table $table, array $alternatives): int
    {
        $sample = new PDO('sqlite::memory:', options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        TextFunctions::register($sample);
        $sample->exec('attach database '.$sample->quote($this->database->getDatabaseName()).' as real');
        $tables = [$table->storedAs() => $table, ...self::tables($term)];
        foreach ($tables as $stored => $each) {
            $sql = (string) $this->database->scalar("select sql from sqlite_master where type = 'table' and name = ?", [$stored]);
            $sample->exec('create table '.Sql::name($stored).' '.substr($sql, (int) strpos($sql, '(')));
            foreach ($each->stored() as $field) {
                if ($field->linksTo() !== '') {
                    $sample->exec(
                        'create index '.
                            Sql::name("link {$stored} {$field->column()}").
                            ' on '.
                            Sql::name($stored).
                            ' ('.
                            Sql::name($field->column()).
                            ')',
                    );
                }
            }
        }
        $rows = $this->rows($table);
        $steps = [];
        foreach ([2, 1] as $part) {
            $this->fill($sample, $table, $tables, intdiv(self::SAMPLE, $part));
            foreach ($alternatives as $i => $indexes) {
                $steps[$i][] = self::steps($sample, $term, $plan->sorts, $table, $indexes);
            }
        }
        // What did not grow with the sample does not grow with the table.
        $there = array_map(fn (array $s): float => $s[1] + (max(0, $s[1] - $s[0]) * max(0, $rows - self::SAMPLE)) / (self::SAMPLE / 2), $steps);
        $best = 0;
        foreach ($there as $i => $expected) {
            $best = $expected < self::BETTER * $there[$best] ? $i : $best;
        }

        return $best;
    }

    /**
     * @param  array<string, Table>  $tables
     */
    private function fill(PDO $sample, Table $table, array $tables, int $most): void
    {
        $sample->exec('begin');
        $this->copy($sample, $table->storedAs(), $most);
        foreach ($tables as $stored => $each) {
            if ($stored === $table->storedAs()) {
                continue;
            }
            $this->copy($sample, $stored, $most);
            foreach ($table->stored() as $field) {
                // Those that the rows lead to; others are found by no lookup.
                if ($field->linksTo() !== '' && mb_strtolower($field->linksTo()) === mb_strtolower($each->singular)) {
                    $name = Sql::name($stored);
                    $sample->exec(
                        "insert or ignore into main.$name select * from real.$name where \"id\" in (select distinct ".
                            Sql::name($field->column()).
                            ' from main.'.
                            Sql::name($table->storedAs()).
                            ')',
                    );
                }
            }
        }
        $sample->exec('commit');
    }

    /** Copies so many rows that stand at even distances. */
    private function copy(PDO $sample, string $stored, int $most): void
    {
        $name = Sql::name($stored);
        $last = (int) $sample->query("select max(\"id\") from real.$name")->fetchColumn();
        $step = max(1, intdiv($last, $most));
        $sample->exec(
            "insert or ignore into main.$name select r.* from (with recursive n(i) as (select 1 union all "
                ."select i + $step from n where i < $last) select i from n) cross join real.$name r on r.\"id\" = i",
        );
    }

    /**
     * @param  list<Sort>  $sorts
     * @param  list<array{Table, list<IndexKey>}>  $indexes
     */
    private static function steps(PDO $sample, ?Term $term, array $sorts, Table $table, array $indexes): int
    {
        foreach ($indexes as $i => [$on, $keys]) {
            $sample->exec(
                "create index \"trial $i\" on ".Sql::name($on->storedAs()).' ('.implode(', ', array_map(TextFunctions::column(...), $keys)).')',
            );
        }
        $sql = new Sql();
        $text =
            'select t0.* from main.'.
            Sql::name($table->storedAs()).
            ' as t0'.
            ($term === null ? '' : ' where '.$sql->condition($term)).
            ' order by '.
            implode(', ', [...array_map(fn (Sort $s): string => $sql->ordered($s->by).($s->upward ? ' asc' : ' desc'), $sorts), 't0."id"']).
            ' limit '.
            self::SHOWN;
        $statement = $sample->prepare($text);
        $statement->execute($sql->bindings);
        $statement->fetchAll();
        $count = $sample->prepare('select nstep from sqlite_stmt where sql = ?');
        $count->execute([$text]);
        $steps = (int) $count->fetchColumn();
        unset($statement, $count);
        foreach (array_keys($indexes) as $i) {
            $sample->exec("drop index \"trial $i\"");
        }

        return $steps;
    }

    /** @return array<string, Table> tables that a condition looks at by links */
    private static function tables(?Term $term): array
    {
        $tables = $term?->kind === 'lookup' && $term->table !== null ? [$term->table->storedAs() => $term->table] : [];
        foreach ($term->parts ?? [] as $part) {
            $tables += self::tables($part);
        }

        return $tables;
    }
}
