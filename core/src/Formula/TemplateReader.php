<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use Lanai\Core\Text\Pattern;

/**
 * Reads a text with formulas in braces, or the same as a message of ICU MessageFormat, in which numbers stand for the formulas.
 * In a text {{ and }} are braces themselves; in the wordings of a plural or select, and everywhere in a message, quotes of ICU are: '{'.
 */
final class TemplateReader
{
    /** So deep may wordings stand in wordings. */
    private const DEEPEST = 5;

    private const KEYS = [
        Choosing::PLURAL => '(?:=\d{1,9}|zero|one|two|few|many|other)',
        Choosing::ORDINAL => '(?:=\d{1,9}|zero|one|two|few|many|other)',
        Choosing::SELECT => '(?:[^\s{}"\',]+|"[^"{}]+")',
    ];

    private int $at = 0;

    /** @param  list<string>|null  $formulas  what the numbers of a message stand for; null for a text */
    private function __construct(private readonly string $text, private readonly ?array $formulas, private readonly bool $forgiving = false)
    {
    }

    /**
     * @param  bool  $forgiving  formulas that do not read as such are kept as they are written
     * @return list<string|Formula|Choosing|TheNumber>
     *
     * @throws FormulaMistake with the position in the whole text
     */
    public static function text(string $text, bool $forgiving = false): array
    {
        return (new self($text, null, $forgiving))->parts(0, false);
    }

    /**
     * @param  list<string>  $formulas
     * @return list<string|Formula|Choosing|TheNumber>
     *
     * @throws FormulaMistake with the position in the message
     */
    public static function message(string $message, array $formulas): array
    {
        return (new self($message, $formulas))->parts(0, false);
    }

    /** @return list<string|Formula|Choosing|TheNumber> */
    private function parts(int $depth, bool $counts): array
    {
        [$parts, $plain] = [[], ''];
        $doubled = $this->formulas === null && $depth === 0;
        for ($length = strlen($this->text); $this->at < $length;) {
            [$char, $next, $part] = [$this->text[$this->at], $this->text[$this->at + 1] ?? '', null];
            if ($doubled && ($char === '{' || $char === '}') && $next === $char) {
                $plain .= $char;
                $this->at += 2;
            } elseif (! $doubled && $char === "'") {
                $plain .= $this->quoted($next, $counts);
            } elseif ($char === '{') {
                $part = $this->braces($depth);
            } elseif ($char === '}' && $depth > 0) {
                break;
            } elseif ($char === '#' && $counts) {
                $part = new TheNumber();
                $this->at++;
            } elseif ($char === '}' && ! $doubled) {
                throw new FormulaMistake('A } stands here that closes nothing. Write \'}\' for a brace itself.', $this->at);
            } else {
                $plain .= $char;
                $this->at++;
            }
            if ($part !== null) {
                array_push($parts, ...$plain === '' ? [] : [$plain], ...[$part]);
                $plain = '';
            }
        }

        return $plain === '' ? $parts : [...$parts, $plain];
    }

    /** What an apostrophe stands for: itself, unless it stands before what would mean something (ICU's "double optional" quoting). */
    private function quoted(string $next, bool $counts): string
    {
        $this->at++;
        if ($next === "'") {
            $this->at++;

            return "'";
        }
        if (! in_array($next, $counts ? ['{', '}', '#'] : ['{', '}'], true)) {
            return "'";
        }
        for ($plain = ''; $this->at < strlen($this->text); $this->at++) {
            if ($this->text[$this->at] !== "'") {
                $plain .= $this->text[$this->at];
            } elseif (($this->text[$this->at + 1] ?? '') === "'") {
                $plain .= "'";
                $this->at++;
            } else {
                $this->at++;
                break;
            }
        }

        return $plain;
    }

    private function braces(int $depth): Formula|Choosing
    {
        $begin = $this->at;
        [$end, $by] = $this->formulas === null ? $this->formulaEnd($begin + 1) : $this->numberEnd($begin + 1);
        if ($end === null) {
            $itself = $depth === 0 && $this->formulas === null ? '{{' : "'{'";
            throw new FormulaMistake("A { is opened here and not closed. Write $itself for a brace itself.", $begin);
        }
        $formula = $this->formula(trim(substr($this->text, $begin + 1, $end - $begin - 1)), $begin + 1);
        if ($by === '') {
            $this->at = $end + 1;

            return $formula;
        }
        if ($depth >= self::DEEPEST) {
            throw new FormulaMistake('Wordings can stand in one another '.self::DEEPEST.' deep.', $begin);
        }
        Pattern::match('~\G,\s*'.$by.'\s*,\s*(?:offset:(\d{1,9})\s*)?~', $this->text, $found, 0, $end);
        $this->at = $end + strlen($found[0] ?? '');

        return new Choosing($formula, $by, (int) ($found[1] ?? 0), $this->wordings($by, $depth));
    }

