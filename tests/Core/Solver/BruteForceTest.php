<?php

declare(strict_types=1);

namespace Tests\Core\Solver;

use Lira\Design\SetDesign;
use Lira\Instrument\Instrument;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Length\Scale;
use Lira\Limit\Limits;
use Lira\Material\Material;
use Lira\Pitch\Pitch;
use Lira\Pitch\ReferencePitch;
use Lira\Pitch\Tuning;
use Lira\Pool\Pool;
use Lira\Solver\Brief;
use Lira\Solver\Cautions;
use Lira\Solver\ChosenString;
use Lira\Solver\Constructions;
use Lira\Solver\NoSolution;
use Lira\Solver\Serving;
use Lira\Solver\SetSolver;
use Lira\Strength\Breaking;
use Lira\Strings\BuiltString;
use Lira\Strings\Construction;
use Lira\Strings\StringSpec;
use Lira\Target\Band;
use Lira\Target\PlayingStyle;
use Lira\Target\Tensions;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\CoreTestCase;

/**
 * The solver against every set there is, on 2,000 random cases: borders between plain and wound, strings that must be one or the other,
 * stay, or keep their construction, several tunings, totals aimed at and not to be exceeded, pitches that break, choices that would be
 * warned of. What is allowed and what it costs is written from its definition.
 */
final class BruteForceTest extends CoreTestCase
{
    private const CASES = 2000;

    /** What is warned of on an electric guitar: a share of the breaking load, of the length; thousandths of an inch. */
    private const BREAKS = 0.75;

    private const THICK = 3.0e-3;

    private const PLAIN_UP_TO = 22.0;

    private const ON_BARITONES = 26.0;

    private const BARITONE_FROM_M = 0.673;

    private const WOUND_FROM = 17.0;

    /** @var \WeakMap<BuiltString, non-empty-list<BuiltString>> */
    private static \WeakMap $possible;

    public function test_the_best_sets_are_found_and_what_cannot_be_is_refused(): void
    {
        self::$possible = new \WeakMap;
        $refused = $bordered = $partly = $warned = $kept = 0;
        for ($case = 1; $case <= self::CASES; $case++) {
            [$design, $brief] = self::case(new Randomizer(new Mt19937($case)));
            // A total aimed above the greatest allowed is refused at once.
            $tooHigh = $brief->tensions->totalN !== null && $brief->mostTotalN !== null && $brief->tensions->totalN > $brief->mostTotalN;
            $every = $tooHigh ? [] : self::everySet($design, $brief);
            try {
                $solved = SetSolver::solve($design, $brief);
            } catch (NoSolution $none) {
                self::assertSame([], $every, "case {$case}: {$none->getMessage()}");
                $refused++;
                $partly += $none->unserved === [] ? 0 : 1;
                self::assertUnserved($design, $brief, $none, $case);

                continue;
            }
            self::assertEqualsWithDelta(
                array_slice(array_column($every, 'objective'), 0, SetSolver::KEEP),
                array_map(static fn ($solution): float => $solution->objective, $solved->solutions),
                1e-9,
                "case {$case}",
            );
            self::assertTrue($solved->complete, "case {$case}");
            $warned += $solved->solutions[0]->objective >= 10 ? 1 : 0;
            $kept += $brief->plainOnly !== [] && $brief->woundOnly !== [] ? 1 : 0;
            $bordered += self::bestWithoutBorder($design, $brief) < $solved->solutions[0]->objective - 1e-9 ? 1 : 0;
        }
        // The cases do try what they are for.
        self::assertGreaterThan(40, $refused);
        self::assertGreaterThan(20, $partly);
        self::assertGreaterThan(25, $bordered);
        self::assertGreaterThan(100, $warned);
        self::assertGreaterThan(100, $kept);
    }

