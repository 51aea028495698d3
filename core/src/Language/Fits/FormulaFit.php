<?php

declare(strict_types=1);

namespace Lanai\Core\Language\Fits;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Functions;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Kinds\Kinds;
use Lanai\Core\Formula\ListFunctions;
use Lanai\Core\Formula\Prefix;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Signature;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Choice;
use Lanai\Core\Language\Cursor;
use Lanai\Core\Language\Fit;

/** A formula of some type. */
final readonly class FormulaFit implements Fit
{
    private function __construct(private ?Type $type)
    {
    }

    public static function giving(Kind $kind): self
    {
        return new self(Type::of($kind));
    }

    /** The type is what the scope wants: that of the field which is assigned, of the row that a screen is about. */
    public static function asWanted(): self
    {
        return new self(null);
    }

    public static function row(): self
    {
        return new self(Type::row(''));
    }

    public function wanted(Scope $scope): Type
    {
        return $this->type ?? ($scope->wanted ?? Type::of(Kind::Any));
    }

    public function kind(): string
    {
        return 'formula';
    }

    public function inWords(Scope $scope): string
    {
        $wanted = $this->wanted($scope);

        return $wanted->kind === Kind::Any ? 'a formula' : 'a formula that gives '.$wanted->inWords();
    }

    public function print(mixed $value, array $stops): string
    {
        $formula = is_string($value) ? $value : '';

        return match (true) {
            $formula === '' => Cursor::UNFILLED,
            Cursor::formulaIsBare($formula, $stops) => $formula,
            default => Cursor::quote($formula, '`'),
        };
    }

    public function read(Cursor $cursor, array $stops): ?string
    {
        return $cursor->formula($stops);
    }

    /** @throws FormulaMistake */
    public function check(string $formula, Scope $scope): Type
    {
        $type = Formula::of($formula)->typeIn($scope);
        $wanted = $this->wanted($scope);
        if (! $type->fits($wanted)) {
            $mended = match (true) {
                $wanted->kind === Kind::Whole && ($type->kind === Kind::Text || $type->isNumber()) => "whole($formula)",
                $type->kind === Kind::Several && $wanted->kind !== Kind::Several && $type->of?->fits($wanted) === true => "first($formula)",
                $type->kind === Kind::Text && $wanted->isNumber() => "number($formula)",
                $wanted->kind === Kind::Text => "text($formula)",
                default => null,
            };
            throw new FormulaMistake("This must give {$wanted->inWords()}, but “{$formula}” gives {$type->inWords()}.", 0, $mended);
        }

        return $type;
    }

    /** Names in scope and the fields one step behind them, those that fit first; then functions of the type. */
    public function choices(Scope $scope): array
    {
        $wanted = $this->wanted($scope);
        $paths = self::paths($scope);
        if ($wanted->kind === Kind::YesNo) {
            return self::comparisons($paths);
        }
        $fitting = array_filter($paths, fn (Type $t): bool => $t->fits($wanted));
        $choices = [];
        foreach ($fitting as $path => $type) {
            $choices[] = new Choice((string) $path, $type->inWords());
        }
        foreach (Functions::all() as $function) {
            foreach ($wanted->kind === Kind::Any ? [] : $paths as $path => $type) {
                if (
                    count($function->takes) - $function->optional === 1 &&
                    $type->kind !== Kind::Nothing &&
                    $function->accepts(0, $type) &&
                    in_array($type->kind, $function->takes[0], true) &&
                    self::given($function, $type)?->fits($wanted) === true
                ) {
                    $choices[] = new Choice("$function->name($path)", $function->help);
                }
            }
        }

        return array_slice($choices, 0, 60);
    }

    /** @return list<Choice> names and functions that a formula can go on with, whatever the blank wants as a whole */
    public static function completions(Scope $scope): array
    {
        $found = [];
        foreach (self::paths($scope) as $path => $type) {
            $found[] = new Choice((string) $path, $type->inWords());
        }
        foreach (Functions::all() as $function) {
            $found[] = new Choice($function->name.($function->takes === [] ? '()' : '('), $function->help);
        }

        return $found;
    }

    /** @return array<string, Type> names in scope and what is one step behind them, the row's own first */
    public static function paths(Scope $scope): array
    {
        $all = $scope->all();
        uksort($all, fn (string $a, string $b): int => $scope->row?->hasField($b) <=> $scope->row?->hasField($a));
        $paths = [];
        foreach ($all as $name => $type) {
            $paths[$name] = $type;
            if ($type->kind === Kind::Row && ($name !== 'this' || $scope->row === null)) {
                $table = $scope->schema->tableOfOne($type->one);
                foreach ($table === null ? [] : $scope->schema->partsOf($table) as $part => $partType) {
                    $paths["$name.$part"] = $partType;
                }
            }
        }
        foreach ($scope->inputs as $name => $type) {
            $paths[str_contains($name, '.') ? $name : Prefix::Input->value.".$name"] = $type;
        }
        uksort($paths, fn (string $a, string $b): int => substr_count($a, '.') <=> substr_count($b, '.'));

        return $paths;
    }

    private static function given(Signature $function, Type $type): ?Type
    {
        return ListFunctions::means($function->name, $type)
            ? ListFunctions::type($function->name, $type->of ?? Type::of(Kind::Any), null)
            : $function->gives([$type]);
    }

    /**
     * @param  array<string, Type>  $paths
     * @return list<Choice>
     */
    private static function comparisons(array $paths): array
    {
        $choices = [];
        foreach ($paths as $path => $type) {
            if ($type->kind === Kind::Row) {
                array_push($choices, ...self::rowComparisons($path, $type, $paths));

                continue;
            }
            foreach (Kinds::of($type->kind)->conditions($path) ?: ["$path != null" => 'is filled in'] as $formula => $words) {
                $choices[] = new Choice($formula, $words);
            }
        }

        return array_slice($choices, 0, 60);
    }

    /**
     * @param  array<string, Type>  $paths
     * @return list<Choice>
     */
    private static function rowComparisons(string $path, Type $type, array $paths): array
    {
        $choices = [new Choice("$path != null", 'is there')];
        foreach ($paths as $other => $otherType) {
            if ($other !== $path && ! str_contains($other, '.') && $otherType->kind === Kind::Row && $otherType->fits($type)) {
                $choices[] = new Choice("$path == $other", 'is the same '.$type->one);
            }
        }

        return $choices;
    }
}
