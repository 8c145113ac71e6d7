<?php

declare(strict_types=1);

namespace Lira\Relief;

/** How relief follows what all strings pull: Δrelief = m ΔΣT. Metres and newtons. */
final readonly class Relief
{
    /** Before anything was measured, to half of itself. */
    private const USUAL_M_PER_N = 1.5e-6;

    private const READ_M = 0.03e-3;

    private const Z = 1.96;

    private function __construct(public float $mPerN, private float $precision) {}

    /** @param  list<array{changeN: float, reliefM: float}>  $pairs  recorded before and after */
    public static function learned(array $pairs): self
    {
        $prior = 1 / (self::USUAL_M_PER_N / 2) ** 2;
        [$products, $squares] = [0.0, 0.0];
        foreach ($pairs as ['changeN' => $change, 'reliefM' => $relief]) {
            $products += $change * $relief / self::READ_M ** 2;
            $squares += $change ** 2 / self::READ_M ** 2;
        }

        return new self(max(0.0, ($products + self::USUAL_M_PER_N * $prior) / ($squares + $prior)), $squares + $prior);
    }

    /** @return array{low: float, estimate: float, high: float} what relief will change by, metres, within its 95 % range */
    public function forecastM(float $changeN): array
    {
        $estimate = $this->mPerN * $changeN;
        $spread = self::Z * sqrt($changeN ** 2 / $this->precision + self::READ_M ** 2);

        return ['low' => $estimate - $spread, 'estimate' => $estimate, 'high' => $estimate + $spread];
    }
}
