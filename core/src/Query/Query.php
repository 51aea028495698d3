<?php

declare(strict_types=1);

namespace Lanai\Core\Query;

use Lanai\Core\Model\Table;

/** The rows of one table that meet a condition, in order; rows that sort alike come by id. */
final readonly class Query
{
    /**
     * @param  Term|null  $where  a yes or no about the row
     * @param  list<Sort>  $sorts
     * @param  string  $search  words that its texts hold, if only begun, accents and case aside
     * @param  list<mixed>|null  $after  the sort keys and the id of the row before the first wanted one
     * @param  array<string, Term>  $compute  formula => what the query computes for each row
     */
    public function __construct(
        public Table $table,
        public ?Term $where = null,
        public array $sorts = [],
        public int $limit = 200,
        public string $search = '',
        public ?array $after = null,
        public array $compute = [],
    ) {
    }

    /** A further condition. */
    public function also(Term $condition): self
    {
        return new self($this->table, Term::every($this->where, $condition), $this->sorts, $this->limit, $this->search, $this->after, $this->compute);
    }

    public function upTo(int $limit): self
    {
        return new self($this->table, $this->where, $this->sorts, $limit, $this->search, $this->after, $this->compute);
    }

    public function searching(string $search): self
    {
        return new self($this->table, $this->where, $this->sorts, $this->limit, $search, $this->after, $this->compute);
    }

    /** The same rows without an order, a limit or a beginning. */
    public function unordered(): self
    {
        return new self($this->table, $this->where, [], PHP_INT_MAX, $this->search);
    }
}
