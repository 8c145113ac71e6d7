<?php

declare(strict_types=1);

namespace Lira\Feel;

/**
 * The tensions at which a string feels right to somebody, found by trying: the same string was tuned up and down, and each
 * time called too loose, right or too tight. Newtons; worked out on the logarithm, as the ear and the hand do.
 */
final readonly class FeltRange
{
    /** Half the band around a tension called right, until a verdict beside it narrows that: what hands do not notice. */
    private const UNNOTICED = 0.04;

    /** How far beyond a verdict the right tension is looked for while nothing was right: half a semitone, 2^(1/12) − 1. */
    private const HALF_A_SEMITONE = 0.0595;

    private function __construct(public float $lowN, public float $aimN, public float $highN) {}

    /**
     * What the verdicts come to. A later verdict that contradicts an earlier one counts instead of it. Tensions called right
     * make the band; a verdict of too loose or too tight beside it cuts it off half way.
     *
     * @param  list<array{float, Verdict}>  $verdicts  tension in newtons and what was said, in the order in which they were tried
     */
    public static function from(array $verdicts): ?self
    {
        if ($verdicts === []) {
            return null;
        }
        $kept = self::consistent($verdicts);
        $of = static fn (Verdict $said): array => array_column(array_filter($kept, static fn (array $each): bool => $each[1] === $said), 0);
        [$right, $loose, $tight] = [$of(Verdict::Right), $of(Verdict::TooLoose), $of(Verdict::TooTight)];
        if ($right !== []) {
            [$least, $most] = [min($right), max($right)];
        } elseif ($loose !== [] && $tight !== []) {
            $least = $most = sqrt(max($loose) * min($tight));
        } elseif ($loose !== []) {
            $least = $most = max($loose) * (1 + self::HALF_A_SEMITONE);
        } elseif ($tight !== []) {
            $least = $most = min($tight) / (1 + self::HALF_A_SEMITONE);
        } else {
            return null;
        }
        $low = $least * (1 - self::UNNOTICED);
        $high = $most * (1 + self::UNNOTICED);

        return new self(
            $loose === [] ? $low : max($low, sqrt(max($loose) * $least)),
            sqrt($least * $most),
            $tight === [] ? $high : min($high, sqrt(min($tight) * $most)),
        );
    }

    /** The range of another target in the same proportion. */
    public function times(float $factor): self
    {
        return new self($this->lowN * $factor, $this->aimN * $factor, $this->highN * $factor);
    }

    public function holds(float $tensionN): bool
    {
        return $tensionN >= $this->lowN && $tensionN <= $this->highN;
    }

    /**
     * @param  list<array{float, Verdict}>  $verdicts
     * @return list<array{float, Verdict}>
     */
    private static function consistent(array $verdicts): array
    {
        $kept = [];
        foreach ($verdicts as $verdict) {
            $kept = array_values(array_filter($kept, static fn (array $earlier): bool => ! self::contradict($earlier, $verdict)));
            $kept[] = $verdict;
        }

        return $kept;
    }

    /**
     * A string cannot be the tighter of two by its verdict and not by its tension.
     *
     * @param  array{float, Verdict}  $a
     * @param  array{float, Verdict}  $b
     */
    private static function contradict(array $a, array $b): bool
    {
        $tightness = static fn (Verdict $said): int => match ($said) {
            Verdict::TooLoose => -1,
            Verdict::Right => 0,
            Verdict::TooTight => 1,
        };
        $said = $tightness($a[1]) <=> $tightness($b[1]);

        return $said !== 0 && ($a[0] <=> $b[0]) !== $said;
    }
}
