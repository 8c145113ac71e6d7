<?php

declare(strict_types=1);

namespace Lira\Coupling;

/**
 * Strings that hang on one instrument: turning the tuner of one moves the ends by C ΣΔT, and with them every other string
 * (physics: ΔT_j = k_j (δ_j − u), u = C ΣΔT). A string that is slack counts from its own turn on.
 */
final readonly class Coupled
{
    /** So fine is what has to be found where a ceiling keeps a pass from landing. */
    private const SHARES = [1.0, 0.75, 0.5, 0.25];

    private const MOST_PASSES = 40;

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
        $stiffness = $this->pullingNPerM();
        [$wound, $windings] = [0.0, []];
        foreach ($this->order as $position) {
            $string = $this->strings[$position];
            $stiffness += $string->presentN === null ? $string->stiffnessNPerM : 0.0;
            $gives = $string->stiffnessNPerM * $this->complianceMPerN / (1 + $this->complianceMPerN * $stiffness);
            $windings[$position] = ($string->wantedN - (float) $string->presentN + $gives * $wound) / (1 - $gives);
            $wound += $windings[$position];
        }
        $moved = $this->movedM($wound, $stiffness);

        return array_map(static fn (HungString $string): ?float => $string->presentN === null && ! isset($windings[$string->position]) ? null
            : (float) $string->presentN + ($windings[$string->position] ?? 0.0) - $string->stiffnessNPerM * $moved, $this->strings);
    }

    /** What part of the way this pass may go, so that no string is asked above its ceiling: 1, ¾, ½, ¼, or less where it must. */
    public function share(): float
    {
        $most = INF;
        foreach ($this->leaveN() as $position => $leaveN) {
            $from = (float) $this->strings[$position]->presentN;
            $most = $leaveN > $from ? min($most, ($this->strings[$position]->ceilingN - $from) / ($leaveN - $from)) : $most;
        }
        foreach (self::SHARES as $share) {
            if ($share <= $most) {
                return $share;
            }
        }

        return max(0.0, $most);
    }

    /** So far and no farther: every string a part of its way. */
    public function part(float $share): self
    {
        return $this->with(array_map(static fn (HungString $string): HungString => $string->at(
            $string->presentN, (float) $string->presentN + $share * ($string->wantedN - (float) $string->presentN),
        ), $this->strings));
    }

    /** How many passes it takes to land, each going as far as its ceiling lets it. */
    public function passes(): int
    {
        $left = $this;
        $pass = 1;
        for ($share = $left->share(); $share < 1.0 && $pass < self::MOST_PASSES; $share = $left->share()) {
            $pass++;
            $after = $left->part($share)->afterN();
            $left = $left->with(array_map(
                static fn (HungString $string): HungString => $string->at($after[$string->position], $string->wantedN),
                $left->strings,
            ));
        }

        return $pass;
    }

    /** @param  array<int, HungString>  $strings */
    private function with(array $strings): self
    {
        return new self(array_values($strings), $this->order, $this->complianceMPerN);
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
