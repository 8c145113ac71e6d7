<?php

declare(strict_types=1);

namespace Tests\Core\Solver;

use Lira\Document\InstrumentReader;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use Lira\Document\StringTypeWriter;
use Lira\Finding\Finding;
use Lira\Finding\Severity;
use Lira\Instrument\Instrument;
use Lira\Kind\Custom;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Length\Scale;
use Lira\Pitch\Tuning;
use Lira\Pool\StandardPool;
use Lira\Solver\StartingSet;
use Lira\Strength\Breaking;
use Lira\Strings\StringSpec;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

final class StartingSetTest extends CoreTestCase
{
    #[DataProvider('kinds')]
    public function test_every_kind_begins_with_strings_near_what_is_usual(
        Kind $kind,
        int $strings,
        float $millimetres,
        float $low,
        float $high,
    ): void {
        $instrument = new Instrument('', $kind, Scale::single(Length::millimetres($millimetres)));
        $tuning = StartingSet::tuning($instrument, $strings);
        $specs = StartingSet::strings($instrument, $tuning);

        self::assertCount($strings, $specs);
        foreach ($specs as $index => $spec) {
            $tension = \Lira\Strings\BuiltString::of($spec, $kind)->tension->tensionN(
                $millimetres / 1000,
                $tuning->frequencyHz($index + 1),
            );
            self::assertGreaterThan($low, $tension, "String {$index}");
            self::assertLessThan($high, $tension, "String {$index}");
        }
    }

    /** @return iterable<string, array{Kind, int, float, float, float}> */
    public static function kinds(): iterable
    {
        yield 'electric' => [Kind::ElectricGuitar, 6, 648, 65, 88];
        yield 'electric, eight strings' => [Kind::ElectricGuitar, 8, 686, 60, 98];
        yield 'electric, nine strings, no library tuning' => [Kind::ElectricGuitar, 9, 711, 30, 90];
        yield 'acoustic' => [Kind::AcousticGuitar, 6, 645, 95, 138];
        yield 'classical' => [Kind::ClassicalGuitar, 6, 650, 54, 78];
        yield 'bass' => [Kind::Bass, 4, 864, 160, 225];
        yield 'five-string bass' => [Kind::Bass, 5, 864, 150, 225];
        yield 'ukulele' => [Kind::Ukulele, 4, 432, 39, 53];
        yield 'banjo' => [Kind::Banjo, 5, 670, 44, 110];
    }

    /** The usual set is put on other necks as long as it pulls within 0.35, as a logarithm, of what it does on its own: 2 ln(L/L₀). */
    public function test_the_usual_set_goes_on_necks_up_to_a_sixth_longer_or_shorter(): void
    {
        $own = Custom::of(Kind::ElectricGuitar)->neck->lengthM;
        $begun = static function (float $lengthM): array {
            $instrument = new Instrument('', Kind::ElectricGuitar, Scale::single(Length::millimetres(1000 * $lengthM)));
            $usual = StartingSet::tuning(new Instrument('', Kind::ElectricGuitar, Scale::single(Length::millimetres(648))), 6);

            return StartingSet::strings($instrument, $usual);
        };
        $usual = $begun($own);
        foreach ([0.3499, -0.3499] as $within) {
            self::assertEquals($usual, $begun($own * exp($within / 2)), (string) $within);
        }
        foreach ([0.3501, -0.3501] as $beyond) {
            self::assertNotEquals($usual, $begun($own * exp($beyond / 2)), (string) $beyond);
        }
    }

    /** What is begun with is the first usual tuning whose every pitch some string bears with three quarters of what breaks it for certain. */
    public function test_a_tuning_is_begun_with_as_long_as_strings_bear_it(): void
    {
        $bears = static function (float $lengthM, float $hz): bool {
            foreach (StandardPool::for(Kind::AcousticGuitar)->strings as $string) {
                $certain = Breaking::certainlyN($string, 0.75);
                if ($certain === null || $string->tension->tensionN($lengthM, $hz) <= $certain) {
                    return true;
                }
            }

            return false;
        };
        $begun = static fn (float $mm): Tuning => StartingSet::tuning(new Instrument('', Kind::AcousticGuitar, Scale::single(Length::millimetres($mm))), 6);
        $usual = $begun(648);
        [$kept, $left] = [648.0, 2000.0];
        while ($left - $kept > 0.01) {
            $middle = ($kept + $left) / 2;
            if ($begun($middle)->name === $usual->name) {
                $kept = $middle;
            } else {
                $left = $middle;
            }
        }
        $hz = $usual->frequencyHz(1);
        self::assertTrue($bears($kept / 1000, $hz));
        self::assertFalse($bears($left / 1000, $hz));
        self::assertGreaterThan($usual->frequencyHz(1) * 0.5, $begun($left)->frequencyHz(1));
        self::assertLessThan($usual->frequencyHz(1), $begun($left)->frequencyHz(1));
    }

    /** @param  string  $gauges  thousandths, w where wound */
    #[DataProvider('begun')]
    public function test_what_people_put_on_it_is_what_one_begins_with(Kind $kind, int $strings, string $tuning, string $gauges): void
    {
        [$name, $begun] = self::begin($kind, $strings, 1000 * Custom::of($kind)->neck->lengthM);

        self::assertSame([$tuning, $gauges], [$name, $begun]);
    }

