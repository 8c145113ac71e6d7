<?php

declare(strict_types=1);

namespace Lira\Drawing;

use Lira\Design\SetDesign;
use Lira\Finding\Assessment;
use Lira\Finding\Finding;
use Lira\Finding\Place;

/** An instrument drawn to scale from what was measured, with a set of strings on it and marks where something was found. */
final readonly class InstrumentDrawing
{
    /**
     * @param  list<StringDrawn>  $strings  string 1 first
     * @param  list<Mark>  $marks
     * @param  list<string>  $assumed  what was not measured and is drawn as it usually is
     */
    private function __construct(
        public NeckPlan $neck,
        public Headstock $headstock,
        public array $strings,
        public array $marks,
        public array $assumed,
    ) {}

    public static function of(SetDesign $design, Assessment $assessment): self
    {
        $evaluation = $assessment->evaluation;
        $instrument = $design->instrument;
        $neck = NeckPlan::of($instrument, count($evaluation->strings));
        $headstock = Headstock::of($instrument, $neck, $evaluation->strings);
        $strings = [];
        foreach ($evaluation->strings as $index => $string) {
            $stand = SaddleStand::of($string, $instrument->hardware->saddle);
            $setbackM = $stand->estimateM ?? 0.0;
            $stringM = $string->string->build->outerDiameterM;
            $slotM = $instrument->hardware->nutSlotM($string->position);
            $strings[] = new StringDrawn(
                $string,
                $neck->starts[$index],
                new Point($neck->saddles[$index]->x + $setbackM, $neck->saddles[$index]->y),
                $neck->saddles[$index],
                $headstock->posts[$index],
                $slotM === null ? null : SlotSeat::of($slotM, $stringM),
                PostWinds::of($instrument->hardware->posts, $string->fit, $stringM),
                $stand,
                SideView::of(
                    $instrument->hardware,
                    $string->position,
                    $instrument->hardware->posts->type->windsDown() ? $string->fit->turns : 0.0,
                    $stringM,
                    $string->speakingLengthM + $setbackM,
                ),
            );
        }
        $assumed = array_keys(array_filter([
            'spacing of the strings' => $neck->spreadAssumed,
            'number of frets' => $neck->fretsAssumed,
            'places of the posts' => $headstock->assumed,
        ]));

        return new self($neck, $headstock, $strings, self::marks($strings, $assessment->findings), $assumed);
    }

    /**
     * @param  list<StringDrawn>  $strings
     * @param  list<Finding>  $findings
     * @return list<Mark>
     */
    private static function marks(array $strings, array $findings): array
    {
        $marks = [];
        foreach ($findings as $index => $finding) {
            $place = $finding->type->place;
            $drawn = $finding->position === null ? null : ($strings[$finding->position - 1] ?? null);
            $marks[] = new Mark(
                $index,
                $place,
                $finding->position,
                $drawn === null ? self::onAll($strings, $place) : self::on($drawn, $place),
            );
        }

        return $marks;
    }

    private static function on(StringDrawn $drawn, Place $place): Point
    {
        return match ($place) {
            Place::Post => $drawn->post->centre,
            Place::BehindNut => $drawn->start->towards($drawn->post->tangent, 0.5),
            Place::Nut => $drawn->start,
            Place::String, Place::Neck => $drawn->start->towards($drawn->scaleEnd, 0.5),
            Place::Saddle => $drawn->saddle,
            Place::BehindSaddle, Place::Anchor => new Point($drawn->saddle->x + 0.02, $drawn->saddle->y),
        };
    }

    /**
     * What is found of the whole instrument is marked in the middle of its strings.
     *
     * @param  list<StringDrawn>  $strings
     */
    private static function onAll(array $strings, Place $place): Point
    {
        $points = array_map(static fn (StringDrawn $drawn): Point => self::on($drawn, $place), $strings);
        $count = max(1, count($points));

        return new Point(
            array_sum(array_map(static fn (Point $point): float => $point->x, $points)) / $count,
            array_sum(array_map(static fn (Point $point): float => $point->y, $points)) / $count,
        );
    }
}
