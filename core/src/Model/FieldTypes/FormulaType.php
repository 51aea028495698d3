<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Sentence;

/** A value that is computed from the others of its row; its type is that of the formula, in the scope of its table. */
final class FormulaType implements Computed
{
    use StoredByKind;

    private ?Scope $scope = null;

    private ?Type $found = null;

    private bool $asking = false;

    public function __construct(public readonly string $formula = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('=', new Blank('formula', FormulaFit::giving(Kind::Any)));
    }

    public function formula(): string
    {
        return $this->formula;
    }

    public function standIn(Scope $scope): void
    {
        $this->scope = $scope;
        $this->found = null;
    }

    public function type(): Type
    {
        if ($this->found !== null) {
            return $this->found;
        }
        if ($this->asking || $this->scope === null || $this->formula === '') {
            return Type::of(Kind::Any);
        }
        $this->asking = true;
        try {
            return $this->found = Formula::of($this->formula)->typeIn($this->scope);
        } catch (FormulaMistake) {
            return $this->found = Type::of(Kind::Any);
        } finally {
            $this->asking = false;
        }
    }

    public function column(): string
    {
        return '';
    }

    public function read(mixed $input): mixed
    {
        return null;
    }

    public function control(): string
    {
        return '';
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return null;
    }
}
