<?php

declare(strict_types=1);

namespace Lira\Solver;

use Lira\Design\SetDesign;
use Lira\Wording\Statement;

/**
 * Which strings are plain and which are wound: as in the set that feels right, position by position, by pitch where that has another number
 * of strings. One changes only where its own would be warned of or is not sold, and the other is neither; then the border between plain
 * and wound moves by as few strings as can be. A gain of tension changes none.
 */
final readonly class Constructions
{
    public const CODE = 'construction-changes';

    public const SENTENCE = 'String {string} becomes [to=wound|wound][to=plain|plain]: as a [to=wound|plain][to=plain|wound] one [why=passes-table|it would be past what anybody fits here.][why=thick-for-scale|it would be too thick for its scale.][why=breaks|it would break.][why=unsuitable|it would not suit this instrument.][why=not-sold|no gauge near its aim is sold.][why=border|it would stand on the wrong side of its neighbours.]';

    /** How far the nearest gauge may lie, as a logarithm of the tension, where the pool ends. */
    private const NOT_SOLD = 0.08;

    /** A gauge so near serves: about one step, as a logarithm of the tension. */
    private const NEAR = 0.10;

    /** What changes only because a neighbour does. */
    private const BORDER = 'border';

    private const NOT_SOLD_WORD = 'not-sold';

    /**
     * @param  non-empty-list<bool>  $wound  by string
     * @param  array<int, string>  $changed  why, by the position of each that is not as it was
     * @param  bool  $mixed  whether a plain string stands below a wound one, as it did
     */
    private function __construct(public array $wound, public array $changed, public bool $mixed) {}

    /**
     * @param  SetDesign  $like  the set whose constructions are kept
     * @param  Brief  $brief  what each string should pull, and from what it is chosen; its own rules of construction are left out
     */
    public static function kept(SetDesign $like, SetDesign $design, Brief $brief): self
    {
        $choosing = new Choosing($design, $brief->withoutConstructions());
        $heights = $choosing->heights();
        $own = self::own($like, $design, $heights);
        $costs = [];
        foreach (array_keys($own) as $index) {
            $costs[] = $choosing->isKept($index) ? null : [
                0 => self::trouble($choosing, $index, false),
                1 => self::trouble($choosing, $index, true),
            ];
        }
        $mixes = ! self::lies($own, $heights);
        $best = $own;
        $least = [INF, INF, INF];
        foreach ($mixes ? [self::each($own, $costs)] : self::borders($own, $heights) as $way) {
            $cost = self::cost($way, $own, $costs);
            if ($cost < $least) {
                [$best, $least] = [$way, $cost];
            }
        }
        $changed = [];
        foreach ($best as $index => $wound) {
            if ($wound !== $own[$index]) {
                $changed[$index + 1] = $costs[$index][(int) $own[$index]]['why'] ?? self::BORDER;
            }
        }

        return new self($best, $changed, ! self::lies($best, $heights));
    }

    /** @return list<Statement> why strings are not as they were */
    public function reasons(): array
    {
        return array_map(fn (int $position, string $why): Statement => new Statement(self::CODE, self::SENTENCE, [
            'string' => $position, 'to' => $this->wound[$position - 1] ? 'wound' : 'plain', 'why' => $why,
        ]), array_keys($this->changed), array_values($this->changed));
    }

    /**
     * @param  non-empty-list<float>  $heights  of the design's strings
     * @return non-empty-list<bool>
     */
    private static function own(SetDesign $like, SetDesign $design, array $heights): array
    {
        $wound = array_map(static fn ($string): bool => $string->spec->type->construction->isWound(), $like->strings);
        if (count($wound) === count($heights)) {
            return $wound;
        }
        $pitches = array_map(static fn ($pitch): int => $pitch->noteNumber(), $like->tunings[0]->pitches);

        return array_map(static function ($pitch) use ($pitches, $wound): bool {
            [$nearest, $away] = [0, INF];
            foreach ($pitches as $index => $other) {
                if (abs($other - $pitch->noteNumber()) < $away) {
                    [$nearest, $away] = [$index, abs($other - $pitch->noteNumber())];
                }
            }

            return $wound[$nearest];
        }, $design->tunings[0]->pitches);
    }

    /** @return array{why: ?string, miss: float} what speaks against the gauge nearest to its aim, and how far that lies */
    private static function trouble(Choosing $choosing, int $index, bool $wound): array
    {
        $all = array_values(array_filter(
            $choosing->whole($index),
            static fn (Candidate $candidate): bool => $candidate->string->spec->type->construction->isWound() === $wound,
        ));
        if ($all === []) {
            return ['why' => self::NOT_SOLD_WORD, 'miss' => INF];
        }
        $nearest = $all[0];
        foreach ($all as $candidate) {
            $nearest = $candidate->miss < $nearest->miss ? $candidate : $nearest;
            if ($candidate->miss <= self::NEAR ** 2 && $candidate->warned === null && ! $choosing->breaks($candidate)) {
                // One a step off that nobody warns of is fitted: a gain of tension changes no construction.
                return ['why' => null, 'miss' => $candidate->miss];
            }
        }
        $why = $nearest->warned->value
            ?? ($choosing->breaks($nearest) ? Warned::Breaks->value : null)
            ?? (sqrt($nearest->miss) > self::NOT_SOLD && self::isEnd($nearest, $all) ? self::NOT_SOLD_WORD : null);

        return ['why' => $why, 'miss' => $nearest->miss];
    }

    /** @param  non-empty-list<Candidate>  $all */
    private static function isEnd(Candidate $candidate, array $all): bool
    {
        $diameters = array_map(static fn (Candidate $each): float => $each->string->build->outerDiameterM, $all);
        $own = $candidate->string->build->outerDiameterM;

        return $own <= min($diameters) || $own >= max($diameters);
    }

    /**
     * How many strings would be warned of, how many change, and how far all lie from their aims.
     *
     * @param  non-empty-list<bool>  $way
     * @param  non-empty-list<bool>  $own
     * @param  list<?array{array{why: ?string, miss: float}, array{why: ?string, miss: float}}>  $costs
     * @return array{float, float, float}
     */
    private static function cost(array $way, array $own, array $costs): array
    {
        [$warned, $changed, $miss] = [0.0, 0.0, 0.0];
        foreach ($way as $index => $wound) {
            $cost = $costs[$index] ?? null;
            if ($cost === null) {
                // What stays on it is as it is.
                $warned += $wound === $own[$index] ? 0.0 : INF;

                continue;
            }
            $warned += $cost[(int) $wound]['why'] === null ? 0 : 1;
            $changed += $wound === $own[$index] ? 0 : 1;
            $miss += min(100.0, $cost[(int) $wound]['miss']);
        }

        return [$warned, $changed, $miss];
    }

    /**
     * Where plain and wound mix as it is, each string for itself.
     *
     * @param  non-empty-list<bool>  $own
     * @param  list<?array{array{why: ?string, miss: float}, array{why: ?string, miss: float}}>  $costs
     * @return non-empty-list<bool>
     */
    private static function each(array $own, array $costs): array
    {
        foreach ($own as $index => $wound) {
            $cost = $costs[$index] ?? null;
            $own[$index] = $cost !== null && $cost[(int) $wound]['why'] !== null && $cost[(int) ! $wound]['why'] === null ? ! $wound : $wound;
        }

        return $own;
    }

    /**
     * As it is, and every way in which no plain string stands below a wound one; strings at one pitch go together.
     *
     * @param  non-empty-list<bool>  $own
     * @param  non-empty-list<float>  $heights
     * @return non-empty-list<non-empty-list<bool>>
     */
    private static function borders(array $own, array $heights): array
    {
        $ways = [$own];
        foreach ([...$heights, -INF] as $border) {
            $ways[] = array_map(static fn (float $height): bool => $height <= $border + 1e-9, $heights);
        }

        return $ways;
    }

    /**
     * Whether no plain string stands below a wound one.
     *
     * @param  non-empty-list<bool>  $wound
     * @param  non-empty-list<float>  $heights
     */
    private static function lies(array $wound, array $heights): bool
    {
        foreach ($wound as $index => $isWound) {
            foreach ($wound as $other => $isOther) {
                if ($isWound && ! $isOther && $heights[$other] < $heights[$index] - 1e-9) {
                    return false;
                }
            }
        }

        return true;
    }
}
