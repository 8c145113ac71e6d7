<?php

declare(strict_types=1);

namespace Tests\Core\Solver;

use Lira\Design\SetDesign;
use Lira\Document\SetDocument;
use Lira\Kind\Custom;
use Lira\Kind\Kind;
use Lira\Pitch\LibraryTuning;
use Lira\Pitch\TuningLibrary;
use Lira\Pool\StandardPool;
use Lira\Solver\KnownSets;
use Lira\Solver\SetSolver;
use Lira\Strength\Breaking;
use Lira\Strings\BuiltString;
use Lira\Strings\StringSpec;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** Which strings stay plain and which wound when a set is chosen for another tuning or another scale. */
final class ConstructionsTest extends CoreTestCase
{
    private const CASES = 2000;

    /** A gauge within this of its aim serves, as a logarithm of the tension. */
    private const NEAR = 0.10;

    private const KINDS = [Kind::ElectricGuitar, Kind::AcousticGuitar, Kind::ResonatorGuitar, Kind::LapSteel, Kind::TenorGuitar, Kind::Mandolin, Kind::OctaveMandolin, Kind::Bass];

    public function test_no_string_changes_without_a_reason(): void
    {
        $changed = 0;
        for ($case = 1; $case <= self::CASES; $case++) {
            [$document, $like] = self::case(new Randomizer(new Mt19937($case)));
            $brief = $document->brief();
            // Every string must be the one or the other.
            self::assertEqualsCanonicalizing(range(1, count($like->strings)), [...$brief->woundOnly, ...$brief->plainOnly], "case {$case}");
            $reasons = [];
            foreach ($brief->reasons as $reason) {
                $reasons[(int) $reason->parameters['string']] = (string) $reason->parameters['why'];
            }
            foreach ($like->strings as $index => $string) {
                $was = $string->spec->type->construction->isWound();
                $why = $reasons[$index + 1] ?? null;
                $is = in_array($index + 1, $brief->woundOnly, true);
                self::assertSame($was !== $is, $why !== null, "case {$case}, string ".($index + 1));
                if ($why === null) {
                    continue;
                }
                $changed++;
                if ($why === 'border') {
                    // Only where a neighbour had a reason of its own, and went the same way.
                    $others = array_filter(
                        $reasons,
                        static fn (string $other, int $position): bool => $other !== 'border' && in_array($position, $brief->woundOnly, true) === $is,
                        ARRAY_FILTER_USE_BOTH,
                    );
                    self::assertNotSame([], $others, "case {$case}, string ".($index + 1));
                } else {
                    self::assertFalse(self::serves($document, $index, $was, $brief->bands[$index]->targetN), "case {$case}, string ".($index + 1).": {$why}");
                }
            }
        }
        // The cases do try what they are for.
        self::assertGreaterThan(150, $changed);
    }

    /** Whether a gauge of its own construction that nobody warns of lies near its aim, from the definition. */
    private static function serves(SetDocument $document, int $index, bool $wound, float $aimN): bool
    {
        $design = $document->design;
        $usual = Custom::of($design->instrument->kind)->strings;
        $lengthM = $design->instrument->scale->speakingLengthM($index + 1, count($design->strings));
        $third = $design->strings[count($design->strings) === 12 ? 5 : 2]->spec->type->construction->isWound();
        foreach (StandardPool::like($design->instrument->kind, $design->strings)->strings as $string) {
            $type = $string->spec->type;
            $gaugeM = $type->gauge->inMetres();
            $tensionN = $string->tension->tensionN($lengthM, $design->tunings[0]->frequencyHz($index + 1));
            if ($type->construction->isWound() === $wound && abs(log($tensionN / $aimN)) < self::NEAR - 1e-6
                && $gaugeM / $lengthM < 0.002_99
                && ($wound ? $gaugeM >= $usual->woundFromM() : $gaugeM <= ($usual->plainUpToM($type->material, $lengthM, ! $third) ?? INF))
                && $tensionN < (Breaking::certainlyN($string, 0.75) ?? INF)) {
                return true;
            }
        }

        return false;
    }

