<?php

declare(strict_types=1);

namespace Lira\Length;

/**
 * The scale of an instrument: how long each open string is between nut and saddle, before compensation.
 *
 * Valid for lengths from 100 mm to 2 m.
 */
final readonly class Scale
{
    public const SHORTEST_M = 0.1;

    public const LONGEST_M = 2.0;

    /**
     * @param  list<float>  $eachM  metres, string 1 first; empty unless every string has its own
     * @param  array<int, int>  $startFrets  fret at which a short string starts, by position
     */
    private function __construct(
        private float $trebleM,
        private float $bassM,
        private array $eachM = [],
        private array $startFrets = [],
    ) {}

    /** One length for all strings. @throws InvalidLength outside 100 mm to 2 m */
    public static function single(Length $length): self
    {
        $metres = self::checked($length);

        return new self($metres, $metres);
    }

    /** Measured from the nut to the 12th fret, and doubled. @throws InvalidLength outside 100 mm to 2 m */
    public static function twiceNutToTwelfth(Length $nutToTwelfth): self
    {
        return self::single(Length::metres(2 * $nutToTwelfth->inMetres()));
    }

    /** Fanned frets: string 1 has the treble length, the last the bass length. @throws InvalidLength outside 100 mm to 2 m */
    public static function multiscale(Length $treble, Length $bass): self
    {
        return new self(self::checked($treble), self::checked($bass));
    }

    /**
     * A length for each string.
     *
     * @param  non-empty-list<Length>  $lengths  string 1 first
     *
     * @throws InvalidLength outside 100 mm to 2 m
     */
    public static function each(array $lengths): self
    {
        $metres = array_map(self::checked(...), $lengths);

        return new self($metres[0], $metres[count($metres) - 1], $metres);
    }

    /**
     * The same scale with one string that starts at a fret, as a banjo's drone does.
     *
     * @throws InvalidLength if there is no such fret or string
     */
    public function withShortString(int $position, int $startsAtFret): self
    {
        if ($position < 1) {
            throw InvalidLength::noSuchString($position, 14);
        }
        Frets::speakingM($this->trebleM, $startsAtFret);

        return new self($this->trebleM, $this->bassM, $this->eachM, [$position => $startsAtFret] + $this->startFrets);
    }

    /**
     * The speaking length of an open string, in metres: strings evenly spaced between treble and bass,
     * L_i = L_treble + (L_bass − L_treble)(i − 1)/(n − 1), less the frets a short string or a capo leaves out.
     *
     * @param  int  $position  1 to the number of strings
     * @param  int  $strings  how many there are
     * @param  int  $capo  fret of the capo, 0 for none; a string that starts beyond it is not touched
     *
     * @throws InvalidLength if there is no such string, or lengths are given for another number of strings
     */
    public function speakingLengthM(int $position, int $strings, int $capo = 0): float
    {
        if ($position < 1 || $position > $strings) {
            throw InvalidLength::noSuchString($position, $strings);
        }
        $length = $this->fullLengthM($position, $strings);

        return Frets::speakingM($length, max($capo, $this->startFrets[$position] ?? 0));
    }

    /** The fret at which a short string starts; 0 for one that starts at the nut. */
    public function startFret(int $position): int
    {
        return $this->startFrets[$position] ?? 0;
    }

    /**
     * The length from the nut, before a short string leaves frets out; metres.
     *
     * @throws InvalidLength if lengths are given for another number of strings
     */
    public function fullLengthM(int $position, int $strings): float
    {
        if ($this->eachM !== []) {
            if (count($this->eachM) !== $strings) {
                throw InvalidLength::wrongCount(count($this->eachM), $strings);
            }

            return $this->eachM[$position - 1];
        }
        if ($strings === 1) {
            return $this->trebleM;
        }

        return $this->trebleM + ($this->bassM - $this->trebleM) * ($position - 1) / ($strings - 1);
    }

    private static function checked(Length $length): float
    {
        $metres = $length->inMetres();
        if ($metres < self::SHORTEST_M || $metres > self::LONGEST_M) {
            throw InvalidLength::scaleOutOfRange($metres);
        }

        return $metres;
    }
}
