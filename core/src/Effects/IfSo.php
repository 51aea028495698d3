<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Block;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Branching;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

/** Does one thing where a condition holds, and another where it does not. */
final readonly class IfSo implements Branching
{
    /**
     * @param  list<Effect>  $then
     * @param  list<Effect>  $otherwise
     */
    public function __construct(
        public string $condition,
        #[ListOf(AnyEffect::class)] public array $then = [],
        #[ListOf(AnyEffect::class)] public array $otherwise = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('if', new Blank('condition', FormulaFit::giving(Kind::YesNo)))->below(
            new Block('then', 'then:', Families::of(AnyEffect::class), 'what is done then'),
            new Block('otherwise', 'otherwise:', Families::of(AnyEffect::class), 'what is done otherwise'),
        );
    }

    public function branches(Blueprint $blueprint): array
    {
        return [$this->then, $this->otherwise];
    }

    public function run(Doing $doing): void
    {
        $holds = $this->condition !== '' && $doing->scene->yes($this->condition);
        $doing->run($holds ? $this->then : $this->otherwise, $holds ? 'then' : 'otherwise');
    }
}
