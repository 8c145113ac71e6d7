<?php

declare(strict_types=1);

namespace Tests\Core\Kind;

use Lira\Document\SetDocument;
use Lira\Kind\Custom;
use Lira\Kind\Kind;
use Lira\Kind\Size;
use Lira\Kind\SlackWords;
use Lira\Material\Material;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** What people fit, by kind: the tables of the trade as they are written down (thousandths of an inch, millimetres). */
final class CustomTest extends CoreTestCase
{
    private const THOUSANDTH_M = 25.4e-6;

    #[DataProvider('strings')]
    public function test_plain_up_to_and_wound_from(Kind $kind, Material $material, float $plainUpTo, float $low, float $woundFrom): void
    {
        $custom = Custom::of($kind);
        $lengthM = $custom->neck->lengthM;

        self::assertEqualsWithDelta($plainUpTo, (float) $custom->strings->plainUpToM($material, $lengthM) / self::THOUSANDTH_M, 1e-9);
        self::assertEqualsWithDelta($low, (float) $custom->strings->plainUpToM($material, $lengthM, low: true) / self::THOUSANDTH_M, 1e-9);
        self::assertEqualsWithDelta($woundFrom, $custom->strings->woundFromM() / self::THOUSANDTH_M, 1e-9);
    }

    /** @return iterable<string, array{Kind, Material, float, float, float}> */
    public static function strings(): iterable
    {
        yield 'electric guitar' => [Kind::ElectricGuitar, Material::MusicWire, 22, 22, 17];
        yield 'acoustic guitar, with a plain third' => [Kind::AcousticGuitar, Material::MusicWire, 18, 20, 18];
        yield 'resonator' => [Kind::ResonatorGuitar, Material::MusicWire, 18, 20, 18];
        yield 'lap steel' => [Kind::LapSteel, Material::MusicWire, 26, 26, 17];
        yield 'bass' => [Kind::Bass, Material::MusicWire, 26, 26, 24];
        yield 'acoustic bass' => [Kind::AcousticBass, Material::MusicWire, 26, 26, 24];
        yield 'classical, nylon' => [Kind::ClassicalGuitar, Material::Nylon, 43, 43, 22];
        yield 'classical, fluorocarbon' => [Kind::ClassicalGuitar, Material::Fluorocarbon, 36, 36, 22];
        yield 'classical, gut' => [Kind::ClassicalGuitar, Material::SyntheticGut, 45, 45, 22];
        yield 'ukulele, nylon' => [Kind::Ukulele, Material::Nylon, 41, 41, 22];
        yield 'ukulele, fluorocarbon' => [Kind::Ukulele, Material::Fluorocarbon, 36, 36, 22];
        yield 'ukulele, gut' => [Kind::Ukulele, Material::SyntheticGut, 41, 41, 22];
        yield 'banjo, tuned low' => [Kind::Banjo, Material::MusicWire, 17, 20, 18];
        yield 'mandolin' => [Kind::Mandolin, Material::MusicWire, 17, 17, 18];
        yield 'octave mandolin' => [Kind::OctaveMandolin, Material::MusicWire, 22, 22, 18];
    }

    public function test_a_baritone_takes_thicker_plain_strings(): void
    {
        self::assertEqualsWithDelta(26.0, (float) Custom::of(Kind::ElectricGuitar)->strings->plainUpToM(Material::MusicWire, 0.686) / self::THOUSANDTH_M, 1e-9);
    }

    #[DataProvider('hardware')]
    public function test_what_holds_the_strings(Kind $kind, string $anchor, string $post, float $postMm, float $apartMm, string $pickup, SlackWords $slack): void
    {
        $usual = Custom::of($kind)->hardware;

        self::assertSame([$anchor, $post, $pickup, $slack], [$usual->anchor->value, $usual->postType->value, $usual->pickup->value, $usual->slack]);
        self::assertEqualsWithDelta([$postMm, $apartMm], [1000 * $usual->postM, 1000 * $usual->apartM], 1e-9);
    }

    /** @return iterable<string, array{Kind, string, string, float, float, string, SlackWords}> */
    public static function hardware(): iterable
    {
        yield 'electric guitar' => [Kind::ElectricGuitar, 'top-loading', 'standard', 6, 26, 'magnetic', SlackWords::Posts];
        yield 'lap steel' => [Kind::LapSteel, 'top-loading', 'standard', 6, 26, 'magnetic', SlackWords::Posts];
        yield 'acoustic guitar' => [Kind::AcousticGuitar, 'bridge-pins', 'standard', 6, 38, 'none', SlackWords::Fret];
        yield 'classical guitar' => [Kind::ClassicalGuitar, 'tie-block', 'roller', 10, 35, 'none', SlackWords::Millimetres];
        yield 'bass' => [Kind::Bass, 'top-loading', 'slotted', 12.5, 55, 'magnetic', SlackWords::Posts];
        yield 'acoustic bass' => [Kind::AcousticBass, 'bridge-pins', 'slotted', 10, 45, 'none', SlackWords::Posts];
        yield 'banjo' => [Kind::Banjo, 'loop-end', 'standard', 6, 38, 'none', SlackWords::Millimetres];
        yield 'mandolin' => [Kind::Mandolin, 'loop-end', 'standard', 6, 25, 'none', SlackWords::Millimetres];
        yield 'ukulele' => [Kind::Ukulele, 'tie-block', 'standard', 6, 30, 'none', SlackWords::Millimetres];
        yield 'elastomer bass' => [Kind::ElastomerBass, 'slotted-elastomer', 'elastomer', 12, 50, 'none', SlackWords::Stretched];
    }

