<?php

declare(strict_types=1);

namespace Tests\Core\Strings;

use Lira\Certainty\Interval;
use Lira\Document\SetDocument;
use Lira\Evaluation\EvaluatedString;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Strength\Breaking;
use Lira\Strings\BuiltString;
use Lira\Strings\Construction;
use Lira\Strings\StringSpec;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** Where a core is looked up: the range over what it may be, worked out apart; where it is known, one figure. */
final class GuessedCoreTest extends CoreTestCase
{
    /** A phosphor bronze 24 at G3 on 645 mm: its core is looked up as 13.5, and may be 12.555 to 14.58 across its corners. */
    public function test_the_wound_third_of_an_acoustic_set(): void
    {
        $string = self::third();
        $at = $string->tunings[0];

        self::assertSame('G3', $at->pitch->name());
        self::assertClose(136.40911672078784, $at->tensionN);
        // Over its cores alone 0.60533 to 0.78528; in quadrature with the 6 % that wire of one size bears less or more.
        self::assertInterval(0.5958757189, 0.6917148099, 0.7940755307, $at->strength?->share);
        self::assertInterval(219.7674102, 236.1175706, 253.9928559, $at->strength?->breakHz);
        self::assertInterval(1.2472244733e-5, 1.6544302978e-5, 2.2298650375e-5, $at->inharmonicity);
        self::assertInterval(190.4285052, 204.1631362, 220.1063125, $at->bounds->highestSafeHz);
        self::assertSame(
            ['Gb3', 'G3', 'A3'],
            array_map(static fn (string $end): ?string => $at->bounds->highestSafe($end)?->name(), ['low', 'estimate', 'high']),
        );
        self::assertInterval(128.8295234, 147.9032053, 171.6449030, $string->safeN);
        // A thicker core bends harder, starts sharper and wants the saddle further back.
        $sharp = $at->feel->attackStartCents['medium'] ?? null;
        self::assertGreaterThan((float) $sharp?->estimate * 1.1, $sharp?->high);
        self::assertLessThan((float) $sharp?->estimate * 0.9, $sharp?->low);
        self::assertLessThan((float) $at->feel?->wholeToneBend?->displacementM->high, (float) $at->feel?->wholeToneBend?->displacementM->low);
        self::assertTrue($string->string->guessesCore());
    }

    public function test_one_reading_of_a_bared_core_makes_it_known(): void
    {
        $core = (object) ['shape' => 'hex', 'material' => 'music-wire', 'size_in' => 0.0135];
        $string = self::third($core);

        self::assertFalse($string->string->guessesCore());
        // What wire of one size really bears is all that is left.
        self::assertInterval(0.94 * 0.6917148099, 0.6917148099, 1.06 * 0.6917148099, $string->tunings[0]->strength?->share);
        self::assertExact($string->tunings[0]->inharmonicity);
        self::assertInterval(147.9032053 / 1.06, 147.9032053, 147.9032053 / 0.94, $string->safeN);
        // Stiffness of a fretted string stays a matter of its ends.
        self::assertGreaterThan($string->tunings[0]->setbackM?->low, $string->tunings[0]->setbackM?->high);
        self::assertLessThan((float) self::third()->tunings[0]->setbackM?->width(), (float) $string->tunings[0]->setbackM?->width());
    }

    public function test_a_core_read_on_a_sample_makes_strings_of_its_type_known_and_no_others(): void
    {
        $json = Documents::with('/baseline', null, self::acoustic());
        $json->samples = [(object) [
            'construction' => 'round-wound', 'material' => 'phosphor-bronze', 'gauge_in' => 0.024,
            'core' => (object) ['shape' => 'hex', 'material' => 'music-wire', 'size_in' => 0.0135],
            'mass_g' => 2.1525786, 'length_mm' => 1000, 'mass_resolution_g' => 0.001, 'length_resolution_mm' => 0.5,
        ]];
        $strings = SetDocument::from($json)->evaluation()->strings;

        self::assertFalse($strings[2]->string->guessesCore());
        self::assertClose(0.0135 * 0.0254, (float) $strings[2]->string->build->core?->size->inMetres(), 1e-9);
        self::assertTrue($strings[3]->string->guessesCore());
        // The sample weighs what a string with that core is modelled to weigh, so nothing is corrected.
        self::assertEqualsWithDelta(1.0, (float) $strings[3]->string->density->correction?->factor, 1e-6);
        // What a string says of itself comes first.
        $own = Documents::with('/strings/2/core', (object) ['shape' => 'hex', 'material' => 'music-wire', 'size_in' => 0.0125], $json);
        self::assertClose(
            0.0125 * 0.0254,
            (float) SetDocument::from($own)->evaluation()->strings[2]->string->build->core?->size->inMetres(),
            1e-9,
        );
    }

