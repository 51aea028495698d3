<?php

declare(strict_types=1);

namespace App\Records\Imports;

use App\Records\Sql;
use Lanai\Core\Exchange\Sheet;
use Lanai\Core\Exchange\UnreadableFile;
use PDO;
use PDOException;

/** The rows of a table in another SQLite file, opened for reading only. */
final readonly class DatabaseSheet implements Sheet
{
    /** @param  list<string>  $columns */
    private function __construct(private PDO $database, private string $table, private array $columns)
    {
    }

    /**
     * @return list<string> the tables in the file
     *
     * @throws UnreadableFile
     */
    public static function tables(string $path): array
    {
        try {
            $found = self::open($path)->query(
                "select name from sqlite_master where type = 'table' and name not like 'sqlite_%' and name not like '\\_%' escape '\\' order by name",
            );
            $tables = $found === false ? [] : $found->fetchAll(PDO::FETCH_COLUMN);
        } catch (PDOException) {
            throw new UnreadableFile('This SQLite file cannot be read; it may be damaged.');
        }

        return $tables === [] ? throw new UnreadableFile('There are no tables in this file.') : array_map(strval(...), $tables);
    }

    /** @throws UnreadableFile */
    public static function of(string $path, string $table): self
    {
        if (! in_array($table, self::tables($path), true)) {
            throw new UnreadableFile("There is no table “{$table}” in this file.");
        }
        $database = self::open($path);
        $found = $database->query('select name from pragma_table_info('.$database->quote($table).')');
        $columns = $found === false ? [] : $found->fetchAll(PDO::FETCH_COLUMN);

        return new self($database, $table, array_map(strval(...), $columns));
    }

    public function columns(): array
    {
        return $this->columns;
    }

    public function rows(): iterable
    {
        $found = $this->database->query('select '.implode(', ', array_map(Sql::name(...), $this->columns)).' from '.Sql::name($this->table));
        for ($n = 1; $found !== false && ($row = $found->fetch(PDO::FETCH_NUM)) !== false; $n++) {
            yield $n => array_map(fn (mixed $v): string => is_float($v) ? (string) json_encode($v) : (string) $v, (array) $row);
        }
    }

    private static function open(string $path): PDO
    {
        return new PDO("sqlite:$path", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READONLY]);
    }
}
