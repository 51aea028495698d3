<?php

declare(strict_types=1);

namespace Standins\Wordsmith;

/** The phrase book: what it does not know, it marks. */
final readonly class Phrases
{
    /** @var array<string, array<string, string>> */
    private array $book;

    public function __construct(string $file)
    {
        $read = json_decode((string) file_get_contents($file), true);
        $this->book = is_array($read) ? $read : [];
    }

    /** @return array{text: string, complete: bool} */
    public function translated(string $text, string $language): array
    {
        $language = strtolower(explode('-', $language)[0]);
        if ($language === 'en') {
            return ['text' => $text, 'complete' => true];
        }
        $book = $this->book[$language] ?? [];
        uksort($book, fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        $complete = true;
        $translated = (string) preg_replace_callback('/[^.!?;:]+/u', function (array $part) use ($book, &$complete): string {
            [$before, $words, $after] = [self::space($part[0], true), trim($part[0]), self::space($part[0], false)];
            if ($words === '') {
                return $part[0];
            }
            [$made, $known] = self::phrase($words, $book);
            $complete = $complete && $known;

            return $before.(preg_match('/^\p{Lu}/u', $words) === 1 ? mb_strtoupper(mb_substr($made, 0, 1)).mb_substr($made, 1) : $made).$after;
        }, $text);

        return ['text' => $translated, 'complete' => $complete];
    }

    /**
     * @param  array<string, string>  $book  the longest first
     * @return array{string, bool}
     */
    private static function phrase(string $words, array $book): array
    {
        $small = mb_strtolower($words);
        if (isset($book[$small])) {
            return [$book[$small], true];
        }
        $made = [];
        $known = true;
        $left = $words;
        while (($left = ltrim($left)) !== '') {
            foreach ($book as $phrase => $other) {
                if (preg_match('/^'.preg_quote($phrase, '/').'(?![\p{L}\p{N}])/iu', $left, $found) === 1) {
                    $made[] = $other;
                    $left = substr($left, strlen($found[0]));

                    continue 2;
                }
            }
            preg_match('/^\S+/u', $left, $word);
            $plain = preg_match('/^[\p{N}\p{P}\p{S}°]+$/u', $word[0]) === 1;
            $made[] = $plain ? $word[0] : "[$word[0]]";
            $known = $known && $plain;
            $left = substr($left, strlen($word[0]));
        }

        return [(string) preg_replace('/ (?=[,)])/', '', implode(' ', $made)), $known];
    }

    private static function space(string $text, bool $before): string
    {
        preg_match($before ? '/^\s*/' : '/\s*$/', $text, $found);

        return $found[0] ?? '';
    }
}
