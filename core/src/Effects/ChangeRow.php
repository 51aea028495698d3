<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Model\Row;
use Lanai\Core\Play\Assignment;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\MayWait;
use Lanai\Core\Rows\Refused;

/** Changes a row, only while a guard holds. The guard is judged with no other writer in between. */
final readonly class ChangeRow implements MayWait
{
    /**
     * @param  string  $row  a formula that gives the row
     * @param  string  $guard  a formula; where it is not yes, nothing of the tap happens
     * @param  string  $otherwise  what is said then
     * @param  list<Assignment>  $with
     */
    public function __construct(
        public string $row,
        public string $guard = '',
        public string $otherwise = '',
        #[ListOf(Assignment::class)] public array $with = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('change', new Blank('row', FormulaFit::row()))
            ->clauses(
                Clause::of('only while', 'only while', new Blank('guard', FormulaFit::giving(Kind::YesNo))),
                Clause::of('otherwise say', 'what to say otherwise', new Blank('otherwise', new TextFit())),
            )
            ->below(new Children('with', Family::only('“set”', Assignment::class), 'a value to change'))
            ->within(['with'], self::targetScope(...));
    }

    public function run(Doing $doing): void
    {
        $row = $this->row === '' ? null : $doing->scene->value($this->row, 'row');
        if (! ($row instanceof Row)) {
            throw $doing->gone($this->row);
        }
        if ($this->guard !== '' && ! $doing->scene->yes($this->guard)) {
            throw new Refused($this->otherwise === '' ? 'This is not possible any more.' : $doing->scene->text($this->otherwise, 'otherwise'));
        }
        $doing->change($row, $doing->checked($row->table, $this->with, $row));
    }

    /** @param  array<string, mixed>  $data */
    public static function targetScope(array $data, Scope $scope): Scope
    {
        try {
            $type = Formula::of(is_string($data['row'] ?? null) ? $data['row'] : '')->typeIn($scope);
        } catch (FormulaMistake) {
            return $scope->target(null);
        }

        return $scope->target($type->kind === Kind::Row ? Blueprint::in($scope)->tableOfOne($type->one) : null);
    }
}
