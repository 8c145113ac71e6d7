<?php

declare(strict_types=1);

namespace App\Workshop\Sqlite;

use Illuminate\Database\Connectors\SQLiteConnector;

/** Connects so that transactions take the write lock first, on every version of PHP. */
final class LockingConnector extends SQLiteConnector
{
    /**
     * @param  string  $dsn
     * @param  string  $username
     * @param  string  $password
     * @param  array<mixed>  $options
     */
    protected function createPdoConnection($dsn, $username, #[\SensitiveParameter] $password, $options): \PDO
    {
        return new LockingPdo($dsn, $username, $password, $options);
    }
}
