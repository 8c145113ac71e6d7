<?php

declare(strict_types=1);

namespace App\Log\Reports;

/** A column of a table of the log: what it is called, where it comes from, what it says, and how fine its figures are. */
final readonly class Column
{
    /** @param  ?int  $decimals  null where it holds words */
    private function __construct(public string $title, public string $sql, public string $says, private ?int $decimals) {}

    public static function words(string $title, string $sql, string $says): self
    {
        return new self($title, $sql, $says, null);
    }

    public static function figure(string $title, string $sql, int $decimals, string $says): self
    {
        return new self($title, $sql, $says, $decimals);
    }

    public static function yes(string $title, string $sql, string $says): self
    {
        return new self($title, "case when {$sql} then 'yes' else 'no' end", "{$says}: yes or no", null);
    }

    /** What stands in its cell: words, or a figure with the digits that it earns; an empty cell where nothing is known. */
    public function cell(mixed $value): string|int|float
    {
        return match (true) {
            ! is_scalar($value) => '',
            $this->decimals === null || ! is_numeric($value) => (string) $value,
            $this->decimals === 0 => (int) round((float) $value),
            // Minus nothing is nothing.
            default => round((float) $value, $this->decimals) + 0.0,
        };
    }
}
