<?php

declare(strict_types=1);

namespace App\Console;

use Lira\Wording\Units;

/**
 * Any answer as it is read on the command line: what is said once stands in one table, each list of like things in one of its own.
 * Figures come as the answer has them, rounded as far as one reads them, with the unit their name says.
 */
final class AnswerTable
{
    /** The unit behind a name, and how many decimals of it one reads. */
    private const UNITS = [
        '_cents' => ['cents', 1], '_mm' => ['mm', 2], '_in' => ['in', 4], '_n' => ['N', 1], '_hz' => ['Hz', 2], '_deg' => ['°', 1],
        '_h' => ['h', 1], '_s' => ['s', 0], '_share' => ['%', 1], '_turns' => ['turns', 2], '_days' => ['days', 1],
    ];

    /** @var list<string> what says only which answer it is */
    private const NOT_READ = ['format', 'version', 'unknown_keys', 'document'];

    /**
     * @param  AnyDocumentJson  $answer
     * @return list<ReadTable>
     */
    public static function of(array $answer): array
    {
        [$once, $tables] = [[], []];
        foreach (array_diff_key($answer, array_flip(self::NOT_READ)) as $name => $value) {
            $rows = self::rows($value);
            if ($rows !== null) {
                $columns = array_keys(array_merge(...array_map(static fn (array $row): array => $row, $rows)));
                $tables[] = new ReadTable(
                    self::words((string) $name),
                    array_map(static fn (int|string $column): string => self::words((string) $column), $columns),
                    array_map(static fn (array $row): array => array_map(
                        static fn (int|string $column): string => self::figure((string) $column, $row[$column] ?? null),
                        $columns,
                    ), $rows),
                );
            } else {
                $once[] = [self::words((string) $name), self::figure((string) $name, $value)];
            }
        }

        return $once === [] ? $tables : [new ReadTable('', ['', ''], $once), ...$tables];
    }

    /** @return non-empty-list<array<array-key, mixed>>|null what is a list of like things, each a row */
    private static function rows(mixed $value): ?array
    {
        $rows = is_array($value) && $value !== [] && array_is_list($value) ? array_values(array_filter($value, is_array(...))) : [];

        return $rows === [] || count($rows) !== count((array) $value) || array_is_list($rows[0]) ? null : $rows;
    }

    private static function words(string $name): string
    {
        foreach (array_keys(self::UNITS) as $ending) {
            $name = str_ends_with($name, $ending) && $name !== ltrim($ending, '_') ? substr($name, 0, -strlen($ending)) : $name;
        }

        return ucfirst(str_replace('_', ' ', $name));
    }

    private static function figure(string $name, mixed $value): string
    {
        if (is_array($value)) {
            return implode(array_is_list($value) ? ', ' : '; ', array_map(
                static fn (int|string $key, mixed $each): string => (is_int($key) ? '' : self::words($key).' ').self::figure(is_int($key) ? $name : $key, $each),
                array_keys($value),
                array_values($value),
            ));
        }
        if (is_bool($value)) {
            return $value ? 'yes' : 'no';
        }
        if (! is_int($value) && ! is_float($value)) {
            return is_string($value) ? $value : '–';
        }
        foreach (self::UNITS as $ending => [$unit, $decimals]) {
            if (str_ends_with($name, $ending)) {
                return Units::trimmed($unit === '%' ? 100 * $value : (float) $value, $decimals)." {$unit}";
            }
        }

        return is_int($value) ? (string) $value : Units::trimmed($value, 3);
    }
}
