<?php

declare(strict_types=1);

namespace Lira\Catalogue;

/**
 * Figures as lists write them: with a decimal point or comma, with spaces or points between thousands, as fractions (9 1/2),
 * with or without a unit.
 */
final class Figure
{
    private const UNITS = [
        '"' => ListUnit::Inches, '”' => ListUnit::Inches, 'in' => ListUnit::Inches, 'inch' => ListUnit::Inches,
        'mm' => ListUnit::Millimetres, 'cm' => ListUnit::Centimetres,
        'thou' => ListUnit::Thousandths, 'mil' => ListUnit::Thousandths, 'th' => ListUnit::Thousandths,
        'g/m' => ListUnit::GramsPerM, 'kg/m' => ListUnit::KgPerM, 'lb/in' => ListUnit::PoundsPerInch,
    ];

    /** A number, at least 0; null where it is none. A single point or comma is a decimal sign. */
    public static function number(string $text): ?float
    {
        $text = trim(str_replace(["\u{a0}", "\u{202f}", "'", '’'], [' ', ' ', '', ''], $text));
        if (preg_match('/^(\d+)?\s*(\d+)\s*\/\s*(\d+)$/', $text, $parts) === 1) {
            return (float) $parts[3] === 0.0 ? null : (float) $parts[1] + (float) $parts[2] / (float) $parts[3];
        }
        $text = str_replace(' ', '', $text);
        if (str_contains($text, ',') && str_contains($text, '.')) {
            // Whichever comes last is the decimal sign.
            $text = strrpos($text, ',') > strrpos($text, '.') ? str_replace(['.', ','], ['', '.'], $text) : str_replace(',', '', $text);
        }
        $text = str_replace(',', '.', $text);

        return preg_match('/^\d*\.?\d+$|^\d+\.$/', $text) === 1 && strlen($text) < 20 ? (float) $text : null;
    }

    /**
     * A figure with its unit in SI, in the column's unit where it has none of its own.
     *
     * @return ?float metres or kg/m
     */
    public static function si(string $text, ListUnit $column): ?float
    {
        if (preg_match('/^(.*?\d[\d.,\s\/]*?)\s*("|”|in|inch|mm|cm|thou|mil|th|g\/m|kg\/m|lb\/in)?\.?$/iu', trim($text), $parts) !== 1) {
            return null;
        }
        $number = self::number($parts[1]);
        $unit = self::UNITS[mb_strtolower($parts[2] ?? '')] ?? null;

        return $number === null ? null : $number * ($unit ?? $column)->factor();
    }

    /** A price in hundredths, whatever currency stands beside it. */
    public static function cents(string $text): ?int
    {
        $number = self::number(trim((string) preg_replace('/[\p{Sc}]|[A-Za-z]{3}/u', '', $text)));

        return $number === null || $number > 1e7 ? null : (int) round($number * 100);
    }
}
