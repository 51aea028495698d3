<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Fits;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Choice;
use Lanai\Core\Language\Cursor;
use Lanai\Core\Language\Fit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Table;

/** A field of the table that the sentence is about. */
final readonly class FieldFit implements Fit
{
    public function kind(): string
    {
        return 'field';
    }

    public function inWords(Scope $scope): string
    {
        return $scope->target === null ? 'the name of a field' : 'a field of '.$scope->target->called();
    }

    public function print(mixed $value, array $stops): string
    {
        return NameFit::written($value);
    }

    public function read(Cursor $cursor, array $stops): ?string
    {
        return $cursor->name('the name of a field');
    }

    public function choices(Scope $scope): array
    {
        return array_map(
            fn (Field $f): Choice => new Choice(NameFit::written($f->name), $f->valueType()->inWords()),
            Table::known($scope->target)->fields ?? [],
        );
    }
}
