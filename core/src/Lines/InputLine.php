<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\FieldType;
use Lanai\Core\Blueprint\FieldTypes;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Runtime\Line;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\Nested;
use Lanai\Core\Script\Sentence;

/** A box to type in; formulas of its screen read it as input.name. */
final readonly class InputLine implements Line
{
    use Placed;

    /**
     * @param  string  $help  a sentence under the box
     * @param  string  $valid  a formula over what was typed; where it is not yes, nothing of a tap happens
     * @param  string  $otherwise  what is said then
     */
    public function __construct(public string $name, public FieldType $type, public bool $required = false, public string $hint = '', public string $help = '', public string $valid = '', public string $otherwise = '', public Placing $placing = new Placing)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Input', new Blank('name', NameFit::of('the name of the input')), new Nested('type', FieldTypes::asked()))
            ->clauses(
                Clause::flag('required', 'required'),
                Clause::of('hint', 'with a hint', new Blank('hint', new TextFit)),
                Clause::of('help', 'with a sentence of help', new Blank('help', new TextFit)),
                Clause::of('valid if', 'valid only if', new Blank('valid', FormulaFit::giving(Kind::YesNo))),
                Clause::of('otherwise say', 'what to say otherwise', new Blank('otherwise', new TextFit)),
                ...Placing::acting(),
            );
    }

    public function draw(Scene $scene): array
    {
        return ['input' => [
            'name' => Names::inFormula($this->name),
            'label' => $this->name,
            'control' => $this->type->control(),
            'required' => $this->required,
            'hint' => $scene->text($this->hint, 'hint'),
            'value' => '',
        ] + $scene->choices($this->type) + ($this->help === '' ? [] : ['help' => $scene->text($this->help, 'help')])];
    }

    /** @throws \Lanai\Core\Blueprint\UnreadableValue */
    public function typed(mixed $raw, Scene $scene): mixed
    {
        $value = $this->type->read($raw);
        $one = $this->type->type()->one;

        return is_int($value) && $one !== '' && $this->type->type()->kind === Kind::Row ? $scene->reader->row($one, $value) : $value;
    }

    /** What is wrong with what was typed, where all inputs are known; '' where nothing is. */
    public function wrong(Scene $scene): string
    {
        if (($scene->inputs[Names::inFormula($this->name)] ?? null) === null) {
            return $this->required ? 'Please fill this in.' : '';
        }
        if ($this->valid !== '' && ! $scene->yes($this->valid)) {
            return $this->otherwise === '' ? 'This does not fit.' : $scene->text($this->otherwise, 'otherwise');
        }

        return '';
    }
}