    public function test_what_nobody_recorded_stands_in_and_is_said_to(): void
    {
        $bare = SetDocument::from(Documents::usual('acoustic-guitar', 645, ['E4'], [12]))->design->instrument->hardware;
        self::assertSame(
            ['anchor' => 'bridge-pins', 'built_for' => 'steel', 'pickup' => 'none', 'posts.type' => 'standard', 'posts.diameter_mm' => 6.0, 'posts.spacing_mm' => 38.0, 'posts.layout' => 'both-sides'],
            $bare->assumedValues(),
        );
        $said = SetDocument::from(Documents::usual('acoustic-guitar', 645, ['E4'], [12], (object) [
            'anchor' => 'pinless', 'pickup' => 'piezo', 'posts' => (object) ['diameter_mm' => 7],
        ]))->design->instrument->hardware;
        self::assertSame(['built_for', 'posts.type', 'posts.spacing_mm', 'posts.layout'], array_keys($said->assumedValues()));
        self::assertSame([0.007, 'pinless', 'piezo'], [$said->posts->diameterM, $said->anchor->value, $said->pickup->value]);
    }

    public function test_every_size_and_every_neck_row_by_row(): void
    {
        self::assertSame([
            'baritone' => ['electric-guitar', 685.8, 6], 'short-scale' => ['bass', 762.0, 4], 'medium-scale' => ['bass', 812.8, 4],
            'extra-long-scale' => ['bass', 889.0, 4], 'tenor-banjo' => ['banjo', 584.0, 4], 'plectrum-banjo' => ['banjo', 670.0, 4],
            'soprano' => ['ukulele', 345.0, 4], 'concert' => ['ukulele', 380.0, 4], 'tenor' => ['ukulele', 432.0, 4], 'baritone-ukulele' => ['ukulele', 510.0, 4],
        ], self::rows(Size::cases(), static fn (Size $size): array => [$size->kind()->value, round(1000 * $size->lengthM(), 3), $size->strings()]));
        self::assertSame([
            'electric-guitar' => [6, 648.0, []], 'acoustic-guitar' => [6, 645.0, []], 'resonator-guitar' => [6, 635.0, []], 'tenor-guitar' => [4, 584.0, []],
            'lap-steel' => [6, 572.0, []], 'classical-guitar' => [6, 650.0, []], 'bass' => [4, 864.0, []], 'acoustic-bass' => [4, 864.0, []],
            'elastomer-bass' => [4, 530.0, []], 'banjo' => [5, 670.0, []], 'mandolin' => [8, 352.0, [2, 2, 2, 2]], 'octave-mandolin' => [8, 560.0, [2, 2, 2, 2]],
            'ukulele' => [4, 432.0, []], 'other' => [6, 648.0, []],
        ], self::rows(Kind::cases(), static function (Kind $kind): array {
            $neck = Custom::of($kind)->neck;

            return [$neck->strings, round(1000 * $neck->lengthM, 3), $neck->coursesOf($neck->strings, false)];
        }));
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  array<T>  $cases
     * @param  \Closure(T): array<mixed>  $row
     * @return array<array-key, array<mixed>> by what each is called
     */
    private static function rows(array $cases, \Closure $row): array
    {
        return array_combine(array_column($cases, 'value'), array_map($row, $cases));
    }

    public function test_sizes_are_known_by_length_and_strings(): void
    {
        self::assertSame(Size::Baritone, Size::of(Kind::ElectricGuitar, 0.686, 6));
        self::assertNull(Size::of(Kind::ElectricGuitar, 0.648, 6));
        self::assertNull(Size::of(Kind::ElectricGuitar, 0.686, 7));
        self::assertSame(Size::BaritoneUkulele, Size::of(Kind::Ukulele, 0.51, 4));
        self::assertSame([Size::TenorBanjo, Size::PlectrumBanjo], [Size::of(Kind::Banjo, 0.58, 4), Size::of(Kind::Banjo, 0.67, 4)]);
        foreach (Size::cases() as $size) {
            // What is called so is known again by its own length, where it is tuned in a way of its own.
            self::assertSame($size->home() === null ? null : $size, Size::of($size->kind(), $size->lengthM(), $size->strings()));
        }
    }
}
