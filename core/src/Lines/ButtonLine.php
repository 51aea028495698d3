<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Pen;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\Labelled;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;

final readonly class ButtonLine implements Labelled
{
    use MayBeTapped;

    /** @param  list<Effect>  $tapped */
    public function __construct(
        public string $label,
        public bool $quiet = false,
        public bool $dangerous = false,
        public Placing $placing = new Placing(),
        #[ListOf(AnyEffect::class)] public array $tapped = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Button', new Blank('label', new TextFit()))
            ->clauses(Clause::flag('quiet', 'quiet'), Clause::flag('dangerous', 'dangerous'), ...Placing::acting())
            ->below(self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        return [
            'label' => $scene->text($this->label, 'label'),
            'style' => match (true) {
                $this->dangerous => 'dangerous',
                $this->quiet => 'quiet',
                default => 'main',
            },
            'taps' => $this->tapped !== [],
        ];
    }

    public function label(Scene $scene, string $part): array
    {
        return [$scene->text($this->label, 'label'), $this->dangerous];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        return self::shape(Nodes::text($node, 'label'), $setting->pen, $in);
    }

    /** As large as a button is wherever one stands. */
    public static function shape(string $label, Pen $pen, Within $in = Within::Group): Box
    {
        return new Box(
            text: $pen->text($label, weight: 650),
            minHeight: $in === Within::Bar ? 48 : 50,
            padding: $in === Within::Bar ? Edges::of(8, 12) : Edges::of(13, 20),
            marks: ['taps' => true, 'label' => true],
        );
    }
}
