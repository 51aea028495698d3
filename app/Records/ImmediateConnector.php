<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Database\Connectors\SQLiteConnector;
use Lanai\Core\Formula\QueryCall;

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
        $pdo = new ImmediatePdo($dsn, $username, $password, $options);
        $pdo->sqliteCreateFunction('lanai', QueryCall::compute(...));

        return $pdo;
    }
}
