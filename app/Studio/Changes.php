<?php

declare(strict_types=1);

namespace App\Studio;

use Lanai\Core\Edits\Patch;

/** Collects a JSON Patch (RFC 6902) from one state of the studio to the next. */
final class Changes
{
    /** @var list<array<string, mixed>> */
    public array $operations = [];

    public function put(string $key, mixed $value): void
    {
        $this->operations[] = ['op' => 'replace', 'path' => "/$key", 'value' => $value];
    }

    /** What differs in a part of the state: of a list the items between those that are the same at its beginning and at its end. */
    public function list(string $key, mixed $was, mixed $now): void
    {
        [$was, $now] = [self::plain($was), self::plain($now)];
        if ($was === $now) {
            return;
        }
        if (! is_array($was) || ! is_array($now) || ! array_is_list($was) || ! array_is_list($now)) {
            $this->put($key, $now);

            return;
        }
        if (count($was) === count($now)) {
            array_push($this->operations, ...Patch::between([$key => $was], [$key => $now])->operations);

            return;
        }
        [$first, $last] = self::alike($was, $now);
        for ($i = count($was) - $last - 1; $i >= $first; $i--) {
            $this->operations[] = ['op' => 'remove', 'path' => "/$key/$i"];
        }
        foreach (array_slice($now, $first, count($now) - $last - $first) as $i => $item) {
            $this->operations[] = ['op' => 'add', 'path' => "/$key/".($first + $i), 'value' => $item];
        }
    }

    /**
     * What differs in the lines of a page: those in between are put in, and those behind may have moved to other places.
     *
     * @param  list<array<string, mixed>>  $was
     * @param  list<array<string, mixed>>  $now
     * @return array{from: int, drop: int, lines: list<mixed>, places: list<mixed>}
     */
    public static function ofLines(array $was, array $now): array
    {
        $bare = fn (array $line): string => (string) json_encode(self::seenFrom($line));
        [$a, $b] = [array_map($bare, $was), array_map($bare, $now)];
        $most = min(count($a), count($b));
        for ($first = 0; $first < $most && $a[$first] === $b[$first] && $was[$first]['at'] === $now[$first]['at']; $first++);
        for ($last = 0; $last < $most - $first && $a[count($a) - 1 - $last] === $b[count($b) - 1 - $last]; $last++);
        $behind = array_column(array_slice($now, count($now) - $last), 'at');

        return [
            'from' => $first,
            'drop' => count($was) - $first - $last,
            'lines' => array_slice($now, $first, count($now) - $first - $last),
            'places' => $behind === array_column(array_slice($was, count($was) - $last), 'at') ? [] : $behind,
        ];
    }

    /**
     * A line with the places in it as they are seen from the line.
     *
     * @param  array<string, mixed>  $line
     * @return array<string, mixed>
     */
    private static function seenFrom(array $line): array
    {
        $at = is_string($line['at']) ? $line['at'] : '';
        array_walk_recursive($line, function (mixed &$value, mixed $key) use ($at): void {
            if (in_array($key, ['at', 'grows'], true) && is_string($value) && str_starts_with($value, $at)) {
                $value = substr($value, strlen($at));
            }
        });

        return $line;
    }

    /**
     * @param  list<mixed>  $was
     * @param  list<mixed>  $now
     * @return array{int, int} how many are the same at the beginning, and at the end
     */
    private static function alike(array $was, array $now): array
    {
        $most = min(count($was), count($now));
        for ($first = 0; $first < $most && $was[$first] === $now[$first]; $first++);
        for ($last = 0; $last < $most - $first && $was[count($was) - 1 - $last] === $now[count($now) - 1 - $last]; $last++);

        return [$first, $last];
    }

    private static function plain(mixed $value): mixed
    {
        return json_decode((string) json_encode($value), true);
    }
}