    /** @return array{SetDocument, SetDesign} for what, and the set whose constructions are kept */
    private static function case(Randomizer $random): array
    {
        $kind = self::KINDS[$random->getInt(0, count(self::KINDS) - 1)];
        $neck = Custom::of($kind)->neck;
        $sets = KnownSets::for($kind, $neck->strings);
        $set = $sets[$random->getInt(0, count($sets) - 1)];
        $tunings = TuningLibrary::usual($kind, $neck->strings);
        $tuning = static fn (): LibraryTuning => $tunings[$random->getInt(0, count($tunings) - 1)];
        $document = static function (LibraryTuning $tuned, int $lower, float $lengthMm) use ($kind, $set): \stdClass {
            $strings = array_map(static fn (StringSpec $spec): array => [
                $spec->type->gauge->inThousandths(), $spec->type->material->value, $spec->type->construction->value,
            ], $set);

            return Documents::usual($kind->value, $lengthMm, array_map(static fn ($pitch): string => $pitch->transposed(-$lower)->name(), $tuned->pitches), $strings);
        };
        $lengthMm = 1000 * $neck->lengthM;
        $baseline = $document($tunings[0], $random->getInt(-1, 2), $lengthMm);
        $json = $document($tuning(), $random->getInt(-2, 6), $lengthMm * $random->getInt(94, 106) / 100);
        $json->baseline = (object) ['name' => 'Usual', 'instrument' => $baseline->instrument, 'tunings' => $baseline->tunings, 'strings' => $baseline->strings];
        $json->target = (object) ['profile' => 'baseline', 'ratio' => $random->getInt(85, 115) / 100, 'constructions' => 'kept'];
        $read = SetDocument::from($json);

        return [$read, $read->baseline ?? $read->design];
    }

    /**
     * @param  list<float|array{0: float, 1: string, 2?: string}>  $strings
     * @param  list<string>  $from
     * @param  list<string>  $to
     * @param  list<string>  $becomes  gauges, wound ones marked
     * @param  array<int, string>  $why
     */
    #[DataProvider('changes')]
    public function test_a_string_changes_where_its_own_would_be_past_what_people_fit(string $kind, float $lengthMm, array $strings, array $from, array $to, array $becomes, array $why): void
    {
        $json = Documents::usual($kind, $lengthMm, $to, $strings);
        $baseline = Documents::usual($kind, $lengthMm, $from, $strings);
        $json->baseline = (object) ['name' => 'Usual', 'instrument' => $baseline->instrument, 'tunings' => $baseline->tunings, 'strings' => $baseline->strings];
        $json->target = (object) ['profile' => 'baseline', 'constructions' => 'kept'];
        $document = SetDocument::from($json);
        $brief = $document->brief();

        self::assertSame($why, array_column(array_map(static fn ($reason): array => [$reason->parameters['string'], $reason->parameters['why']], $brief->reasons), 1, 0));
        self::assertSame($becomes, array_map(
            static fn (BuiltString $string): string => round($string->spec->type->gauge->inThousandths(), 1).($string->spec->type->construction->isWound() ? 'w' : ''),
            SetSolver::solve($document->design, $brief)->solutions[0]->built(),
        ));
    }

    /** @return iterable<string, array{string, float, list<float|array{0: float, 1: string, 2?: string}>, list<string>, list<string>, list<string>, array<int, string>}> */
    public static function changes(): iterable
    {
        $e = ['E4', 'B3', 'G3', 'D3', 'A2', 'E2'];
        $nickel = static fn (float ...$gauges): array => array_map(static fn (float $gauge): array => [$gauge, 'nickel-plated-steel'], array_values($gauges));
        $bronze = static fn (float ...$gauges): array => array_map(static fn (float $gauge): array => [$gauge, 'phosphor-bronze'], array_values($gauges));
        yield 'a plain third up to 22 stays one' => ['electric-guitar', 648.0, [10.0, 13.0, 17.0, ...$nickel(26, 36, 46)], $e, ['C4', 'G3', 'Eb3', 'Bb2', 'F2', 'C2'], ['12.5', '16', '21', '33w', '45w', '58w'], []];
        yield 'past it the border moves by one' => ['electric-guitar', 648.0, [11.0, 14.0, 18.0, ...$nickel(28, 38, 48)], $e, ['B3', 'F#3', 'D3', 'A2', 'E2', 'B1'], ['14.5', '19', '26w', '38w', '51w', '64w'], [3 => 'passes-table']];
        yield 'what comes up keeps its plain third' => ['electric-guitar', 648.0, [10.0, 13.0, 17.0, ...$nickel(26, 36, 46)], ['D4', 'A3', 'F3', 'C3', 'G2', 'D2'], $e, ['9', '11.5', '15', '23w', '32w', '41w'], []];
        yield 'a wound third stays wound' => ['acoustic-guitar', 645.0, [12.0, 16.0, ...$bronze(24, 32, 42, 53)], $e, ['Eb4', 'Bb3', 'Gb3', 'Db3', 'Ab2', 'Eb2'], ['12.5', '17', '25w', '34w', '45w', '56w'], []];
    }

    public function test_where_nobody_says_what_is_on_it_the_usual_set_gives_them(): void
    {
        // A design without a baseline, its third plain: on an acoustic guitar it is wound.
        $json = Documents::usual('acoustic-guitar', 645, ['E4', 'B3', 'G3', 'D3', 'A2', 'E2'], [12, 16, 20, [32, 'phosphor-bronze'], [42, 'phosphor-bronze'], [53, 'phosphor-bronze']]);
        $json->target = (object) ['profile' => 'equal', 'tension_n' => 110, 'constructions' => 'kept'];

        self::assertSame([3, 4, 5, 6], SetDocument::from($json)->brief()->woundOnly);
    }

