<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Setting;
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

/** A film, uploaded or at an address, with its own first picture until it is played. */
final readonly class Video implements Line
{
    use HasPlacing;

    public function __construct(public string $of, public string $title = '', public Placing $placing = new Placing())
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Video at', new Blank('of', FormulaFit::giving(Kind::Any)))->clauses(
            Clause::of('called', 'what a screen reader calls it', new Blank('title', new TextFit())),
            ...Placing::clauses(),
        );
    }

    public function draw(Scene $scene): array
    {
        return ['media' => Address::media($scene->value($this->of, 'of')), 'title' => $this->title === '' ? 'Video' : $scene->text($this->title, 'title')];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        return new Box(aspect: 16 / 9);
    }
}
