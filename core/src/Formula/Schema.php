<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

/** What an app stores, as formulas know it: the names that they can use, and what each row has. */
interface Schema
{
    /** The table one row of which is called so; null where there is none. */
    public function tableOfOne(string $one): ?TableType;

    /** @return array<string, Type> what a row of the table has in formulas: its fields, and the rows that link to it */
    public function partsOf(TableType $table): array;

    /** @return array<string, Type> all rows of each table, by the name that formulas call them */
    public function lists(): array;

    /** What a row of the table of people is; null where nobody signs in. */
    public function person(): ?Type;

    /** @return array<string, Type> what formulas can say everywhere, such as "app.name" */
    public function remembered(): array;
}
