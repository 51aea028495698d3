<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Items;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

/** Does the same for each row of a list; "this" is each of them. */
final readonly class DoForEach implements Effect
{
    /**
     * @param  string  $rows  a formula that gives a list of rows
     * @param  list<Effect>  $does
     */
    public function __construct(public string $rows, #[ListOf(AnyEffect::class)] public array $does = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('for each of', new Blank('rows', FormulaFit::giving(Kind::Several)))
            ->below(new Children('does', Families::of(AnyEffect::class), 'what is done for each'))
            ->within(
                ['does'],
                fn (array $data, Scope $scope): Scope => $scope->inItem(Items::typeOf(is_string($data['rows'] ?? null) ? $data['rows'] : '', $scope)),
            );
    }

    public function run(Doing $doing): void
    {
        foreach ($doing->many($this->rows) as $row) {
            $doing->in($doing->scene->inRow($row))->run($this->does, 'does');
        }
    }
}
