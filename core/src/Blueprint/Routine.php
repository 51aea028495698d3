<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint;

use Lanai\Core\Effects\AskFor;
use Lanai\Core\Effects\Effect;
use Lanai\Core\Effects\Effects;
use Lanai\Core\Lines\Asked;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Children;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Scope;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Series;

/** Effects under a name, which taps can do with values of their own. */
final readonly class Routine implements HasSentence
{
    /**
     * @param  list<Taken>  $taking
     * @param  list<Effect>  $does
     */
    public function __construct(public string $name, #[ListOf(Taken::class)] public array $taking = [], #[ListOf(Effect::class)] public array $does = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('routine', new Blank('name', NameFit::of('the name of the routine')))
            ->clauses(Clause::joined('taking', 'what it is given', new Series('taking', 'and', Taken::class)))
            ->below(new Children('does', Effects::family(), 'what it does'))
            ->within(['does'], fn (array $data, Scope $scope): Scope => $scope->with(Taken::types($data['taking'] ?? []) + AskFor::in($data, $scope->blueprint))->asking(Asked::in($data)));
    }
}
