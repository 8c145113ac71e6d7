<?php

declare(strict_types=1);

namespace Lira\Typed;

use Lira\Length\Length;
use Lira\Tension\Force;

/**
 * How figures with a unit are spelt: 10.5, 10,5, .011", 25-1/2 in, 25½″, 16.5 lbs, 26w. The browser reads by the same patterns and
 * tables, which bin/generate-words.php writes for it; both are held to one table of spellings.
 */
final class Grammar
{
    /**
     * Seven groups: a whole or decimal number, numerator and denominator behind it, or a fraction sign behind it; else numerator and
     * denominator alone; else a fraction sign alone.
     */
    private const NUMBER = '(?:(\d*[.,]?\d+)(?:(?:\s+|\s*-\s*)(\d+)\s*\/\s*(\d+)|\s*([¼½¾⅓⅔⅛⅜⅝⅞]))?|(\d+)\s*\/\s*(\d+)|([¼½¾⅓⅔⅛⅜⅝⅞]))';

    /** Fraction signs as they are written out. */
    public const SIGNS = ['¼' => ' 1/4', '½' => ' 1/2', '¾' => ' 3/4', '⅓' => ' 1/3', '⅔' => ' 2/3', '⅛' => ' 1/8', '⅜' => ' 3/8', '⅝' => ' 5/8', '⅞' => ' 7/8'];

    /** Every spelling of a unit of length, and how many metres it is. */
    public const LENGTHS = [
        'mm' => 0.001, 'mms' => 0.001, 'millimetre' => 0.001, 'millimetres' => 0.001, 'millimeter' => 0.001, 'millimeters' => 0.001,
        'cm' => 0.01, 'cms' => 0.01, 'centimetre' => 0.01, 'centimetres' => 0.01, 'centimeter' => 0.01, 'centimeters' => 0.01,
        'm' => 1.0, 'metre' => 1.0, 'metres' => 1.0, 'meter' => 1.0, 'meters' => 1.0,
        'in' => Length::METRES_PER_INCH, 'in.' => Length::METRES_PER_INCH, 'zoll' => Length::METRES_PER_INCH, 'ins' => Length::METRES_PER_INCH, 'inch' => Length::METRES_PER_INCH, 'inches' => Length::METRES_PER_INCH,
        '"' => Length::METRES_PER_INCH, '”' => Length::METRES_PER_INCH, '“' => Length::METRES_PER_INCH, '″' => Length::METRES_PER_INCH, "''" => Length::METRES_PER_INCH, '’’' => Length::METRES_PER_INCH,
    ];

    /** Of a unit of gauge beside those, and how many metres it is. */
    public const THOUSANDTHS = [
        'thou' => 0.0000254, 'thous' => 0.0000254, 'thousandth' => 0.0000254, 'thousandths' => 0.0000254,
        'mil' => 0.0000254, 'mils' => 0.0000254, 'th' => 0.0000254, 'ths' => 0.0000254,
    ];

    /** Of a unit of tension, and how many newtons it is: a pound-force is 4.448 221 615 260 5 N, a kilogram-force 9.806 65 N, exactly. */
    public const TENSIONS = [
        'n' => 1.0, 'newton' => 1.0, 'newtons' => 1.0,
        'lbf' => Force::NEWTONS_PER_POUND, 'lb' => Force::NEWTONS_PER_POUND, 'lbs' => Force::NEWTONS_PER_POUND, 'lb.' => Force::NEWTONS_PER_POUND, 'lbs.' => Force::NEWTONS_PER_POUND,
        'pound' => Force::NEWTONS_PER_POUND, 'pounds' => Force::NEWTONS_PER_POUND, 'pounds-force' => Force::NEWTONS_PER_POUND,
        'kgf' => Force::NEWTONS_PER_KILOGRAM, 'kg' => Force::NEWTONS_PER_KILOGRAM, 'kgs' => Force::NEWTONS_PER_KILOGRAM, 'kilo' => Force::NEWTONS_PER_KILOGRAM, 'kilos' => Force::NEWTONS_PER_KILOGRAM, 'kilogram' => Force::NEWTONS_PER_KILOGRAM, 'kilograms' => Force::NEWTONS_PER_KILOGRAM, 'kp' => Force::NEWTONS_PER_KILOGRAM,
    ];