    public function test_what_is_said_of_a_string_goes_before_what_is_kept(): void
    {
        $json = Documents::harbour();
        $json->target = (object) ['profile' => 'baseline', 'constructions' => 'kept', 'wound_only' => [3]];
        $brief = SetDocument::from($json)->brief();

        self::assertContains(3, $brief->woundOnly);
        self::assertNotContains(3, $brief->plainOnly);
    }

    /** @param  list<string>  $families  that are chosen from */
    #[DataProvider('pools')]
    public function test_a_set_is_of_one_make_whatever_the_gauges_to_choose_from_are_of(\stdClass $json, array $families): void
    {
        $pool = [];
        foreach ([['plain', 'music-wire'], ['plain', 'nylon'], ['round-wound', 'phosphor-bronze'], ['round-wound', 'nickel-plated-steel'], ['flatwound', 'stainless-steel'], ['round-wound', 'silver-plated-copper']] as [$construction, $material]) {
            foreach ($material === 'phosphor-bronze' ? range(20, 60, 2) : range(20, 60, 4) as $gauge) {
                $pool[] = (object) ['construction' => $construction, 'material' => $material, 'gauges_in' => [$gauge / ($construction === 'plain' ? 2000 : 1000)]];
            }
        }
        $json->target = (object) ['profile' => 'equal', 'tension_n' => 70, 'constructions' => 'kept', 'pool' => $pool];
        $chosenFrom = array_map(static fn (BuiltString $string): string => $string->spec->type->family(), SetDocument::from($json)->brief()->pool->strings);

        self::assertEqualsCanonicalizing($families, array_values(array_unique($chosenFrom)));
    }

    /** @return iterable<string, array{\stdClass, list<string>}> */
    public static function pools(): iterable
    {
        $e = ['E4', 'B3', 'G3', 'D3', 'A2', 'E2'];
        yield 'its own' => [Documents::usual('electric-guitar', 648, $e, [10, 13, 17, [26, 'nickel-plated-steel'], [36, 'nickel-plated-steel'], [46, 'nickel-plated-steel']]), ['plain music-wire', 'round-wound nickel-plated-steel']];
        yield 'flats stay flats' => [Documents::usual('electric-guitar', 648, $e, [11, 14, [18, 'stainless-steel', 'flatwound'], [26, 'stainless-steel', 'flatwound'], [36, 'stainless-steel', 'flatwound'], [48, 'stainless-steel', 'flatwound']]), ['plain music-wire', 'flatwound stainless-steel']];
        yield 'what is not listed becomes what is listed most' => [Documents::usual('acoustic-guitar', 645, $e, [12, 16, [24, 'bronze-80-20'], [32, 'bronze-80-20'], [42, 'bronze-80-20'], [53, 'bronze-80-20']]), ['plain music-wire', 'round-wound phosphor-bronze']];
        yield 'nylon stays without steel' => [Documents::usual('classical-guitar', 650, $e, [[28, 'nylon', 'plain'], [32, 'nylon', 'plain'], [40, 'nylon', 'plain'], [29, 'silver-plated-copper'], [35, 'silver-plated-copper'], [43, 'silver-plated-copper']]), ['plain nylon', 'round-wound silver-plated-copper']];
        yield 'what mixes goes on to' => [Documents::usual('electric-guitar', 648, $e, [10, 13, 17, [26, 'nickel-plated-steel'], [36, 'phosphor-bronze'], [46, 'nickel-plated-steel']]), ['plain music-wire', 'round-wound nickel-plated-steel', 'round-wound phosphor-bronze']];
    }

    public function test_constructions_are_hard_where_they_are_given(): void
    {
        $json = Documents::harbour();
        $json->target = (object) ['profile' => 'baseline', 'constructions' => ['plain', 'plain', 'wound', 'wound', null, null]];
        $document = SetDocument::from($json);

        self::assertTrue(SetSolver::solve($document->design, $document->brief())->solutions[0]->built()[2]->spec->type->construction->isWound());
        foreach ([[['plain'], 'There are 1 constructions for 6 strings'], [['plain', 'plain', 'wood', null, null, null], 'Give plain, wound or null']] as [$wrong, $says]) {
            $json->target->constructions = $wrong;
            try {
                SetDocument::from($json)->brief();
                self::fail('It was taken');
            } catch (\Lira\Document\InvalidDocument $refused) {
                self::assertStringContainsString($says, $refused->problems[0]->message);
            }
        }
    }
}
