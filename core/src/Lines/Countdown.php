<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Runtime\Line;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;

/** The time that is left until a moment, going down as one looks. */
final readonly class Countdown implements Line
{
    use Placed;

    public function __construct(public string $to, public string $over = '', public Placing $placing = new Placing)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Countdown to', new Blank('to', FormulaFit::giving(Kind::Moment)))->clauses(
            Clause::of('then saying', 'what it says once it is over', new Blank('over', new TextFit)),
            ...Placing::clauses(),
        );
    }

    public function draw(Scene $scene): array
    {
        $to = $scene->value($this->to, 'to');

        return ['until' => $to instanceof DateTimeImmutable ? $to->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d\TH:i:s\Z') : '', 'over' => $scene->text($this->over, 'over'),
            'now' => $scene->moment->now->format('Y-m-d\TH:i:s\Z')];
    }
}
