<?php

declare(strict_types=1);

namespace Lira\Typed;

use Lira\InvalidInput;
use Lira\Length\Length;
use Lira\Strings\StringType;

/** Reads figures as people type them, with or without their unit. What cannot be read is answered with the nearest that can. */
final class Quantity
{
    /** What twelve digits leave: the sums of binary fractions end there. */
    private const DIGITS = 12;

    /**
     * A length above 0.
     *
     * @param  'mm'|'in'  $bare  the unit of a figure without one
     *
     * @throws Unreadable if it is none
     */
    public static function length(string $typed, string $bare = 'mm'): Length
    {
        $match = self::matched(Grammar::length(), $typed);
        $value = $match === null ? null : Grammar::value(array_slice($match, 0, 7));
        if ($match === null || $value === null || $value <= 0) {
            throw Unreadable::quantity($typed, 'a length', '648 mm, 25.5 in or 25 1/2"', array_keys(Grammar::LENGTHS));
        }

        return Length::metres(self::rounded($value * Grammar::LENGTHS[$match[7] === '' ? $bare : $match[7]]));
    }

    /**
     * A gauge, 0.05 to 6 mm, and how the string is made where that is said.
     *
     * @param  'thou'|'mm'  $bare  what a figure without a unit is in
     *
     * @throws Unreadable if it is none, or no string is so thick
     */
    public static function gauge(string $typed, string $bare = 'thou'): TypedGauge
    {
        $match = self::matched(Grammar::gauge(), $typed);
        $value = $match === null ? null : Grammar::value(array_slice($match, 1, 7));
        // A half of what is anybody's guess.
        $isGuess = $match !== null && $match[1] === '' && $match[8] === '';
        if ($match === null || $value === null || $value <= 0 || $isGuess) {
            throw Unreadable::quantity($typed, 'a gauge', '11, .011, 0.28 mm or 26w', [...array_keys(Grammar::gauges()), ...array_keys(Grammar::WINDINGS)]);
        }
        $unit = $match[8] === '' ? self::unitOfBare($value, $bare) : $match[8];
        $metres = self::rounded($value * Grammar::gauges()[$unit]);
        if ($metres < StringType::THINNEST_NM / 1e9 || $metres > StringType::THICKEST_NM / 1e9) {
            throw Unreadable::gauge($typed, $value, $unit);
        }

        return new TypedGauge(Length::metres($metres), Grammar::WINDINGS[$match[9]] ?? Grammar::WINDINGS[$match[0]] ?? null);
    }

    /**
     * A tension above 0, newtons.
     *
     * @param  'N'|'lbf'|'kgf'  $bare  the unit of a figure without one
     *
     * @throws Unreadable if it is none
     */
    public static function tensionN(string $typed, string $bare = 'N'): float
    {
        $match = self::matched(Grammar::tension(), $typed);
        $value = $match === null ? null : Grammar::value(array_slice($match, 0, 7));
        if ($match === null || $value === null || $value <= 0) {
            throw Unreadable::quantity($typed, 'a tension', '73 N, 16.5 lbf or 7.4 kgf', array_keys(Grammar::TENSIONS));
        }

        return self::rounded($value * Grammar::TENSIONS[$match[7] === '' ? mb_strtolower($bare) : $match[7]]);
    }

    /**
     * The unit of a gauge that has none: the one in which there are such strings.
     *
     * @param  'thou'|'mm'  $bare
     */
    private static function unitOfBare(float $value, string $bare): string
    {
        if ($bare === 'mm' && $value < Grammar::THICKEST_MM) {
            return $value < Grammar::THINNEST_MM ? 'in' : 'mm';
        }

        return match (true) {
            $value >= 1 => 'thou',
            $value <= Grammar::THICKEST_IN => 'in',
            default => 'mm',
        };
    }

    /**
     * Every group of a pattern, those that took no part empty; null where it does not match.
     *
     * @return array<int, string>|null
     *
     * @throws InvalidInput if what was typed is no text
     */
    private static function matched(string $pattern, string $typed): ?array
    {
        $matches = preg_match("~{$pattern}~iu", mb_substr($typed, 0, 200), $groups, PREG_UNMATCHED_AS_NULL);
        if ($matches !== 1) {
            return null;
        }

        return array_map(
            static fn (?string $group): string => (string) preg_replace('/\s+/u', ' ', mb_strtolower($group ?? '')),
            array_slice(array_values($groups), 1),
        );
    }

    private static function rounded(float $number): float
    {
        return (float) sprintf('%.'.(self::DIGITS - 1).'e', $number);
    }
}
