<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

/** A row of some table, as a value of formulas. */
interface OneRow
{
    /**
     * What stands for the row where one text must.
     *
     * @param  string  $tongue  in this language, where it is said in it
     */
    public function label(string $tongue = ''): string;

    public function type(): Type;

    public function id(): int;
}
