<?php

declare(strict_types=1);

namespace Lira\Pitch;

/**
 * A pitch by its scientific name: C4 is middle C, A4 the reference. Valid from C-1 to G9.
 *
 * The spelling is kept (E♭3 stays E♭3), so that a document says again what it said.
 */
final readonly class Pitch
{
    private const SEMITONES = ['C' => 0, 'D' => 2, 'E' => 4, 'F' => 5, 'G' => 7, 'A' => 9, 'B' => 11];

    private const SHARPS = ['C', 'C#', 'D', 'D#', 'E', 'F', 'F#', 'G', 'G#', 'A', 'A#', 'B'];

    private const FLATS = ['C', 'Db', 'D', 'Eb', 'E', 'F', 'Gb', 'G', 'Ab', 'A', 'Bb', 'B'];

    private const A4 = 69;

    private const HIGHEST = 127;

    private function __construct(
        private string $letter,
        private int $accidental,
        private int $octave,
    ) {}

    /**
     * Reads a scientific pitch name: a letter, up to two of `#` `♯` or of `b` `♭`, and the octave.
     *
     * @throws InvalidPitch if it is none, has no octave, or lies outside C-1 to G9
     */
    public static function named(string $name): self
    {
        // The same few are asked for again and again; what cannot be read is said each time.
        /** @var array<string, self> $known */
        static $known = [];

        return $known[$name] ??= self::read($name);
    }

    /** @throws InvalidPitch if it is none, has no octave, or lies outside C-1 to G9 */
    private static function read(string $name): self
    {
        $plain = strtr(trim($name), ['♯' => '#', '♭' => 'b']);
        if (preg_match('/^([A-Ga-g])(#{0,2}|b{0,2})(-?\d{1,2})?$/', $plain, $part) !== 1) {
            throw InvalidPitch::unreadable($name);
        }
        if (! isset($part[3])) {
            throw InvalidPitch::octaveMissing(trim($name));
        }

        $signs = strlen($part[2]);
        $pitch = new self(strtoupper($part[1]), str_starts_with($part[2], 'b') ? -$signs : $signs, (int) $part[3]);
        if ($pitch->noteNumber() < 0 || $pitch->noteNumber() > self::HIGHEST) {
            throw InvalidPitch::outOfRange(trim($name));
        }

        return $pitch;
    }

    /**
     * The pitch of a MIDI note number (69 is A4), spelt with sharps or with flats.
     *
     * @throws InvalidPitch outside 0 to 127
     */
    public static function numbered(int $noteNumber, bool $flats = true): self
    {
        if ($noteNumber < 0 || $noteNumber > self::HIGHEST) {
            throw InvalidPitch::outOfRange("Note {$noteNumber}");
        }
        $name = ($flats ? self::FLATS : self::SHARPS)[$noteNumber % 12];

        return new self($name[0], (strlen($name) - 1) * ($flats ? -1 : 1), intdiv($noteNumber, 12) - 1);
    }

    /**
     * The highest pitch that is not above a frequency, spelt with flats; null outside C-1 to G9.
     *
     * @param  float  $hertz  above 0
     */
    public static function notAbove(float $hertz, ReferencePitch $a4): ?self
    {
        return self::numberedOrNone((int) floor(self::noteNumberAt($hertz, $a4) + 1e-9));
    }

    /**
     * The lowest pitch that is not below a frequency, spelt with flats; null outside C-1 to G9.
     *
     * @param  float  $hertz  above 0
     */
    public static function notBelow(float $hertz, ReferencePitch $a4): ?self
    {
        return self::numberedOrNone((int) ceil(self::noteNumberAt($hertz, $a4) - 1e-9));
    }

    /**
     * The pitch nearest to a frequency on the ear's scale, spelt with flats.
     *
     * @param  float  $hertz  above 0
     *
     * @throws InvalidPitch outside C-1 to G9
     */
    public static function nearestTo(float $hertz, ReferencePitch $a4): self
    {
        $pitch = $hertz > 0 && is_finite($hertz) ? self::numberedOrNone((int) round(self::noteNumberAt($hertz, $a4))) : null;

        return $pitch ?? throw InvalidPitch::frequencyOutOfRange($hertz);
    }

    private static function noteNumberAt(float $hertz, ReferencePitch $a4): float
    {
        return self::A4 + 12 * log($hertz / $a4->inHertz(), 2);
    }

    private static function numberedOrNone(int $noteNumber): ?self
    {
        return $noteNumber < 0 || $noteNumber > self::HIGHEST ? null : self::numbered($noteNumber);
    }

    /** The MIDI note number: semitones above C-1; 60 is C4, 69 is A4. */
    public function noteNumber(): int
    {
        return 12 * ($this->octave + 1) + self::SEMITONES[$this->letter] + $this->accidental;
    }

    /** The name as documents write it, such as Eb3. */
    public function name(): string
    {
        return $this->letter.str_repeat($this->accidental < 0 ? 'b' : '#', abs($this->accidental)).$this->octave;
    }

    /** The name as people read it, such as E♭3. */
    public function label(): string
    {
        return $this->letter.str_repeat($this->accidental < 0 ? '♭' : '♯', abs($this->accidental)).$this->octave;
    }

    /**
     * This pitch moved by whole semitones; sharps stay sharps, everything else is spelt with flats.
     *
     * @throws InvalidPitch if that leaves C-1 to G9
     */
    public function transposed(int $semitones): self
    {
        return self::numbered($this->noteNumber() + $semitones, $this->accidental <= 0);
    }

    /**
     * Its frequency in hertz: f = A4 · 2^((n − 69)/12 + cents/1200), equal temperament.
     *
     * @param  float  $cents  offset in cents, -1200 to 1200
     *
     * @throws InvalidPitch if the offset is out of range
     */
    public function frequencyHz(ReferencePitch $a4, float $cents = 0.0): float
    {
        if (! ($cents >= -1200.0 && $cents <= 1200.0)) {
            throw InvalidPitch::centsOutOfRange($cents);
        }

        return $a4->inHertz() * 2 ** (($this->noteNumber() - self::A4) / 12 + $cents / 1200);
    }
}
