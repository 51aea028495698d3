<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Database\Connectors\SQLiteConnector;
use Lanai\Core\Query\QueryCall;
use PDOException;

final class ImmediateConnector extends SQLiteConnector
{
    /**
     * @param  string  $dsn
     * @param  string  $username
     * @param  string  $password
     * @param  array<int, mixed>  $options
     */
    protected function createPdoConnection($dsn, $username, #[\SensitiveParameter] $password, $options): ImmediatePdo
    {
        $pdo = self::open($dsn, $options);
        $pdo->sqliteCreateFunction('lanai', QueryCall::compute(...));
        TextFunctions::register($pdo);

        return $pdo;
    }

    /** @param  array<int, mixed>  $options */
    private static function open(string $dsn, array $options): ImmediatePdo
    {
        $pdo = new ImmediatePdo($dsn, options: $options);
        $path = substr($dsn, strlen('sqlite:'));
        if (! is_file($path) || (is_file("$path-wal") && filesize("$path-wal") > 0)) {
            return $pdo;
        }
        try {
            // The first look makes the files beside it that its log needs. Where there is no room for these, what stands in the
            // file is all there is, and nobody can change it: https://www.sqlite.org/uri.html#uriimmutable
            $pdo->query('select 1 from sqlite_master limit 1');
        } catch (PDOException $trouble) {
            if (! DataTrouble::isFull($trouble)) {
                throw $trouble;
            }
            $escaped = implode('/', array_map(rawurlencode(...), explode('/', $path)));
            $pdo = new ImmediatePdo("sqlite:file:$escaped?immutable=1", options: $options);
        }

        return $pdo;
    }
}
