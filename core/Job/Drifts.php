<?php

declare(strict_types=1);

namespace Lira\Job;

use Lira\Settling\Settling;
use Lira\Strings\BuiltString;

/**
 * What a new string was found to have drifted by, each time before it was tuned again: after stretching, which tells of its seating,
 * or after it was left alone, which tells of its creep.
 *
 * @phpstan-type Drift array{cents: float, atS: int, rested: bool}
 */
final readonly class Drifts
{
    /**
     * @param  list<Drift>  $found  flat is negative; seconds of the clock
     * @param  ?int  $broughtS  when it was brought to pitch; null where nobody said so
     */
    public function __construct(private array $found, private ?int $broughtS) {}

    /** @return list<float> cents, of each round of stretching */
    public function stretched(): array
    {
        return $this->cents(rested: false);
    }

    /** @return list<float> cents, each time it had been left alone */
    public function rested(): array
    {
        return $this->cents(rested: true);
    }

    public function settling(BuiltString $string, float $tensionN): Settling
    {
        return Settling::of($string, $tensionN, $this->stretched(), $this->readings());
    }

    /** When it was tuned the last time, seconds of the clock; null before any. */
    public function tunedS(): ?int
    {
        return $this->found === [] ? $this->broughtS : $this->found[count($this->found) - 1]['atS'];
    }

    /** When it holds, seconds of the clock; null while that is not known. */
    public function holdsAtS(Settling $settling): ?int
    {
        $tunedS = $this->tunedS();

        return $settling->holdsAfterS === null || $tunedS === null ? null : (int) ceil($tunedS + $settling->holdsAfterS);
    }

    /** @return list<array{tunedS: float, readS: float, cents: float}> seconds since it was brought to pitch */
    private function readings(): array
    {
        $readings = [];
        $broughtS = $this->broughtS ?? $this->found[0]['atS'] ?? 0;
        $tunedS = $broughtS;
        foreach ($this->found as ['cents' => $cents, 'atS' => $atS, 'rested' => $rested]) {
            // A clock that was set back in between says nothing.
            if ($rested && $tunedS >= $broughtS && $atS > $tunedS) {
                $readings[] = ['tunedS' => (float) ($tunedS - $broughtS), 'readS' => (float) ($atS - $broughtS), 'cents' => $cents];
            }
            $tunedS = $atS;
        }

        return $readings;
    }

    /** @return list<float> */
    private function cents(bool $rested): array
    {
        return array_column(array_filter($this->found, static fn (array $drift): bool => $drift['rested'] === $rested), 'cents');
    }
}
