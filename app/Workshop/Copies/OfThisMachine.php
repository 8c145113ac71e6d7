<?php

declare(strict_types=1);

namespace App\Workshop\Copies;

use App\Workshop\Database;

/**
 * Who was let in belongs to the machine that serves, not to a copy of a workshop: a copy that is brought back brings back nobody who was sent
 * away meanwhile, sends nobody away who was let in since, and lets nobody in on another machine.
 */
final class OfThisMachine
{
    /** What refers to another of them comes first. */
    public const TABLES = ['invitations', 'devices'];

    /** What is in a copy of them makes room for what the present workshop has, if there is one. */
    public static function carryOver(Database $present, Database $next): void
    {
        $devices = self::rows($present);
        $into = $next->hold();
        $columns = self::columns($into);
        $into->beginTransaction();
        foreach (self::TABLES as $table) {
            $into->exec("delete from {$table}");
        }
        foreach ($devices as $device) {
            $known = array_intersect_key($device, array_flip($columns));
            $insert = $into->prepare(sprintf(
                'insert into devices (%s) values (%s)',
                implode(', ', array_map(static fn (string $column): string => "\"{$column}\"", array_keys($known))),
                implode(', ', array_fill(0, count($known), '?')),
            ));
            $insert->execute(array_values($known));
        }
        $into->commit();
        unset($insert, $into);
        $next->settle();
    }

    /** @return list<array<string, mixed>> */
    private static function rows(Database $present): array
    {
        if (! $present->exists() || $present->isHollow()) {
            return [];
        }
        try {
            $statement = $present->hold()->query('select * from devices');
        } catch (\PDOException) {
            // Of a version that let nobody in, or damaged: whoever comes is let in anew.
            return [];
        }
        /** @var list<array<string, mixed>> $rows */
        $rows = $statement === false ? [] : $statement->fetchAll(\PDO::FETCH_ASSOC);

        return $rows;
    }

    /** @return list<string> */
    private static function columns(\PDO $pdo): array
    {
        $statement = $pdo->query('select name from pragma_table_info(\'devices\')');
        /** @var list<string> $names */
        $names = $statement === false ? [] : $statement->fetchAll(\PDO::FETCH_COLUMN);

        return $names;
    }
}
