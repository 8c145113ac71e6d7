<?php

declare(strict_types=1);

namespace Lira\Feel;

/** A tension beside the one a player is used to: how much it changed, and how that feels, in words. */
final readonly class FeltChange
{
    /**
     * Up to which change in tension, in whole per cent as it is read, each pair of words holds. A step of one gauge on a plain
     * string is about 10 %; up to 4 % hands rarely notice. Feel is personal: these are bands, not promises.
     */
    private const WORDS = [
        [4, 'feels the same', 'feels the same'],
        [10, 'a little tighter', 'a little slacker'],
        [25, 'tighter', 'slacker'],
    ];

    /** What still reads as 4 %. */
    private const SAME = 0.045;

    private const BEYOND = ['much tighter', 'much slacker'];

    private function __construct(public float $baselineN, public float $tensionN, private ?FeltRange $felt) {}

    /**
     * @param  float  $baselineN  newtons, above zero
     * @param  float  $tensionN  newtons
     * @param  ?FeltRange  $felt  what feels right there, where it was tried out; it counts instead of the usual band
     */
    public static function between(float $baselineN, float $tensionN, ?FeltRange $felt = null): self
    {
        return new self($baselineN, $tensionN, $felt);
    }

    public function newtons(): float
    {
        return $this->tensionN - $this->baselineN;
    }

    /** The relative change: 0.02 is 2 % more. */
    public function share(): float
    {
        return $this->tensionN / $this->baselineN - 1;
    }

    /**
     * The tensions that feel the same as the baseline.
     *
     * @return array{float, float} lowest and highest, newtons
     */
    public function sameBandN(): array
    {
        if ($this->felt !== null) {
            return [$this->felt->lowN, $this->felt->highN];
        }

        return [$this->baselineN * (1 - self::SAME), $this->baselineN * (1 + self::SAME)];
    }

    public function words(): string
    {
        if ($this->felt?->holds($this->tensionN) === true) {
            return self::WORDS[0][1];
        }
        $share = $this->tensionN / ($this->felt->aimN ?? $this->baselineN) - 1;
        $percent = (int) round(100 * round(abs($share), 9));
        [$tighter, $slacker] = self::BEYOND;
        // Where it was tried out, whatever lies outside the range is at least a little off.
        foreach (array_reverse(array_slice(self::WORDS, $this->felt === null ? 0 : 1)) as [$most, $more, $less]) {
            if ($percent <= $most) {
                [$tighter, $slacker] = [$more, $less];
            }
        }

        return $share >= 0 ? $tighter : $slacker;
    }
}
