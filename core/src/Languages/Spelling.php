<?php

declare(strict_types=1);

namespace Lanai\Core\Languages;

use Lanai\Core\Formula\Choosing;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Template;
use Lanai\Core\Formula\Tree;
use Lanai\Core\Text\Pattern;
use Symfony\Component\ExpressionLanguage\Node;

/**
 * Words that stand in formulas, as words of a text: "Number " ~ number is Number {number}, plural(n, "answer", "answers") is
 * {n, plural, one {# answer} other {# answers}}, and so are what a condition chooses and what stands for nothing.
 */
final readonly class Spelling
{
    /** The same text, with the words of its formulas as its own. */
    public static function text(string $text): string
    {
        try {
            return Template::of($text)->written(null, fn (Formula $formula): string => self::part($formula->text) ?? '{'.$formula->text.'}');
        } catch (FormulaMistake) {
            return $text;
        }
    }

    /** A formula as a text; null where there are no words in it. */
    public static function formula(string $formula): ?string
    {
        try {
            $pieces = self::joined($formula);
            $spelled = implode('', array_map(fn (string $piece): string => self::constant($piece, false) ?? self::part($piece) ?? '{'.$piece.'}', $pieces));
        } catch (FormulaMistake) {
            return null;
        }

        return count($pieces) === 1 && $spelled === '{'.trim($formula).'}' ? null : $spelled;
    }

    /** A text in quotes, in a formula. */
    private const QUOTED = '("(?:[^"\\\\]|\\\\.)*")';

    /** A formula that chooses words, in braces; null for another. */
    private static function part(string $formula): ?string
    {
        $tree = Formula::of($formula)->tree;
        $called = $tree instanceof Node\FunctionNode ? Tree::name($tree) : '';
        $given = $tree instanceof Node\FunctionNode ? Tree::arguments($tree) : [];
        $quoted = self::QUOTED;
        if ($called === 'plural' && count($given) === 3) {
            [$of, $one, $other] = self::taken("~^plural\(\\s*(.+?)\\s*,\\s*$quoted\\s*,\\s*$quoted\\s*\\)$~su", $formula, $given[0]) ?? ['', '', ''];
            $words = ['one' => '# '.self::constant($one, true, '#'), 'other' => '# '.self::constant($other, true, '#')];

            return $of === '' ? null : self::choosing($of, Choosing::PLURAL, $words);
        }
        if ($tree instanceof Node\ConditionalNode) {
            $pattern = "~^(.+?)\\s*\\?\\s*$quoted\\s*:\\s*$quoted$~su";
            [$of, $one, $other] = self::taken($pattern, $formula, Tree::child($tree, 'expr1')) ?? ['', '', ''];
            $words = ['yes' => (string) self::constant($one, true), 'other' => (string) self::constant($other, true)];

            return $of === '' ? null : self::choosing($of, Choosing::SELECT, $words);
        }
        if ($called === 'coalesce' && count($given) === 2) {
            [$of, $else] = self::taken("~^coalesce\(\\s*(.+?)\\s*,\\s*$quoted\\s*\\)$~su", $formula, $given[0]) ?? ['', ''];

            return $of === '' ? null : self::choosing($of, Choosing::SELECT, [
                Choosing::NOTHING => (string) self::constant($else, true),
                'other' => '{'.$of.'}',
            ]);
        }

        return null;
    }

    /**
     * @param  Choosing::PLURAL|Choosing::SELECT  $by
     * @param  array<string, string>  $wordings
     */
    private static function choosing(string $of, string $by, array $wordings): string
    {
        $written = implode(' ', array_map(fn (string $key, string $words): string => $key.' {'.$words.'}', array_keys($wordings), $wordings));
        $text = '{'.$of.", $by, $written}";
        // What does not read as it is meant stays a formula.
        $read = Template::of($text)->parts[0] ?? null;

        return $read instanceof Choosing && $read->of->text === $of ? $text : throw new FormulaMistake('This is no choice of words.');
    }

    /** @return list<string>|null what the groups hold; null where the first is not what the formula begins with */
    private static function taken(string $pattern, string $formula, Node\Node $first): ?array
    {
        if (! Pattern::match($pattern, $formula, $found)) {
            return null;
        }
        $groups = array_map(fn (mixed $group): string => is_string($group) ? $group : '', array_values(array_slice($found, 1)));
        try {
            return Formula::of($groups[0])->tree == $first ? $groups : null;
        } catch (FormulaMistake) {
            return null;
        }
    }

    /**
     * A text in quotes as the words of a text; null for what is none.
     *
     * @param  bool  $inWordings  it stands among the wordings of a choice, where quotes are ICU's
     */
    private static function constant(string $piece, bool $inWordings, string $also = ''): ?string
    {
        try {
            $tree = Formula::of($piece)->tree;
        } catch (FormulaMistake) {
            return null;
        }
        $value = $tree instanceof Node\ConstantNode ? $tree->attributes['value'] : null;
        if (! is_string($value)) {
            return null;
        }

        return $inWordings ? Template::quoted($value, $also !== '') : strtr($value, ['{' => '{{', '}' => '}}']);
    }

    /**
     * The operands of a formula's ~, or the formula itself.
     *
     * @return list<string>
     *
     * @throws FormulaMistake
     */
    private static function joined(string $formula): array
    {
        $tree = Formula::of($formula)->tree;
        if (! $tree instanceof Node\BinaryNode || Tree::operator($tree) !== '~') {
            return [trim($formula)];
        }
        $pieces = [''];
        for ($i = 0, $depth = 0, $length = strlen($formula); $i < $length; $i++) {
            $char = $formula[$i];
            if ($char === '"' || $char === "'") {
                for ($end = $i + 1; $end < $length && $formula[$end] !== $char; $end++) {
                    $end += $formula[$end] === '\\' ? 1 : 0;
                }
                $pieces[count($pieces) - 1] .= substr($formula, $i, $end - $i + 1);
                $i = $end;
            } elseif ($char === '~' && $depth === 0) {
                $pieces[] = '';
            } else {
                $depth += (int) in_array($char, ['(', '['], true) - (int) in_array($char, [')', ']'], true);
                $pieces[count($pieces) - 1] .= $char;
            }
        }
        $pieces = array_map(trim(...), $pieces);
        foreach ($pieces as $piece) {
            // Where ~ binds otherwise than it seems, the whole stays one.
            $part = Formula::of($piece)->tree;
            if ($part instanceof Node\BinaryNode && ! in_array(Tree::operator($part), ['+', '-', '*', '/', '%', '**'], true)) {
                return [trim($formula)];
            }
        }

        return $pieces;
    }
}
