<?php

declare(strict_types=1);

namespace Lira\Fit;

use Lira\Kind\PostType;
use Lira\Material\Material;
use Lira\Strings\StringType;

/** What is wound on a tuner's post. */
final class Post
{
    /** A shallow head that needs the angle takes up to so many; where that is not enough, a tree is the answer. */
    private const MOST = 4.0;

    /** Turns that hold, by how the end is held: a locking post clamps it, a wound string grips better than a plain one. */
    public static function usualTurns(PostType $post, StringType $string): float
    {
        // Stretched by hand as it is fitted, and thick.
        if ($string->material === Material::Polyurethane) {
            return 1.0;
        }

        return match ($post) {
            PostType::Elastomer => 1.0,
            PostType::Locking => 0.5,
            // Plain polymers are smooth and stretch: one turn more than what else goes on a roller.
            PostType::Roller => ! $string->construction->isWound() && $string->material->properties()->polymer ? 3.0 : 2.0,
            PostType::Standard, PostType::Slotted, PostType::BanjoFifth => $string->construction->isWound() ? 1.5 : 2.0,
        };
    }

    /** The most turns that are wound for the sake of the angle behind the nut. */
    public static function mostTurns(PostType $post, StringType $string): float
    {
        return $string->material === Material::Polyurethane || ! $post->windsDown() ? self::usualTurns($post, $string) : self::MOST;
    }

    /**
     * The string that turns take up: turns · √((π(D + d))² + d²).
     *
     * @param  float  $postDiameterM  metres
     * @param  float  $diameterM  of the string, metres
     * @return float metres
     */
    public static function woundLengthM(float $turns, float $postDiameterM, float $diameterM): float
    {
        return $turns * hypot(M_PI * ($postDiameterM + $diameterM), $diameterM);
    }

    /** The turns for which a post has room below its hole. */
    public static function roomForTurns(float $roomBelowHoleM, float $diameterM): float
    {
        return $roomBelowHoleM / $diameterM;
    }
}
