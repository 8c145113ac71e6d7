<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Conversion\Conversion;
use Lira\Conversion\ConversionKind;
use Lira\Pitch\Pitch;

/** Reads what a set document asks to be converted to. */
final readonly class ConversionReader
{
    public function __construct(private Problems $problems) {}

    public function read(Node $node, int $strings): ?Conversion
    {
        $kind = $node->oneOf('to', 'a conversion', ConversionKind::class);
        $fewest = $kind === ConversionKind::Scale ? 0 : 1;
        $semitones = $node->has('semitones') ? $node->integer('semitones', 'how many semitones lower') : null;
        if ($semitones !== null && ($semitones < $fewest || $semitones > 12)) {
            $this->problems->add($node->pathOf('semitones'), "Go {$fewest} to 12 semitones lower.");
        }
        $from = $node->has('from_position') ? $node->integer(
            'from_position',
            'the first string that sounds an octave up',
        ) : min($strings, 3);
        if ($from !== null && ($from < 1 || $from > $strings)) {
            $this->problems->add($node->pathOf('from_position'), "Positions go from 1 to {$strings}.");
        }
        $named = $node->has('pitch') ? $node->text('pitch', 'the pitch of the new string') : null;
        $pitch = $named === null ? null : $this->problems->at($node->pathOf('pitch'), static fn (): Pitch => Pitch::named($named));
        if ($kind === ConversionKind::Scale && ! $node->has('instrument') && ! $node->has('length_mm')) {
            $this->problems->add($node->pathOf('length_mm'), 'Give the instrument that the set is for, or the length of the scale in mm.');
        }
        if ($kind === ConversionKind::Several && count($node->objects('tunings', 'the tunings') ?? []) < 2) {
            $this->problems->add($node->pathOf('tunings'), 'Give at least two tunings that the set must serve.');
        }
        if ($kind === ConversionKind::AddLower && $strings >= SetReader::MOST_STRINGS) {
            $this->problems->add($node->pathOf('to'), sprintf('A set has at most %d strings.', SetReader::MOST_STRINGS));
        }
        $node->knows('instrument', 'length_mm', 'tunings')->reportUnknownKeys();

        return $kind === null || $from === null ? null : new Conversion($kind, $semitones, $from, $pitch);
    }
}
