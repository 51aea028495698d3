<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint;

use Lanai\Core\Lines\Lines;
use Lanai\Core\Runtime\Line;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Children;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Scope;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Series;

/** A few lines that several screens use, with the rows that they are about. */
final readonly class Piece implements HasSentence
{
    /**
     * @param  list<Taken>  $taking
     * @param  list<Line>  $lines
     */
    public function __construct(public string $name, #[ListOf(Taken::class)] public array $taking = [], #[ListOf(Line::class)] public array $lines = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('piece', new Blank('name', NameFit::of('the name of the piece')))
            ->clauses(Clause::joined('taking', 'what it is given', new Series('taking', 'and', Taken::class)))
            ->below(new Children('lines', Lines::family(), 'a line'))
            ->within(['lines'], fn (array $data, Scope $scope): Scope => $scope->with(Taken::types($data['taking'] ?? []))->asking(Asked::in($data)));
    }
}
