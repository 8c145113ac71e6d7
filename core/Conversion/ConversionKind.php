<?php

declare(strict_types=1);

namespace Lira\Conversion;

/** What an instrument can be turned into, as a starting point for its strings. */
enum ConversionKind: string
{
    /** The same neck, some semitones lower. */
    case Lower = 'lower';
    /** A baritone, on this neck or a longer one. */
    case Baritone = 'baritone';
    /** Onto another scale with the same feel, and lower with it where that is asked. */
    case Scale = 'scale';
    /** The lower courses an octave up. */
    case Octave = 'octave';
    /** One more string below. */
    case AddLower = 'add-lower';
    /** One set for several tunings. */
    case Several = 'several';
}
