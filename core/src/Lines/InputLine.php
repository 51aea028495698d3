<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\InlineNode;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\FieldTypes;
use Lanai\Core\Play\Drawing;
use Lanai\Core\Play\Holding;
use Lanai\Core\Play\Line;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Text\Names;

/** A box to type in; formulas of its screen read it as input.name. */
final readonly class InputLine implements Line
{
    use HasPlacing;

    /**
     * @param  string  $help  a sentence under the box
     * @param  string  $valid  a formula over what was typed; where it is not yes, nothing of a tap happens
     * @param  string  $otherwise  what is said then
     */
    public function __construct(
        public string $name,
        public FieldType $type,
        public bool $required = false,
        public string $hint = '',
        public string $help = '',
        public string $valid = '',
        public string $otherwise = '',
        public Placing $placing = new Placing(),
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Input', new Blank('name', NameFit::seen('the name of the input')), new InlineNode('type', FieldTypes::asked()))->clauses(
            Clause::flag('required', 'required'),
            Clause::of('hint', 'with a hint', new Blank('hint', new TextFit())),
            Clause::of('help', 'with a sentence of help', new Blank('help', new TextFit())),
            Clause::of('valid if', 'valid only if', new Blank('valid', FormulaFit::giving(Kind::YesNo))),
            Clause::of('otherwise say', 'what to say otherwise', new Blank('otherwise', new TextFit())),
            ...Placing::acting(),
        );
    }

    /**
     * Those of the lines that can be filled in now, those inside of other lines too, in the order of the page.
     *
     * @param  list<AnyLine>  $lines
     * @return iterable<self>
     */
    public static function among(array $lines, Scene $scene, int $depth = 0): iterable
    {
        foreach ($lines as $line) {
            if (! ($line instanceof Line) || ! Drawing::shown($line, $scene)) {
                continue;
            }
            if ($line instanceof self) {
                yield $line;
            }
            if ($line instanceof Holding && $depth < 20) {
                yield from self::among($line->held($scene->blueprint), $scene, $depth + 1);
            }
        }
    }

    public function draw(Scene $scene): array
    {
        return [
            'input' => [
                'name' => Names::inFormula($this->name),
                'label' => $scene->blueprint->shown($this->name),
                'control' => $this->type->control(),
                'required' => $this->required,
                'hint' => $scene->text($this->hint, 'hint'),
                'value' => '',
            ] +
                $scene->choices($this->type, name: Names::inFormula($this->name)) +
                OnMap::forBox($this->type, $scene->blueprint) +
                FilesTaken::forBox($this->type) +
                ($this->help === '' ? [] : ['help' => $scene->text($this->help, 'help')]),
        ];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        return (new FormBoxes($setting->pen, $setting))->input(is_array($node['input'] ?? null) ? $node['input'] : []);
    }

    /** @throws \Lanai\Core\Model\UnreadableValue */
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
            return $this->otherwise === '' ? $scene->own('This does not fit.') : $scene->text($this->otherwise, 'otherwise');
        }

        return '';
    }
}
