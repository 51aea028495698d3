<?php

declare(strict_types=1);

namespace Standins\Stores;

/** Reads a property list in the old form, in which projects are written: { key = value; } and ( value, ), with texts, quoted texts and comments. */
final class OpenStep
{
    /** Bytes, and how deep it may go. */
    private const LARGEST = 5_000_000;

    private const DEEPEST = 40;

    /** @param  array<int, string>  $signs */
    private function __construct(private readonly array $signs, private int $at = 0)
    {
    }

    /** @return array<array-key, mixed>|null null where it is none */
    public static function read(string $text): ?array
    {
        if (strlen($text) > self::LARGEST) {
            return null;
        }
        $bare = (string) preg_replace('~^//[^\n]*\n~', '', $text);
        preg_match_all('~/\*.*?\*/|"(?:[^"\\\\]|\\\\.)*"|[{}()=;,]|[^\s{}()=;,"]+~s', $bare, $found);
        $signs = array_values(array_filter($found[0], fn (string $sign): bool => ! str_starts_with($sign, '/*')));
        $value = (new self($signs))->value(0);

        return is_array($value) ? $value : null;
    }

    /** Null where it breaks off. */
    private function value(int $deep): mixed
    {
        $sign = $this->next();
        if ($sign === '' || $deep > self::DEEPEST) {
            return null;
        }
        if ($sign === '(') {
            $list = [];
            while ($this->peek(')') !== ')') {
                $list[] = $this->value($deep + 1);
                $this->at += $this->peek() === ',' ? 1 : 0;
            }
            $this->at++;

            return $list;
        }
        if ($sign === '{') {
            $all = [];
            while ($this->peek('}') !== '}') {
                $key = self::text($this->next());
                if ($this->next() !== '=') {
                    return null;
                }
                $all[$key] = $this->value($deep + 1);
                $this->at += $this->peek() === ';' ? 1 : 0;
            }
            $this->at++;

            return $all;
        }

        return self::text($sign);
    }

    private function next(): string
    {
        $sign = $this->peek();
        $this->at++;

        return $sign;
    }

    private function peek(string $atEnd = ''): string
    {
        return $this->signs[$this->at] ?? $atEnd;
    }

    private static function text(string $sign): string
    {
        return str_starts_with($sign, '"') ? stripcslashes(substr($sign, 1, -1)) : $sign;
    }
}
