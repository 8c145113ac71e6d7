<?php

declare(strict_types=1);

namespace App\Workshop\Sqlite;

/**
 * SQLite whose transactions take the write lock when they begin, waiting for it as long as `busy_timeout` says. With the
 * usual deferred ones, whoever reads first and then writes is refused at once when somebody else wrote in between, and never
 * waits. Where SQLite has rolled back by itself, as it does when the disk is full, rolling back is no second fault.
 */
final class LockingPdo extends \PDO
{
    private const BEGIN = 'begin immediate transaction';

    private bool $inTransaction = false;

    public function exec(string $statement): int|false
    {
        try {
            $changed = parent::exec($statement);
        } catch (\PDOException $failure) {
            if (str_starts_with(strtoupper($statement), 'ROLLBACK') && preg_match(
                '/no transaction is active|no such savepoint/',
                $failure->getMessage(),
            ) === 1) {
                return 0;
            }
            throw $failure;
        }
        // From PHP 8.4 on the framework begins in its own words.
        $this->inTransaction = $this->inTransaction || str_starts_with(strtolower($statement), 'begin ');

        return $changed;
    }

    public function beginTransaction(): bool
    {
        $this->exec(self::BEGIN);

        return true;
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
        $this->exec('rollback transaction');

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->inTransaction;
    }
}
