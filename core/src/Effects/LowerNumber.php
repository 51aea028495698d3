<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\MayWait;

/** Takes something off a number of a row, only while it is above a bound: the last place is sold once. */
final readonly class LowerNumber implements MayWait
{
    use MovesNumber;

    /**
     * @param  string  $number  a path to a stored number, such as swim.places
     * @param  string  $by  a formula
     * @param  string  $bound  a formula; where it is reached, nothing of the tap happens
     * @param  string  $otherwise  what is said then
     */
    public function __construct(public string $number, public string $by, public string $bound = '', public string $otherwise = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('lower', new Blank('number', FormulaFit::giving(Kind::Decimal)), 'by', new Blank('by', FormulaFit::giving(Kind::Decimal)))->clauses(
            Clause::joined('while it is above', 'only while it is above', new Blank('bound', FormulaFit::giving(Kind::Decimal))),
            Clause::of('otherwise say', 'what to say otherwise', new Blank('otherwise', new TextFit)),
        );
    }

    public function run(Doing $doing): void
    {
        $this->move($doing, $this->number, $this->by, '-', $this->bound, fn (int $order): bool => $order > 0, $this->otherwise);
    }
}
