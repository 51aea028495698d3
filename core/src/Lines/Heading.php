<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Runtime\Tappable;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;

final readonly class Heading implements Tappable
{
    use MayBeTapped;

    /** @param  list<Effect>  $tapped */
    public function __construct(public string $text, public Placing $placing = new Placing, #[ListOf(Effect::class)] public array $tapped = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Heading', new Blank('text', new TextFit))->clauses(...Placing::acting())->below(self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        return ['text' => $scene->text($this->text, 'text')] + $this->taps();
    }
}
