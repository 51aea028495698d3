<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Model\Services\FromServices;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\NoAnswer;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Services\Answer;
use Lanai\Core\Services\Answers;
use Lanai\Core\Services\Argument;
use Lanai\Core\Services\Call;

/** Asks a service; the effects after it know the answer by the name of the request. Nothing of the tap stays where it fails. */
final readonly class AskFor implements Effect
{
    /** @param  list<Argument>  $with */
    public function __construct(public string $request, #[ListOf(Argument::class)] public array $with = [], public string $otherwise = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('ask for', new Blank('request', NamedFit::request()))
            ->clauses(
                Clause::joined('with', 'what it is told', new Series('with', ',', Argument::class)),
                Clause::of('otherwise say', 'what it says where there is no answer', new Blank('otherwise', new TextFit())),
            )
            ->within(['with'], fn (array $data, Scope $scope): Scope => $scope->target(FromServices::variables($data, Blueprint::in($scope))));
    }

    public function run(Doing $doing): void
    {
        $scene = $doing->scene;
        $answers = $scene->beside(Answers::class);
        $call = Call::to($this->request, $this->with, $scene);
        if ($answers === null) {
            throw new Refused('Services cannot be reached here.');
        }
        $answer = $doing->outside(fn (): Answer => $answers->now($call));
        if (! ($answer instanceof Answer) || ! $answer->isThere()) {
            $otherwise = $this->otherwise === ''
                ? $scene->own('This cannot be fetched just now. Please try again later.')
                : $scene->text($this->otherwise, 'otherwise');
            $said = $answer instanceof Answer ? $answer->trouble?->said : '';
            throw new NoAnswer($said ?: $otherwise);
        }
        $doing->outcome->answers = FromServices::named($this->request, $answers->rows($call, $answer), $scene->blueprint) + $doing->outcome->answers;
    }
}
