<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Limit\Limit;
use Lira\Limit\Limits;
use Lira\Playing\BestPlace;
use Lira\Playing\NeckFigures;
use Lira\Playing\WholeNeck;

/** A string with a fret that is out of tune even at the least that it may be: its worst. */
final class FretOut implements NeckRule
{
    /** A saddle that stands nearer to its best is not what is wrong. */
    private const SADDLE_OFF_M = 0.5e-3;

    /** So near the nut it is the nut that decides. */
    private const NEAR_NUT = 3;

    public static function type(): FindingType
    {
        return new FindingType(
            'fret-out',
            Place::Neck,
            'String {string} is {cents:1} cents [way=sharp|sharp][way=flat|flat] at fret {fret}, {least:1} at the least. [cause=saddle|Its saddle stands {by_mm:1} off where it is best: move it there.][cause=nut|The nut holds it high: a repairer lowers its slot.][cause=string|No place of its saddle mends that: a string with a thinner core does.]',
        );
    }

    public function find(SetDesign $design, WholeNeck $neck, Limits $limits): array
    {
        $found = [];
        $limit = $limits->of(Limit::FretCents);
        foreach ($neck->strings as $string) {
            [$fret, $least] = self::worst($string);
            if ($fret === 0 || $least <= $limit) {
                continue;
            }
            $offM = $string->best === null || $string->place === null ? 0.0 : $string->place->setbackM - $string->best->place->setbackM;
            [$cause, $remedy] = match (true) {
                $string->isFound && abs($offM) >= self::SADDLE_OFF_M => ['saddle', Remedy::Adjust],
                $fret - $string->line->startFret <= self::NEAR_NUT => ['nut', Remedy::Repairer],
                default => ['string', Remedy::String],
            };
            $found[] = self::type()->caution($remedy, [
                'string' => $string->position,
                'fret' => $fret,
                'cents' => abs($string->cents[$fret]->estimate),
                'least' => $least,
                'way' => $string->cents[$fret]->estimate < 0.0 ? 'flat' : 'sharp',
                'cause' => $cause,
                'by_mm' => 1000 * abs($offM),
            ])->onString($string->position)->inTuning($design->tunings[$neck->tuning]->name)
                ->measured($least, $limit, Unit::Cents, Limit::FretCents->reason());
        }

        return $found;
    }

    /** @return array{int, float} its fret that is the furthest off at its least, and by how many cents; 0 where nothing is known */
    private static function worst(NeckFigures $string): array
    {
        [$worst, $most] = [0, 0.0];
        foreach ($string->cents as $fret => $cents) {
            $least = max(0.0, $cents->low, -$cents->high);
            if ($fret - $string->line->startFret <= BestPlace::FRETS && $least > $most) {
                [$worst, $most] = [$fret, $least];
            }
        }

        return [$worst, $most];
    }
}