    /** As few strings as can be are left unserved, and the others are as good as they can be. */
    private static function assertUnserved(SetDesign $design, Brief $brief, NoSolution $none, int $case): void
    {
        $unserved = array_map(static fn ($string): int => $string->position - 1, $none->unserved);
        if ($unserved === []) {
            self::assertStringContainsString('max_total_n', $none->key);

            return;
        }
        foreach ($none->unserved as $string) {
            self::assertStringContainsString("tring {$string->position}", $string->message, "case {$case}");
        }
        $everyFewer = self::everySet($design, self::withoutTotals($brief), count($unserved) - 1);
        self::assertSame([], $everyFewer, "case {$case} leaves a string that could be served");
        if ($none->others === null || $brief->tensions->totalN !== null || $brief->mostTotalN !== null) {
            return;
        }
        $chosen = array_map(static fn (ChosenString $string): int => $string->position - 1, $none->others->solutions[0]->strings);
        self::assertSame(array_values(array_diff(array_keys($design->strings), $unserved)), $chosen, "case {$case}");
        $least = min([INF, ...array_column(self::everySet($design, $brief, count($unserved)), 'miss')]);
        $found = array_sum(array_map(static fn (ChosenString $string): float => $string->chosen->cost, $none->others->solutions[0]->strings));
        // What an unserved string leaves of the order of gauges is nobody's matter; the misses are.
        self::assertEqualsWithDelta($least, $found, 0.01 * count($chosen) + 1e-9, "case {$case}");
    }

    private static function bestWithoutBorder(SetDesign $design, Brief $brief): float
    {
        return self::everySet($design, new Brief(
            $brief->tensions, $brief->bands, $brief->serving, $brief->pool, $brief->breakShare, $brief->mostTotalN,
            $brief->woundFrom, $brief->plainTo, $brief->plainOnly, $brief->woundOnly, $brief->keep, mixed: true, cautions: $brief->cautions,
        ))[0]['objective'] ?? INF;
    }

    private static function withoutTotals(Brief $brief): Brief
    {
        return new Brief(
            $brief->tensions, $brief->bands, $brief->serving, $brief->pool, $brief->breakShare, null,
            $brief->woundFrom, $brief->plainTo, $brief->plainOnly, $brief->woundOnly, $brief->keep, mixed: $brief->mixed, cautions: $brief->cautions,
        );
    }

    /**
     * Every allowed set, best first; up to so many strings may be left out of it.
     *
     * @return list<array{objective: float, miss: float}>
     */
    private static function everySet(SetDesign $design, Brief $brief, int $leftOut = 0): array
    {
        $sets = [];
        self::extend($design, $brief, [], $leftOut, $sets);
        usort($sets, static fn (array $a, array $b): int => $a['objective'] <=> $b['objective']);

        return $sets;
    }

    /**
     * @param  list<?BuiltString>  $chosen
     * @param  list<array{objective: float, miss: float}>  $sets
     */
    private static function extend(SetDesign $design, Brief $brief, array $chosen, int $leftOut, array &$sets): void
    {
        $index = count($chosen);
        if ($index === count($design->strings)) {
            $judged = self::judged($design, $brief, $chosen);
            if ($judged !== null) {
                $sets[] = $judged;
            }

            return;
        }
        $position = $index + 1;
        $kept = in_array($position, $brief->keep, true);
        foreach ($kept ? [$design->strings[$index]] : $brief->pool->strings as $string) {
            $wound = $string->spec->type->construction->isWound();
            $allowed = $kept || (
                ! ($wound ? in_array($position, $brief->plainOnly, true) : in_array($position, $brief->woundOnly, true))
                && ! ($wound && $brief->woundFrom !== null && $position < $brief->woundFrom)
                && ! (! $wound && $brief->plainTo !== null && $position > $brief->plainTo)
                && self::leastShare($design, $string, $index) <= $brief->breakShare
            );
            if ($allowed) {
                self::extend($design, $brief, [...$chosen, $string], $leftOut, $sets);
            }
        }
        if ($leftOut > 0) {
            self::extend($design, $brief, [...$chosen, null], $leftOut - 1, $sets);
        }
    }

