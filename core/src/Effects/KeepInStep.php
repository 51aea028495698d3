<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Fits\FieldFit;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Model\Fits\TableFit;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Model\Services\FromServices;
use Lanai\Core\Model\Table;
use Lanai\Core\Play\Assignment;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\NoAnswer;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Services\Answer;
use Lanai\Core\Services\Answers;
use Lanai\Core\Services\Argument;
use Lanai\Core\Services\Call;
use Lanai\Core\Services\InStep;

/** Brings a table into step with what a service gives: adds and changes rows by a key, and removes what is gone where that is wanted. */
final readonly class KeepInStep implements Effect
{
    /**
     * @param  list<Argument>  $given  what the request is told
     * @param  string  $key  the field by which rows are matched
     * @param  list<Assignment>  $with  which field gets what; none for all of the same name
     */
    public function __construct(
        public string $table,
        public string $request = '',
        #[ListOf(Argument::class)] public array $given = [],
        public string $key = '',
        public bool $removing = false,
        #[ListOf(Assignment::class)] public array $with = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('keep', new Blank('table', TableFit::plural()), 'as', new Blank('request', NamedFit::request()))
            ->clauses(
                Clause::joined('with', 'what it is told', new Series('given', ',', Argument::class)),
                Clause::of('matched by', 'by which field rows are matched', new Blank('key', new FieldFit())),
                Clause::flag('removing', 'removing what is gone'),
            )
            ->below(new Children('with', Family::only('“set”', Assignment::class), 'a value of a field'))
            ->within(['given'], fn (array $data, Scope $scope): Scope => $scope->target(FromServices::variables($data, Blueprint::in($scope))))
            ->within(['key'], fn (array $data, Scope $scope): Scope => $scope->target(self::tableOf($data, $scope)))
            ->within(['with'], function (array $data, Scope $scope): Scope {
                $given = is_string($data['request'] ?? null) ? Blueprint::in($scope)->asked($data['request'])[1] ?? null : null;

                return $scope->inRow($given === null ? null : Blueprint::in($scope)->table($given->called()))->target(self::tableOf($data, $scope));
            });
    }

    public function run(Doing $doing): void
    {
        $table = $doing->scene->blueprint->table($this->table) ?? throw new Refused('There is nothing to keep in step yet.');
        $answers = $doing->scene->beside(Answers::class) ?? throw new Refused('Services cannot be reached here.');
        $call = Call::to($this->request, $this->given, $doing->scene, InStep::MOST);
        $answer = $doing->outside(fn (): Answer => $answers->now($call));
        if (! ($answer instanceof Answer) || ! $answer->isThere() || $answer->late) {
            throw new NoAnswer('The service does not answer just now. Nothing was changed.');
        }
        $plan = InStep::plan($table, $this->key, $answers->rows($call, $answer), $this->with, $doing->scene, $doing->check());
        foreach ($plan->added as $values) {
            $doing->add($table, $values);
        }
        foreach ($plan->changed as [$row, $values]) {
            $doing->change($row, $values);
        }
        // A list that is not whole says nothing about what is not in it.
        foreach ($this->removing && ! $answer->more ? $plan->gone : [] as $row) {
            $doing->remove($row);
        }
        foreach (array_slice($plan->wrong, 0, 20) as $wrong) {
            $doing->scene->trail->step('answer', $wrong, $doing->scene->at);
        }
    }

    /** @param  array<string, mixed>  $data */
    private static function tableOf(array $data, Scope $scope): ?Table
    {
        return Blueprint::in($scope)->table(is_string($data['table'] ?? null) ? $data['table'] : '');
    }
}
