<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Fits\TableFit;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Assignment;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\MayWait;
use Lanai\Core\Rows\Refused;

/** Adds a row with the values given under it. */
final readonly class AddRow implements MayWait
{
    /** @param  list<Assignment>  $with */
    public function __construct(public string $one, #[ListOf(Assignment::class)] public array $with = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('add a', 'add an'), new Blank('one', TableFit::singular()))
            ->below(new Children('with', Family::only('“set”', Assignment::class), 'a value of the new row'))
            ->within(
                ['with'],
                fn (array $data, Scope $scope): Scope => $scope->target(
                    Blueprint::in($scope)->tableOfOne(is_string($data['one'] ?? null) ? $data['one'] : ''),
                ),
            );
    }

    public function run(Doing $doing): void
    {
        $table = $doing->scene->blueprint->tableOfOne($this->one) ?? throw new Refused('There is nothing to add here yet.');
        $doing->add($table, $doing->checked($table, $this->with, null));
    }
}
