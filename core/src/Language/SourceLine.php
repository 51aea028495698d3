<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

use Lanai\Core\Text\Pattern;

/** A line of the script with the lines indented under it. */
final class SourceLine
{
    /** @var list<SourceLine> */
    public array $under = [];

    public function __construct(public readonly string $text, public readonly int $number, public readonly int $indent)
    {
    }

    /**
     * The lines of a text as a forest by indentation; blank lines and lines that begin with # are left out.
     *
     * @return list<SourceLine>
     */
    public static function forest(string $text): array
    {
        $roots = [];
        /** @var list<SourceLine> $open */
        $open = [];
        foreach (Pattern::split('/\r\n|\r|\n/', $text) as $i => $raw) {
            $raw = str_replace("\t", '  ', $raw);
            $trimmed = ltrim($raw, ' ');
            if (trim($trimmed) === '' || $trimmed[0] === '#') {
                continue;
            }
            $line = new self(rtrim($trimmed), $i + 1, strlen($raw) - strlen($trimmed));
            while ($open !== [] && $open[count($open) - 1]->indent >= $line->indent) {
                array_pop($open);
            }
            if ($open === []) {
                $roots[] = $line;
            } else {
                $open[count($open) - 1]->under[] = $line;
            }
            $open[] = $line;
        }

        return $roots;
    }

    /** It and what is under it, as the printer would indent it: the same for what reads the same. */
    public function written(int $depth = 0): string
    {
        $text = str_repeat('  ', $depth).$this->text;
        foreach ($this->under as $line) {
            $text .= "\n".$line->written($depth + 1);
        }

        return $text;
    }

    public function cursor(): Cursor
    {
        return new Cursor($this->text, $this->number, $this->indent);
    }
}
