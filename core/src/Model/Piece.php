<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;

/** A few lines that several screens use, with the rows that they are about. */
final readonly class Piece implements HasSentence
{
    /**
     * @param  list<Parameter>  $taking
     * @param  list<AnyLine>  $lines
     */
    public function __construct(public string $name, #[ListOf(Parameter::class)] public array $taking = [], #[ListOf(AnyLine::class)] public array $lines = [])
    {
    }

    /** @return list<AnyParameter> what it is given, in the order of arguments */
    public function parameters(): array
    {
        return $this->taking;
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('piece', new Blank('name', NameFit::of('the name of the piece')))
            ->clauses(Clause::joined('taking', 'what it is given', new Series('taking', 'and', Parameter::class)))
            ->below(new Children('lines', Families::of(AnyLine::class), 'a line'))
            ->within(['lines'], fn (array $data, Scope $scope): Scope => $scope->with(Parameter::types($data['taking'] ?? []))->asking(InputTypes::in($data)));
    }
}
