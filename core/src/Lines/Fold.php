<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Size;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Drawing;
use Lanai\Core\Play\Holding;
use Lanai\Core\Play\Line;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;

/** A part of the page that folds away under its heading. */
final readonly class Fold implements Holding
{
    use HoldsLines;

    /** @param  list<Line>  $lines */
    public function __construct(
        public string $label,
        public bool $open = false,
        #[ListOf(AnyLine::class)] public array $lines = [],
        public Placing $placing = new Placing(),
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Fold', new Blank('label', new TextFit()))
            ->clauses(Clause::flag('open', 'open at first'), ...Placing::clauses())
            ->below(self::linesInside());
    }

    public function draw(Scene $scene): array
    {
        return [
            'label' => $scene->text($this->label, 'label'),
            'open' => $this->open,
            'nodes' => array_merge(...array_values(Drawing::inside($this, $scene))),
        ];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        $head = new Box(
            flow: 'row',
            children: [
                new Box(text: $setting->pen->text(Nodes::text($node, 'label'), weight: 650), grow: 1, shrink: 1, basis: Size::dp(0)),
                new Box(width: Size::dp(24), height: Size::dp(24)),
            ],
            minHeight: 48,
            gap: 12,
            align: 'center',
            marks: ['taps' => true],
        );

        return new Box(children: [$head, ...($node['open'] ?? false) === true ? [$setting->group($node)] : []], padding: new Edges(0, 0, 9, 0), gap: 10);
    }
}
