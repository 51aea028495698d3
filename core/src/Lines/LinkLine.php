<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\Labelled;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;

/** Words in the text's own line that do something when tapped. */
final readonly class LinkLine implements Labelled
{
    use MayBeTapped;

    /** @param  list<Effect>  $tapped */
    public function __construct(public string $label, public Placing $placing = new Placing, #[ListOf(AnyEffect::class)] public array $tapped = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Link', new Blank('label', new TextFit))->clauses(...Placing::acting())->below(self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        return ['label' => $scene->text($this->label, 'label')] + $this->taps();
    }

    public function label(Scene $scene, string $part): array
    {
        return [$scene->text($this->label, 'label'), false];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        return new Box(
            text: $setting->pen->text(Nodes::text($node, 'label')),
            minHeight: 48,
            padding: Edges::of(12, 0),
            alignSelf: 'start',
            marks: ['taps' => true, 'narrow' => true],
        );
    }
}
