<?php

declare(strict_types=1);

namespace Lanai\Core\Model\People;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Fits\FieldFit;

/** Through an outside identity provider that speaks OpenID Connect. */
final readonly class Through implements Way
{
    /**
     * @param  string  $provider  what people know it as; its address and keys are kept on the server
     * @param  string  $name  the field that begins as the name the provider gives; '' for the first text field
     * @param  string  $picture  the field that begins as the picture it gives
     */
    public function __construct(public string $provider = '', public string $name = '', public string $picture = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('through', new Blank('provider', NameFit::of('the name of the provider')))
            ->clauses(
                Clause::of('name into', 'its name into a field', new Blank('name', new FieldFit)),
                Clause::of('picture into', 'its picture into a field', new Blank('picture', new FieldFit)),
            )
            ->within(['name', 'picture'], fn (array $data, Scope $scope): Scope => $scope->target(Blueprint::in($scope)->peopleTable()));
    }
}
