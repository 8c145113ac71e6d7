<?php

declare(strict_types=1);

namespace Tests\Core\Tension;

use Eris\Generators;
use Eris\TestTrait;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Strings\BuiltString;
use Lira\Strings\GivenDensity;
use Lira\Strings\StringSpec;
use Lira\Strings\StringType;
use Lira\Tension\Tension;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use Tests\Core\CoreTestCase;
use Tests\Core\Reference;

final class TensionTest extends CoreTestCase
{
    use TestTrait;

    /** @param  array<string, mixed>  $case */
    #[DataProviderExternal(Reference::class, 'strings')]
    public function test_tension_is_the_worked_one(array $case): void
    {
        $string = BuiltString::of(Reference::spec($case), Kind::Other);
        [$length, $hertz] = [Reference::number($case, 'speaking_length_m'), Reference::number($case, 'frequency_hz')];

        self::assertClose(Reference::number($case, 'tension_uncorrected_n'), Tension::strungN($string->density->kgPerM, $length, $hertz));
        self::assertClose(Reference::number($case, 'tension_n'), $string->tension->tensionN($length, $hertz));
    }

    public function test_the_inverses_give_back_what_was_put_in(): void
    {
        $this->forAll(
            Generators::choose(10, 20_000),
            Generators::choose(150, 1200),
            Generators::choose(30, 900),
            Generators::choose(200, 90_000),
        )->then(static function (int $microDensity, int $millimetres, int $hertz, int $stiffness): void {
            [$density, $length, $hz, $ea] = [$microDensity * 1e-6, $millimetres / 1000, (float) $hertz, (float) $stiffness];
            $tension = Tension::fromRestN($density, $length, $hz, $ea);
            self::assertClose($hz, Tension::frequencyFromRestHz($tension, $density, $length, $ea), 1e-9);
            self::assertClose($length, Tension::lengthFromRestM($tension, $density, $hz, $ea), 1e-9);
            self::assertClose($density, Tension::restDensityKgPerM($tension, $length, $hz, $ea), 1e-9);
            $strung = Tension::strungN($density, $length, $hz);
            self::assertClose($hz, Tension::frequencyStrungHz($strung, $density, $length), 1e-12);
            self::assertClose($length, Tension::lengthStrungM($strung, $density, $hz), 1e-12);
            self::assertClose($density, Tension::strungDensityKgPerM($strung, $length, $hz), 1e-12);
            // Stretching takes mass out of the speaking length, so the corrected tension is the lower one, and obeys the law.
            self::assertLessThan($strung, $tension);
            self::assertClose(Tension::strungN($density / (1 + $tension / $ea), $length, $hz), $tension, 1e-9);
        });
    }

    public function test_tension_rises_with_length_pitch_and_gauge(): void
    {
        $this->forAll(Generators::choose(70, 240), Generators::choose(300, 900), Generators::choose(60, 500))
            ->then(static function (int $tenths, int $millimetres, int $hertz): void {
                $string = self::plain($tenths / 10);
                [$length, $hz] = [$millimetres / 1000, (float) $hertz];
                $tension = $string->tension->tensionN($length, $hz);
                self::assertGreaterThan($tension, $string->tension->tensionN($length * 1.01, $hz));
                self::assertGreaterThan($tension, $string->tension->tensionN($length, $hz * 1.01));
                self::assertGreaterThan($tension, self::plain($tenths / 10 + 0.5)->tension->tensionN($length, $hz));
                self::assertGreaterThan($string->tension->lowN($length, $hz), $tension);
                self::assertGreaterThan($tension, $string->tension->highN($length, $hz));
            });
    }

    public function test_the_law_of_a_string_answers_the_questions_turned_round(): void
    {
        $rest = self::plain(17)->tension;
        $tension = $rest->tensionN(0.648, 146.83);
        self::assertClose(146.83, $rest->frequencyHz($tension, 0.648), 1e-12);
        self::assertClose(0.648, $rest->lengthM($tension, 146.83), 1e-12);

        $strung = BuiltString::of(
            new StringSpec(
                StringType::of(\Lira\Strings\Construction::Plain, Material::MusicWire, Length::thousandths(17)),
                density: GivenDensity::supplied(0.00115),
            ),
            Kind::Other,
        )->tension;
        self::assertClose(0.00115 * (2 * 0.648 * 146.83) ** 2, $strung->tensionN(0.648, 146.83), 1e-12);
        self::assertClose(146.83, $strung->frequencyHz($strung->tensionN(0.648, 146.83), 0.648), 1e-12);
        self::assertClose(0.648, $strung->lengthM($strung->tensionN(0.648, 146.83), 146.83), 1e-12);
    }

    private static function plain(float $thousandths): BuiltString
    {
        return BuiltString::of(StringSpec::plain(Material::MusicWire, Length::thousandths($thousandths)), Kind::ElectricGuitar);
    }
}