    /** The greatest share of its breaking load over the tunings, if it bears as much as it may: core and wire, in quadrature. */
    private static function leastShare(SetDesign $design, BuiltString $string, int $index): float
    {
        $share = 0.0;
        // The same string is asked about at every place of every set.
        self::$possible[$string] ??= $string->possible();
        foreach (array_keys($design->tunings) as $tuning) {
            $each = [];
            foreach (self::$possible[$string] as $possible) {
                $core = $possible->build->core ?? throw new \LogicException('The pool has cores');
                $each[] = self::tensionN($design, $possible, $index, $tuning) / Breaking::loadN($core);
            }
            $varies = $string->build->core?->material === Material::MusicWire ? 0.06 : 0.12;
            $share = max($share, $each[0] * (1 - sqrt((1 - min($each) / $each[0]) ** 2 + $varies ** 2)));
        }

        return $share;
    }

    /** Whether a technician would warn of a string there whatever stands beside it. */
    private static function isWarned(SetDesign $design, BuiltString $string, int $index): bool
    {
        $lengthM = $design->instrument->scale->speakingLengthM($index + 1, count($design->strings));
        $thousandths = $string->spec->type->gauge->inThousandths();

        return self::leastShare($design, $string, $index) >= self::BREAKS
            || $string->build->outerDiameterM / $lengthM > self::THICK
            || ($string->spec->type->construction->isWound()
                ? $thousandths < self::WOUND_FROM - 1e-6
                : $thousandths > ($lengthM >= self::BARITONE_FROM_M ? self::ON_BARITONES : self::PLAIN_UP_TO) + 1e-6);
    }

    private static function tensionN(SetDesign $design, BuiltString $string, int $index, int $tuning): float
    {
        return $string->tension->tensionN(
            $design->instrument->scale->speakingLengthM($index + 1, count($design->strings)),
            $design->tunings[$tuning]->frequencyHz($index + 1),
        );
    }

    private static function height(SetDesign $design, int $index): float
    {
        return array_sum(array_map(static fn (Tuning $tuning): float => log($tuning->frequencyHz($index + 1)), $design->tunings));
    }

    /**
     * @param  list<?BuiltString>  $chosen
     * @return array{objective: float, miss: float}|null null where it is not allowed
     */
    private static function judged(SetDesign $design, Brief $brief, array $chosen): ?array
    {
        $miss = $penalty = $warned = 0.0;
        $totals = array_fill(0, count($design->tunings), 0.0);
        foreach ($chosen as $index => $string) {
            if ($string === null) {
                continue;
            }
            $off = [];
            foreach (array_keys($design->tunings) as $tuning) {
                $newtons = self::tensionN($design, $string, $index, $tuning);
                $off[] = log($newtons / $brief->bands[$index]->targetN) ** 2;
                $totals[$tuning] += $newtons;
            }
            $miss += max($off);
            $warned += $brief->cautions !== null && self::isWarned($design, $string, $index) ? 10 : 0;
            foreach ($chosen as $other => $below) {
                $lower = $below === null ? 0.0 : self::height($design, $other) - self::height($design, $index);
                // Both kept as they are is nobody's choice.
                $kept = in_array($index + 1, $brief->keep, true) || in_array($other + 1, $brief->keep, true);
                if (
                    ! $brief->mixed && ! $kept && $lower < -1e-9
                    && $string->spec->type->construction->isWound() && $below?->spec->type->construction->isWound() === false
                ) {
                    return null;
                }
                if (
                    abs($other - $index) === 1 && $lower < -1e-9 && $below !== null
                    && $below->spec->type->isOfFamilyOf($string->spec->type)
                    && $below->build->outerDiameterM < $string->build->outerDiameterM - 1e-9
                ) {
                    $penalty += 0.01;
                }
            }
        }
        foreach ($totals as $totalN) {
            if ($brief->mostTotalN !== null && $totalN > $brief->mostTotalN) {
                return null;
            }
        }
        $aimN = $brief->tensions->totalN;
        $mean = array_sum($totals) / count($totals);

        return ['objective' => $miss + $penalty + $warned + ($aimN === null ? 0.0 : 100 * log($mean / $aimN) ** 2), 'miss' => $miss + $warned];
    }

