<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

/** A text with formulas in braces: "{swim.places} places left". {{ and }} stand for braces themselves. */
final class Template
{
    /** @var array<string, self> */
    private static array $made = [];

    /** @param  list<string|Formula>  $parts */
    private function __construct(public readonly array $parts)
    {
    }

    /** @throws FormulaMistake with the position in the whole text */
    public static function of(string $text): self
    {
        if (isset(self::$made[$text])) {
            return self::$made[$text];
        }
        $parts = [];
        foreach (self::split($text) as [$isFormula, $piece, $at]) {
            if (! $isFormula) {
                $parts[] = $piece;

                continue;
            }
            try {
                $parts[] = Formula::of($piece);
            } catch (FormulaMistake $mistake) {
                throw new FormulaMistake($mistake->getMessage(), $at + $mistake->position);
            }
        }
        if (count(self::$made) > 5000) {
            self::$made = [];
        }

        return self::$made[$text] = new self($parts);
    }

    /** @return list<Formula> */
    public function formulas(): array
    {
        return array_values(array_filter($this->parts, fn (string|Formula $p): bool => $p instanceof Formula));
    }

    /** @param  callable(string): string  $change gets each formula's text */
    public static function changed(string $text, callable $change): string
    {
        $new = '';
        foreach (self::split($text) as [$isFormula, $piece]) {
            $new .= $isFormula ? '{'.$change($piece).'}' : strtr($piece, ['{' => '{{', '}' => '}}']);
        }

        return $new;
    }

    /**
     * @return list<array{bool, string, int}> is it a formula, its text, where it begins
     *
     * @throws FormulaMistake where a brace is not closed
     */
    private static function split(string $text): array
    {
        $pieces = [];
        $plain = '';
        for ($i = 0, $length = strlen($text); $i < $length; $i++) {
            $char = $text[$i];
            if (($char === '{' || $char === '}') && ($text[$i + 1] ?? '') === $char) {
                $plain .= $char;
                $i++;
            } elseif ($char === '{') {
                $end = self::closing($text, $i + 1);
                if ($end === null) {
                    throw new FormulaMistake('A { is opened here and not closed. Write {{ for a brace itself.', $i);
                }
                if ($plain !== '') {
                    $pieces[] = [false, $plain, 0];
                    $plain = '';
                }
                $pieces[] = [true, trim(substr($text, $i + 1, $end - $i - 1)), $i + 1];
                $i = $end;
            } else {
                $plain .= $char;
            }
        }
        if ($plain !== '') {
            $pieces[] = [false, $plain, 0];
        }

        return $pieces;
    }

    private static function closing(string $text, int $from): ?int
    {
        for ($i = $from, $length = strlen($text), $depth = 0; $i < $length; $i++) {
            $char = $text[$i];
            if ($char === '"' || $char === "'") {
                $i = strpos($text, $char, $i + 1);
                if ($i === false) {
                    return null;
                }
            } elseif ($char === '{') {
                $depth++;
            } elseif ($char === '}' && $depth-- === 0) {
                return $i;
            }
        }

        return null;
    }
}
