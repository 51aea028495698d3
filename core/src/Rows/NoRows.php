<?php

declare(strict_types=1);

namespace Lanai\Core\Rows;

use Closure;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Query\Term;

/** For reading formulas where there are no rows to look at. */
final class NoRows implements Rows
{
    public function whole(): self
    {
        return $this;
    }

    public function rights(): ?Sight
    {
        return null;
    }

    public function blueprint(): ?Blueprint
    {
        return null;
    }

    public function row(string $one, int $id): ?Row
    {
        return null;
    }

    public function has(Row $row, string $name): bool
    {
        return false;
    }

    public function linked(Row $row, string $name): ?array
    {
        return null;
    }

    public function all(string $table): ?array
    {
        return null;
    }

    public function step(Closure $formula): void
    {
        // Without rows only lists that are written down can be gone through.
    }

    public function tooLong(Closure $formula): never
    {
        throw TooMuch::text($formula());
    }

    public function compute(Term $term): mixed
    {
        return null;
    }

    public function remembered(Row $row, string $what, Closure $compute): mixed
    {
        return $compute();
    }
}
