<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Fits;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Choice;
use Lanai\Core\Language\Cursor;
use Lanai\Core\Language\Fit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Table;

/** A table by its name, or by what one row of it is called. */
final readonly class TableFit implements Fit
{
    /**
     * @param  bool  $answers  offers also what services give
     * @param  bool  $knowsServices  knows it, though it is not offered
     */
    private function __construct(private bool $one, private bool $answers = false, private bool $knowsServices = false)
    {
    }

    public static function plural(): self
    {
        return new self(false);
    }

    /** A table, or what a service gives: for what only shows rows. */
    public static function listed(): self
    {
        return new self(false, true, true);
    }

    /** What a field links to; the parts of an answer link to the lists inside of it. */
    public static function linked(): self
    {
        return new self(false, false, true);
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
        return array_map(
            fn (Table $t): Choice => new Choice(NameFit::written($this->one ? $t->singular : $t->name), count($t->fields).' fields'),
            $this->answers ? [...Blueprint::in($scope)->tables, ...array_values(Blueprint::in($scope)->serviceTables())] : Blueprint::in($scope)->tables,
        );
    }

    public function knows(string $value, Scope $scope): bool
    {
        $table = $this->one ? Blueprint::in($scope)->tableOfOne($value) : Blueprint::in($scope)->table($value);

        return $table !== null && ($this->knowsServices || ! Blueprint::in($scope)->isServiceTable($table));
    }
}
