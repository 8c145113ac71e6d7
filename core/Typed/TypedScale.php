<?php

declare(strict_types=1);

namespace Lira\Typed;

use Lira\Kind\Custom;
use Lira\Kind\Kind;
use Lira\Length\InvalidLength;
use Lira\Length\Length;
use Lira\Length\Scale;

/**
 * Reads a scale length in any words: 648, 25.5, 25½", "324 mm to the 12th fret", "25.5 to 27 in" for fanned frets, "short scale". A
 * figure without a unit is in the reader's, where such a scale can be; else in the other.
 */
final class TypedScale
{
    /** Metres by what such a scale is called, on basses and on everything else. */
    private const BASSES = ['extra long' => 0.889, 'long' => 0.8636, 'medium' => 0.8128, 'short' => 0.762];

    private const OTHERS = ['baritone' => 0.6858, 'long' => 0.6477, 'short' => 0.62865];

    private const FANNED = 27 / 25.5;

    private const USUAL = ['', 'usual', 'the usual', 'standard', 'normal', 'regular', 'full', "i don't know", 'don’t know', 'no idea'];

    /** @param  non-empty-list<float>  $metres  one length, or those of the treble and the bass side */
    private function __construct(public readonly array $metres) {}

    /**
     * @param  'mm'|'in'  $bare  the unit of a figure without one
     *
     * @throws Unreadable if it is none
     * @throws InvalidLength outside 100 mm to 2 m
     */
    public static function read(string $typed, Kind $kind, string $bare = 'mm'): self
    {
        $plain = trim((string) preg_replace('~\b(?:scale|length|long scale length|neck)\b~u', '', mb_strtolower(trim(mb_substr($typed, 0, 200)))));
        $plain = trim((string) preg_replace('~\s+~u', ' ', $plain));
        if (in_array($plain, self::USUAL, true)) {
            return new self([Custom::of($kind)->neck->lengthM]);
        }
        $named = ($kind->isBass() ? self::BASSES : self::OTHERS)[str_replace('-', ' ', $plain)] ?? null;
        if ($named !== null) {
            return new self([$named]);
        }
        $half = preg_replace('~\b(?:from )?(?:nut )?(?:at |to )(?:the )?(?:12th|twelfth)(?: fret)?\b|^(?:nut to )?(?:12th|twelfth)(?: fret)?(?: at)?~u', '', $plain);
        if ($half !== null && $half !== $plain) {
            $metres = 2 * self::figure(trim($half), $typed, $bare, Scale::SHORTEST_M / 2, Scale::LONGEST_M / 2);

            return self::checked([$metres]);
        }
        $sides = preg_split('~\s*(?:\bto\b|–|—|\s-\s|(?<=\d|["”″m])-(?=\d+(?:[.,]\d+)?\s*(?:mm|cm|in|["”″]|$))(?!\d+\s*/))\s*|(?<=[\d"”″m])\s*/\s*(?=\d{2})~u', $plain);
        if ($sides !== false && count($sides) === 2 && $sides[0] !== '' && $sides[1] !== '') {
            // "25.5 to 27 in": the unit stands once, at the end.
            $unit = preg_match('~[^\d.,\s½¼¾/-].*$~u', $sides[1], $said) === 1 ? $said[0] : '';
            $first = preg_match('~[^\d.,\s½¼¾/-]~u', $sides[0]) === 1 ? $sides[0] : $sides[0].$unit;

            return self::checked([self::figure($first, $typed, $bare), self::figure($sides[1], $typed, $bare)]);
        }

        return self::checked([self::figure($plain, $typed, $bare)]);
    }

    public static function metres(float $metres): self
    {
        return new self([$metres]);
    }

    /** Fanned frets of which no length is said: the bass side is usually so much longer. */
    public static function fanned(Kind $kind): self
    {
        $treble = Custom::of($kind)->neck->lengthM;

        return new self([$treble, $treble * self::FANNED]);
    }

    /** As set documents say it. */
    public function toJson(): \stdClass
    {
        $mm = array_map(static fn (float $metres): float => round($metres * 1000, 3), $this->metres);

        return count($mm) === 1 || $mm[0] === $mm[1]
            ? (object) ['type' => 'single', 'length_mm' => $mm[0]]
            : (object) ['type' => 'multiscale', 'treble_mm' => min($mm), 'bass_mm' => max($mm)];
    }

    /** @param  'mm'|'in'  $bare */
    private static function figure(string $figure, string $typed, string $bare, float $least = Scale::SHORTEST_M, float $most = Scale::LONGEST_M): float
    {
        try {
            $metres = Quantity::length($figure, $bare)->inMetres();
        } catch (Unreadable $unreadable) {
            throw Unreadable::scale($typed, $unreadable->nearest ?? Nearest::to($figure, [...array_keys(self::BASSES), ...array_keys(self::OTHERS)]));
        }
        if ($metres < $least || $metres > $most) {
            $other = Quantity::length($figure, $bare === 'mm' ? 'in' : 'mm')->inMetres();
            $metres = $other >= $least && $other <= $most ? $other : $metres;
        }

        return $metres;
    }

    /** @param  non-empty-list<float>  $metres */
    private static function checked(array $metres): self
    {
        foreach ($metres as $each) {
            Scale::single(Length::metres($each));
        }

        return new self($metres);
    }
}
