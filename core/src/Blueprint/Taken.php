<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint;

use Lanai\Core\Formula\Type;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\Nested;
use Lanai\Core\Script\Prose;
use Lanai\Core\Script\Sentence;

/** A value that a routine or a piece is given: its name and its type. */
final readonly class Taken implements HasSentence
{
    public function __construct(public string $name, public FieldType $type)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(new Blank('name', NameFit::of('the name of what is given')), new Nested('type', FieldTypes::asked()));
    }

    /** @return array<string, Type> as formulas call them */
    public static function types(mixed $taking): array
    {
        $types = [];
        foreach (Prose::nodes($taking) as $one) {
            if (is_string($one['name'] ?? null) && $one['name'] !== '') {
                $types[Names::inFormula($one['name'])] = Shape::make(FieldType::class, Prose::node($one['type'] ?? []))->type();
            }
        }

        return $types;
    }

    /**
     * The values given, by their names in formulas.
     *
     * @param  list<self>  $taking
     * @param  list<string>  $with  a formula for each
     * @return array<string, mixed>
     */
    public static function given(array $taking, array $with, Scene $scene): array
    {
        $given = [];
        foreach ($taking as $i => $one) {
            $given[Names::inFormula($one->name)] = ($with[$i] ?? '') === '' ? null : $scene->value($with[$i], "with/$i");
        }

        return $given;
    }
}