    /** @return array{SetDesign, Brief} */
    private static function case(Randomizer $random): array
    {
        $count = $random->getInt(2, 4);
        // Now and then re-entrant, now and then in unison, sometimes too high for the length.
        $pitches = array_map(static fn (int $string): Pitch => Pitch::numbered(
            $random->getInt(0, 5) === 0 ? $random->getInt(48, 68) : 57 - 3 * $string + $random->getInt(-3, 3),
        ), range(0, $count - 1));
        if ($random->getInt(0, 4) === 0) {
            $pitches = [$pitches[0], ...array_slice($pitches, 0, -1)];
        }
        $tunings = [new Tuning('one', ReferencePitch::concert(), $pitches)];
        if ($random->getInt(0, 2) === 0) {
            $tunings[] = new Tuning('two', ReferencePitch::concert(), array_map(
                static fn (Pitch $pitch): Pitch => $pitch->transposed($random->getInt(-3, 1)),
                $pitches,
            ));
        }
        $strings = [];
        for ($string = 0; $string < $random->getInt(4, 6); $string++) {
            $wound = $random->getInt(0, 1) === 1;
            $strings[] = BuiltString::of(new StringSpec(\Lira\Strings\StringType::of(
                $wound ? Construction::RoundWound : Construction::Plain,
                $wound ? Material::NickelPlatedSteel : Material::MusicWire,
                Length::thousandths($wound ? $random->getInt(14, 30) : $random->getInt(20, 58) / 2),
            )), Kind::ElectricGuitar);
        }
        $design = new SetDesign('case', new Instrument('case', Kind::ElectricGuitar, Scale::single(Length::millimetres($random->getInt(620, 690)))), $tunings, array_map(
            static fn (int $index): BuiltString => $strings[$random->getInt(0, count($strings) - 1)],
            range(0, $count - 1),
        ));
        $total = $random->getInt(0, 3) === 0 ? (float) $random->getInt(45 * $count, 95 * $count) : null;
        $tensions = $total === null
            ? Tensions::perString(array_map(static fn (): float => (float) $random->getInt(45, 95), range(1, $count)), $count)
            : Tensions::total($total, [], $count);
        $pick = static fn (int $in): array => $random->getInt(0, $in) === 0 ? [$random->getInt(1, $count)] : [];
        [$tensions, $bands] = Band::around($tensions, PlayingStyle::unspecified(), array_map(
            static fn (Pitch $pitch): float => $pitch->frequencyHz(ReferencePitch::concert()),
            $pitches,
        ));

        $brief = new Brief(
            $tensions,
            $bands,
            Serving::worst(),
            new Pool($strings),
            $random->getInt(50, 85) / 100,
            $random->getInt(0, 3) === 0 ? (float) $random->getInt(50 * $count, 110 * $count) : null,
            $random->getInt(0, 4) === 0 ? $random->getInt(1, $count + 1) : null,
            $random->getInt(0, 6) === 0 ? $random->getInt(0, $count) : null,
            $pick(6),
            $pick(6),
            $pick(8),
            mixed: $random->getInt(0, 4) === 0,
            cautions: $random->getInt(0, 3) === 0 ? null : Cautions::of($design, Limits::usual()),
        );

        return [$design, $random->getInt(0, 2) === 0 ? $brief->keeping(Constructions::kept($design, $design, $brief)) : $brief];
    }
}
