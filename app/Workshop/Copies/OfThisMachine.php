<?php

declare(strict_types=1);

namespace App\Workshop\Copies;

use App\Workshop\Database;

/**
 * Who was let in belongs to the machine that serves, not to a copy of a workshop: a copy that is brought back brings back nobody who was sent
 * away meanwhile, sends nobody away who was let in since, and lets nobody in on another machine. Addresses that were given to somebody go on
 * where both know them: of one that is younger than the copy nothing is known there, and another workshop's would show something else.
 */
final class OfThisMachine
{
    /** What refers to another of them comes first. */
    public const TABLES = ['shares', 'invitations', 'devices'];

    /** What is in a copy of them makes room for what the present workshop has, if there is one. */
    public static function carryOver(Database $present, Database $next): void
    {
        $devices = self::rows($present, 'select * from devices');
        $shares = array_column(self::rows($present, 'select * from shares'), null, 'key');
        $into = $next->hold();
        $known = self::read($into, 'select "key" from shares');
        $into->beginTransaction();
        foreach (self::TABLES as $table) {
            $into->exec("delete from {$table}");
        }
        self::write($into, 'devices', $devices);
        self::write($into, 'shares', array_intersect_key($shares, array_column($known, null, 'key')));
        $into->commit();
        unset($into);
        $next->settle();
    }

    /** @return list<SqlRow> */
    private static function rows(Database $present, string $query): array
    {
        if (! $present->exists() || $present->isHollow()) {
            return [];
        }
        try {
            return self::read($present->hold(), $query);
        } catch (\PDOException) {
            // Of a version that let nobody in, or damaged: whoever comes is let in anew.
            return [];
        }
    }

    /** @return list<SqlRow> */
    private static function read(\PDO $pdo, string $query): array
    {
        $statement = $pdo->query($query);
        /** @var list<SqlRow> $rows */
        $rows = $statement === false ? [] : $statement->fetchAll(\PDO::FETCH_ASSOC);

        return $rows;
    }

    /** @param  array<SqlRow>  $rows */
    private static function write(\PDO $into, string $table, array $rows): void
    {
        $columns = array_column(self::read($into, "select name from pragma_table_info('{$table}')"), 'name', 'name');
        foreach ($rows as $row) {
            $known = array_intersect_key($row, $columns);
            $into->prepare(sprintf(
                'insert into %s (%s) values (%s)',
                $table,
                implode(', ', array_map(static fn (string $column): string => "\"{$column}\"", array_keys($known))),
                implode(', ', array_fill(0, count($known), '?')),
            ))->execute(array_values($known));
        }
    }
}
