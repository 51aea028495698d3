<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Blueprint\Fits\TableFit;
use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Ports\Refused;
use Lanai\Core\Runtime\Assignment;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Patient;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Children;
use Lanai\Core\Script\Family;
use Lanai\Core\Script\Scope;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Words;

/** Adds a row with the values given under it. */
final readonly class AddRow implements Patient
{
    /** @param  list<Assignment>  $with */
    public function __construct(public string $one, #[ListOf(Assignment::class)] public array $with = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('add a', 'add an'), new Blank('one', TableFit::singular()))
            ->below(new Children('with', Family::only('“set”', Assignment::class), 'a value of the new row'))
            ->within(['with'], fn (array $data, Scope $scope): Scope => $scope->target($scope->blueprint->tableOfOne(is_string($data['one'] ?? null) ? $data['one'] : '')));
    }

    public function run(Doing $doing): void
    {
        $table = $doing->scene->blueprint->tableOfOne($this->one) ?? throw new Refused('There is nothing to add here yet.');
        $doing->add($table, $doing->checked($table, $this->with, null));
    }
}
