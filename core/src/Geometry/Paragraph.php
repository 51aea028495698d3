<?php

declare(strict_types=1);

namespace Lanai\Core\Geometry;

use Lanai\Core\Text\Hyphenation;
use Lanai\Core\Text\Pattern;

/** A text that is set in lines. Where lines may end follows Unicode's line breaking (UAX 14), by ICU. */
final class Paragraph
{
    /** @var array<string, list<string>> */
    private static array $pieces = [];

    private ?float $natural = null;

    /**
     * @param  list<array{string, int}>  $runs  text and weight
     * @param  float  $size  of the font, in dp
     * @param  float  $line  height of a line, in dp
     * @param  bool  $wraps  false where it stays on one line and is cut
     * @param  float  $hang  how much of the first line stands before its edge, in dp
     */
    public function __construct(
        public readonly array $runs,
        public readonly float $size,
        public readonly float $line,
        public readonly bool $wraps = true,
        private readonly float $hang = 0.0,
    ) {
    }

    public static function of(string $text, float $size, float $line, int $weight = 400): self
    {
        return new self([[$text, $weight]], $size, $line);
    }

    public function text(): string
    {
        return implode('', array_column($this->runs, 0));
    }

    /** The width of its longest line where there is all the room it wants. */
    public function natural(): float
    {
        return $this->natural ??= max([0.0, ...$this->set(INF)[0]]);
    }

    /**
     * @return array{list<float>, bool} the widths of its lines, and whether a word had to be broken
     */
    public function set(float $room): array
    {
        $lines = [];
        $broken = false;
        // What stands before the edge leaves so much more room in the first line.
        $width = -$this->hang;
        $blank = 0.0;
        $begun = false;
        $words = $this->words();
        $fits = null;
        for ($i = 0; $i < count($words); $i++) {
            [$word, $space, $ends, $at, $text, $hyphen] = $words[$i];
            if ($begun && $this->wraps && $width + $blank + $word > $room + 0.01) {
                // It ends behind the last piece whose hyphen has room as well.
                [$i, $lines[]] = $fits ?? [$i - 1, $width];
                [$width, $blank, $begun, $fits] = [0.0, 0.0, false, null];

                continue;
            }
            if ($this->wraps && $word > $room + 0.01 && $room > 0) {
                $broken = true;
                $parts = $this->broken($at, $text, $room);
                $width = array_pop($parts);
                array_push($lines, ...$parts);
            } else {
                $width += $blank + $word;
            }
            $blank = $space;
            $begun = true;
            if ($width + $hyphen <= $room + 0.01) {
                $fits = [$i, $width + $hyphen];
            }
            if ($ends) {
                $lines[] = $width;
                [$width, $blank, $begun, $fits] = [0.0, 0.0, false, null];
            }
        }
        if ($begun || $lines === []) {
            $lines[] = max(0.0, $width);
        }

        return [$lines, $broken];
    }

    /**
     * A word that is longer than a line goes on below, as often as it must.
     *
     * @return non-empty-list<float> the widths of its parts
     */
    private function broken(int $at, string $word, float $room): array
    {
        $parts = [];
        $part = '';
        $width = 0.0;
        foreach (self::letters($word) as $letter) {
            $next = $this->measured($at, $part.$letter);
            if ($part !== '' && $next > $room + 0.01) {
                $parts[] = $width;
                $at += strlen($part);
                $part = '';
                $next = $this->measured($at, $letter);
            }
            $part .= $letter;
            $width = $next;
        }

        return [...$parts, $width];
    }

    /**
     * The pieces between places where a line may end: the width of each, that of the space after it, whether the line ends there in
     * any case, where it stands, the piece itself, and the width of the hyphen that a line would end with there.
     *
     * @return list<array{float, float, bool, int, string, float}>
     */
    private function words(): array
    {
        $words = [];
        $at = 0;
        foreach (self::pieces($this->text()) as $piece) {
            $soft = str_ends_with($piece, Hyphenation::SOFT);
            $bare = $soft ? substr($piece, 0, -strlen(Hyphenation::SOFT)) : rtrim($piece);
            $words[] = [
                $this->measured($at, $bare),
                $soft ? 0.0 : $this->measured($at + strlen($bare), rtrim(substr($piece, strlen($bare)), "\n\r")),
                str_ends_with($piece, "\n"),
                $at,
                $bare,
                $soft ? $this->measured($at, '-') : 0.0,
            ];
            $at += strlen($piece);
        }

        return $words;
    }

    /** @return list<string> what a person takes for one letter, marks and all */
    private static function letters(string $word): array
    {
        return Pattern::matchAll('/\X/u', $word, $found) ? $found[0] : [$word];
    }

    /** The width of a part that begins at this byte, in dp. */
    private function measured(int $at, string $part): float
    {
        if ($part === '') {
            return 0.0;
        }
        $face = Face::shipped();
        if (count($this->runs) === 1) {
            return $face->width($part, $this->runs[0][1]) * $this->size;
        }
        $width = 0.0;
        $from = 0;
        foreach ($this->runs as [$text, $weight]) {
            $begins = max($at, $from);
            $ends = min($at + strlen($part), $from + strlen($text));
            if ($ends > $begins) {
                $width += $face->width(substr($part, $begins - $at, $ends - $begins), $weight) * $this->size;
            }
            $from += strlen($text);
        }

        return $width;
    }

    /** @return list<string> */
    private static function pieces(string $text): array
    {
        if (isset(self::$pieces[$text])) {
            return self::$pieces[$text];
        }
        if (count(self::$pieces) > 5000) {
            self::$pieces = [];
        }
        $iterator = \IntlBreakIterator::createLineInstance('en');
        $iterator?->setText($text);
        $pieces = [];
        $from = 0;
        foreach ($iterator === null ? [] : $iterator as $end) {
            if (is_int($end) && $end > $from) {
                // Browsers end a line after a hyphen before a straight quotation mark, too (found by measuring, no source).
                array_push($pieces, ...Pattern::split('/(?<=-)(?=[\'"])/', substr($text, $from, $end - $from)));
                $from = $end;
            }
        }

        return self::$pieces[$text] = $pieces;
    }
}
