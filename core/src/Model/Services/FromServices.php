<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Services;

use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Names;

/** What a node that asks a service must tell it, and what is known where it was asked. */
final class FromServices
{
    /**
     * What is known under the name of a request: its row, or all of them.
     *
     * @param  list<Row>  $rows
     * @return array<string, mixed>
     */
    public static function named(string $request, array $rows, Blueprint $blueprint): array
    {
        $asked = $blueprint->asked($request)[1] ?? null;

        return $asked === null ? [] : [Names::inFormula($asked->called()) => $asked->givesMany() ? $rows : ($rows[0] ?? null)];
    }

    /** @param  array<string, mixed>  $data  of a node that asks */
    public static function variables(array $data, Blueprint $blueprint): ?Table
    {
        $asked = is_string($data['request'] ?? null) ? ($blueprint->asked($data['request'])[1] ?? null) : null;

        return $asked === null ? null : Variable::asTable($asked->called(), $asked->taken());
    }

    /**
     * What is known where this was asked.
     *
     * @param  array<string, mixed>  $data
     * @return array<string, Type>
     */
    public static function types(array $data, Blueprint $blueprint): array
    {
        $asked = is_string($data['request'] ?? null) ? ($blueprint->asked($data['request'])[1] ?? null) : null;
        $table = $asked === null ? null : ($asked->tables()[0] ?? null);
        $row = $table === null ? null : Type::row($table->singular);

        return $asked === null || $row === null ? [] : [Names::inFormula($asked->called()) => $asked->givesMany() ? Type::several($row) : $row];
    }

    /**
     * What the effects of a node, and those inside of them, ask for.
     *
     * @param  array<array-key, mixed>  $data
     * @return array<string, Type>
     */
    public static function in(array $data, Blueprint $blueprint): array
    {
        $found = ($data['kind'] ?? '') === 'askFor' ? self::types(Prose::node($data), $blueprint) : [];
        foreach ($data as $part) {
            if (is_array($part)) {
                $found += self::in($part, $blueprint);
            }
        }

        return $found;
    }
}
