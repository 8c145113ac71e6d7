<?php

declare(strict_types=1);

namespace App\Workshop\Sqlite;

/**
 * SQLite whose transactions take the write lock when they begin, waiting for it as long as `busy_timeout` says. With the
 * usual deferred ones, whoever reads first and then writes is refused at once when somebody else wrote in between, and never
 * waits. The framework sees to this by itself from PHP 8.4 on only.
 */
final class LockingPdo extends \PDO
{
    private bool $inTransaction = false;

    public function beginTransaction(): bool
    {
        $this->exec('begin immediate transaction');

        return $this->inTransaction = true;
    }

    public function commit(): bool
    {
        $this->exec('commit transaction');
        $this->inTransaction = false;

        return true;
    }

    public function rollBack(): bool
    {
        $this->inTransaction = false;
        try {
            $this->exec('rollback transaction');
        } catch (\PDOException $failure) {
            // A full disk rolls back by itself.
            if (! str_contains($failure->getMessage(), 'no transaction is active')) {
                throw $failure;
            }
        }

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->inTransaction;
    }
}
