<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Pitch\Pitch;
use Lira\Pitch\ReferencePitch;
use Lira\Reach\Bound;
use Lira\Reach\GaugeReach;
use Lira\Reach\StringReach;

/** Writes how low and how high an instrument can go, as `lira-reach`, version 2. */
final class ReachWriter
{
    public const FORMAT = 'lira-reach';

    public const VERSION = 2;

    /** Drawn and read off, not decided by. */
    private const DECIMALS = 3;

    /** Gauges times strings. */
    private const MOST_GAUGES = 15_000;

    /**
     * @return ReachJson
     *
     * @throws InvalidDocument if the pool is more than can be drawn
     */
    public static function toArray(SetDocument $document): array
    {
        $gauges = count($document->pool->strings ?? []) * count($document->design->strings);
        if ($gauges > self::MOST_GAUGES) {
            throw InvalidDocument::at(
                '/pool',
                sprintf(
                    'How low and how high %s gauges go is more than can be drawn; %s is the most, over all strings. Take a smaller pool.',
                    number_format($gauges),
                    number_format(self::MOST_GAUGES),
                ),
            );
        }
        $reach = $document->reach();
        $a4 = $document->design->tunings[0]->a4;

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'name' => $reach->evaluation->name,
            'tuning' => $document->design->tunings[0]->name,
            'whole' => [
                'down' => self::whole($reach->whole(true)),
                'up' => self::whole($reach->whole(false)),
            ],
            'strings' => array_map(static fn (StringReach $string): array => self::string($string, $a4), $reach->strings),
        ];
    }

    /**
     * @param  array{semitones: float, position: int, bound: Bound}|null  $whole
     * @return WholeReachJson|null
     */
    private static function whole(?array $whole): ?array
    {
        return $whole === null ? null : [
            // What is left of a semitone is of no use.
            'semitones' => (int) floor($whole['semitones'] + 1e-9),
            'position' => $whole['position'],
            'bound' => $whole['bound']->value,
        ];
    }

    /** @return StringReachJson */
    private static function string(StringReach $reach, ReferencePitch $a4): array
    {
        $at = $reach->string->tunings[0];
        [$lowest, $highest] = [$reach->lowest(), $reach->highest()];

        return [
            'position' => $reach->string->position,
            'speaking_length_mm' => $at->speakingLengthM * 1000,
            'pitch' => $at->pitch->name(),
            'frequency_hz' => round($at->frequencyHz, self::DECIMALS),
            'string' => StringTypeWriter::toArray($reach->string->string->spec->type),
            'lowest' => $lowest === null ? null : self::extreme(
                $lowest,
                $lowest->lowHz(),
                $lowest->floor(),
                Pitch::notBelow($lowest->lowHz(), $a4),
            ),
            'highest' => $highest === null ? null : self::extreme(
                $highest,
                $highest->highHz(),
                $highest->ceiling(),
                Pitch::notAbove($highest->highHz(), $a4),
            ),
            'families' => self::families($reach->gauges, $a4),
        ];
    }

    /** @return ReachExtremeJson */
    private static function extreme(GaugeReach $gauge, float $hertz, Bound $bound, ?Pitch $pitch): array
    {
        return [
            'pitch' => $pitch?->name(),
            'frequency_hz' => round($hertz, self::DECIMALS),
            'bound' => $bound->value,
        ] + StringTypeWriter::toArray($gauge->string->spec->type);
    }

    /**
     * @param  list<GaugeReach>  $gauges
     * @return list<ReachFamilyJson>
     */
    private static function families(array $gauges, ReferencePitch $a4): array
    {
        [$families, $written] = [[], []];
        foreach ($gauges as $gauge) {
            $type = $gauge->string->spec->type;
            $family = $type->family();
            $families[$family] = ['construction' => $type->construction->value, 'material' => $type->material->value];
            $written[$family][] = [
                'gauge_in' => $type->gaugeIn(),
                'fits' => $gauge->fits,
                'serves' => $gauge->serves(),
                'low_pitch' => Pitch::notBelow($gauge->lowHz(), $a4)?->name(),
                'low_bound' => $gauge->floor()->value,
                'high_pitch' => $gauge->highHz() > 0.0 ? Pitch::notAbove($gauge->highHz(), $a4)?->name() : null,
                'high_bound' => $gauge->ceiling()->value,
            ]
                + array_map(static fn (?float $hertz): ?float => $hertz === null ? null : round($hertz, self::DECIMALS), [
                    'flaps_hz' => $gauge->at(Bound::Flaps),
                    'dull_hz' => $gauge->at(Bound::Dull),
                    'intonation_hz' => $gauge->at(Bound::Intonation),
                    'breaks_hz' => $gauge->at(Bound::Breaks),
                    'hard_hz' => $gauge->at(Bound::Hard),
                    'overload_hz' => $gauge->at(Bound::Overload),
                ]);
        }

        return array_map(static fn (string $family): array => $families[$family] + ['gauges' => $written[$family]], array_keys($families));
    }
}
