<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\Fits\FieldFit;
use Lanai\Core\Blueprint\Fits\TableFit;
use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Effects\Effects;
use Lanai\Core\Formula\Type;
use Lanai\Core\Ports\Refused;
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
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Scope;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Series;

/** A form that adds a row. */
final readonly class AddForm implements Tappable
{
    use FormAsks;
    use Placed;

    /**
     * @param  string  $one  what one row of the table is called
     * @param  list<string>  $asking  names of fields
     * @param  string  $label  of the button
     * @param  list<Assignment>  $with  values that are set without being asked
     * @param  list<Effect>  $saved  what happens afterwards; "this" is the new row
     */
    public function __construct(
        public string $one,
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
        return Sentence::of('Form for a new', new Blank('one', TableFit::singular()))
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
            ->within(['asking', 'with'], fn (array $data, Scope $scope): Scope => $scope->target($scope->blueprint->tableOfOne(is_string($data['one'] ?? null) ? $data['one'] : '')))
            ->within(['saved'], fn (array $data, Scope $scope): Scope => $scope->with(['this' => Type::row(is_string($data['one'] ?? null) ? $data['one'] : '')]));
    }

    public function draw(Scene $scene): array
    {
        $table = $scene->blueprint->tableOfOne($this->one);

        return ['boxes' => $table === null ? [] : $this->boxes($table, $scene, null), 'label' => $this->label === '' ? 'Save' : $scene->text($this->label, 'label')] + ($this->oneByOne ? ['oneByOne' => true] : []);
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
