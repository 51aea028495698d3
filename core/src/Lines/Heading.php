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
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Play\Tappable;

final readonly class Heading implements Tappable
{
    use MayBeTapped;

    private const WEIGHT = 680;

    /** Only words of so many letters and more are divided in one. */
    private const LONG_WORD = 12;

    /** @param  list<Effect>  $tapped */
    public function __construct(public string $text, public Placing $placing = new Placing, #[ListOf(AnyEffect::class)] public array $tapped = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Heading', new Blank('text', new TextFit))->clauses(...Placing::acting())->below(self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        $text = $scene->prose($this->text, 'text', self::LONG_WORD);

        return ['text' => $text] + Hanging::of($text, $this->placing, self::WEIGHT) + $this->taps();
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        $look = $setting->pen->look;

        return new Box(
            text: $setting->pen->text(Nodes::text($node, 'text'), $look->heading, $look->headingLine, self::WEIGHT, Hanging::in($node)),
            margin: $in === Within::Card || $in->isBeside() ? new Edges() : new Edges(8, 0, -4, 0),
        );
    }
}
