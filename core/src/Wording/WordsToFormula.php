<?php

declare(strict_types=1);

namespace Lanai\Core\Wording;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Literals;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Text\Pattern;
use Lanai\Core\Text\PatternFailed;

/** Formulas that are written in the words in which InWords says them: "Owner is me and Water is at least 12". */
final class WordsToFormula
{
    private const LONGEST = 5000;

    /** Words that stand between two values, and those that follow one; the longer of two that begin alike first. */
    private const WORDS = [
        'is filled in' => '!= null',
        'is empty' => '== null',
        'is no earlier than' => '>=',
        'is no later than' => '<=',
        'is more than' => '>',
        'is less than' => '<',
        'is at least' => '>=',
        'is at most' => '<=',
        'is one of' => 'in',
        'is none of' => 'not in',
        'is after' => '>',
        'is before' => '<',
        'is not' => '!=',
        'is' => '==',
        'plus' => '+',
        'minus' => '-',
        'times' => '*',
        'divided by' => '/',
        'modulo' => '%',
        'and then' => '~',
        'to the power' => '**',
        'it is not so that' => 'not',
        'the start of today' => 'today()',
        'today' => 'today()',
        'now' => 'now()',
        'yes' => 'true',
        'no' => 'false',
    ];

    /** A text as a formula; null where it is one already, or none can be made of it. */
    public static function formula(string $text, Scope $scope): ?string
    {
        if (trim($text) === '' || strlen($text) > self::LONGEST || self::reads($text, $scope)) {
            return null;
        }
        $phrases = self::phrases($scope);
        $words = array_diff_key(self::WORDS, $phrases);
        $names = array_map(strval(...), array_keys($phrases));
        usort($names, fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        $pattern =
            '/"(?:[^"\\\\]|\\\\.)*+"|“(?<text>[^”]*+)”|(?<![\w.’])(?:(?<there>there are (?:any|no)\s+)?(?<name>'.
            self::either($names).
            ')(?<denied>\s+is\s+(?:no|yes)(?!\s+(?:earlier|later))(?!\w))?|(?<word>'.
            self::either(array_keys($words)).
            '))(?![\w’])/iu';
        try {
            $formula = self::counted(Pattern::replaceEach($pattern, fn (array $m): string => self::put($m, $phrases), $text));
        } catch (PatternFailed) {
            return null;
        }

        return $formula !== $text && self::reads($formula, $scope) ? $formula : null;
    }

    /**
     * @param  array<array-key, string>  $m
     * @param  array<string, string>  $phrases
     */
    private static function put(array $m, array $phrases): string
    {
        $small = fn (string $part): string => Pattern::replace('/\s+/', ' ', mb_strtolower($part));
        if (($m['text'] ?? '') !== '' || str_starts_with($m[0], '“')) {
            return Literals::text($m['text'] ?? '');
        }
        if (($m['word'] ?? '') !== '') {
            return self::WORDS[$small($m['word'])] ?? $m[0];
        }
        if (($m['name'] ?? '') === '') {
            return $m[0];
        }
        $path = $phrases[$small($m['name'])] ?? $m['name'];
        $path = match (true) {
            ($m['there'] ?? '') === '' => $path,
            str_contains(mb_strtolower($m['there']), 'no') => "not any($path)",
            default => "any($path)",
        };

        return match (true) {
            ($m['denied'] ?? '') === '' => $path,
            str_ends_with(mb_strtolower($m['denied']), 'no') => "not $path",
            default => $path,
        };
    }

    /** @param  list<string>  $of */
    private static function either(array $of): string
    {
        return implode('|', array_map(fn (string $p): string => str_replace(' ', '\s+', preg_quote($p, '/')), $of));
    }

    /** "7 days after now()" and "the day of now()", in which the values are formulas already. */
    private static function counted(string $text): string
    {
        $value = '((?:[a-zA-Z_][\w.]*(?:\(\))?))';
        $text = Pattern::replace("/\\bthe day of $value/u", 'day($1)', $text);

        return Pattern::replaceEach(
            "/(-?\\d+) (days|hours|minutes|months) after (day\\([\\w.]*(?:\\(\\))?\\)|$value)/u",
            fn (array $m): string => 'add'.ucfirst($m[2])."($m[3], $m[1])",
            $text,
        );
    }

    /** @return array<string, string> words in small letters => the path that they stand for */
    private static function phrases(Scope $scope): array
    {
        $phrases = [];
        $paths = array_slice(FormulaFit::paths($scope), 0, 400, true);
        foreach ($paths as $path => $type) {
            $written = $type->kind === Kind::Several ? [$path, "count($path)"] : [$path];
            foreach ($written as $formula) {
                try {
                    $words = mb_strtolower(InWords::of(Formula::of((string) $formula), $scope));
                } catch (FormulaMistake) {
                    continue;
                }
                if (! isset($phrases[$words])) {
                    $phrases[$words] = (string) $formula;
                }
            }
        }
        foreach ($phrases as $words => $path) {
            // “there are any Spots” speaks of all of them.
            if (str_starts_with((string) $words, 'all ')) {
                $phrases += [substr((string) $words, 4) => $path];
            }
        }

        return $phrases;
    }

    private static function reads(string $formula, Scope $scope): bool
    {
        try {
            Formula::of($formula)->typeIn($scope);

            return true;
        } catch (FormulaMistake) {
            return false;
        }
    }
}
