<?php

declare(strict_types=1);

namespace Lanai\Core\Script;

/** Reads one script line from left to right. */
final class Cursor
{
    public const UNFILLED = '___';

    public int $at = 0;

    private int $furthest = 0;

    /** @var list<string> */
    private array $expected = [];

    /** @param  int  $indent characters before the text, so that columns are those of the file */
    public function __construct(public readonly string $text, public readonly int $line = 1, private readonly int $indent = 0)
    {
    }

    /** Takes these words if they stand here, whatever their case and spacing. */
    public function words(string $words): bool
    {
        $pattern = implode('\s+', array_map(fn (string $w): string => preg_quote($w, '/'), explode(' ', trim($words))));
        $edge = preg_match('/[\p{L}\p{N}_]$/u', trim($words)) ? '(?![\p{L}\p{N}_])' : '';

        $what = trim($words) === self::UNFILLED ? '' : '“'.trim($words).'”';

        return $this->take('/\G\s*'.$pattern.$edge.'/iu', $what) !== null;
    }

    public function peeks(string $words): bool
    {
        $from = $this->at;
        $found = $this->words($words);
        $this->at = $from;

        return $found;
    }

    /** A text in double quotes, unescaped; null where none stands here. */
    public function quoted(string $what = 'a text in quotes'): ?string
    {
        $found = $this->take('/\G\s*"((?:[^"\\\\]|\\\\.)*)"/su', $what);

        return $found === null ? null : self::unescape($found[1]);
    }

    public function name(string $what = 'a name'): ?string
    {
        if ($this->words(self::UNFILLED)) {
            return '';
        }
        $quoted = $this->quoted('');
        if ($quoted !== null) {
            return $quoted;
        }
        preg_match('/\G\s*/', $this->text, $space, 0, $this->at);
        $from = $this->at + strlen($space[0] ?? '');
        $length = Names::lengthAt($this->text, $from);
        if ($length === 0) {
            $this->missed($what);

            return null;
        }
        $name = substr($this->text, $from, $length);
        $this->at = $from + $length;

        return (string) preg_replace('/ +/', ' ', trim($name));
    }

    /**
     * A formula: up to a comma or a stop word outside quotes and brackets, or in backquotes.
     *
     * @param  list<string>  $stops
     */
    public function formula(array $stops): ?string
    {
        if ($this->words(self::UNFILLED)) {
            return '';
        }
        $held = $this->take('/\G\s*`((?:[^`\\\\]|\\\\.)*)`/su', '');
        if ($held !== null) {
            return self::unescape($held[1]);
        }
        $end = self::formulaEnd($this->text, $this->at, $stops);
        $formula = trim(substr($this->text, $this->at, $end - $this->at));
        if ($formula === '') {
            $this->missed('a formula');

            return null;
        }
        $this->at = $end;

        return $formula;
    }

    /** @param  list<string>  $stops */
    public static function formulaIsBare(string $formula, array $stops): bool
    {
        return $formula !== '' && trim($formula) === $formula && $formula[0] !== '`' && ! str_contains($formula, "\n")
            && ! str_starts_with($formula, self::UNFILLED) && self::balanced($formula)
            && self::formulaEnd($formula.', x', 0, $stops) === strlen($formula);
    }

    /** @return array<int, string>|null */
    public function take(string $pattern, string $what): ?array
    {
        if (preg_match($pattern, $this->text, $found, 0, $this->at)) {
            $this->at += strlen($found[0]);

            return array_values($found);
        }
        if ($what !== '') {
            $this->missed($what);
        }

        return null;
    }

    public function done(): bool
    {
        return trim(substr($this->text, $this->at)) === '';
    }

    public function missed(string $what): void
    {
        preg_match('/\G\s*/', $this->text, $space, 0, $this->at);
        $here = $this->at + strlen($space[0] ?? '');
        if ($here > $this->furthest) {
            $this->furthest = $here;
            $this->expected = [];
        }
        if ($here === $this->furthest && ! in_array($what, $this->expected, true)) {
            $this->expected[] = $what;
        }
    }

    public function mistake(): ScriptMistake
    {
        $found = trim(substr($this->text, $this->furthest));

        return new ScriptMistake($this->line, $this->indent + mb_strlen(substr($this->text, 0, $this->furthest)) + 1,
            $this->expected === [] ? ['the end of the line'] : $this->expected, $found);
    }

    public function reach(): int
    {
        return $this->furthest;
    }

    public static function quote(string $text, string $mark = '"'): string
    {
        return $mark.strtr($text, ['\\' => '\\\\', $mark => '\\'.$mark, "\n" => '\\n', "\r" => '\\r', "\t" => '\\t']).$mark;
    }

    private static function unescape(string $text): string
    {
        return (string) preg_replace_callback('/\\\\(.)/su', fn (array $m): string => ['n' => "\n", 'r' => "\r", 't' => "\t"][$m[1]] ?? $m[1], $text);
    }

    /** @param  list<string>  $stops */
    private static function formulaEnd(string $text, int $from, array $stops): int
    {
        $depth = 0;
        $length = strlen($text);
        for ($i = $from; $i < $length; $i++) {
            $char = $text[$i];
            if ($char === '"' || $char === "'") {
                for ($i++; $i < $length && $text[$i] !== $char; $i++) {
                    $i += $text[$i] === '\\' ? 1 : 0;
                }
            } elseif (str_contains('([{', $char)) {
                $depth++;
            } elseif (str_contains(')]}', $char)) {
                $depth--;
            } elseif ($depth === 0 && $char === ',') {
                return $i;
            } elseif ($depth === 0 && ctype_space($char)) {
                foreach ($stops as $stop) {
                    if (preg_match('/\G\s+'.preg_quote($stop, '/').'(?![\p{L}\p{N}_])/iu', $text, $m, 0, $i)) {
                        return $i;
                    }
                }
            }
        }

        return min($i, $length);
    }

    private static function balanced(string $formula): bool
    {
        $open = [];
        $pairs = [')' => '(', ']' => '[', '}' => '{'];
        for ($i = 0, $length = strlen($formula); $i < $length; $i++) {
            $char = $formula[$i];
            if ($char === '"' || $char === "'") {
                for ($i++; $i < $length && $formula[$i] !== $char; $i++) {
                    $i += $formula[$i] === '\\' ? 1 : 0;
                }
                if ($i >= $length) {
                    return false;
                }
            } elseif (in_array($char, $pairs, true)) {
                $open[] = $char;
            } elseif (isset($pairs[$char]) && array_pop($open) !== $pairs[$char]) {
                return false;
            }
        }

        return $open === [];
    }
}
