<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Play\Tappable;

/** A word or two that stand out. */
final readonly class Badge implements Tappable
{
    use MayBeTapped;

    /**
     * @param  'calm'|'warning'|'fault'|''  $tone
     * @param  list<Effect>  $tapped
     */
    public function __construct(
        public string $text,
        public string $tone = '',
        public Placing $placing = new Placing(),
        #[ListOf(AnyEffect::class)] public array $tapped = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Badge', new Blank('text', new TextFit()))
            ->clauses(
                Clause::of(
                    'in',
                    'in another tone',
                    new Blank(
                        'tone',
                        ChoiceFit::of('calm, warning or fault', ['calm' => 'a calm tone', 'warning' => 'a warning tone', 'fault' => 'a fault tone']),
                    ),
                ),
                ...Placing::acting(),
            )
            ->below(self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        return ['text' => $scene->text($this->text, 'text'), 'tone' => $this->tone === '' ? 'calm' : $this->tone] + $this->taps();
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        $text = new Box(text: $setting->pen->text(Nodes::text($node, 'text'), 0.875, 1.25, 600), padding: Edges::of(2, 12), alignSelf: 'start');

        return new Box(children: [$text], minHeight: $setting->pen->rem(1.5));
    }
}
