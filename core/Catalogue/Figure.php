<?php

declare(strict_types=1);

namespace Lira\Catalogue;

use Lira\Typed\Grammar;

/**
 * Figures as lists write them: with a decimal point or comma, with spaces or points between thousands, as fractions (9 1/2),
 * with or without a unit.
 */
final class Figure
{
    private const DENSITIES = ['g/m' => ListUnit::GramsPerM, 'kg/m' => ListUnit::KgPerM, 'lb/in' => ListUnit::PoundsPerInch];

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
        $text = trim(strtr($text, Grammar::SIGNS));
        if (preg_match('/^(.*?\d[\d.,\s\/]*?)\s*(\p{L}[\p{L}\/]*|["”″]|\'\')?\.?$/iu', $text, $parts) !== 1) {
            return null;
        }
        $number = self::number($parts[1]);
        $unit = mb_strtolower($parts[2] ?? '');
        $factor = $unit === '' ? $column->factor() : (Grammar::gauges()[$unit] ?? (self::DENSITIES[$unit] ?? null)?->factor());

        return $number === null || $factor === null ? null : $number * $factor;
    }

    /** @return array{string, ?string} a gauge without how the string is made, and that, as in 26w */
    public static function madeAside(string $text): array
    {
        return Grammar::windingAside($text);
    }

    /** A price in hundredths, whatever currency stands beside it. */
    public static function cents(string $text): ?int
    {
        $number = self::number(trim((string) preg_replace('/[\p{Sc}]|[A-Za-z]{3}/u', '', $text)));

        return $number === null || $number > 1e7 ? null : (int) round($number * 100);
    }
}