    /** @return iterable<string, array{Kind, int, string, string}> */
    public static function begun(): iterable
    {
        yield 'electric' => [Kind::ElectricGuitar, 6, 'E standard', '10 13 17 26w 36w 46w'];
        yield 'electric, seven' => [Kind::ElectricGuitar, 7, 'B standard, seven strings', '10 13 17 26w 36w 46w 59w'];
        yield 'electric, four' => [Kind::ElectricGuitar, 4, 'E standard, the first 4', '10 13 17 26w'];
        yield 'acoustic' => [Kind::AcousticGuitar, 6, 'E standard', '12 16 24w 32w 42w 53w'];
        yield 'acoustic, twelve' => [Kind::AcousticGuitar, 12, 'E standard, twelve strings', '10 10 14 14 8 23w 12 30w 17 39w 27w 47w'];
        yield 'classical' => [Kind::ClassicalGuitar, 6, 'E standard', '28 32 40 29w 35w 43w'];
        yield 'bass' => [Kind::Bass, 4, 'Bass E standard', '45w 65w 85w 105w'];
        yield 'bass, five' => [Kind::Bass, 5, 'Bass, five strings, low B', '45w 65w 85w 105w 130w'];
        yield 'acoustic bass' => [Kind::AcousticBass, 4, 'Bass E standard', '45w 65w 80w 100w'];
        yield 'banjo' => [Kind::Banjo, 5, 'Banjo open G', '10 11 13 20w 10'];
        yield 'ukulele' => [Kind::Ukulele, 4, 'Ukulele C, re-entrant', '20 25 31 22'];
    }

    /** Whatever is begun with, nothing speaks against it, and no string is so slack or so tight that nobody would have it. */
    public function test_a_set_one_begins_with_has_no_cautions_of_its_own(): void
    {
        foreach (Kind::cases() as $kind) {
            for ($strings = 1; $strings <= 14 && $kind !== Kind::ElastomerBass; $strings++) {
                $usual = Custom::of($kind)->neck;
                $instrument = ['name' => 'x', 'kind' => $kind->value, 'scale' => (object) ['type' => 'single', 'length_mm' => 1000 * $usual->lengthM]];
                $short = array_filter(Custom::of($kind)->neck->shortStrings, static fn (int $position): bool => $position <= $strings, ARRAY_FILTER_USE_KEY);
                $instrument += $short === [] ? [] : ['short_strings' => array_map(
                    static fn (int $position, int $fret): \stdClass => (object) ['position' => $position, 'starts_at_fret' => $fret],
                    array_keys($short),
                    array_values($short),
                )];
                $on = InstrumentReader::alone(Json::object(Json::text($instrument)), $strings);
                $tuning = StartingSet::tuning($on, $strings);
                $document = SetDocument::from((object) [
                    'format' => 'lira-set', 'version' => 1, 'name' => '', 'instrument' => Json::object(Json::text($instrument)),
                    'tunings' => [(object) ['name' => '', 'pitches' => array_map(static fn ($pitch): string => $pitch->name(), $tuning->pitches)]],
                    'strings' => array_map(
                        static fn (StringSpec $spec, int $index): \stdClass => (object) (['position' => $index + 1] + StringTypeWriter::toArray($spec->type)),
                        $specs = StartingSet::strings($on, $tuning),
                        array_keys($specs),
                    ),
                ]);
                $assessment = $document->assessment();
                $what = "{$kind->value} with {$strings}";

                self::assertCount($strings, $assessment->evaluation->strings, $what);
                self::assertSame([], array_filter(
                    $assessment->findings,
                    static fn (Finding $finding): bool => $finding->severity !== Severity::Note,
                ), $what);
                // Ten strings of whatever kind do not go down to a few pounds.
                foreach ($assessment->evaluation->strings as $string) {
                    self::assertGreaterThan(0.45 * Custom::of($kind)->strings->tensionN, $string->tunings[0]->tensionN, $what);
                    self::assertLessThan(1.45 * Custom::of($kind)->strings->tensionN, $string->tunings[0]->tensionN, $what);
                }
            }
        }
    }

    public function test_a_neck_of_another_length_keeps_the_usual_set_until_it_would_be_another_instrument(): void
    {
        self::assertSame('10 13 17 26w 36w 46w', self::begin(Kind::ElectricGuitar, 6, 628)[1]);
        self::assertSame('10 13 17 26w 36w 46w', self::begin(Kind::ElectricGuitar, 6, 672)[1]);
        // From there on it is a baritone.
        self::assertSame(['Baritone B', '13 17 24 36w 46w 62w'], self::begin(Kind::ElectricGuitar, 6, 674));
        // On a child's neck they would hang loose.
        self::assertNotSame('10 13 17 26w 36w 46w', self::begin(Kind::ElectricGuitar, 6, 480)[1]);
        // A tenor banjo's A4 would snap on a long neck: what is tuned lower is begun with.
        self::assertSame('Tenor banjo', self::begin(Kind::Banjo, 4, 540)[0]);
        self::assertSame('Plectrum banjo', self::begin(Kind::Banjo, 4, 670)[0]);
        self::assertNotSame('Tenor banjo', self::begin(Kind::Banjo, 4, 670)[0]);
    }

