<?php

declare(strict_types=1);

namespace Lira\Target;

use Lira\Feel\FeltRange;

/** What a string should pull: the target, and the band around it in which it will do. Newtons. */
final readonly class Band
{
    /** Half the band, as a share of the target: what hands do not notice. */
    public const USUAL_WIDTH = 0.04;

    /** @param  list<array{aspect: StyleAspect, answer: string, share: float}>  $contributions  of the playing style */
    private function __construct(
        public float $targetN,
        public float $lowN,
        public float $highN,
        public float $beforeStyleN,
        public array $contributions,
    ) {}

    /**
     * One band for each string.
     *
     * @param  non-empty-list<float>  $hertz  of the open strings, string 1 first
     * @param  float  $width  half the band, relative, 0 to 0.5
     * @param  list<?FeltRange>  $felt  what was tried out, string 1 first; its band, in proportion, counts instead of the width
     * @return array{Tensions, non-empty-list<self>} the tensions with the style in them, and the bands
     *
     * @throws InvalidTarget if a target comes out of range
     */
    public static function around(
        Tensions $tensions,
        PlayingStyle $style,
        array $hertz,
        float $width = self::USUAL_WIDTH,
        array $felt = [],
    ): array {
        $shares = PlayingStyle::bassShares($hertz);
        $styled = $tensions->times(array_map($style->factor(...), $shares));
        $bands = [];
        foreach ($styled->perStringN as $index => $targetN) {
            $range = $felt[$index] ?? null;
            $range = $range?->times($targetN / $range->aimN);
            $bands[] = new self(
                $targetN,
                $range->lowN ?? $targetN * (1 - $width),
                $range->highN ?? $targetN * (1 + $width),
                $tensions->perStringN[$index],
                $style->contributions($shares[$index]),
            );
        }

        return [$styled, $bands];
    }
}
