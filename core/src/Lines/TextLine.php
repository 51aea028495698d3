<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Paragraph;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Play\Tappable;

final readonly class TextLine implements Tappable
{
    use MayBeTapped;

    /**
     * @param  bool  $emphasis  *strong* and _slanted_ words are drawn so
     * @param  list<Effect>  $tapped
     */
    public function __construct(
        public string $text,
        public bool $emphasis = false,
        public bool $small = false,
        public Placing $placing = new Placing(),
        #[ListOf(AnyEffect::class)] public array $tapped = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Text', new Blank('text', new TextFit()))
            ->clauses(Clause::flag('emphasis', 'with emphasis'), Clause::flag('small', 'small'), ...Placing::acting())
            ->below(self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        $text = $scene->prose($this->text, 'text');

        return ['text' => $text] +
            Hanging::of($text, $this->placing) +
            ($this->emphasis ? ['runs' => Emphasis::runs($text)] : []) +
            ($this->small ? ['small' => true] : []) +
            $this->taps();
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        $pen = $setting->pen;
        $small = ($node['small'] ?? false) === true;
        $runs = array_map(
            fn (array $run): array => [Nodes::text($run, 'text'), ($run['strong'] ?? false) === true ? 680 : 400],
            Nodes::of($node['runs'] ?? [], false),
        );

        $runs = $runs === [] ? [[Nodes::text($node, 'text'), 400]] : $runs;

        $size = $pen->rem($small ? 0.875 : 1);

        return new Box(text: new Paragraph($runs, $size, $pen->rem($small ? 1.25 : 1.5), hang: Hanging::in($node) * $size));
    }
}
