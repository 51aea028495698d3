<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Effects\Effect;
use Lanai\Core\Effects\Effects;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Block;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;

final readonly class ButtonLine implements Tappable
{
    use ShownIf;

    /** @param  list<Effect>  $tapped */
    public function __construct(
        public string $label,
        public bool $quiet = false,
        public bool $dangerous = false,
        public string $if = '',
        #[ListOf(Effect::class)] public array $tapped = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Button', new Blank('label', new TextFit))
            ->clauses(Clause::flag('quiet', 'quiet'), Clause::flag('dangerous', 'dangerous'), self::shownIf())
            ->below(new Block('tapped', 'tapped:', Effects::family(), 'what tapping it does'));
    }

    public function draw(Scene $scene): array
    {
        return ['label' => $scene->text($this->label, 'label'), 'style' => $this->dangerous ? 'dangerous' : ($this->quiet ? 'quiet' : 'main'), 'taps' => $this->tapped !== []];
    }

    public function tap(Doing $doing, ?int $item): void
    {
        $doing->run($this->tapped, 'tapped');
    }
}
