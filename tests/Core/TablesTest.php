<?php

declare(strict_types=1);

namespace Tests\Core;

use Lira\Document\SetDocument;
use Lira\Instrument\Setup;
use Lira\Kind\Custom;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Limit\Limit;
use Lira\Material\Material;
use Lira\Strings\Construction;
use Lira\Strings\CoreTable;
use Lira\Strings\InvalidString;
use Lira\Strings\StringType;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Document\Documents;

/** The tables that everything rests on, copied from the handbook of the physics row by row. */
final class TablesTest extends CoreTestCase
{
    /** Density in kg/m³, modulus from slack and strung in GPa, strength at one millimetre in MPa, how fast it falls, polymer, magnetic. */
    private const MATERIALS = [
        'music-wire' => [7850, 203.4, 203.4, 2211, 0.145, false, true],
        'nickel-plated-steel' => [7930, null, null, null, null, false, true],
        'pure-nickel' => [8900, null, null, null, null, false, true],
        'stainless-steel' => [7750, null, null, null, null, false, true],
        'phosphor-bronze' => [8830, null, null, null, null, false, false],
        'bronze-80-20' => [8670, null, null, null, null, false, false],
        'silver-plated-copper' => [8990, null, null, null, null, false, false],
        'nylon' => [1070, 4.5, 6.5, 330, 0.0, true, false],
        'nylon-multifilament' => [1140, 15, 15, 900, 0.0, true, false],
        'fluorocarbon' => [1780, 4.0, 6.0, 450, 0.0, true, false],
        'synthetic-gut' => [1300, 4.5, 6.5, 350, 0.0, true, false],
        'nylon-tape' => [1140, null, null, null, null, true, false],
        'polyurethane' => [1200, null, null, null, null, true, false],
    ];

    private const GUITAR = '18→11 20→12 22→13 24→13.5 26→14 28→14.5 30→15 32→15.5 34→16 36→16.5 40→17 44→17.5 46→18 48→18.5 52→19 56→19.5 60→20 64→20.5 70→21 80→22';

    private const BASS = '30→14 40→17 45→18 65→22 85→25 105→28 125→31 145→34';

    private const NYLON = '24→15 29→17 35→18.5 43→19.5 56→23';

    public function test_materials(): void
    {
        self::assertSame(array_keys(self::MATERIALS), array_column(Material::cases(), 'value'));
        foreach (self::MATERIALS as $id => [$density, $gigapascals, $strung, $megapascals, $exponent, $polymer, $magnetic]) {
            $properties = Material::from($id)->properties();
            self::assertSame((float) $density, $properties->densityKgPerM3, $id);
            self::assertSame([$polymer, $magnetic, $gigapascals !== null], [$properties->polymer, $properties->magnetic, $properties->bearsLoad()], $id);
            if ($gigapascals !== null && $strung !== null && $megapascals !== null && $exponent !== null) {
                self::assertClose($gigapascals * 1e9, (float) $properties->youngsModulusPa, 1e-12);
                self::assertClose($strung * 1e9, (float) $properties->strungModulusPa, 1e-12);
                self::assertSame($id === 'nylon-multifilament' ? 1 / 3 : 0.0, $properties->modulusVaries, $id);
                self::assertSame($polymer ? 0.12 : 0.06, $properties->strengthVaries(), $id);
                self::assertClose($megapascals * 1e6, (float) $properties->strength?->pascalsAt(0.001), 1e-12);
                self::assertClose($megapascals * 1e6 / 4 ** $exponent, (float) $properties->strength?->pascalsAt(0.004), 1e-12);
            }
        }
    }

    #[DataProvider('cores')]
    public function test_cores(CoreTable $table, string $rows): void
    {
        [$last, $thickest] = [0.0, 0.0];
        foreach (explode(' ', $rows) as $row) {
            [$gauge, $core] = array_map(floatval(...), explode('→', $row));
            self::assertClose($core, $table->coreFor(Length::thousandths($gauge))->size->inThousandths(), 1e-9);
            if ($last > 0.0) {
                // Half way between two rows lies half way between two cores.
                $middle = $table->coreFor(Length::thousandths(($last + $gauge) / 2))->size->inThousandths();
                self::assertClose(($thickest + $core) / 2, $middle, 1e-9);
            }
            [$last, $thickest] = [$gauge, $core];
        }
        self::assertClose($thickest, $table->coreFor(Length::thousandths($last + 40))->size->inThousandths(), 1e-9);
    }

    /** @return iterable<string, array{CoreTable, string}> */
    public static function cores(): iterable
    {
        yield 'guitar' => [CoreTable::guitar(), self::GUITAR];
        yield 'bass' => [CoreTable::bass(), self::BASS];
        yield 'nylon' => [CoreTable::nylon(), self::NYLON];
    }

    public function test_gauges_are_whole_nanometres(): void
    {
        self::assertSame([25_400, 25_400_000], [StringType::NANOMETRES_PER_THOUSANDTH, StringType::NANOMETRES_PER_INCH]);
        self::assertSame(266_700, StringType::of(Construction::Plain, Material::MusicWire, Length::thousandths(10.5))->gaugeNm);
        self::assertRefused('outside', static fn () => StringType::ofNanometres(Construction::Plain, Material::MusicWire, 49_999));
        self::assertRefused('outside', static fn () => StringType::ofNanometres(Construction::Plain, Material::MusicWire, 6_000_001));
    }

