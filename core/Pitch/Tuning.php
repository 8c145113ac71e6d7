<?php

declare(strict_types=1);

namespace Lira\Pitch;

/** What every string of an instrument is tuned to, string 1 (the thinnest side) first. */
final readonly class Tuning
{
    /**
     * @param  non-empty-list<Pitch>  $pitches  string 1 first
     * @param  list<float>  $cents  one offset for each string, or none at all
     * @param  int  $capo  fret of the capo, 0 for none; the pitches are what sounds with it on
     *
     * @throws InvalidPitch if there are offsets but not one for each string
     */
    public function __construct(
        public string $name,
        public ReferencePitch $a4,
        public array $pitches,
        public array $cents = [],
        public int $capo = 0,
    ) {
        if ($cents !== [] && count($cents) !== count($pitches)) {
            throw InvalidPitch::wrongCount(count($cents), count($pitches));
        }
    }

    public function strings(): int
    {
        return count($this->pitches);
    }

    /** @param  int  $position  1 to the number of strings */
    public function pitch(int $position): Pitch
    {
        return $this->pitches[$position - 1] ?? throw InvalidPitch::wrongCount(count($this->pitches), $position);
    }

    /**
     * The frequency of an open string, in hertz.
     *
     * @param  int  $position  1 to the number of strings
     *
     * @throws InvalidPitch if its offset in cents is out of range
     */
    public function frequencyHz(int $position): float
    {
        return $this->pitch($position)->frequencyHz($this->a4, $this->cents[$position - 1] ?? 0.0);
    }
}
