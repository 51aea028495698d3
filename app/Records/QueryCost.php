<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Database\Connection;
use Lanai\Core\Query\Pairs;
use Lanai\Core\Query\Term;
use Lanai\Core\Rows\TooMuch;

/** Refuses a query that would look at too many rows before it is begun: SQLite has no way to be stopped. */
final class QueryCost
{
    /** @var array<string, int> stored table => its rows, or the number of its last one */
    private array $sizes = [];

    public function __construct(private readonly Connection $database)
    {
    }

    /**
     * @param  string  $table  the stored table that the query is about; '' for a term by itself
     * @param  list<Term>  $terms  what is asked of each of its rows
     *
     * @throws TooMuch
     */
    public function check(string $table, array $terms): void
    {
        $pairs = Pairs::of($table, $terms, $this->size(...));
        if ($pairs > Pairs::MOST) {
            throw TooMuch::pairs($pairs);
        }
    }

    private function size(string $table): int
    {
        return $this->sizes[$table] ??= (int) $this->database->scalar('select max("id") from '.Sql::name($table));
    }
}
