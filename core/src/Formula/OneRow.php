<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

/** A row of some table, as a value of formulas. */
interface OneRow
{
    /** What stands for the row where one text must. */
    public function label(): string;

    public function type(): Type;

    public function id(): int;
}
