<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Runtime\Tappable;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;

final readonly class TextLine implements Tappable
{
    use MayBeTapped;

    /**
     * @param  bool  $emphasis  *strong* and _slanted_ words are drawn so
     * @param  list<Effect>  $tapped
     */
    public function __construct(public string $text, public bool $emphasis = false, public bool $small = false, public Placing $placing = new Placing, #[ListOf(Effect::class)] public array $tapped = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Text', new Blank('text', new TextFit))
            ->clauses(Clause::flag('emphasis', 'with emphasis'), Clause::flag('small', 'small'), ...Placing::acting())
            ->below(self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        $text = $scene->text($this->text, 'text');

        return ['text' => $text] + ($this->emphasis ? ['runs' => Emphasis::runs($text)] : []) + ($this->small ? ['small' => true] : []) + $this->taps();
    }
}
