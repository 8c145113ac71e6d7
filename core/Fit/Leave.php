<?php

declare(strict_types=1);

namespace Lira\Fit;

use Lira\Kind\Kind;
use Lira\Kind\PostType;
use Lira\Strings\Core;
use Lira\Strings\StringType;

/**
 * How much string to leave between nut and post, and where to cut it. The turns take up W = turns · √((π(D + d))² + d²); the string
 * stretches by T L_total/EA as it is tuned, and that goes on the post too. Metres.
 */
final readonly class Leave
{
    /** No finer than anybody cuts. */
    private const STEP_M = 0.001;

    private const STEP_ON_BASS_M = 0.005;

    private const TAIL_THROUGH_HOLE_M = 0.005;

    private const USUAL_SOCKET_M = 0.012;

    /**
     * @param  float  $turns  that will really be on the post
     * @param  ?float  $stretchM  by how much it gets longer as it is tuned; null where that is not modelled
     * @param  float  $slackM  what to leave beyond the straight way from nut to post
     * @param  float  $cutPastPostM  where to cut, from the middle of the post
     * @param  float  $liftAt12M  how far the slack lets the string be lifted at the 12th fret
     */
    private function __construct(
        public float $turns,
        public ?float $stretchM,
        public float $slackM,
        public float $cutPastPostM,
        public float $liftAt12M,
    ) {}

    /** @param  float  $turns  that are wanted on the post */
    public static function of(float $turns, OnPost $post, Pulled $string): self
    {
        $oneM = Post::woundLengthM(1.0, $post->diameterM, $string->diameterM);
        $stretchM = $string->core === null ? null : self::stretchM($string->core, $string->tensionN, $string->stretchingM);
        $polymer = $string->core?->material->properties()->polymer === true;
        // One turn too many is better than one too few where the stretch is not sure.
        $slackM = max(
            $turns * $oneM - ($polymer ? 0.5 : 1.0) * (float) $stretchM,
            self::leastTurns($string->type, $polymer) * $oneM,
        );

        return new self(
            ($slackM + (float) $stretchM) / $oneM,
            $stretchM,
            $slackM,
            $slackM + $post->diameterM / 2 + self::tailM($post->type, $post->socketM) + $string->knotM,
            sqrt((($string->speakingM + $slackM) / 2) ** 2 - ($string->speakingM / 2) ** 2),
        );
    }

    /**
     * T L/EA from slack, metres: a few millimetres on steel, up to about 30 on nylon, plain or on floss.
     *
     * @param  float  $stretchingM  all of the string that stretches, metres
     */
    public static function stretchM(Core $core, float $tensionN, float $stretchingM): float
    {
        return $tensionN * $stretchingM / $core->slackStiffnessN();
    }

    /** @return ($metres is null ? null : float) a length as it is measured and cut, metres: to 1 mm, on basses to 5 */
    public static function rounded(?float $metres, Kind $kind): ?float
    {
        $step = $kind->isBass() ? self::STEP_ON_BASS_M : self::STEP_M;

        return $metres === null ? null : round($metres / $step) * $step;
    }

    /** Half a turn holds a plain string, a whole one a wound string on floss. */
    private static function leastTurns(StringType $string, bool $polymer): float
    {
        return match (true) {
            ! $string->construction->isWound() => 0.5,
            $polymer => 1.0,
            default => 0.0,
        };
    }

    private static function tailM(PostType $post, ?float $socketM): float
    {
        return match ($post) {
            PostType::Slotted => $socketM ?? self::USUAL_SOCKET_M,
            PostType::Locking => 0.0,
            PostType::Standard, PostType::Roller, PostType::BanjoFifth, PostType::Elastomer => self::TAIL_THROUGH_HOLE_M,
        };
    }
}
