<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Fits\FieldFit;
use Lanai\Core\Model\Table;

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
                Table::known($scope->target)?->field(is_string($data['field'] ?? null) ? $data['field'] : '')?->valueType()));
    }
}