    public function test_core_and_wrap_may_miss_the_gauge_by_five_per_cent(): void
    {
        // A core of 0.4 mm and a wrap of 0.3 mm make 1.0 mm.
        $spec = static fn (float $mm): \stdClass => Documents::with('/strings/5', (object) [
            'position' => 6, 'construction' => 'round-wound', 'material' => 'nickel-plated-steel', 'gauge_mm' => $mm,
            'core' => (object) ['shape' => 'round', 'material' => 'music-wire', 'size_mm' => 0.4],
            'wraps' => [(object) ['shape' => 'round', 'material' => 'nickel-plated-steel', 'size_mm' => 0.3]],
        ]);
        self::assertClose(1.0, 1000 * SetDocument::from($spec(1.0))->design->strings[5]->build->outerDiameterM, 1e-9);
        SetDocument::from($spec(round(1 / 1.0499, 6)));
        self::assertRefused('gauge', static fn () => SetDocument::from($spec(round(1 / 1.0501, 6))));
    }

    public function test_a_core_as_thick_as_its_string_is_none(): void
    {
        self::assertRefused('leaves no room for a wrap', static fn () => CoreTable::guitar()->coreFor(Length::thousandths(11)));
        self::assertInstanceOf(InvalidString::class, InvalidString::coreNotThinner(Length::thousandths(10), Length::thousandths(10)));
        self::assertClose(11.0, CoreTable::guitar()->coreFor(Length::thousandths(11.01))->size->inThousandths(), 1e-9);
    }

    public function test_layers_from_gauge_70_on_a_bass_alone(): void
    {
        self::assertFalse(CoreTable::bass()->hasTwoLayers(Length::thousandths(69.9)));
        self::assertTrue(CoreTable::bass()->hasTwoLayers(Length::thousandths(70)));
        self::assertFalse(CoreTable::guitar()->hasTwoLayers(Length::thousandths(90)));
        self::assertFalse(CoreTable::nylon()->hasTwoLayers(Length::thousandths(90)));
    }

    /** Action at the 12th fret and height at the nut in millimetres, and how hard people pick in newtons. */
    private const SETUPS = [
        'electric-guitar' => [1.8, 0.35, [0.7, 1.5, 2.2]],
        'acoustic-guitar' => [2.3, 0.45, [0.7, 1.5, 2.2]],
        'resonator-guitar' => [2.3, 0.45, [0.7, 1.5, 2.2]],
        'tenor-guitar' => [2.3, 0.45, [0.7, 1.5, 2.2]],
        'lap-steel' => [2.0, 0.4, [0.7, 1.5, 2.2]],
        'classical-guitar' => [3.3, 0.6, [0.7, 1.5, 2.2]],
        'bass' => [2.2, 0.5, [2.0, 4.0, 7.0]],
        'acoustic-bass' => [2.5, 0.55, [2.0, 4.0, 7.0]],
        'elastomer-bass' => [3.0, 0.8, [2.0, 4.0, 7.0]],
        'banjo' => [2.8, 0.4, [0.7, 1.5, 2.2]],
        'mandolin' => [1.8, 0.35, [0.7, 1.5, 2.2]],
        'octave-mandolin' => [2.2, 0.4, [0.7, 1.5, 2.2]],
        'ukulele' => [2.5, 0.5, [0.3, 0.7, 1.1]],
        'other' => [2.0, 0.4, [0.7, 1.5, 2.2]],
    ];

    public function test_how_instruments_are_set_up_and_picked_until_somebody_says(): void
    {
        self::assertSame(array_keys(self::SETUPS), array_column(Kind::cases(), 'value'));
        foreach (Kind::cases() as $kind) {
            [$actionMm, $nutMm, $picking] = self::SETUPS[$kind->value];
            $usual = Setup::usualFor($kind);
            self::assertSame($picking, array_values($usual->pickingN), $kind->value);
            self::assertSame([$actionMm / 1000, $nutMm / 1000, 0.12, 0.0], [$usual->action12M, $usual->nutHeightM, $usual->pickFromSaddleM, $usual->extraLengthM]);
        }
        self::assertSame([Kind::Bass, Kind::AcousticBass, Kind::ElastomerBass], array_values(array_filter(Kind::cases(), static fn (Kind $kind): bool => $kind->isBass())));
    }

    public function test_limits_and_usual_tensions(): void
    {
        self::assertSame([
            'shorter-life' => 0.60, 'break-caution' => 0.75, 'break-stop' => 0.85, 'holding-share' => 0.75, 'hard-share' => 1.35,
            'dull-inharmonicity' => 3.0e-4, 'thick-for-scale' => 3.0e-3, 'neighbour-jump' => 0.35, 'total-retune' => 0.05,
            'total-setup' => 0.10, 'nut-angle-deg' => 4.0, 'nut-angle-most-deg' => 25.0, 'saddle-angle-deg' => 8.0,
            'saddle-angle-most-deg' => 45.0, 'slot-play-mm' => 0.15, 'spare-length-mm' => 30.0, 'fret-cents' => 8.0, 'nut-gain-cents' => 3.0,
        ], array_column(array_map(static fn (Limit $limit): array => [$limit->value, $limit->usual()], Limit::cases()), 1, 0));
        self::assertSame(
            [75.0, 110.0, 120.0, 90.0, 100.0, 68.0, 180.0, 180.0, 32.0, 55.0, 85.0, 90.0, 45.0, 75.0],
            array_map(static fn (Kind $kind): float => Custom::of($kind)->strings->tensionN, Kind::cases()),
        );
    }
}
