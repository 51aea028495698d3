<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Type;
use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Block;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Fits\FieldFit;
use Lanai\Core\Model\Fits\TableFit;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Assignment;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\Labelled;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Rows\Refused;

/** A form that adds a row. */
final readonly class AddForm implements Labelled
{
    use FormAsks;
    use HasPlacing;

    /**
     * @param  string  $one  what one row of the table is called
     * @param  list<string>  $asking  names of fields
     * @param  string  $label  of the button
     * @param  string  $from  of two days that are picked together, the field of the first, and $until that of the last
     * @param  list<Assignment>  $with  values that are set without being asked
     * @param  list<Effect>  $saved  what happens afterwards; "this" is the new row
     */
    public function __construct(
        public string $one,
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
        return Sentence::of('Form for a new', new Blank('one', TableFit::singular()))
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
            ->within(
                ['asking', 'with', 'from', 'until'],
                fn (array $data, Scope $scope): Scope => $scope->target(
                    Blueprint::in($scope)->tableOfOne(is_string($data['one'] ?? null) ? $data['one'] : ''),
                ),
            )
            ->within(
                ['saved'],
                fn (array $data, Scope $scope): Scope => $scope->with(['this' => Type::row(is_string($data['one'] ?? null) ? $data['one'] : '')]),
            );
    }

    public function draw(Scene $scene): array
    {
        $table = $scene->blueprint->tableOfOne($this->one);

        return [
            'boxes' => $table === null ? [] : $this->boxes($table, $scene, null),
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
        $table = $doing->scene->blueprint->tableOfOne($this->one) ?? throw new Refused('This form cannot be saved yet.');
        $id = $doing->add($table, $this->typed($table, $doing, null));
        $doing->in($doing->scene->knowing(['this' => $doing->store->byIds($table, [$id])[$id] ?? null]))->run($this->saved, 'saved');
    }
}
