<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange;

/** Rows from outside, as texts under named columns. */
interface Sheet
{
    /** @return list<string> */
    public function columns(): array;

    /** @return iterable<int, list<string>> by the number that the row has at its source, from 1 for the first line or entry */
    public function rows(): iterable;
}