    /** @return array{string, string} the tuning's name, and the gauges */
    private static function begin(Kind $kind, int $strings, float $millimetres): array
    {
        $scale = Scale::single(Length::millimetres($millimetres));
        foreach (Custom::of($kind)->neck->shortStrings as $position => $fret) {
            $scale = $position <= $strings ? $scale->withShortString($position, $fret) : $scale;
        }
        $instrument = new Instrument('', $kind, $scale);
        $tuning = StartingSet::tuning($instrument, $strings);

        return [$tuning->name, implode(' ', array_map(
            static fn (StringSpec $spec): string => round($spec->type->gauge->inThousandths(), 2).($spec->type->construction->isWound() ? 'w' : ''),
            StartingSet::strings($instrument, $tuning),
        ))];
    }

    public function test_thick_strings_begin_wound_and_thin_ones_plain(): void
    {
        $instrument = new Instrument('', Kind::ElectricGuitar, Scale::single(Length::millimetres(648)));
        $wound = array_map(
            static fn (StringSpec $spec): bool => $spec->type->construction->isWound(),
            StartingSet::strings($instrument, StartingSet::tuning($instrument, 6)),
        );

        self::assertSame([false, false, false, true, true, true], $wound);
    }

    /** On 530 mm about 32 N each; on a longer one thinner strings do. */
    public function test_an_elastomer_bass_begins_with_its_usual_set(): void
    {
        $gauges = static function (float $mm): array {
            $instrument = new Instrument('', Kind::ElastomerBass, Scale::single(Length::millimetres($mm)));
            $tuning = StartingSet::tuning($instrument, 4);
            $specs = StartingSet::strings($instrument, $tuning);
            foreach ($specs as $index => $spec) {
                $tensionN = \Lira\Strings\BuiltString::of($spec, Kind::ElastomerBass)->tension->tensionN($mm / 1000, $tuning->frequencyHz($index + 1));
                self::assertEqualsWithDelta(32.0, $tensionN, 2.5, "{$mm} mm, string {$index}");
            }

            return array_map(static fn (StringSpec $spec): float => round($spec->type->gauge->inMillimetres(), 3), $specs);
        };
        self::assertSame([2.1, 2.8, 3.75, 5.0], $gauges(530));
        self::assertLessThan(4.2, $gauges(762)[3]);
    }

    public function test_pools_rise_by_the_usual_steps(): void
    {
        $gauges = static fn (Kind $kind, bool $wound): array => array_values(array_map(
            static fn ($string): float => round($string->spec->type->gauge->inThousandths(), 6),
            array_filter(
                StandardPool::for($kind)->strings,
                static fn ($string): bool => $string->spec->type->construction->isWound() === $wound,
            ),
        ));

        self::assertSame([7.0, 7.5, 8.0], array_slice($gauges(Kind::ElectricGuitar, false), 0, 3));
        self::assertContains(10.5, $gauges(Kind::ElectricGuitar, false));
        // What is sold: every set that everybody knows, and as far as anybody goes.
        self::assertSame([...range(7.0, 16.0, 0.5), ...array_map(floatval(...), range(17, 26))], $gauges(Kind::ElectricGuitar, false));
        self::assertSame(
            array_map(floatval(...), [...range(17, 60), ...range(62, 90, 2)]),
            $gauges(Kind::AcousticGuitar, true),
        );
        self::assertSame(array_map(floatval(...), range(25, 195, 5)), $gauges(Kind::Bass, true));
        self::assertSame(array_map(floatval(...), [...range(22, 50), 52, 54, 56]), $gauges(Kind::ClassicalGuitar, true));
        self::assertSame(array_map(floatval(...), range(18, 46)), $gauges(Kind::ClassicalGuitar, false));
        foreach ([
            [Kind::ElectricGuitar, [11, 14, 18], [28, 38, 49]],
            [Kind::ElectricGuitar, [10, 13, 17], [26, 36, 47]],
            [Kind::AcousticGuitar, [12, 16], [24, 32, 42, 53]],
            [Kind::ClassicalGuitar, [28, 32, 40], [29, 35, 43]],
            [Kind::Bass, [], [45, 65, 80, 100, 105, 130]],
            [Kind::Ukulele, [21, 26, 33, 23], []],
        ] as [$kind, $plain, $wound]) {
            self::assertSame([], array_diff($plain, $gauges($kind, false)), $kind->value);
            self::assertSame([], array_diff($wound, $gauges($kind, true)), $kind->value);
        }
        foreach (Kind::cases() as $kind) {
            $all = array_map(
                static fn ($string): string => $string->spec->type->construction->value.round(
                    $string->spec->type->gauge->inThousandths(),
                    6,
                ),
                StandardPool::for($kind)->strings,
            );
            self::assertSame($all, array_unique($all), $kind->value);
        }
    }
}
