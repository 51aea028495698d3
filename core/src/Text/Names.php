<?php

declare(strict_types=1);

namespace Lanai\Core\Text;

/** How the founder's own names are spelled in sentences, in formulas and in storage. */
final class Names
{
    private static ?\Transliterator $latin = null;

    /** @var array<string, list<string>> */
    private static array $words = [];

    /** @var array<string, string> */
    private static array $stored = [];

    /** Words that lead a clause or join parts of a sentence; a name that contains one is written in quotes. */
    private const RESERVED = ['is', 'are', 'as', 'where', 'if', 'with', 'of', 'from', 'to', 'and', 'then', 'upward', 'downward',
        'asking', 'saying', 'taking', 'or'];

    private const KEPT = 20_000;

    private const WORD = "[\p{L}\p{N}][\p{L}\p{N}_'’-]*";

    /** True where the name can stand in a sentence without quotes. */
    public static function bare(string $name): bool
    {
        if (! Pattern::match('/^'.self::WORD.'(?: '.self::WORD.')*$/u', $name)) {
            return false;
        }

        return array_intersect(explode(' ', mb_strtolower($name)), self::RESERVED) === [];
    }

    /** Length in bytes of the bare name that begins at this offset; 0 where none does. */
    public static function lengthAt(string $text, int $at): int
    {
        $end = $at;
        while (Pattern::match('/\G( *)('.self::WORD.')/u', $text, $found, from: $end)) {
            if (in_array(mb_strtolower($found[2]), self::RESERVED, true) || ($end > $at && $found[1] === '')) {
                break;
            }
            $end += strlen($found[0]);
        }

        return $end - $at;
    }

    /** "Places left" -> "placesLeft": the spelling in formulas. */
    public static function inFormula(string $name): string
    {
        $words = self::words($name);
        $first = array_shift($words) ?? 'x';
        $camel = $first.implode('', array_map(ucfirst(...), $words));

        return Pattern::match('/^[a-z_]/', $camel) ? $camel : 'n'.$camel;
    }

    /** "Places left" -> "places_left": the spelling of a column, of an address. */
    public static function inStorage(string $name): string
    {
        if (! isset(self::$stored[$name])) {
            $snake = implode('_', self::words($name));
            self::$stored[$name] = Pattern::match('/^[a-z]/', $snake) ? $snake : 'n_'.$snake;
        }

        return self::$stored[$name];
    }

    /** @return list<string> lower-case ASCII words */
    private static function words(string $name): array
    {
        if (! isset(self::$words[$name])) {
            $plain = Pattern::match('/^[\x20-\x7E]*$/', $name) ? strtolower($name) : self::latin($name);
            Pattern::matchAll('/[a-z0-9]+/', str_replace("'", '', is_string($plain) ? $plain : $name), $found);
            // A process that serves many apps does not keep all their names.
            if (count(self::$words) >= self::KEPT) {
                self::$words = self::$stored = [];
            }
            self::$words[$name] = $found[0];
        }

        return self::$words[$name];
    }

    /** Putting the rules together takes a process longer than most requests do, so only names that need them ask for it. */
    private static function latin(string $name): string|false|null
    {
        self::$latin ??= \Transliterator::create('Any-Latin; Latin-ASCII; Lower()');

        return self::$latin?->transliterate($name);
    }
}