    private function formula(string $piece, int $at): Formula
    {
        if ($this->formulas !== null) {
            $last = $this->formulas === [] ? 'the text has no values.' : 'the last is {'.(count($this->formulas) - 1).'}.';
            $piece = $this->formulas[(int) $piece] ?? throw new FormulaMistake("“{{$piece}}” stands for nothing: $last", $at - 1);
        }
        try {
            return Formula::of($piece);
        } catch (FormulaMistake $mistake) {
            if ($this->forgiving) {
                return Formula::unread($piece);
            }
            throw new FormulaMistake($mistake->getMessage(), $this->formulas === null ? $at + $mistake->position : $at);
        }
    }

    /**
     * @param  Choosing::PLURAL|Choosing::ORDINAL|Choosing::SELECT  $by
     * @return array<string, list<string|Formula|Choosing|TheNumber>>
     */
    private function wordings(string $by, int $depth): array
    {
        $wordings = [];
        while (Pattern::match('~\G\s*('.self::KEYS[$by].')\s*\{~u', $this->text, $found, 0, $this->at)) {
            $key = trim($found[1], '"');
            if (isset($wordings[$key])) {
                throw new FormulaMistake("“{$key}” stands here twice.", $this->at);
            }
            $this->at += strlen($found[0]);
            $wordings[$key] = $this->parts($depth + 1, $by !== Choosing::SELECT);
            if (($this->text[$this->at] ?? '') !== '}') {
                throw new FormulaMistake("The words after “{$key}” are opened by { and not closed.", $this->at);
            }
            $this->at++;
        }
        $this->at += strspn($this->text, " \t\r\n", $this->at);
        if (($this->text[$this->at] ?? '') !== '}') {
            $known = $by === Choosing::SELECT ? 'a word' : 'one of zero, one, two, few, many, other or a number such as =0';
            throw new FormulaMistake("Here stands $known with its words in braces, as in other {…}, or the } at the end.", $this->at);
        }
        if (! isset($wordings['other'])) {
            throw new FormulaMistake('The words for every other case are missing: other {…}.', $this->at);
        }
        $this->at++;

        return $wordings;
    }

    /** @return array{int|null, ''|Choosing::PLURAL|Choosing::ORDINAL|Choosing::SELECT} where the formula that begins here ends, and whether wordings follow */
    private function formulaEnd(int $from): array
    {
        for ($i = $from, $length = strlen($this->text), $depth = 0; $i < $length; $i++) {
            $char = $this->text[$i];
            if ($char === '"' || $char === "'") {
                $i = strpos($this->text, $char, $i + 1);
                if ($i === false) {
                    return [null, ''];
                }
            } elseif (in_array($char, ['{', '(', '['], true)) {
                $depth++;
            } elseif ($char === '}' && $depth <= 0) {
                return [$i, ''];
            } elseif (in_array($char, ['}', ')', ']'], true)) {
                $depth--;
            } elseif ($char === ',' && $depth === 0) {
                $by = $this->choosingAt($i);
                if ($by !== '') {
                    return [$i, $by];
                }
            }
        }

        return [null, ''];
    }

    /** @return array{int|null, ''|Choosing::PLURAL|Choosing::ORDINAL|Choosing::SELECT} */
    private function numberEnd(int $from): array
    {
        if (! Pattern::match('~\G\s*\d{1,3}\s*(?=[,}])~', $this->text, $found, 0, $from)) {
            throw new FormulaMistake('Between braces stands the number of a value, as in {0}. Write \'{\' for a brace itself.', $from - 1);
        }
        $end = $from + strlen($found[0]);
        if ($this->text[$end] === '}') {
            return [$end, ''];
        }
        $by = $this->choosingAt($end);

        if ($by === '') {
            throw new FormulaMistake('After the number and a comma stands plural, selectordinal or select, and a comma again.', $end);
        }

        return [$end, $by];
    }

    /** @return ''|Choosing::PLURAL|Choosing::ORDINAL|Choosing::SELECT */
    private function choosingAt(int $comma): string
    {
        return match (true) {
            ! Pattern::match('~\G,\s*(plural|selectordinal|select)\s*,~', $this->text, $found, 0, $comma) => '',
            $found[1] === Choosing::PLURAL => Choosing::PLURAL,
            $found[1] === Choosing::ORDINAL => Choosing::ORDINAL,
            default => Choosing::SELECT,
        };
    }
}
