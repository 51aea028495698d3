<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Effects\ChangeRow;
use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Block;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\Fits\FieldFit;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Model\Row;
use Lanai\Core\Play\Assignment;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\Labelled;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;

/** A form that changes a row. */
final readonly class ChangeForm implements Labelled
{
    use FormAsks;
    use HasPlacing;

    /**
     * @param  string  $row  a formula that gives the row
     * @param  list<string>  $asking  names of fields
     * @param  string  $from  of two days that are picked together, the field of the first, and $until that of the last
     * @param  list<Assignment>  $with
     * @param  list<Effect>  $saved
     */
    public function __construct(
        public string $row,
        public array $asking = [],
        public string $label = '',
        public bool $oneByOne = false,
        public string $from = '',
        public string $until = '',
        public Placing $placing = new Placing(),
        #[ListOf(Assignment::class)] public array $with = [],
        #[ListOf(AnyEffect::class)] public array $saved = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Form to change', new Blank('row', FormulaFit::row()))
            ->clauses(
                Clause::joined('asking', 'asking for', new Series('asking', ',', new FieldFit())),
                Clause::of('saying', 'its button says', new Blank('label', new TextFit())),
                Clause::flag('oneByOne', 'one question at a time'),
                self::stretch(),
                ...Placing::acting(),
            )
            ->below(
                new Children('with', Family::only('“set”', Assignment::class), 'a value set without asking'),
                new Block('saved', 'saved:', Families::of(AnyEffect::class), 'what happens once it is saved'),
            )
            ->within(['asking', 'with', 'from', 'until'], ChangeRow::targetScope(...));
    }

    public function draw(Scene $scene): array
    {
        $row = $this->row === '' ? null : $scene->value($this->row, 'row');

        return [
            'boxes' => $row instanceof Row ? $this->boxes($row->table, $scene, $row) : [],
            'label' => $this->label === '' ? 'Save' : $scene->text($this->label, 'label'),
        ] + ($this->oneByOne ? ['oneByOne' => true] : []);
    }

    public function label(Scene $scene, string $part): array
    {
        return [$this->label === '' ? 'Save' : $scene->text($this->label, 'label'), false];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        return (new FormBoxes($setting->pen, $setting))->form($node);
    }

    public function effects(): array
    {
        return $this->saved;
    }

    public function tap(Doing $doing, ?int $item): void
    {
        $row = $this->row === '' ? null : $doing->scene->value($this->row, 'row');
        if (! ($row instanceof Row)) {
            throw $doing->gone($this->row);
        }
        $doing->change($row, $this->typed($row->table, $doing, $row));
        $doing->run($this->saved, 'saved');
    }
}
