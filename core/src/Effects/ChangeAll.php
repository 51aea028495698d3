<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Formula\Items;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Runtime\Assignment;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Patient;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Children;
use Lanai\Core\Script\Family;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Scope;
use Lanai\Core\Script\Sentence;

/** Changes every row of a list in the same way; "this" is each of them. */
final readonly class ChangeAll implements Patient
{
    /**
     * @param  string  $rows  a formula that gives a list of rows
     * @param  list<Assignment>  $with
     */
    public function __construct(public string $rows, #[ListOf(Assignment::class)] public array $with = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('change all of', new Blank('rows', FormulaFit::giving(Kind::Several)))
            ->below(new Children('with', Family::only('“set”', Assignment::class), 'a value to change'))
            ->within(['with'], fn (array $data, Scope $scope): Scope => $scope->inItem(Items::typeOf(is_string($data['rows'] ?? null) ? $data['rows'] : '', $scope)));
    }

    public function run(Doing $doing): void
    {
        foreach ($doing->many($this->rows) as $row) {
            $inner = $doing->in($doing->scene->inRow($row));
            $inner->change($row, $inner->checked($row->table, $this->with, $row));
        }
    }
}
