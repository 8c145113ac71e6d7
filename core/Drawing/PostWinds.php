<?php

declare(strict_types=1);

namespace Lira\Drawing;

use Lira\Evaluation\FitOnInstrument;
use Lira\Instrument\Posts;
use Lira\Kind\PostType;

/**
 * A post from the side with the string's turns on it, one below the other from its hole down. Heights above the headstock's face, metres.
 */
final readonly class PostWinds
{
    /** What stands above the middle of the hole, where the post's height is not known. */
    private const USUAL_ABOVE_HOLE_M = 3.0e-3;

    /**
     * @param  list<float>  $turnsM  the middle of each turn, the uppermost first; the last may be a part of a turn
     * @param  float  $exitM  where the string leaves towards the nut
     * @param  float  $overM  by how much the turns need more room than there is; 0 where they fit or it is not known
     */
    private function __construct(
        public float $diameterM,
        public float $heightM,
        public float $holeHeightM,
        public ?float $holeDiameterM,
        public float $stringM,
        public array $turnsM,
        public float $exitM,
        public float $overM,
    ) {}

    /** @return ?self null where the post’s hole was not measured, or the turns lie side by side on a roller */
    public static function of(Posts $posts, FitOnInstrument $fit, float $stringM): ?self
    {
        if ($posts->holeHeightM === null || $posts->type === PostType::Roller) {
            return null;
        }
        $turns = [];
        for ($turn = 0; $turn < ceil($fit->turns - 1e-9); $turn++) {
            $turns[] = $posts->holeHeightM - ($turn + 0.5) * $stringM;
        }

        return new self(
            $posts->diameterM,
            max($posts->heightM ?? 0.0, $posts->holeHeightM + self::USUAL_ABOVE_HOLE_M),
            $posts->holeHeightM,
            $posts->holeDiameterM,
            $stringM,
            $turns,
            $posts->holeHeightM - $fit->turns * $stringM,
            $posts->roomBelowHoleM === null ? 0.0 : max(0.0, $fit->turns * $stringM - $posts->roomBelowHoleM),
        );
    }
}
