<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Evaluation\EvaluatedString;
use Lira\Evaluation\SetEvaluation;
use Lira\Evaluation\StringAtPitch;
use Lira\Feel\PluckedTone;

/** Writes how the strings of a set sound when they are plucked, as `lira-sound`, version 1. */
final class SoundWriter
{
    public const FORMAT = 'lira-sound';

    public const VERSION = 1;

    /** @return SoundJson */
    public static function toArray(SetDocument $document, SetEvaluation $evaluation): array
    {
        $fromSaddleM = $document->design->instrument->setup->pickFromSaddleM;

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'name' => $evaluation->name,
            'strings' => array_map(static fn (EvaluatedString $string): array => [
                'position' => $string->position,
                'tunings' => array_map(static fn (StringAtPitch $at): array => [
                    'pitch' => $at->pitch->name(),
                    'partials' => self::partials($string, $at, $fromSaddleM),
                ], $string->tunings),
            ], $evaluation->strings),
        ];
    }

    /** @return list<array{hz: float, amplitude: float, decay_s: float}> to a thousandth, which is more than anybody hears */
    private static function partials(EvaluatedString $string, StringAtPitch $at, float $fromSaddleM): array
    {
        $partials = PluckedTone::partials(
            $at->frequencyHz,
            $at->inharmonicity->estimate ?? 0.0,
            min($fromSaddleM / $at->speakingLengthM, 0.5),
            $string->string->spec->type->material,
            $string->string->spec->type->construction->isWound(),
        );

        return array_map(static fn (array $partial): array => [
            'hz' => round($partial['hz'], 3),
            'amplitude' => round($partial['amplitude'], 5),
            'decay_s' => round($partial['decay_s'], 3),
        ], $partials);
    }
}
