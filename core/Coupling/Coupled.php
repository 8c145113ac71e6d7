<?php

declare(strict_types=1);

namespace Lira\Coupling;

/**
 * Strings that hang on one instrument: turning the tuner of one moves the ends by C ΣΔT, and with them every other string
 * (physics: ΔT_j = k_j (δ_j − u), u = C ΣΔT). A string that is slack counts from its own turn on.
 */
final readonly class Coupled
{
    /** How much of its way a pass goes where a ceiling keeps it from landing: the first of these that keeps every string under it. */
    private const SHARES = [1.0, 0.75, 0.5, 0.25, 0.125, 0.0625, 0.03125, self::LEAST_SHARE];

    private const LEAST_SHARE = 0.015625;

    /** @var array<int, HungString> by position */
    private array $strings;

    /**
     * @param  list<HungString>  $strings
     * @param  list<int>  $order  of the tuners that are turned, each once; the others stay as they are
     * @param  float  $complianceMPerN  of what they hang on, at least 0
     */
    public function __construct(array $strings, private array $order, private float $complianceMPerN)
    {
        $this->strings = array_column($strings, null, 'position');
    }

    /**
     * What each string must pull when its turn comes, so that all stand at what is wanted after the last one.
     *
     * @return array<int, float> newtons, by position, in order
     */
    public function leaveN(): array
    {
        $windings = $this->windingsN();
        $stiffness = $this->pullingNPerM();
        $wound = 0.0;
        $leave = [];
        foreach ($this->order as $position) {
            $string = $this->strings[$position];
            $wound += $windings[$position];
            $stiffness += $string->presentN === null ? $string->stiffnessNPerM : 0.0;
            $leave[$position] = (float) $string->presentN + $windings[$position] - $string->stiffnessNPerM * $this->movedM($wound, $stiffness);
        }

        return $leave;
    }

    /**
     * How far each tuner is wound in all, positive tightens.
     *
     * @return array<int, ?float> metres of string, by position, in order; null where its stiffness is not known
     */
    public function windM(): array
    {
        $wound = [];
        foreach ($this->windingsN() as $position => $windingN) {
            $stiffness = $this->strings[$position]->stiffnessNPerM;
            $wound[$position] = $stiffness > 0.0 ? $windingN / $stiffness : null;
        }

        return $wound;
    }

    /**
     * Where every string stands once the pass is over.
     *
     * @return array<int, ?float> newtons, by position; null of what was left slack
     */
    public function afterN(): array
    {
        $moved = $this->complianceMPerN * $this->changeN() / (1 + $this->complianceMPerN * $this->leftOutNPerM());

        return array_map(fn (HungString $string): ?float => match (true) {
            in_array($string->position, $this->order, true) => $string->wantedN,
            $string->presentN === null => null,
            default => $string->presentN - $string->stiffnessNPerM * $moved,
        }, $this->strings);
    }

    /**
     * Where every string would stand had each been brought to what is wanted of it in its turn, and left there.
     *
     * @return array<int, ?float> newtons, by position
     */
    public function withoutN(): array
    {
        return $this->broughtN(array_map(static fn (HungString $string): float => $string->wantedN, $this->strings));
    }

    /**
     * Where every string stands once each of the order was brought, in its turn, to pull so much there.
     *
     * @param  array<int, float>  $goalsN  newtons, by position
     * @return array<int, ?float> newtons, by position; null of what was left slack
     */
    public function broughtN(array $goalsN): array
    {
        $stiffness = $this->pullingNPerM();
        [$wound, $windings] = [0.0, []];
        foreach ($this->order as $position) {
            $string = $this->strings[$position];
            $stiffness += $string->presentN === null ? $string->stiffnessNPerM : 0.0;
            $gives = $string->stiffnessNPerM * $this->complianceMPerN / (1 + $this->complianceMPerN * $stiffness);
            $windings[$position] = ($goalsN[$position] - (float) $string->presentN + $gives * $wound) / (1 - $gives);
            $wound += $windings[$position];
        }
        $moved = $this->movedM($wound, $stiffness);

        return array_map(static fn (HungString $string): ?float => $string->presentN === null && ! isset($windings[$string->position]) ? null
            : (float) $string->presentN + ($windings[$string->position] ?? 0.0) - $string->stiffnessNPerM * $moved, $this->strings);
    }

    /**
     * What part of the way this pass may go, so that no string is asked above its ceiling, nor one that stands above it higher than it
     * stands: 1, ¾, ½, ¼, then halves of that. The smallest, 1/64, is taken where none does.
     */
    public function share(): float
    {
        $most = INF;
        foreach ($this->leaveN() as $position => $leaveN) {
            $from = (float) $this->strings[$position]->presentN;
            $above = max(0.0, $this->strings[$position]->ceilingN - $from);
            $most = $leaveN > $from ? min($most, $above / ($leaveN - $from)) : $most;
        }
        foreach (self::SHARES as $share) {
            // What is asked exactly at the ceiling is not above it.
            if ($share <= $most * (1 + 1e-12)) {
                return $share;
            }
        }

        return self::LEAST_SHARE;
    }

    /** Whether even the smallest part of the way asks some string above its ceiling. */
    public function isStuck(): bool
    {
        $part = $this->part(self::LEAST_SHARE)->leaveN();

        return $this->share() === self::LEAST_SHARE && array_filter($part, fn (float $leaveN, int $position): bool => $leaveN > (1 + 1e-12) * max(
            $this->strings[$position]->ceilingN,
            (float) $this->strings[$position]->presentN,
        ), ARRAY_FILTER_USE_BOTH) !== [];
    }

    /** So far and no farther: every string a part of its way. */
    public function part(float $share): self
    {
        return $this->with(array_map(static fn (HungString $string): HungString => $string->at(
            $string->presentN, (float) $string->presentN + $share * ($string->wantedN - (float) $string->presentN),
        ), $this->strings));
    }

    /**
     * The same once its strings pull so much.
     *
     * @param  array<int, ?float>  $presentN  newtons, by position
     */
    public function standing(array $presentN): self
    {
        return $this->with(array_map(
            static fn (HungString $string): HungString => $string->at($presentN[$string->position], $string->wantedN),
            $this->strings,
        ));
    }

    /** The same on an instrument that gives more or less, with stiffer or softer strings. */
    public function on(Ends $ends): self
    {
        return new self(array_values(array_map(
            static fn (HungString $string): HungString => $string->withStiffness($ends->stiffnessNPerM[$string->position] ?? $string->stiffnessNPerM),
            $this->strings,
        )), $this->order, $ends->complianceMPerN);
    }

    /** @param  array<int, HungString>  $strings */
    private function with(array $strings): self
    {
        return new self(array_values($strings), $this->order, $this->complianceMPerN);
    }

    public function string(int $position): HungString
    {
        return $this->strings[$position];
    }

    /** @return list<int> of the tuners that are turned */
    public function order(): array
    {
        return $this->order;
    }

    /** @return array<int, float> k δ of each tuner that is turned: the tension its winding alone would add, newtons */
    private function windingsN(): array
    {
        $moved = $this->complianceMPerN * $this->changeN() / (1 + $this->complianceMPerN * $this->leftOutNPerM());
        $windings = [];
        foreach ($this->order as $position) {
            $string = $this->strings[$position];
            $windings[$position] = $string->wantedN - (float) $string->presentN + $string->stiffnessNPerM * $moved;
        }

        return $windings;
    }

    /** How far the ends have moved once so much was wound: C S/(1 + C K). */
    private function movedM(float $woundN, float $stiffnessNPerM): float
    {
        return $this->complianceMPerN * $woundN / (1 + $this->complianceMPerN * $stiffnessNPerM);
    }

    /** By how much all that are turned will pull more. */
    private function changeN(): float
    {
        return array_sum(array_map(fn (int $position): float => $this->strings[$position]->wantedN - (float) $this->strings[$position]->presentN, $this->order));
    }

    /** The stiffness of those that pull and are not turned. */
    private function leftOutNPerM(): float
    {
        return array_sum(array_map(fn (HungString $string): float => $string->presentN === null || in_array($string->position, $this->order, true)
            ? 0.0 : $string->stiffnessNPerM, $this->strings));
    }

    /** The stiffness of those that pull before the first turn. */
    private function pullingNPerM(): float
    {
        return array_sum(array_map(static fn (HungString $string): float => $string->presentN === null ? 0.0 : $string->stiffnessNPerM, $this->strings));
    }
}
