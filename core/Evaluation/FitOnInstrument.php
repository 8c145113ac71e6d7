<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Fit\BreakAngle;
use Lira\Fit\Leave;
use Lira\Fit\OnPost;
use Lira\Fit\Post;
use Lira\Fit\Pulled;
use Lira\Instrument\Hardware;
use Lira\Limit\Limit;
use Lira\Limit\Limits;
use Lira\Strings\BuiltString;

/**
 * One string on its post, nut and saddle: turns, angles and lengths, as far as the hardware was measured (null where not).
 * Lengths in metres, angles in degrees.
 */
final readonly class FitOnInstrument
{
    /** From nut to post, until it is measured: enough to know by how much the string stretches. */
    private const USUALLY_TO_POST_M = 0.150;

    /**
     * @param  float  $usualTurns  that hold, by the kind of post and string
     * @param  float  $turns  that will really be on the post
     * @param  ?float  $turnsNeeded  for the least angle behind the nut; null where it is not known, or a tree sets the angle
     * @param  Leave  $leave  what to leave and where to cut
     * @param  float  $postsPast  where to cut, counted in spacings of the posts
     * @param  ?float  $neededM  from what holds its end to where it is cut
     */
    private function __construct(
        public float $usualTurns,
        public float $turns,
        public ?float $turnsNeeded,
        public ?float $nutAngleDeg,
        public Leave $leave,
        public float $postsPast,
        public ?float $saddleAngleDeg,
        public ?float $neededM,
    ) {}

    /**
     * @param  float  $tensionN  once it is tuned, newtons
     * @param  float  $extraLengthM  string beyond nut and saddle that stretches along, metres
     * @param  float  $moreTurns  that somebody likes beyond the usual
     */
    public static function of(
        BuiltString $string,
        int $position,
        float $scaleLengthM,
        float $tensionN,
        float $extraLengthM,
        Hardware $hardware,
        Limits $limits,
        float $moreTurns = 0.0,
    ): self {
        $posts = $hardware->posts;
        $type = $string->spec->type;
        $diameterM = $string->build->outerDiameterM;
        $usual = Post::usualTurns($posts->type, $type);
        $most = min(
            Post::mostTurns($posts->type, $type),
            $posts->roomBelowHoleM === null ? INF : Post::roomForTurns($posts->roomBelowHoleM, $diameterM),
        );
        $angle = self::angle($hardware, $position);
        $needed = $angle?->turnsFor(deg2rad($limits->of(Limit::NutAngle)), $diameterM);
        // Where a tree sets the angle, turns on the post change nothing; nor do they where they do not go down it.
        $fixed = isset($hardware->trees[$position]) || ! $posts->type->windsDown();
        $wanted = min(max($usual + $moreTurns, $fixed ? 0.0 : $needed ?? 0.0), $most);
        $leave = Leave::of($wanted, new OnPost($posts->type, $posts->diameterM, $posts->socketM), new Pulled(
            $type,
            $diameterM,
            $string->build->core,
            $tensionN,
            $scaleLengthM + $extraLengthM + ($posts->distanceM($position) ?? self::USUALLY_TO_POST_M),
            $scaleLengthM,
            $hardware->anchor->knotM($string->spec->end, $type->construction->isWound()),
        ));
        $turns = $leave->turns;
        $saddle = $hardware->saddle->breakAngleRad($hardware->wrapsOver());
        $distanceM = $posts->distanceM($position);

        return new self(
            $usual,
            $turns,
            $fixed ? null : $needed,
            $angle === null ? null : rad2deg($angle->withTurnsRad($fixed ? 0.0 : $turns, $diameterM)),
            $leave,
            $leave->cutPastPostM / $posts->spacingM,
            $saddle === null ? null : rad2deg($saddle),
            $distanceM === null || $hardware->saddle->beyondM === null ? null
                : $hardware->saddle->beyondM + $scaleLengthM + $distanceM + $leave->cutPastPostM,
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
