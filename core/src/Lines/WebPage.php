<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Runtime\Line;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Values\Address;

/** A page of the web inside the app, held apart from it. */
final readonly class WebPage implements Line
{
    use Placed;

    public function __construct(public string $of, public string $title = '', public Placing $placing = new Placing)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Web page at', new Blank('of', FormulaFit::giving(Kind::Text)))->clauses(Clause::of('called', 'what a screen reader calls it', new Blank('title', new TextFit)), ...Placing::clauses());
    }

    public function draw(Scene $scene): array
    {
        return ['address' => Address::web($scene->value($this->of, 'of')), 'title' => $this->title === '' ? 'Web page' : $scene->text($this->title, 'title')];
    }
}
