<?php

declare(strict_types=1);

namespace Lira\Catalogue;

use Lira\Feel\Zones;
use Lira\Kind\Custom;
use Lira\Kind\Kind;
use Lira\Limit\Limit;
use Lira\Limit\Limits;
use Lira\Pitch\Pitch;
use Lira\Pitch\ReferencePitch;
use Lira\Strength\Breaking;
use Lira\Strings\BuiltString;

/** What pitches one string suits on a length: from where it no longer flaps to where it is hard on the hand or may break. */
final readonly class StringSuits
{
    private function __construct(
        public float $lowHz,
        public float $usualHz,
        public float $highHz,
        public ?Pitch $low,
        public ?Pitch $usual,
        public ?Pitch $high,
        public bool $breaks,
    ) {}

    /**
     * By what is usual on a kind of instrument.
     *
     * @param  float  $lengthM  speaking length, metres, above 0
     * @return ?self null where it may break before it stops flapping
     */
    public static function on(BuiltString $string, Kind $kind, float $lengthM): ?self
    {
        $a4 = ReferencePitch::concert();
        $usualN = Custom::of($kind)->strings->tensionN;
        $zones = Zones::usual($usualN);
        $safeN = Breaking::certainlyN($string, Limits::usual()->of(Limit::BreakCaution)) ?? INF;
        $hertz = static fn (float $newtons): float => $string->tension->frequencyHz($newtons, $lengthM);
        if ($safeN <= $zones->slackN) {
            return null;
        }
        [$low, $usual, $high] = [$hertz($zones->slackN), $hertz(min($usualN, $safeN)), $hertz(min($zones->hardN, $safeN))];

        return new self(
            $low,
            $usual,
            $high,
            Pitch::notBelow($low, $a4),
            Pitch::notAbove($usual, $a4),
            Pitch::notAbove($high, $a4),
            $safeN < $zones->hardN,
        );
    }
}
