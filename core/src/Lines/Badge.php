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
use Lanai\Core\Script\Fits\ChoiceFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;

/** A word or two that stand out. */
final readonly class Badge implements Tappable
{
    use MayBeTapped;

    /**
     * @param  'calm'|'warning'|'fault'|''  $tone
     * @param  list<Effect>  $tapped
     */
    public function __construct(public string $text, public string $tone = '', public Placing $placing = new Placing, #[ListOf(Effect::class)] public array $tapped = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Badge', new Blank('text', new TextFit))->clauses(
            Clause::of('in', 'in another tone', new Blank('tone', ChoiceFit::of('calm, warning or fault', ['calm' => 'a calm tone', 'warning' => 'a warning tone', 'fault' => 'a fault tone']))),
            ...Placing::acting(),
        )->below(self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        return ['text' => $scene->text($this->text, 'text'), 'tone' => $this->tone === '' ? 'calm' : $this->tone] + $this->taps();
    }
}
