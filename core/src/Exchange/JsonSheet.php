<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange;

use Closure;

/**
 * Rows of a JSON array of objects, of an object that holds one, or of JSON lines (one object after the other). The file is
 * read entry by entry and never as a whole (RFC 8259; JSON lines: RFC 7464 without its marks).
 */
final class JsonSheet implements Sheet
{
    private const COLUMNS = 500;

    private const DEPTH = 64;

    /** @var list<string> */
    private array $columns = [];

    /**
     * @param  Closure(): resource  $opens  gives the file anew, at its beginning
     * @param  int  $member  which member of the outer object is the list; -1 where the outermost value is the list, -2 for objects one after the other
     */
    private function __construct(private readonly Closure $opens, private readonly int $member)
    {
    }

    /**
     * @param  Closure(): resource  $opens  gives the file anew, at its beginning
     *
     * @throws UnreadableFile
     */
    public static function of(Closure $opens): self
    {
        $sheet = new self($opens, self::listOf($opens));
        $columns = [];
        $some = false;
        foreach ($sheet->entries() as $entry) {
            $some = true;
            $columns += $entry;
            if (count($columns) > self::COLUMNS) {
                throw new UnreadableFile('The objects in this file have more than '.self::COLUMNS.' different names.');
            }
        }
        $sheet->columns = array_map(strval(...), array_keys($columns));

        return $some ? $sheet : throw new UnreadableFile('There are no rows in this file.');
    }

    public function columns(): array
    {
        return $this->columns;
    }

    public function rows(): iterable
    {
        foreach ($this->entries() as $n => $entry) {
            $cells = [];
            foreach ($this->columns as $column) {
                $cells[] = self::text($entry[$column] ?? null);
            }
            yield $n => $cells;
        }
    }

    /** @return iterable<int, array<array-key, mixed>> */
    private function entries(): iterable
    {
        $stream = ($this->opens)();
        try {
            $n = 0;
            foreach ($this->raw(new JsonScanner($stream)) as $text) {
                $n++;
                $entry = json_decode($text, true, self::DEPTH, JSON_BIGINT_AS_STRING);
                if (! is_array($entry)) {
                    throw json_last_error() === JSON_ERROR_NONE
                        ? new UnreadableFile('The array must hold objects, each a row, as in [{"name": "Cove"}].')
                        : new UnreadableFile("Entry $n of this JSON cannot be read: ".lcfirst(json_last_error_msg()).'.');
                }
                yield $n => $entry;
            }
        } finally {
            fclose($stream);
        }
    }

    /** @return iterable<string> the entries as they are written */
    private function raw(JsonScanner $scanner): iterable
    {
        if ($this->member === -2) {
            while ($scanner->next() !== '') {
                yield $scanner->value();
            }

            return;
        }
        if ($this->member >= 0) {
            $scanner->take('{');
            for ($i = 0; ; $i++) {
                $scanner->skip();
                $scanner->take(':');
                if ($i === $this->member) {
                    break;
                }
                $scanner->skip();
                $scanner->take(',');
            }
        }
        yield from self::elements($scanner);
        if ($this->member >= 0) {
            while ($scanner->next() === ',') {
                $scanner->take(',');
                $scanner->skip();
                $scanner->take(':');
                $scanner->skip();
            }
            $scanner->take('}');
        }
        if ($scanner->next() !== '') {
            throw new UnreadableFile('This JSON cannot be read: something stands behind its end.');
        }
    }

    /** @return iterable<string> */
    private static function elements(JsonScanner $scanner): iterable
    {
        $scanner->take('[');
        if ($scanner->next() === ']') {
            $scanner->take(']');

            return;
        }
        while (true) {
            yield $scanner->value();
            if ($scanner->next() !== ',') {
                break;
            }
            $scanner->take(',');
        }
        $scanner->take(']');
    }

    /** @param  Closure(): resource  $opens */
    private static function listOf(Closure $opens): int
    {
        $stream = $opens();
        $scanner = new JsonScanner($stream);
        try {
            if ($scanner->next() !== '{') {
                return -1;
            }
            $scanner->skip();
            if ($scanner->next() !== '') {
                return -2;
            }
        } finally {
            fclose($stream);
        }
        $stream = $opens();
        $scanner = new JsonScanner($stream);
        try {
            $scanner->take('{');
            for ($i = 0; $scanner->next() === '"'; $i++) {
                $scanner->skip();
                $scanner->take(':');
                if ($scanner->next() === '[' && $scanner->holdsSomething()) {
                    return $i;
                }
                $scanner->skip();
                if ($scanner->next() === ',') {
                    $scanner->take(',');
                }
            }
        } finally {
            fclose($stream);
        }

        return -2;
    }

    private static function text(mixed $value): string
    {
        return match (true) {
            is_string($value) => $value,
            is_bool($value) => $value ? 'yes' : 'no',
            is_float($value) => (string) json_encode($value),
            is_scalar($value) => (string) $value,
            is_array($value) && array_is_list($value) && array_filter($value, fn (mixed $v): bool => ! is_scalar($v)) === [] => implode(
                '; ',
                array_map(self::text(...), $value),
            ),
            is_array($value) => (string) json_encode($value, JSON_UNESCAPED_UNICODE),
            default => '',
        };
    }
}
