<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Model\Row;
use Lanai\Core\Play\Doing;

/** What putting into and taking out of a list of links share. */
trait ChangesLinks
{
    /**
     * @param  string  $row  a formula that gives the row that is put in or taken out
     * @param  string  $list  a path to a field that holds several, such as me.favouriteSpots
     */
    public function __construct(public readonly string $row, public readonly string $list)
    {
    }

    /**
     * @param  callable(list<int>, int): array<int>  $change
     *
     * @throws \Lanai\Core\Rows\Refused
     */
    private function changed(Doing $doing, callable $change): void
    {
        $row = $this->row === '' ? null : $doing->scene->value($this->row, 'row');
        [$owner, $field] = $doing->cell($this->list) ?? throw $doing->gone($this->list);
        if (! $row instanceof Row || mb_strtolower($field->linksToMany()) !== mb_strtolower($row->table->singular)) {
            throw $doing->gone($this->row);
        }
        $ids = array_values(array_filter(is_array($owner->value($field)) ? $owner->value($field) : [], is_int(...)));
        $next = array_values($change($ids, $row->id));
        $doing->change($owner, [$field->column() => $next === [] ? null : $next]);
    }
}
