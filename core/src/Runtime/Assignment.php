<?php

declare(strict_types=1);

namespace Lanai\Core\Runtime;

use Lanai\Core\Blueprint\Fits\FieldFit;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Scope;
use Lanai\Core\Script\Sentence;

/** "set Places = swim.places - 1": a field of the row at hand gets the value of a formula. */
final readonly class Assignment implements HasSentence
{
    public function __construct(public string $field, public string $value)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('set', new Blank('field', new FieldFit), '=', new Blank('value', FormulaFit::asWanted()))
            ->within(['value'], fn (array $data, Scope $scope): Scope => $scope->wanting(
                $scope->target?->field(is_string($data['field'] ?? null) ? $data['field'] : '')?->valueType()));
    }
}
