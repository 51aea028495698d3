<?php

declare(strict_types=1);

namespace Lanai\Core\Script\Fits;

use Lanai\Core\Blueprint\Table;
use Lanai\Core\Script\Choice;
use Lanai\Core\Script\Cursor;
use Lanai\Core\Script\Fit;
use Lanai\Core\Script\Scope;

/** A table by its name, or by what one row of it is called. */
final readonly class TableFit implements Fit
{
    private function __construct(private bool $one)
    {
    }

    public static function plural(): self
    {
        return new self(false);
    }

    public static function singular(): self
    {
        return new self(true);
    }

    public function kind(): string
    {
        return $this->one ? 'row' : 'table';
    }

    public function inWords(Scope $scope): string
    {
        return $this->one ? 'what one row of a table is called' : 'the name of a table';
    }

    public function print(mixed $value, array $stops): string
    {
        return NameFit::written($value);
    }

    public function read(Cursor $cursor, array $stops): ?string
    {
        return $cursor->name($this->one ? 'what one row of a table is called' : 'the name of a table');
    }

    public function choices(Scope $scope): array
    {
        return array_map(fn (Table $t): Choice => new Choice(NameFit::written($this->one ? $t->singular : $t->name), count($t->fields).' fields'), $scope->blueprint->tables);
    }

    public function knows(string $value, Scope $scope): bool
    {
        return ($this->one ? $scope->blueprint->tableOfOne($value) : $scope->blueprint->table($value)) !== null;
    }
}
