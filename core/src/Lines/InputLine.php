<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\Shape;
use Lanai\Core\Data\FieldType;
use Lanai\Core\Data\FieldTypes;
use Lanai\Core\Formula\Type;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\Nested;
use Lanai\Core\Script\Prose;
use Lanai\Core\Script\Sentence;

/** A box to type in; formulas of its screen read it as input.name. */
final readonly class InputLine implements Line
{
    use ShownIf;

    public function __construct(public string $name, public FieldType $type, public bool $required = false, public string $hint = '', public string $if = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Input', new Blank('name', NameFit::of('the name of the input')), new Nested('type', FieldTypes::asked()))
            ->clauses(Clause::flag('required', 'required'), Clause::of('hint', 'with a hint', new Blank('hint', new TextFit)), self::shownIf());
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
            'choices' => $scene->choices($this->type),
        ]];
    }

    /**
     * The inputs among the lines of a screen, as formulas name them.
     *
     * @param  list<array<string, mixed>>  $lines
     * @return array<string, Type>
     */
    public static function asked(array $lines): array
    {
        $inputs = [];
        foreach ($lines as $line) {
            if (($line['kind'] ?? '') === 'input' && is_string($line['name'] ?? null) && $line['name'] !== '') {
                $inputs[Names::inFormula($line['name'])] = Shape::make(FieldType::class, Prose::node($line['type'] ?? []))->type();
            }
        }

        return $inputs;
    }
}
