<?php

declare(strict_types=1);

namespace Lira\Evaluation;

use Lira\Strings\BuiltString;

/**
 * By how much a sum of tensions may be off. What strings of a family share adds up, since all are off the same way; families, and
 * what each string has for itself, are independent and add in quadrature. Newtons.
 */
final class TotalBounds
{
    /** @var array<string, array{float, float}> by family: what it may pull less and more, all its strings together */
    private array $families = [];

    private float $lessSquared = 0.0;

    private float $moreSquared = 0.0;

    public function add(BuiltString $string, StringAtPitch $at): void
    {
        $byN = static fn (float $share): float => $string->tension->heavierByN($share, $at->speakingLengthM, $at->frequencyHz) - $at->tensionN;
        $tolerance = $string->density->tolerance;
        $family = $string->spec->type->family();
        [$less, $more] = $this->families[$family] ?? [0.0, 0.0];
        $this->families[$family] = [$less - $byN(-$tolerance->common), $more + $byN($tolerance->common)];
        $this->lessSquared += $byN(-$tolerance->own) ** 2;
        $this->moreSquared += $byN($tolerance->own) ** 2;
    }

    public function lessN(): float
    {
        return sqrt($this->lessSquared + self::squares(array_column($this->families, 0)));
    }

    public function moreN(): float
    {
        return sqrt($this->moreSquared + self::squares(array_column($this->families, 1)));
    }

    /** @param  list<float>  $newtons */
    private static function squares(array $newtons): float
    {
        return array_sum(array_map(static fn (float $one): float => $one ** 2, $newtons));
    }
}
