<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Fit\BreakAngle;
use Lira\Fit\Post;
use Lira\Instrument\Hardware;
use Lira\Instrument\PostType;
use Lira\Limit\Limit;
use Lira\Limit\Limits;
use Lira\Strings\BuiltString;

/**
 * One string on its post, nut and saddle: turns, angles and lengths, as far as the hardware was measured (null where not).
 * Lengths in metres, angles in degrees.
 */
final readonly class FitOnInstrument
{
    private function __construct(
        public float $fewestTurns,
        public float $turns,
        public ?float $turnsNeeded,
        public ?float $nutAngleDeg,
        public ?float $leaveM,
        public ?float $leavePostSpacings,
        public ?float $saddleAngleDeg,
        public ?float $neededM,
    ) {}

    public static function of(BuiltString $string, int $position, float $scaleLengthM, Hardware $hardware, Limits $limits): self
    {
        $posts = $hardware->posts;
        $diameterM = $string->build->outerDiameterM;
        $fewest = Post::fewestTurns($posts->type === PostType::Locking, $string->spec->type->construction);
        $most = $posts->roomBelowHoleM === null ? INF : Post::mostTurns($posts->roomBelowHoleM, $diameterM);
        $angle = self::angle($hardware, $position);
        $needed = $angle?->turnsFor(deg2rad($limits->of(Limit::NutAngle)), $diameterM);
        // Where a tree sets the angle, turns on the post change nothing.
        $treed = isset($hardware->trees[$position]);
        $turns = $treed ? min($fewest, $most) : min(max($fewest, $needed ?? 0.0), max($most, $fewest));
        $leaveM = $posts->diameterM === null ? null : Post::woundLengthM($turns, $posts->diameterM, $diameterM);
        $saddle = $hardware->saddle->breakAngleRad();
        $distanceM = $posts->distanceM($position);

        return new self(
            $fewest,
            $turns,
            $treed ? null : $needed,
            $angle === null ? null : rad2deg($angle->withTurnsRad($treed ? 0.0 : $turns, $diameterM)),
            $leaveM,
            $leaveM === null || $posts->spacingM === null ? null : $leaveM / $posts->spacingM,
            $saddle === null ? null : rad2deg($saddle),
            $leaveM === null || $distanceM === null || $hardware->saddle->beyondM === null ? null
                : $hardware->saddle->beyondM + $scaleLengthM + $distanceM + $leaveM,
        );
    }

    private static function angle(Hardware $hardware, int $position): ?BreakAngle
    {
        $tree = $hardware->trees[$position] ?? null;
        $height = $tree === null ? $hardware->posts->holeHeightM : $tree->heightM;
        $distance = $tree === null ? $hardware->posts->distanceM($position) : $tree->distanceM;

        return $hardware->nutHeightM === null || $height === null || $distance === null ? null
            : new BreakAngle($hardware->nutHeightM, $height, $distance, $hardware->tiltRad);
    }
}
