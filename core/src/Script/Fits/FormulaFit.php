<?php

declare(strict_types=1);

namespace Lanai\Core\Script\Fits;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Functions;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\ListFunctions;
use Lanai\Core\Formula\Signature;
use Lanai\Core\Formula\Type;
use Lanai\Core\Script\Choice;
use Lanai\Core\Script\Cursor;
use Lanai\Core\Script\Fit;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\Scope;

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
        return $this->type ?? $scope->wanted ?? Type::of(Kind::Any);
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
                if (count($function->takes) - $function->optional === 1 && $type->kind !== Kind::Nothing && $function->accepts(0, $type) && in_array($type->kind, $function->takes[0], true) && self::given($function, $type)?->fits($wanted) === true) {
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
        $own = array_map(fn ($f): string => Names::inFormula($f->name), $scope->row->fields ?? []);
        $all = $scope->all();
        uksort($all, fn (string $a, string $b): int => in_array($b, $own, true) <=> in_array($a, $own, true));
        $paths = [];
        foreach ($all as $name => $type) {
            $paths[$name] = $type;
            if ($type->kind === Kind::Row && ($name !== 'this' || $scope->row === null)) {
                $table = $scope->blueprint->tableOfOne($type->one);
                foreach ($table === null ? [] : $scope->blueprint->partsOf($table) as $part => $partType) {
                    $paths["$name.$part"] = $partType;
                }
            }
        }
        foreach ($scope->inputs as $name => $type) {
            $paths[str_contains($name, '.') ? $name : "input.$name"] = $type;
        }
        uksort($paths, fn (string $a, string $b): int => substr_count($a, '.') <=> substr_count($b, '.'));

        return $paths;
    }

    private static function given(Signature $function, Type $type): ?Type
    {
        return ListFunctions::means($function->name, $type) ? ListFunctions::type($function->name, $type->of ?? Type::of(Kind::Any), null) : $function->gives([$type]);
    }

    /**
     * @param  array<string, Type>  $paths
     * @return list<Choice>
     */
    private static function comparisons(array $paths): array
    {
        $choices = [];
        foreach ($paths as $path => $type) {
            array_push($choices, ...match ($type->kind) {
                Kind::YesNo => [new Choice($path, 'is yes'), new Choice("not $path", 'is no')],
                Kind::Moment => [new Choice("$path > now()", 'is still to come'), new Choice("$path < now()", 'is over')],
                Kind::Several => [new Choice("any($path)", 'there are some'), new Choice("not any($path)", 'there are none')],
                Kind::Date => [new Choice("$path >= day(now())", 'is today or later'), new Choice("$path < day(now())", 'is over')],
                Kind::Whole, Kind::Decimal => [new Choice("$path > 0", 'is above zero'), new Choice("$path == 0", 'is zero')],
                Kind::Row => self::rowComparisons($path, $type, $paths),
                default => [new Choice("$path != null", 'is filled in')],
            });
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
