<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** Reads one script line from left to right. */
final class Cursor
{
    public const UNFILLED = '___';

    /** No text of an app has more characters: it is sent to devices with every screen that shows it. */
    public const LONGEST = 1_000_000;

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
        $edge = Pattern::match('/[\p{L}\p{N}_]$/u', trim($words)) ? '(?![\p{L}\p{N}_])' : '';

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
        return $this->between('"', $what);
    }

    /** Whether all of it is one text in quotes. */
    public static function isQuoted(string $text): bool
    {
        $cursor = new self($text);

        return $cursor->quoted() !== null && $cursor->done();
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
        Pattern::match('/\G\s*/', $this->text, $space, from: $this->at);
        $from = $this->at + strlen($space[0] ?? '');
        $length = Names::lengthAt($this->text, $from);
        if ($length === 0) {
            $this->missed($what);

            return null;
        }
        $name = substr($this->text, $from, $length);
        $this->at = $from + $length;

        return Pattern::replace('/ +/', ' ', trim($name));
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
        $held = $this->between('`', '');
        if ($held !== null) {
            return $held;
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
        if (Pattern::match($pattern, $this->text, $found, from: $this->at)) {
            /** @var array<int, string> $found */
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
        Pattern::match('/\G\s*/', $this->text, $space, from: $this->at);
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

    /** What stands here between two marks, unescaped; null where it does not. Read piece by piece: texts can be very long. */
    private function between(string $mark, string $what): ?string
    {
        $found = Pattern::match('/\G\s*/u', $this->text, $space, from: $this->at) ? $space[0] : '';
        $at = $this->at + strlen($found);
        if (($this->text[$at] ?? '') !== $mark) {
            $what === '' || $this->missed($what);

            return null;
        }
        $text = '';
        for ($at++; ; $at += 2) {
            $length = strcspn($this->text, $mark.'\\', $at);
            $text .= substr($this->text, $at, $length);
            $at += $length;
            $sign = $this->text[$at] ?? '';
            if ($sign === $mark) {
                $this->at = $at + 1;

                return self::within($text, $this->line);
            }
            $escaped = $this->text[$at + 1] ?? '';
            if ($sign === '' || $escaped === '') {
                $what === '' || $this->missed($what);

                return null;
            }
            $text .= ['n' => "\n", 'r' => "\r", 't' => "\t"][$escaped] ?? $escaped;
        }
    }

    /** @throws ScriptMistake where it is longer than a text of an app can be */
    private static function within(string $text, int $line): string
    {
        if (strlen($text) > self::LONGEST && mb_strlen($text) > self::LONGEST) {
            throw new ScriptMistake($line, 1, ['a text of at most '.number_format(self::LONGEST).' characters'], 'one of '.number_format(mb_strlen($text)));
        }

        return $text;
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
                    if (Pattern::match('/\G\s+'.preg_quote($stop, '/').'(?![\p{L}\p{N}_])/iu', $text, $m, from: $i)) {
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
