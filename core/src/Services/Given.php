<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Blueprint\Fits\FieldFit;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Scope;
use Lanai\Core\Script\Sentence;

/** "spot = swim.spot.code": what a request is told at one place. */
final readonly class Given implements HasSentence
{
    public function __construct(public string $field, public string $value)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(new Blank('field', new FieldFit), '=', new Blank('value', FormulaFit::asWanted()))
            ->within(['value'], fn (array $data, Scope $scope): Scope => $scope->wanting($scope->target?->field(is_string($data['field'] ?? null) ? $data['field'] : '')?->valueType()));
    }
}
