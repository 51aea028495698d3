<?php

declare(strict_types=1);

namespace Lanai\Core\Text;

/**
 * Where words of a language may be divided at the end of a line, after F. M. Liang, “Word Hy-phen-a-tion by Com-put-er” (1983): of all patterns
 * that a word contains the highest number between two letters counts, and an odd one divides. The patterns are those of the package “hyphen”.
 */
final class Hyphenation
{
    /** What marks such a place (Unicode, U+00AD): nothing is seen of it but at the end of a line. */
    public const SOFT = "\u{AD}";

    /** Shorter words stay whole. */
    private const SHORTEST = 6;

    /** So many letters stay before and behind a hyphen. */
    private const BEFORE = 2;

    private const BEHIND = 3;

    /** Longer ones are no words. */
    private const LONGEST = 60;

    private const KEPT = 5000;

    /** @var array<string, self|null> */
    private static array $of = [];

    /** @var array<string, string> */
    private array $divided = [];

    /**
     * @param  array<array-key, array<array-key, string>>  $patterns  the first letter, or a dot where a word begins => the letters after it, with a dot where
     *   it ends => a digit before each letter and behind the last
     * @param  array<array-key, string>  $words  those that go by no pattern, with their hyphens
     */
    private function __construct(private readonly array $patterns, private readonly array $words)
    {
    }

    /** That of a language; null where no patterns of it are known. */
    public static function in(string $tag): ?self
    {
        if (! array_key_exists($tag, self::$of)) {
            $file = __DIR__."/../../hyphenation/$tag.php";
            /** @var array{patterns: array<array-key, array<array-key, string>>, words: array<array-key, string>} $known */
            $known = isset(Tongues::NAMES[$tag]) && is_file($file) ? require $file : ['patterns' => [], 'words' => []];
            self::$of[$tag] = $known['patterns'] === [] ? null : new self($known['patterns'], $known['words']);
        }

        return self::$of[$tag];
    }

    /**
     * The text with soft hyphens in its words. Addresses, numbers and what is written in capitals stay whole.
     *
     * @param  int  $shortest  letters: shorter words stay whole
     */
    public function text(string $text, int $shortest = self::SHORTEST): string
    {
        return Pattern::replaceEach(
            '/\S{'.$shortest.',}/u',
            fn (array $piece): string => Pattern::match('/[@\/\\\\_\d\x{AD}]|\.\p{L}/u', $piece[0])
                ? $piece[0]
                : Pattern::replaceEach(
                    '/(?<![\p{L}\p{M}])\p{L}{'.$shortest.','.self::LONGEST.'}(?![\p{L}\p{M}])/u',
                    fn (array $word): string => $this->word($word[0]),
                    $piece[0],
                ),
            $text,
        );
    }

    private function word(string $word): string
    {
        if (isset($this->divided[$word])) {
            return $this->divided[$word];
        }
        $letters = mb_str_split($word);
        $places = mb_strtoupper($word) === $word ? [] : $this->places(mb_strtolower($word), count($letters));
        $divided = '';
        foreach ($letters as $i => $letter) {
            $divided .= (isset($places[$i]) ? self::SOFT : '').$letter;
        }
        if (count($this->divided) >= self::KEPT) {
            $this->divided = [];
        }

        return $this->divided[$word] = $divided;
    }

    /** @return array<int, true> before which letters it may be divided */
    private function places(string $low, int $length): array
    {
        $letters = mb_str_split($low);
        if (count($letters) !== $length) {
            return [];
        }
        $places = [];
        if (isset($this->words[$low])) {
            $at = 0;
            foreach (explode('-', $this->words[$low], -1) as $part) {
                $places[$at += mb_strlen($part)] = true;
            }
        } else {
            foreach ($this->levels($letters) as $i => $level) {
                if ($level % 2 === 1) {
                    $places[$i] = true;
                }
            }
        }

        return array_filter($places, fn (int $i): bool => $i >= self::BEFORE && $i <= $length - self::BEHIND, ARRAY_FILTER_USE_KEY);
    }

    /**
     * @param  list<string>  $letters
     * @return array<int, int> before each letter, and behind the last
     */
    private function levels(array $letters): array
    {
        $levels = array_fill(0, count($letters) + 2, 0);
        $dotted = ['.', ...$letters, '.'];
        foreach (array_keys($dotted) as $from) {
            $rest = '';
            $known = $this->patterns[$dotted[$from]] ?? [];
            // The numbers of a pattern that begins with a word are those from its first letter on.
            $first = max(0, $from - 1);
            for ($to = $from; $to < count($dotted); $to++) {
                $rest .= $to === $from ? '' : $dotted[$to];
                foreach (str_split($known[$rest] ?? '') as $i => $level) {
                    $levels[$first + $i] = max($levels[$first + $i] ?? 0, (int) $level);
                }
            }
        }

        return $levels;
    }
}
