<?php

declare(strict_types=1);

namespace App\Bench;

use Lira\Document\InstrumentReader;
use Lira\Document\SetDocument;
use Lira\Document\SetName;
use Lira\Document\SetReader;
use Lira\Document\StringTypeWriter;
use Lira\InvalidInput;
use Lira\Pitch\Pitch;
use Lira\Solver\StartingSet;

/** A set to begin with on an instrument: its usual tuning and usual gauges. */
final class NewSet
{
    /**
     * @param  \stdClass  $instrument  the `instrument` part of a set document
     *
     * @throws InvalidInput if it cannot be used
     */
    public static function usual(\stdClass $instrument, int $count): SetDocument
    {
        $on = InstrumentReader::alone($instrument, $count);
        $tuning = StartingSet::tuning($on, $count);
        $strings = StartingSet::strings($on, $tuning);
        $json = (object) [
            'format' => SetReader::FORMAT,
            'version' => SetReader::VERSION,
            'name' => SetName::with($on->name, $tuning->name),
            'instrument' => $instrument,
            'tunings' => [(object) [
                'name' => $tuning->name,
                'a4_hz' => 440,
                'pitches' => array_map(static fn (Pitch $pitch): string => $pitch->name(), $tuning->pitches),
            ]],
            'strings' => [],
        ];
        foreach ($strings as $index => $spec) {
            $json->strings[] = (object) [
                'position' => $index + 1,
                ...StringTypeWriter::toArray($spec->type),
            ];
        }

        return SetDocument::from($json);
    }
}
