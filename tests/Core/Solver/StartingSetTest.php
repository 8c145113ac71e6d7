<?php

declare(strict_types=1);

namespace Tests\Core\Solver;

use Lira\Instrument\Instrument;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Length\Scale;
use Lira\Pool\StandardPool;
use Lira\Solver\StartingSet;
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
        $tuning = StartingSet::tuning($kind, $strings);
        $instrument = new Instrument('', $kind, Scale::single(Length::millimetres($millimetres)));
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
        yield 'electric' => [Kind::ElectricGuitar, 6, 648, 65, 86];
        yield 'electric, eight strings' => [Kind::ElectricGuitar, 8, 686, 60, 90];
        yield 'electric, nine strings, no library tuning' => [Kind::ElectricGuitar, 9, 711, 30, 90];
        yield 'acoustic' => [Kind::AcousticGuitar, 6, 645, 95, 128];
        yield 'classical' => [Kind::ClassicalGuitar, 6, 650, 60, 78];
        yield 'bass' => [Kind::Bass, 4, 864, 160, 205];
        yield 'five-string bass' => [Kind::Bass, 5, 864, 155, 205];
        yield 'ukulele' => [Kind::Ukulele, 4, 432, 39, 53];
        yield 'banjo' => [Kind::Banjo, 5, 670, 44, 110];
    }

    public function test_thick_strings_begin_wound_and_thin_ones_plain(): void
    {
        $instrument = new Instrument('', Kind::ElectricGuitar, Scale::single(Length::millimetres(648)));
        $wound = array_map(
            static fn (StringSpec $spec): bool => $spec->type->construction->isWound(),
            StartingSet::strings($instrument, StartingSet::tuning(Kind::ElectricGuitar, 6)),
        );

        self::assertSame([false, false, false, true, true, true], $wound);
    }

    public function test_an_elastomer_bass_has_no_pool_to_begin_from(): void
    {
        $instrument = new Instrument('', Kind::ElastomerBass, Scale::single(Length::millimetres(530)));

        self::assertSame([], StandardPool::for(Kind::ElastomerBass)->strings);
        self::assertSame([], StartingSet::strings($instrument, StartingSet::tuning(Kind::ElastomerBass, 4)));
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
        self::assertSame([...range(7.0, 13.0, 0.5), ...array_map(floatval(...), range(14, 26))], $gauges(Kind::ElectricGuitar, false));
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
