<?php

declare(strict_types=1);

namespace Lira\Conversion;

use Lira\Design\SetDesign;
use Lira\Pitch\Pitch;
use Lira\Pitch\Tuning;
use Lira\Pitch\TuningNames;

/** What a set is to be converted to. */
final readonly class Conversion
{
    /** A fourth, as from E to B. */
    private const USUAL_SEMITONES = 5;

    /** How far down. */
    public int $semitones;

    /**
     * @param  ?int  $semitones  how far down, for a lower tuning, a baritone and another scale; what is usual by itself
     * @param  int  $fromPosition  the first string that sounds an octave up
     * @param  ?Pitch  $pitch  of an added string; a fourth below the last by itself
     */
    public function __construct(
        public ConversionKind $kind,
        ?int $semitones = null,
        public int $fromPosition = 3,
        public ?Pitch $pitch = null,
    ) {
        // Another scale keeps its tuning unless something else is said.
        $this->semitones = $semitones ?? ($kind === ConversionKind::Scale ? 0 : self::USUAL_SEMITONES);
    }

    /**
     * What a design is tuned to afterwards.
     *
     * @return non-empty-list<Tuning>
     *
     * @throws \Lira\Pitch\InvalidPitch if that leaves the pitches there are
     */
    public function tunings(SetDesign $design): array
    {
        return array_map(function (Tuning $tuning) use ($design): Tuning {
            $pitches = $this->pitches($tuning->pitches);
            $name = $pitches === $tuning->pitches ? $tuning->name : (TuningNames::for($design->instrument->kind, count($pitches))->of($pitches)->name ?? '');
            $cents = $this->kind === ConversionKind::AddLower && $tuning->cents !== [] ? [...$tuning->cents, 0.0] : $tuning->cents;

            return new Tuning($name, $tuning->a4, $pitches, $cents, $tuning->capo);
        }, $design->tunings);
    }

    /**
     * What the strings of one tuning are tuned to afterwards.
     *
     * @param  non-empty-list<Pitch>  $present  string 1 first
     * @return non-empty-list<Pitch>
     *
     * @throws \Lira\Pitch\InvalidPitch if that leaves the pitches there are
     */
    public function pitches(array $present): array
    {
        return match ($this->kind) {
            ConversionKind::Scale, ConversionKind::Lower, ConversionKind::Baritone => $this->semitones === 0 ? $present : array_map(
                fn (Pitch $pitch): Pitch => $pitch->transposed(-$this->semitones),
                $present,
            ),
            ConversionKind::Octave => array_map(
                fn (Pitch $pitch, int $index): Pitch => $index + 1 >= $this->fromPosition ? $pitch->transposed(12) : $pitch,
                $present,
                array_keys($present),
            ),
            ConversionKind::AddLower => [...$present, $this->pitch ?? $present[count($present) - 1]->transposed(-5)],
            ConversionKind::Several => $present,
        };
    }
}
