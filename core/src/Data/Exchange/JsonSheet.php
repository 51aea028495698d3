<?php

declare(strict_types=1);

namespace Lanai\Core\Data\Exchange;

/** Rows of a JSON array of objects, or of an object that holds one. */
final readonly class JsonSheet implements Sheet
{
    /**
     * @param  list<string>  $columns
     * @param  list<array<array-key, mixed>>  $entries
     */
    private function __construct(private array $columns, private array $entries)
    {
    }

    /** @throws UnreadableFile */
    public static function of(string $json): self
    {
        $data = json_decode($json, true, 64);
        if (! is_array($data)) {
            throw new UnreadableFile('This JSON cannot be read: '.lcfirst(json_last_error_msg()).'.');
        }
        if (! array_is_list($data)) {
            $lists = array_values(array_filter($data, fn (mixed $v): bool => is_array($v) && array_is_list($v) && $v !== []));
            $data = $lists === [] ? [$data] : $lists[0];
        }
        $columns = [];
        $entries = [];
        foreach ($data as $entry) {
            if (! is_array($entry)) {
                throw new UnreadableFile('The array must hold objects, each a row, as in [{"name": "Cove"}].');
            }
            $entries[] = $entry;
            foreach (array_keys($entry) as $key) {
                $columns[(string) $key] = (string) $key;
            }
        }

        return $entries === [] ? throw new UnreadableFile('There are no rows in this file.') : new self(array_values($columns), $entries);
    }

    public function columns(): array
    {
        return $this->columns;
    }

    public function rows(): iterable
    {
        foreach ($this->entries as $i => $entry) {
            yield $i + 1 => array_map(fn (string $column): string => self::text($entry[$column] ?? null), $this->columns);
        }
    }

    private static function text(mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            is_float($value) => (string) json_encode($value),
            is_scalar($value) => (string) $value,
            is_array($value) && array_is_list($value) && array_filter($value, fn (mixed $v): bool => ! is_scalar($v)) === [] => implode('; ', array_map(self::text(...), $value)),
            is_array($value) => (string) json_encode($value, JSON_UNESCAPED_UNICODE),
            default => '',
        };
    }
}
