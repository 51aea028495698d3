<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint\Fits;

use Lanai\Core\Blueprint\Field;
use Lanai\Core\Script\Choice;
use Lanai\Core\Script\Cursor;
use Lanai\Core\Script\Fit;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\Scope;

/** A field of the table that the sentence is about. */
final readonly class FieldFit implements Fit
{
    public function kind(): string
    {
        return 'field';
    }

    public function inWords(Scope $scope): string
    {
        return $scope->target === null ? 'the name of a field' : 'a field of '.$scope->target->name;
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
        return array_map(fn (Field $f): Choice => new Choice(NameFit::written($f->name), $f->valueType()->inWords()), $scope->target->fields ?? []);
    }
}
