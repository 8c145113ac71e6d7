<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Drawing\InstrumentDrawing;
use Lira\Drawing\Mark;
use Lira\Drawing\Point;
use Lira\Drawing\PostWinds;
use Lira\Drawing\SaddleStand;
use Lira\Drawing\SideView;
use Lira\Drawing\SlotSeat;
use Lira\Drawing\StringDrawn;
use Lira\Evaluation\Total;
use Lira\Finding\Assessment;
use Lira\Finding\FitCheck;

/** Writes how a set fits its instrument, drawn to scale, as `lira-fit`, version 2. */
final class FitWriter
{
    public const FORMAT = 'lira-fit';

    public const VERSION = 2;

    /** A micrometre: finer than anything is measured or drawn. */
    private const DECIMALS = 3;

    /** @return DrawnFitJson */
    public static function toArray(SetDocument $document, Assessment $assessment): array
    {
        $evaluation = $assessment->evaluation;
        $drawing = InstrumentDrawing::of($document->design, $assessment);

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'name' => $evaluation->name,
            'neck' => [
                'nut_mm' => self::points($drawing->neck->nut()),
                'board_mm' => self::points($drawing->neck->board()),
                'frets_mm' => array_map(self::points(...), $drawing->neck->frets),
            ],
            'headstock' => [
                'layout' => $drawing->headstock->layout->value,
                'outline_mm' => self::points($drawing->headstock->outline),
            ],
            'strings' => array_map(self::string(...), $drawing->strings),
            'totals' => array_map(static fn (Total $total): array => [
                'tuning' => $total->tuning,
                'tension_n' => $total->tensionN,
                'baseline_n' => $total->change?->baselineN,
            ], $evaluation->totals),
            'max_total_n' => $document->design->instrument->hardware->maxTotalN,
            'checks' => array_map(static fn (FitCheck $check): array => [
                'position' => $check->position,
                'aspect' => $check->aspect->value,
                'string' => $check->string,
                'instrument' => $check->instrument,
                'fine' => $check->isMeasured() ? $check->isFine() : null,
            ], FitCheck::all($document->design, $assessment, $document->limits)),
            'findings' => FindingWriter::all($assessment->findings),
            'marks' => array_map(static fn (Mark $mark): array => [
                'finding' => $mark->finding,
                'place' => $mark->place->value,
                'position' => $mark->position,
                'at_mm' => self::point($mark->at),
            ], $drawing->marks),
            'assumed' => $drawing->assumed,
        ];
    }

    /** @return StringDrawnJson */
    private static function string(StringDrawn $drawn): array
    {
        $string = $drawn->string;

        return [
            'position' => $string->position,
            'diameter_mm' => self::mm($string->string->build->outerDiameterM),
            ...StringTypeWriter::toArray($string->string->spec->type),
            'start_mm' => self::point($drawn->start),
            'scale_end_mm' => self::point($drawn->scaleEnd),
            'saddle_mm' => self::point($drawn->saddle),
            'post' => [
                'centre_mm' => self::point($drawn->post->centre),
                'radius_mm' => self::mm($drawn->post->radiusM),
                'tangent_mm' => self::point($drawn->post->tangent),
                'tree_mm' => $drawn->post->tree === null ? null : self::point($drawn->post->tree),
                'turns' => $string->fit->turns,
                'length_needed_mm' => $string->fit->neededM === null ? null : self::mm($string->fit->neededM),
                ...array_map(static fn (?float $figure): ?float => $figure === null ? null : round($figure, self::DECIMALS), LeaveWriter::toArray($string->fit)),
            ],
            'seat' => $drawn->seat === null ? null : self::seat($drawn->seat),
            'winds' => $drawn->winds === null ? null : self::winds($drawn->winds),
            'stand' => $drawn->stand === null ? null : self::stand($drawn->stand),
            'side' => self::side($drawn->side),
        ];
    }

    /** @return SlotSeatJson */
    private static function seat(SlotSeat $seat): array
    {
        return [
            'slot_mm' => self::mm($seat->slotM),
            'bottom_mm' => self::mm($seat->bottomM),
            'play_mm' => self::mm($seat->playM),
        ];
    }

    /** @return PostWindsJson */
    private static function winds(PostWinds $winds): array
    {
        return [
            'diameter_mm' => self::mm($winds->diameterM),
            'height_mm' => self::mm($winds->heightM),
            'hole_height_mm' => self::mm($winds->holeHeightM),
            'hole_diameter_mm' => $winds->holeDiameterM === null ? null : self::mm($winds->holeDiameterM),
            'turns_mm' => array_map(self::mm(...), $winds->turnsM),
            'exit_mm' => self::mm($winds->exitM),
            'over_mm' => self::mm($winds->overM),
        ];
    }

    /** @return SaddleStandJson */
    private static function stand(SaddleStand $stand): array
    {
        return [
            'low_mm' => self::mm($stand->lowM),
            'estimate_mm' => self::mm($stand->estimateM),
            'high_mm' => self::mm($stand->highM),
            'travel_mm' => $stand->travelM === null ? null : self::mm($stand->travelM),
            'share' => $stand->share(),
            'screw_turns' => $stand->screwTurns,
            'to_be_measured' => $stand->isToBeMeasured,
        ];
    }

    /** @return SideViewJson */
    private static function side(SideView $side): array
    {
        $maybe = static fn (?Point $point): ?array => $point === null ? null : self::point($point);

        return [
            'post_mm' => $maybe($side->post),
            'tree_mm' => $maybe($side->tree),
            'face_near_mm' => $maybe($side->faceNear),
            'face_far_mm' => $maybe($side->faceFar),
            'saddle_mm' => self::point($side->saddle),
            'anchor_mm' => $maybe($side->anchor),
            'nut_angle_deg' => $side->nutAngleDeg,
            'saddle_angle_deg' => $side->saddleAngleDeg,
        ];
    }

    /**
     * @param  list<Point>  $points
     * @return list<array{float, float}>
     */
    private static function points(array $points): array
    {
        return array_map(self::point(...), $points);
    }

    /** @return array{float, float} */
    private static function point(Point $point): array
    {
        return [self::mm($point->x), self::mm($point->y)];
    }

    private static function mm(float $metres): float
    {
        return round($metres * 1000, self::DECIMALS);
    }
}