    #[DataProvider('families')]
    public function test_every_family_keeps_its_gauge_whatever_its_core(Construction $construction, Material $material, float $gauge): void
    {
        $string = BuiltString::of(StringSpec::wound($construction, $material, Length::thousandths($gauge)), Kind::Bass);
        $possible = $string->possible();
        $core = static fn (BuiltString $one): float => (float) $one->build->core?->size->inMetres();
        $floss = $material === Material::SilverPlatedCopper;

        // On floss its size and how stiff it is, each with each.
        self::assertCount($floss ? 5 : 3, $possible);
        self::assertSame($string, $possible[0]);
        foreach ($possible as $one) {
            self::assertClose($gauge * 25.4e-6, $one->build->outerDiameterM, 1e-9);
            self::assertSame([$one], $one === $string ? [$string] : $one->possible());
        }
        $sizes = array_map(static fn (BuiltString $one): float => $core($one) / $core($string), $possible);
        self::assertClose($floss ? 0.95 : 0.93, min($sizes), 1e-9);
        self::assertClose($floss ? 1.05 : 1.08, max($sizes), 1e-9);
        if ($floss) {
            $moduli = array_map(
                static fn (BuiltString $one): float => round(((float) $one->build->core?->strungStiffnessN()) / ((float) $one->build->core?->areaM2()) / 1e9, 6),
                $possible,
            );
            self::assertSame([15.0, 10.0, 20.0, 10.0, 20.0], $moduli);
        }
        self::assertClose((float) Breaking::safeN($string, 0.75)?->high, (float) Breaking::certainlyN($string, 0.75), 1e-12);
    }

    /** @return iterable<string, array{Construction, Material, float}> */
    public static function families(): iterable
    {
        yield 'round-wound' => [Construction::RoundWound, Material::NickelPlatedSteel, 45];
        yield 'in two layers' => [Construction::RoundWound, Material::StainlessSteel, 105];
        yield 'half-round' => [Construction::HalfRound, Material::NickelPlatedSteel, 65];
        yield 'flatwound' => [Construction::Flatwound, Material::StainlessSteel, 85];
        yield 'tape over steel' => [Construction::TapeWound, Material::NylonTape, 60];
        yield 'on floss' => [Construction::RoundWound, Material::SilverPlatedCopper, 35];
    }

    public function test_a_very_thin_wound_string_keeps_a_wrap(): void
    {
        $string = BuiltString::of(
            StringSpec::wound(Construction::RoundWound, Material::NickelPlatedSteel, Length::thousandths(11.5)),
            Kind::ElectricGuitar,
        );

        $cores = array_map(static fn (BuiltString $one): float => (float) $one->build->core?->size->inMetres(), $string->possible());
        self::assertClose(0.98 * 11.5 * 25.4e-6, max($cores), 1e-9);
    }

    public function test_plain_strings_and_elastomer_have_nothing_to_guess(): void
    {
        $plain = BuiltString::of(StringSpec::plain(Material::MusicWire, Length::thousandths(11)), Kind::Other);

        self::assertSame([$plain], $plain->possible());
        $bears = Breaking::safeN($plain, 0.75) ?? throw new \LogicException('No core');
        self::assertInterval($bears->estimate / 1.06, $bears->estimate, $bears->estimate / 0.94, $bears);
        $elastomer = BuiltString::of(StringSpec::plain(Material::Polyurethane, Length::millimetres(3)), Kind::ElastomerBass);
        self::assertSame([$elastomer], $elastomer->possible());
        self::assertNull(Breaking::safeN($elastomer, 0.75));
    }

    public function test_a_range_in_another_unit(): void
    {
        $range = Interval::around(2.0, 3.0, 1.0);

        self::assertSame([1.0, 2.0, 3.0, 2.0], [$range->low, $range->estimate, $range->high, $range->width()]);
        self::assertSame([10.0, 20.0, 30.0], [$range->times(10)->low, $range->times(10)->estimate, $range->times(10)->high]);
        self::assertExact($range, false);
        self::assertExact(Interval::exact(4.0));
    }

    private static function assertInterval(float $low, float $estimate, float $high, ?Interval $interval, float $relative = 1e-6): void
    {
        self::assertInstanceOf(Interval::class, $interval);
        self::assertClose($low, $interval->low, $relative);
        self::assertClose($estimate, $interval->estimate, $relative);
        self::assertClose($high, $interval->high, $relative);
    }

    private static function third(?\stdClass $core = null): EvaluatedString
    {
        $json = $core === null ? self::acoustic() : Documents::with('/strings/2/core', $core, self::acoustic());

        return SetDocument::from($json)->evaluation()->strings[2];
    }

    private static function acoustic(): \stdClass
    {
        return Documents::usual('acoustic-guitar', 645, ['E4', 'B3', 'G3', 'D3', 'A2', 'E2'], [
            12, 16, [24, 'phosphor-bronze'], [32, 'phosphor-bronze'], [42, 'phosphor-bronze'], [54, 'phosphor-bronze'],
        ]);
    }
}
