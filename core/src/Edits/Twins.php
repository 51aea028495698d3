<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Language\Prose;
use Lanai\Core\Text\Names;

/** Two tables, or two fields of one table, whose names formulas spell the same: nobody could say which is meant. */
final class Twins
{
    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     *
     * @throws EditRefused where a change brings in a second one; what was so before may stay until it is mended
     */
    public static function refuse(array $before, array $after): void
    {
        $were = self::among($before);
        foreach (self::among($after) as $key => [$one, $other]) {
            if (! isset($were[$key])) {
                throw new EditRefused(
                    $one === $other
                        ? "There is already one called “{$one}”."
                        : "“{$one}” and “{$other}” are spelled the same in formulas. Give one of them another name.",
                );
            }
        }
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array<string, array{string, string}> where and how they are spelled => both names
     */
    private static function among(array $data): array
    {
        $tables = Prose::nodes($data['tables'] ?? []);
        $found = self::alike('', $tables);
        foreach ($tables as $table) {
            $found += self::alike(self::name($table).'/', Prose::nodes($table['fields'] ?? []));
        }

        return $found;
    }

    /**
     * @param  list<array<string, mixed>>  $nodes
     * @return array<string, array{string, string}>
     */
    private static function alike(string $within, array $nodes): array
    {
        $first = $found = [];
        foreach ($nodes as $node) {
            $name = self::name($node);
            $spelled = Names::inFormula($name);
            if ($name !== '' && isset($first[$spelled])) {
                $found[$within.$spelled] = [$first[$spelled], $name];
            }
            $first[$spelled] ??= $name;
        }

        return $found;
    }

    /** @param  array<string, mixed>  $node */
    private static function name(array $node): string
    {
        return is_string($node['name'] ?? null) ? $node['name'] : '';
    }
}
