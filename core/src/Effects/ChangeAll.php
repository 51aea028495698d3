<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Items;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Assignment;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\MayWait;

/** Changes every row of a list in the same way; "this" is each of them. */
final readonly class ChangeAll implements MayWait
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
            ->within(
                ['with'],
                fn (array $data, Scope $scope): Scope => $scope->inItem(Items::typeOf(is_string($data['rows'] ?? null) ? $data['rows'] : '', $scope)),
            );
    }

    public function run(Doing $doing): void
    {
        foreach ($doing->many($this->rows) as $row) {
            $inner = $doing->in($doing->scene->inRow($row));
            $inner->change($row, $inner->checked($row->table, $this->with, $row));
        }
    }
}
