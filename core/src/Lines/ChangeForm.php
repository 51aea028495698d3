<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\Fits\FieldFit;
use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Blueprint\Row;
use Lanai\Core\Effects\ChangeRow;
use Lanai\Core\Effects\Effects;
use Lanai\Core\Runtime\Assignment;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Runtime\Tappable;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Block;
use Lanai\Core\Script\Children;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Family;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Series;

/** A form that changes a row. */
final readonly class ChangeForm implements Tappable
{
    use FormAsks;
    use Placed;

    /**
     * @param  string  $row  a formula that gives the row
     * @param  list<string>  $asking  names of fields
     * @param  list<Assignment>  $with
     * @param  list<Effect>  $saved
     */
    public function __construct(
        public string $row,
        public array $asking = [],
        public string $label = '',
        public bool $oneByOne = false,
        public Placing $placing = new Placing,
        #[ListOf(Assignment::class)] public array $with = [],
        #[ListOf(Effect::class)] public array $saved = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Form to change', new Blank('row', FormulaFit::row()))
            ->clauses(
                Clause::joined('asking', 'asking for', new Series('asking', ',', new FieldFit)),
                Clause::of('saying', 'its button says', new Blank('label', new TextFit)),
                Clause::flag('oneByOne', 'one question at a time'),
                ...Placing::acting(),
            )
            ->below(
                new Children('with', Family::only('“set”', Assignment::class), 'a value set without asking'),
                new Block('saved', 'saved:', Effects::family(), 'what happens once it is saved'),
            )
            ->within(['asking', 'with'], ChangeRow::targetScope(...));
    }

    public function draw(Scene $scene): array
    {
        $row = $this->row === '' ? null : $scene->value($this->row, 'row');

        return ['boxes' => $row instanceof Row ? $this->boxes($row->table, $scene, $row) : [], 'label' => $this->label === '' ? 'Save' : $scene->text($this->label, 'label')] + ($this->oneByOne ? ['oneByOne' => true] : []);
    }

    public function effects(): array
    {
        return $this->saved;
    }

    public function tap(Doing $doing, ?int $item): void
    {
        $row = $this->row === '' ? null : $doing->scene->value($this->row, 'row');
        if (! $row instanceof Row) {
            throw $doing->gone($this->row);
        }
        $doing->change($row, $this->typed($row->table, $doing, $row));
        $doing->run($this->saved, 'saved');
    }
}
