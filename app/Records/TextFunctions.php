<?php

declare(strict_types=1);

namespace App\Records;

use Lanai\Core\Storage\IndexKey;
use Lanai\Core\Text\Texts;
use PDO;

/**
 * The order and the likeness of texts as functions of SQLite. An index may be made of what they give, so they depend on
 * nothing but the version of their tables, which is kept with the data (SchemaFollower).
 */
final class TextFunctions
{
    private const ORDER = 'lanai_order';

    private const FOLD = 'lanai_fold';

    public static function register(PDO $pdo): void
    {
        $pdo->sqliteCreateFunction(self::ORDER, fn (mixed $text): ?string => $text === null ? null : Texts::key((string) $text), 1, PDO::SQLITE_DETERMINISTIC);
        $pdo->sqliteCreateFunction(self::FOLD, fn (mixed $text): ?string => $text === null ? null : Texts::fold((string) $text), 1, PDO::SQLITE_DETERMINISTIC);
    }

    /** What stands in the order of texts where this SQL gives one. */
    public static function order(string $sql): string
    {
        return self::ORDER."($sql)";
    }

    /** The text without case. */
    public static function fold(string $sql): string
    {
        return self::FOLD."($sql)";
    }

    /** The same of a column, without leaving SQLite where it has none but ASCII characters. */
    public static function foldColumn(string $column): string
    {
        return "(case when $column glob '*[^ -~]*' then ".self::fold($column)." else lower($column) end)";
    }

    /** A column of an index, as SQL. */
    public static function column(IndexKey $key): string
    {
        $name = Sql::name($key->field->column());

        return $key->ofTexts ? self::order($name) : $name;
    }

    /** Whether an index, a trigger or a table is made with them. */
    public static function usedBy(string $sql): bool
    {
        return str_contains($sql, self::ORDER.'(') || str_contains($sql, self::FOLD.'(');
    }
}
