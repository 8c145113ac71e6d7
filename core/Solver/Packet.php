<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Strings\BuiltString;

/** A packaged set as it comes, laid along a design: nothing added, nothing left out. */
final readonly class Packet
{
    /**
     * @param  non-empty-list<BuiltString>  $strings  string 1 first, one for each
     * @param  non-empty-list<float>  $shares  by string, how much more it pulls than the design's own, as a share; over several tunings the mean
     * @param  float  $miss  the sum of the squared logarithms
     * @param  float  $totalShare  how much more all of them pull together, as a share
     */
    public function __construct(
        public PackagedSet $set,
        public array $strings,
        public array $shares,
        public float $miss,
        public float $totalShare,
    ) {}

    /**
     * The strings whose gauge or make is another than the design's.
     *
     * @param  list<BuiltString>  $design  string 1 first
     * @return list<int> positions
     */
    public function differs(array $design): array
    {
        $differs = [];
        foreach ($this->strings as $index => $string) {
            if (! isset($design[$index]) || ! $string->spec->type->is($design[$index]->spec->type)) {
                $differs[] = $index + 1;
            }
        }

        return $differs;
    }

    public function mostOff(): float
    {
        return max(array_map(abs(...), $this->shares));
    }
}
