<?php

declare(strict_types=1);

namespace Lira\Drawing;

use Lira\Evaluation\EvaluatedString;
use Lira\Fit\Intonation;
use Lira\Fit\SaddleSetback;
use Lira\Instrument\Saddle;

/** Where a saddle will have to stand behind the scale length, in the tuning that asks for most; metres. */
final readonly class SaddleStand
{
    private function __construct(
        public float $lowM,
        public float $estimateM,
        public float $highM,
        public ?float $travelM,
        public ?float $screwTurns,
        public bool $isToBeMeasured,
    ) {}

    /** @return ?self null for a string without a modelled core */
    public static function of(EvaluatedString $string, Saddle $saddle): ?self
    {
        $most = null;
        foreach ($string->tunings as $at) {
            if ($at->setbackM !== null && ($most === null || $at->setbackM->estimate > $most->estimate)) {
                $most = $at->setbackM;
            }
        }

        return $most === null ? null : new self(
            $most->low,
            $most->estimate,
            $most->high,
            $saddle->travelM($string->position),
            $saddle->screwPitchM === null ? null : Intonation::screwTurns($most->estimate, $saddle->screwPitchM),
            SaddleSetback::isToBeMeasured($most),
        );
    }

    /** What it takes of the travel there is. */
    public function share(): ?float
    {
        return $this->travelM === null || $this->travelM <= 0.0 ? null : $this->estimateM / $this->travelM;
    }
}
