<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Nodes;
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

final readonly class Sound implements Line
{
    use HasPlacing;

    public function __construct(public string $of, public string $title = '', public Placing $placing = new Placing())
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Sound at', new Blank('of', FormulaFit::giving(Kind::Any)))->clauses(
            Clause::of('called', 'its name', new Blank('title', new TextFit())),
            ...Placing::clauses(),
        );
    }

    public function draw(Scene $scene): array
    {
        return ['media' => Address::media($scene->value($this->of, 'of')), 'title' => $this->title === '' ? 'Sound' : $scene->text($this->title, 'title')];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        return $setting->stacked([new Box(text: $setting->pen->text(Nodes::text($node, 'title'))), new Box(height: Size::dp(54))], 4);
    }
}
