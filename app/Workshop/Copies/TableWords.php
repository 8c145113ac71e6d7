<?php

declare(strict_types=1);

namespace App\Workshop\Copies;

/** What each table of a workshop and each of its columns says, as docs/formats/tables.json has it. */
final readonly class TableWords
{
    /**
     * @param  array<string, string>  $everywhere  by column
     * @param  array<string, array{says: string, columns: array<string, string>}>  $tables
     */
    private function __construct(private array $everywhere, private array $tables) {}

    public static function here(): self
    {
        /** @var array{everywhere: array<string, string>, tables: array<string, array{says: string, columns: array<string, string>}>} $words */
        $words = json_decode((string) file_get_contents(base_path('docs/formats/tables.json')), true, flags: JSON_THROW_ON_ERROR);

        return new self($words['everywhere'], $words['tables']);
    }

    public function ofTable(string $table): string
    {
        return $this->tables[$table]['says'] ?? '';
    }

    /** @param  ?string  $refersTo  the table that it refers to, where it does */
    public function of(string $table, string $column, ?string $refersTo): string
    {
        return $this->tables[$table]['columns'][$column] ?? ($refersTo === null ? $this->everywhere[$column] ?? '' : "The id of its row in {$refersTo}");
    }
}
