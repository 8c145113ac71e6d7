<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Certainty\Interval;
use Lira\Feel\FeltRange;
use Lira\Pool\Equivalent;
use Lira\Strings\BuiltString;

/** One string of a set: what it is, how long it speaks, how it fits, and how it does in each tuning. */
final readonly class EvaluatedString
{
    /**
     * @param  int  $position  1 on the thinnest side
     * @param  list<StringAtPitch>  $tunings  in the document's order
     * @param  list<list<float>>  $poolTensionsN  for each gauge of the pool its tension in each tuning, newtons
     * @param  list<Equivalent>  $equivalents  in each tuning the gauges of the baseline string's family that feel as it did;
     *                                         none without a baseline or a pool
     * @param  ?Interval  $safeN  the tension at which its core reaches the share of caution, newtons
     * @param  ?FeltRange  $felt  what feels right on it, where it was tried out
     */
    public function __construct(
        public int $position,
        public float $speakingLengthM,
        public BuiltString $string,
        public FitOnInstrument $fit,
        public array $tunings,
        public array $poolTensionsN,
        public array $equivalents,
        public ?Interval $safeN = null,
        public ?FeltRange $felt = null,
    ) {}

    /** Its tension in the tuning where it is slackest, newtons. */
    public function leastN(): float
    {
        return array_reduce($this->tunings, static fn (float $least, StringAtPitch $at): float => min($least, $at->tensionN), INF);
    }

    /** Its tension in the tuning where it is tightest, newtons. */
    public function mostN(): float
    {
        return array_reduce($this->tunings, static fn (float $most, StringAtPitch $at): float => max($most, $at->tensionN), 0.0);
    }

    /** What to aim at to feel like this string in its first tuning, newtons. */
    public function aimN(): float
    {
        return $this->felt->aimN ?? $this->tunings[0]->tensionN;
    }
}
