<?php

declare(strict_types=1);

namespace Tests\Core\Solver;

use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Solver\Candidate;
use Lira\Solver\Coupling;
use Lira\Solver\RankedSearch;
use Lira\Strings\BuiltString;
use Lira\Strings\StringSpec;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\CoreTestCase;

/** The search against every choice there is, on hundreds of small random cases. */
final class RankedSearchTest extends CoreTestCase
{
    private const KEEP = 5;

    public function test_the_ranked_choices_are_the_best_there_are(): void
    {
        $begun = 0;
        foreach (range(1, 400) as $seed) {
            [$candidates, $lowerIs, $coupling] = self::randomCase(new Randomizer(new Mt19937($seed)), $seed);
            $expected = array_slice(self::everyObjective($candidates, $lowerIs, $coupling), 0, self::KEEP);
            $ranked = RankedSearch::best($candidates, $lowerIs, $coupling, self::KEEP);
            $found = array_column($ranked->found, 'objective');

            self::assertEqualsWithDelta($expected, $found, 1e-9, "Seed {$seed}");
            self::assertTrue($ranked->complete, "Seed {$seed}");
            $begun += $ranked->begun;
            self::assertLessThanOrEqual(($found[0] ?? INF) + 1e-12, $ranked->bound);
            foreach ($ranked->found as ['objective' => $objective, 'choice' => $choice]) {
                self::assertEqualsWithDelta($objective, self::objective($candidates, $lowerIs, $coupling, $choice), 1e-9, "Seed {$seed}");
            }
        }
        // Bounds that hold and are near leave little to try: looser ones would be right and slow.
        self::assertLessThanOrEqual(10_900, $begun);
    }

    public function test_a_search_cut_short_says_so_and_gives_a_bound_that_holds(): void
    {
        // Only even tensions, and an odd total: no choice hits it, every one looks as if it could until it is complete.
        $each = array_map(static fn (int $step): Candidate => self::candidate(0.3, [60.0 + 2 * $step], 0.0), range(0, 11));
        $ranked = RankedSearch::best(array_fill(0, 14, $each), array_fill(0, 13, 0), Coupling::of(1001.0, []), self::KEEP);

        self::assertFalse($ranked->complete);
        self::assertClose(100 * log(1002 / 1001) ** 2, $ranked->found[0]['objective'], 1e-9);
        self::assertLessThan($ranked->found[0]['objective'], $ranked->bound);
    }

    public function test_nothing_is_found_where_nothing_may_be(): void
    {
        $candidates = [[self::candidate(0.3, [70.0], 0.0)], [self::candidate(0.4, [80.0], 0.0)]];

        self::assertSame([], RankedSearch::best($candidates, [1], Coupling::of(null, [149.9]), self::KEEP)->found);
        self::assertCount(1, RankedSearch::best($candidates, [1], Coupling::of(null, [150.0]), self::KEEP)->found);
    }

    /** @return array{non-empty-list<non-empty-list<Candidate>>, list<int>, Coupling} */
    private static function randomCase(Randomizer $random, int $seed): array
    {
        $strings = $random->getInt(1, 5);
        $tunings = $random->getInt(1, 2);
        // Every third case has diameters that are often equal, which decides about the penalty.
        $candidates = array_map(static fn (): array => array_map(static fn (): Candidate => self::candidate(
            $seed % 3 === 0 ? $random->getInt(2, 5) / 10 : self::float($random, 0.2, 1.2),
            array_map(static fn (): float => self::float($random, 30, 130), range(1, $tunings)),
            self::float($random, 0, 0.05),
        ), range(1, $random->getInt(1, 6))), range(1, $strings));
        $lowerIs = $strings < 2 ? [] : array_map(static fn (): int => $random->getInt(-1, 1), range(2, $strings));
        $totalN = self::float($random, 50, 110) * $strings;

        return [$candidates, $lowerIs, match ($seed % 4) {
            0 => Coupling::none(),
            1 => Coupling::of($totalN, []),
            2 => Coupling::of(null, array_fill(0, $tunings, $totalN)),
            default => Coupling::of($totalN, array_fill(0, $tunings, 1.1 * $totalN)),
        }];
    }

    private static function float(Randomizer $random, float $from, float $to): float
    {
        return $from + ($to - $from) * $random->getInt(0, 1_000_000_000) / 1e9;
    }

    /** @param  non-empty-list<float>  $tensionsN */
    private static function candidate(float $millimetres, array $tensionsN, float $miss): Candidate
    {
        $string = BuiltString::of(StringSpec::plain(Material::MusicWire, Length::millimetres($millimetres)), Kind::Other);

        return new Candidate($string, $tensionsN, $miss, array_sum($tensionsN) / count($tensionsN));
    }

    /**
     * @param  list<list<Candidate>>  $candidates
     * @param  list<int>  $lowerIs
     * @return list<float> of every choice that is allowed, best first
     */
    private static function everyObjective(array $candidates, array $lowerIs, Coupling $coupling): array
    {
        $choices = [[]];
        foreach ($candidates as $each) {
            $longer = [];
            foreach ($choices as $choice) {
                foreach (array_keys($each) as $index) {
                    $longer[] = [...$choice, $index];
                }
            }
            $choices = $longer;
        }
        $objectives = array_filter(
            array_map(static fn (array $choice): float => self::objective($candidates, $lowerIs, $coupling, $choice), $choices),
            is_finite(...),
        );
        sort($objectives);

        return $objectives;
    }

    /**
     * Written from its definition, not from the search.
     *
     * @param  list<list<Candidate>>  $candidates
     * @param  list<int>  $lowerIs
     * @param  list<int>  $choice
     */
    private static function objective(array $candidates, array $lowerIs, Coupling $coupling, array $choice): float
    {
        $chosen = array_map(static fn (int $index, array $each): Candidate => $each[$index], $choice, $candidates);
        $sum = array_sum(array_map(static fn (Candidate $candidate): float => $candidate->miss, $chosen));
        foreach ($lowerIs as $pair => $lower) {
            [$first, $second] = [$chosen[$pair]->string->build->outerDiameterM, $chosen[$pair + 1]->string->build->outerDiameterM];
            $sum += ($lower === 1 && $second < $first - 1e-9) || ($lower === -1 && $first < $second - 1e-9) ? 0.01 : 0.0;
        }
        foreach ($coupling->mostN as $tuning => $most) {
            if (array_sum(array_map(static fn (Candidate $candidate): float => $candidate->tensionsN[$tuning], $chosen)) > $most) {
                return INF;
            }
        }
        $total = array_sum(array_map(static fn (Candidate $candidate): float => $candidate->towardsTotalN, $chosen));

        return $sum + ($coupling->totalN === null ? 0.0 : 100 * log($total / $coupling->totalN) ** 2);
    }
}
