<?php

declare(strict_types=1);

namespace Lanai\Core\Query;

use Lanai\Core\Model\Field;
use Lanai\Core\Model\Table;

/** The rows that a term looks at together: all of a table, or those linked with a row; of these, the ones that meet a condition. */
final readonly class Among
{
    /**
     * @param  int  $row  the number of these rows in the terms about them
     * @param  Field|null  $link  the field that links: of $table where $back, else of the owner's table; null for the whole table
     * @param  Table|null  $linking  the table that has the link
     */
    public function __construct(
        public Table $table,
        public int $row,
        public ?Field $link = null,
        public ?Table $linking = null,
        public bool $back = true,
        public ?Term $owner = null,
        public ?Term $where = null,
        public ?Term $of = null,
    ) {
    }

    public function where(Term $where): self
    {
        return new self(
            $this->table,
            $this->row,
            $this->link,
            $this->linking,
            $this->back,
            $this->owner,
            $this->where === null ? $where : Term::all($this->where, $where),
            $this->of,
        );
    }

    public function of(?Term $of): self
    {
        return new self($this->table, $this->row, $this->link, $this->linking, $this->back, $this->owner, $this->where, $of);
    }
}
