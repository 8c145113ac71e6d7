<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Density\BuiltString;
use Lira\Solver\Equivalent;

/** One string of a set: what it is, how long it speaks, how it fits, and how it does in each tuning. */
final readonly class EvaluatedString
{
    /**
     * @param  int  $position  1 on the thinnest side
     * @param  list<StringAtPitch>  $tunings  in the document's order
     * @param  list<list<float>>  $poolTensionsN  for each gauge of the pool its tension in each tuning, newtons
     * @param  list<Equivalent>  $equivalents  in each tuning the gauges of the baseline string's make that feel as it did;
     *                                         none without a baseline or a pool
     */
    public function __construct(
        public int $position,
        public float $speakingLengthM,
        public BuiltString $string,
        public FitOnInstrument $fit,
        public array $tunings,
        public array $poolTensionsN,
        public array $equivalents,
    ) {}
}
