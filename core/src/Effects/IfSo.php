<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Block;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Sentence;

/** Does one thing where a condition holds, and another where it does not. */
final readonly class IfSo implements Effect
{
    /**
     * @param  list<Effect>  $then
     * @param  list<Effect>  $otherwise
     */
    public function __construct(public string $condition, #[ListOf(Effect::class)] public array $then = [], #[ListOf(Effect::class)] public array $otherwise = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('if', new Blank('condition', FormulaFit::giving(Kind::YesNo)))->below(
            new Block('then', 'then:', Effects::family(), 'what is done then'),
            new Block('otherwise', 'otherwise:', Effects::family(), 'what is done otherwise'),
        );
    }

    public function run(Doing $doing): void
    {
        $holds = $this->condition !== '' && $doing->scene->yes($this->condition);
        $doing->run($holds ? $this->then : $this->otherwise, $holds ? 'then' : 'otherwise');
    }
}
