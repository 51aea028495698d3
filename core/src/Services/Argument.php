<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Fits\FieldFit;
use Lanai\Core\Model\Table;

/** "spot = swim.spot.code": what a request is told at one place. */
final readonly class Argument implements HasSentence
{
    public function __construct(public string $field, public string $value)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(new Blank('field', new FieldFit()), '=', new Blank('value', FormulaFit::asWanted()))->within(
            ['value'],
            fn (array $data, Scope $scope): Scope => $scope->wanting(
                Table::known($scope->target)
                    ?->field(is_string($data['field'] ?? null) ? $data['field'] : '')
                    ?->valueType(),
            ),
        );
    }
}
