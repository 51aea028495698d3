<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange;

use Lanai\Core\Text\Pattern;

/** Goes through JSON text value by value, with no more of it in memory than one value. What a value holds is decoded by json_decode. */
final class JsonScanner
{
    private const PIECE = 65536;

    /** No entry is longer, in bytes. */
    private const LONGEST = 2 * 1024 * 1024;

    private string $text = '';

    private int $at = 0;

    /** @param  resource  $stream */
    public function __construct(private $stream)
    {
        $this->more();
        if (str_starts_with($this->text, "\xEF\xBB\xBF")) {
            $this->at = 3;
        }
    }

    /** The character at which the next value or sign begins; '' at the end. */
    public function next(): string
    {
        while (true) {
            $this->at += strspn($this->text, " \t\r\n\x1E", $this->at);
            if ($this->at < strlen($this->text)) {
                return $this->text[$this->at];
            }
            if (! $this->more()) {
                return '';
            }
        }
    }

    /** @throws UnreadableFile where another sign stands there */
    public function take(string $sign): void
    {
        $next = $this->next();
        if ($next !== $sign) {
            throw new UnreadableFile(
                $next === ''
                    ? 'This JSON ends in the middle; the file may be damaged.'
                    : "This JSON cannot be read: a “{$sign}” is missing before “".mb_scrub(mb_strcut(substr($this->text, $this->at, 40), 0, 20)).'”.',
            );
        }
        $this->at++;
    }

    /** Whether the array that begins here has an element. */
    public function holdsSomething(): bool
    {
        while (strlen($this->text) - $this->at < 1024 && $this->more()) {
            continue;
        }

        return Pattern::match('/\G\[\s*[^\s\]]/', $this->text, $found, from: $this->at);
    }

    /** @return string the next value as it is written */
    public function value(): string
    {
        $this->next();
        $length = $this->length(true);
        $value = substr($this->text, $this->at, $length);
        $this->at += $length;

        return $value;
    }

    public function skip(): void
    {
        $this->next();
        $this->at += $this->length(false);
    }

    /**
     * How long the value is that begins here.
     *
     * @param  bool  $keep  whether all of it has to be in memory at its end
     */
    private function length(bool $keep): int
    {
        $pos = $this->at;
        $depth = 0;
        do {
            $sign = $this->sign($pos, $depth === 0 ? '{}[]",: '."\t\r\n" : '{}[]"', $keep);
            if ($sign === '') {
                // A number or a word may stand at the very end.
                if ($depth === 0 && $pos > $this->at) {
                    return $pos - $this->at;
                }
                throw new UnreadableFile('This JSON ends in the middle; the file may be damaged.');
            }
            if ($sign === '"') {
                $this->throughString($pos, $keep);
            } elseif ($sign === '{' || $sign === '[') {
                $depth++;
                $pos++;
            } elseif ($depth > 0) {
                $depth--;
                $pos++;
            } else {
                return max(1, $pos - $this->at);
            }
        } while ($depth > 0);

        return $pos - $this->at;
    }

    private function throughString(int &$pos, bool $keep): void
    {
        $pos++;
        while (true) {
            $sign = $this->sign($pos, '"\\', $keep);
            if ($sign === '') {
                throw new UnreadableFile('This JSON ends in the middle; the file may be damaged.');
            }
            $pos += $sign === '"' ? 1 : 2;
            if ($sign === '"') {
                return;
            }
        }
    }

    /** Goes on to the next of some signs, reading more where it must. */
    private function sign(int &$pos, string $signs, bool $keep): string
    {
        while (true) {
            $pos += $pos < strlen($this->text) ? strcspn($this->text, $signs, $pos) : 0;
            if ($pos < strlen($this->text)) {
                return $this->text[$pos];
            }
            if ($keep && $pos - $this->at > self::LONGEST) {
                throw new UnreadableFile('An entry of this JSON is longer than 2 MB.');
            }
            if (! $keep) {
                // What is passed over need not stay.
                $beyond = $pos - strlen($this->text);
                $this->text = '';
                $this->at = 0;
                $pos = $beyond;
                if (! $this->more()) {
                    return '';
                }

                continue;
            }
            $before = $this->at;
            if (! $this->more()) {
                return '';
            }
            $pos -= $before - $this->at;
        }
    }

    private function more(): bool
    {
        $piece = feof($this->stream) ? '' : fread($this->stream, self::PIECE);
        if ($piece === false || $piece === '') {
            return false;
        }
        $this->text = substr($this->text, $this->at).$piece;
        $this->at = 0;

        return true;
    }
}
