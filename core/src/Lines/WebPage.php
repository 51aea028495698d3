<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Size;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Line;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Values\Address;

/** A page of the web inside the app, held apart from it. */
final readonly class WebPage implements Line
{
    use HasPlacing;

    public function __construct(public string $of, public string $title = '', public Placing $placing = new Placing())
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Web page at', new Blank('of', FormulaFit::giving(Kind::Text)))->clauses(
            Clause::of('called', 'what a screen reader calls it', new Blank('title', new TextFit())),
            ...Placing::clauses(),
        );
    }

    public function draw(Scene $scene): array
    {
        $title = $this->title === '' ? $scene->own('Web page') : $scene->text($this->title, 'title');

        return ['address' => Address::web($scene->value($this->of, 'of')), 'title' => $title];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        return new Box(height: Size::dp(320));
    }
}
