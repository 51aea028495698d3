<?php

declare(strict_types=1);

namespace Standins\Stores;

/**
 * The entries of a zip file as they stand in its central directory, those of the same name each by itself: what a reader that
 * keeps one entry for a name does not tell (APPNOTE.TXT 6.3, sections 4.3.7, 4.3.12 and 4.3.16; from memory).
 */
final readonly class ZipEntries
{
    /** @param  list<array{name: string, method: int, at: int}>  $all  method: 0 stored, 8 deflated; at: where the contents begin */
    private function __construct(public array $all)
    {
    }

    /** None where the file is no zip, or a damaged one. */
    public static function of(string $file): self
    {
        $size = (int) filesize($file);
        $handle = fopen($file, 'rb');
        $read = function (int $at, int $length) use ($handle): string {
            return $length > 0 && fseek($handle, $at) === 0 ? (string) fread($handle, $length) : '';
        };
        $tail = $read(max(0, $size - 65557), min($size, 65557));
        $end = strrpos($tail, "PK\x05\x06");
        if ($end === false || strlen($tail) < $end + 22) {
            return new self([]);
        }
        $directory = unpack('vcount/Vsize/Vat', substr($tail, $end + 10, 10));
        $bytes = $read($directory['at'], $directory['size']);
        $all = [];
        for (
            $at = 0;
            count($all) < $directory['count'] && substr($bytes, $at, 4) === "PK\x01\x02";
            $at += 46 + $entry['name'] + $entry['extra'] + $entry['comment']
        ) {
            $entry =
                unpack('vmethod', substr($bytes, $at + 10, 2)) +
                unpack('vname/vextra/vcomment', substr($bytes, $at + 28, 6)) +
                unpack('Vlocal', substr($bytes, $at + 42, 4));
            $local = $read($entry['local'], 30);
            $lengths = strlen($local) === 30 ? unpack('vname/vextra', substr($local, 26, 4)) : ['name' => 0, 'extra' => 0];
            $all[] = [
                'name' => substr($bytes, $at + 46, $entry['name']),
                'method' => $entry['method'],
                'at' => $entry['local'] + 30 + $lengths['name'] + $lengths['extra'],
            ];
        }

        return new self($all);
    }

    /** @return list<string> names that stand twice, or that lead out of the folder where they are unpacked */
    public function unsafe(): array
    {
        $names = array_column($this->all, 'name');
        $twice = array_keys(array_filter(array_count_values($names), fn (int $n): bool => $n > 1));
        $out = array_filter(
            $names,
            fn (string $name): bool => $name === '' || $name[0] === '/' || preg_match('~(^|/)\.\.(/|$)|[\\\\\x00-\x1F]|^[A-Za-z]:~', $name) === 1,
        );

        return array_values(array_unique([...array_map(strval(...), $twice), ...$out]));
    }

    /** @return array{name: string, method: int, at: int}|null */
    public function named(string $name): ?array
    {
        foreach ($this->all as $entry) {
            if ($entry['name'] === $name) {
                return $entry;
            }
        }

        return null;
    }
}
