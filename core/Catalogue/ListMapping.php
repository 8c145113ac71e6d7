<?php

declare(strict_types=1);

namespace Lira\Catalogue;

use Lira\InvalidInput;
use Lira\Material\Material;
use Lira\Strings\Construction;

/** Which column of a supplier's list says what, in which units, and what every string of it is where no column says so. */
final readonly class ListMapping
{
    /**
     * @param  array<string, int>  $columns  from 0, by the value of each {@see ListField} that has one
     * @param  array<string, ListUnit>  $units  by field
     * @param  ?Construction  $construction  of every string, where there is no column for it
     * @param  ?Material  $material  of every string, where there is no column for it
     */
    private function __construct(
        public array $columns,
        public array $units,
        public ?Construction $construction,
        public ?Material $material,
    ) {}

    /**
     * @param  array<string, int>  $columns
     * @param  array<string, string>  $units
     *
     * @throws InvalidInput if a needed field has no column
     */
    public static function of(array $columns, array $units = [], ?string $construction = null, ?string $material = null): self
    {
        $known = [];
        foreach (ListField::cases() as $field) {
            if (isset($columns[$field->value]) && $columns[$field->value] >= 0) {
                $known[$field->value] = $columns[$field->value];
            } elseif ($field->isNeeded()) {
                throw new InvalidInput("Say which column has the {$field->value}. Without it no row can be used.");
            }
        }
        $in = [];
        foreach ([ListField::Gauge, ListField::Length, ListField::Density] as $field) {
            $unit = ListUnit::tryFrom($units[$field->value] ?? '');
            $in[$field->value] = $unit !== null && in_array($unit, ListUnit::of($field), true) ? $unit : ListUnit::of($field)[0];
        }

        return new self($known, $in, Construction::tryFrom($construction ?? ''), Material::tryFrom($material ?? ''));
    }

    /**
     * The columns whose headers sound like a field; the longest words count first, and no column is taken twice.
     *
     * @param  list<string>  $header
     * @return array<string, int>
     */
    public static function guessed(array $header): array
    {
        $claims = [];
        foreach (ListField::cases() as $field) {
            foreach ($field->words() as $word) {
                foreach ($header as $column => $title) {
                    $title = mb_strtolower(trim($title));
                    if (preg_match('/\b'.preg_quote($word, '/').'/u', $title) === 1) {
                        $claims[] = [mb_strlen($word) + ($title === $word ? 100 : 0), $field->value, $column];
                    }
                }
            }
        }
        usort($claims, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $columns = [];
        foreach ($claims as [, $field, $column]) {
            if (! isset($columns[$field]) && ! in_array($column, $columns, true)) {
                $columns[$field] = $column;
            }
        }

        return $columns;
    }

    /**
     * The cell of a field in a row; empty where there is none.
     *
     * @param  list<string>  $cells
     */
    public function cell(array $cells, ListField $field): string
    {
        $cell = trim($cells[$this->columns[$field->value] ?? -1] ?? '');

        // Cells that a spreadsheet would take for a formula go out marked as text.
        return preg_match("/^'[=+\\-@]/", $cell) === 1 ? substr($cell, 1) : $cell;
    }
}