    /** How a string is made, beside its gauge; `wound` leaves open how. */
    public const WINDINGS = [
        'p' => 'plain', 'pl' => 'plain', 'plain' => 'plain', 'w' => 'wound', 'wd' => 'wound', 'wnd' => 'wound', 'wound' => 'wound',
        'rw' => 'round-wound', 'round' => 'round-wound', 'round wound' => 'round-wound', 'round-wound' => 'round-wound', 'roundwound' => 'round-wound',
        'fw' => 'flatwound', 'flat' => 'flatwound', 'flat wound' => 'flatwound', 'flat-wound' => 'flatwound', 'flatwound' => 'flatwound',
        'half-round' => 'half-round', 'half round' => 'half-round', 'tape' => 'tape-wound', 'tape wound' => 'tape-wound', 'tape-wound' => 'tape-wound',
    ];

    /** A bare gauge: from 1 on it counts thousandths of an inch, and below this share of one inches; in between only mm make a string. */
    public const THICKEST_IN = 0.2;

    /** Where gauges are read in mm, a bare one up to the first is mm, one below the second inches. */
    public const THICKEST_MM = 6.0;

    public const THINNEST_MM = 0.05;

    /** @return array<string, float> what each fraction sign comes to */
    public static function fractions(): array
    {
        return array_map(static function (string $written): float {
            [$upper, $lower] = explode('/', trim($written));

            return (float) $upper / (float) $lower;
        }, self::SIGNS);
    }

    /** @return array<string, float> every unit a gauge can be in */
    public static function gauges(): array
    {
        return self::LENGTHS + self::THOUSANDTHS;
    }

    /** @return non-empty-string a pattern without its delimiters, for PCRE and the browser; to match without regard to case, as Unicode */
    public static function length(): string
    {
        return '^\s*'.self::NUMBER.'\s*('.self::any(array_keys(self::LENGTHS)).')?\s*$';
    }

    /** @return non-empty-string the same; its first group and its last are how the string is made */
    public static function gauge(): string
    {
        $windings = self::any(array_keys(self::WINDINGS));

        return '^\s*(?:('.$windings.')\s+)?'.self::NUMBER.'\s*('.self::any(array_keys(self::gauges())).')?\s*('.$windings.')?\s*$';
    }

    /** @return array{string, ?string} what was typed without how the string is made, and that where it is said before or behind it */
    public static function windingAside(string $typed): array
    {
        /** @var ?string $windings the same for every row of a list */
        static $windings = null;
        $windings ??= self::any(array_keys(self::WINDINGS));
        if (preg_match("~^\s*(?:({$windings})\s+)?(.*?\d\S*?(?:\s*(?:mm|in|inch|thou|mil)\b\.?|[\"”″])?)\s*({$windings})?\s*$~iu", $typed, $parts) !== 1) {
            return [$typed, null];
        }
        $said = mb_strtolower((string) preg_replace('~\s+~u', ' ', ($parts[3] ?? '') === '' ? $parts[1] : $parts[3]));

        return [$parts[2], self::WINDINGS[$said] ?? null];
    }

    /** @return non-empty-string the same */
    public static function tension(): string
    {
        return '^\s*'.self::NUMBER.'\s*('.self::any(array_keys(self::TENSIONS)).')?\s*$';
    }

    /** @return non-empty-string a bare number, or one with a sign of its own for a share */
    public static function number(): string
    {
        return '^\s*'.self::NUMBER.'\s*$';
    }

    /**
     * What the seven groups of a number come to.
     *
     * @param  list<string>  $groups
     */
    public static function value(array $groups): ?float
    {
        [$number, $upper, $lower, $sign, $alone, $below, $signAlone] = [...$groups, '', '', '', '', '', '', ''];
        [$upper, $lower] = $upper === '' ? [$alone, $below] : [$upper, $lower];
        if ($upper !== '' && (float) $lower === 0.0) {
            return null;
        }

        return (float) str_replace(',', '.', $number)
            + ($upper === '' ? 0.0 : (float) $upper / (float) $lower)
            + (self::fractions()[$sign === '' ? $signAlone : $sign] ?? 0.0);
    }

    /**
     * One of some spellings, the longest first.
     *
     * @param  list<string>  $spellings
     * @return non-empty-string
     */
    private static function any(array $spellings): string
    {
        usort($spellings, static fn (string $a, string $b): int => mb_strlen($b) <=> mb_strlen($a));

        // PCRE's own quoting escapes more than the browser allows.
        return '(?:'.implode('|', array_map(static fn (string $each): string => str_replace(['.', ' '], ['\.', '\s+'], $each), $spellings)).')';
    }
}
