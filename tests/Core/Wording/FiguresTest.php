<?php

declare(strict_types=1);

namespace Tests\Core\Wording;

use Lira\Length\Length;
use Lira\Wording\Statement;
use Lira\Wording\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** Figures as they are read; the browser is held to the same file of cases. */
final class FiguresTest extends CoreTestCase
{
    /** @param  array{float, string, string}  $case */
    #[DataProvider('gauges')]
    public function test_gauges(array $case): void
    {
        $gauge = Length::inches($case[0]);

        self::assertSame([$case[1], $case[2]], [Units::si()->gauge($gauge), Units::named('gauge-mm')->gauge($gauge)]);
        self::assertSame([$case[1], "{$case[2]} mm"], [Units::si()->gaugeOnPaper($gauge), Units::named('gauge-mm')->gaugeOnPaper($gauge)]);
    }

    /** @param  array{float, string, string}  $case */
    #[DataProvider('lengths')]
    public function test_lengths(array $case): void
    {
        self::assertSame([$case[1], $case[2]], [Units::si()->length($case[0]), Units::named('in')->length($case[0])]);
    }

    /** @param  array{float, int, string, string}  $case */
    #[DataProvider('fine')]
    public function test_small_lengths(array $case): void
    {
        self::assertSame([$case[2], $case[3]], [Units::si()->fine($case[0], $case[1]), Units::named('in')->fine($case[0], $case[1])]);
    }

    /** @param  array{float, float, string, string, string}  $case */
    #[DataProvider('tensions')]
    public function test_tensions_have_the_digits_they_earn(array $case): void
    {
        self::assertSame(
            array_slice($case, 2),
            array_map(static fn (Units $units): string => $units->tension($case[0], $case[1]), self::readers()),
        );
    }

    /** @param  array{float, string, string, string}  $case */
    #[DataProvider('forces')]
    public function test_tensions_in_a_sentence(array $case): void
    {
        self::assertSame(array_slice($case, 1), array_map(static fn (Units $units): string => $units->force($case[0]), self::readers()));
    }

    /** @param  array{float|int, string}  $case */
    #[DataProvider('changes')]
    public function test_changes(array $case): void
    {
        self::assertSame($case[1], Units::change($case[0]));
    }

    /** @param  array{string, array<string, int|float|string>, list<string>}  $case */
    #[DataProvider('sentences')]
    public function test_sentences_in_the_units_of_whoever_reads_them(array $case): void
    {
        $statement = new Statement('said', $case[0], $case[1]);

        self::assertSame($case[2], array_map($statement->text(...), self::readers()));
    }

    /** @param  array{length: string, gauge: string, tension: string}  $expected */
    #[DataProvider('wordsForUnits')]
    public function test_units_are_named_in_any_order_and_what_is_left_out_is_metric(string $words, array $expected): void
    {
        self::assertSame($expected, Units::named($words)->toArray());
    }

    /** @return iterable<string, array{string, array{length: string, gauge: string, tension: string}}> */
    public static function wordsForUnits(): iterable
    {
        yield 'nothing' => ['', ['length' => 'mm', 'gauge' => 'thou', 'tension' => 'N']];
        yield 'only the length' => ['in', ['length' => 'in', 'gauge' => 'thou', 'tension' => 'N']];
        yield 'parted by spaces' => ['lbf  in', ['length' => 'in', 'gauge' => 'thou', 'tension' => 'lbf']];
        yield 'the other way round' => ['kgf+gauge-mm+mm', ['length' => 'mm', 'gauge' => 'mm', 'tension' => 'kgf']];
        yield 'words there are not' => ['stone+furlong', ['length' => 'mm', 'gauge' => 'thou', 'tension' => 'N']];
    }

    public function test_a_sentence_without_its_figure_is_a_mistake(): void
    {
        $this->expectExceptionMessage('The sentence of said has no tension_n.');

        (new Statement('said', 'It pulls {tension_n}.', []))->text(Units::si());
    }

    public function test_halves_go_away_from_zero_as_decimals_have_them(): void
    {
        self::assertSame(
            ['2.04', '-2.04', '1.01', '0.0'],
            [Units::fixed(2.035, 2), Units::fixed(-2.035, 2), Units::fixed(1.005, 2), Units::fixed(-0.04, 1)],
        );
    }

    /** @return iterable<string, array{list<mixed>}> */
    public static function gauges(): iterable
    {
        return self::cases('gauge');
    }

    /** @return iterable<string, array{list<mixed>}> */
    public static function lengths(): iterable
    {
        return self::cases('length');
    }

    /** @return iterable<string, array{list<mixed>}> */
    public static function fine(): iterable
    {
        return self::cases('fine');
    }

    /** @return iterable<string, array{list<mixed>}> */
    public static function tensions(): iterable
    {
        return self::cases('tension');
    }

    /** @return iterable<string, array{list<mixed>}> */
    public static function forces(): iterable
    {
        return self::cases('force');
    }

    /** @return iterable<string, array{list<mixed>}> */
    public static function changes(): iterable
    {
        return self::cases('change');
    }

    /** @return iterable<string, array{list<mixed>}> */
    public static function sentences(): iterable
    {
        return self::cases('sentences');
    }

    /** @return list<Units> millimetres and newtons, inches and pounds, gauges in millimetres and kilograms */
    private static function readers(): array
    {
        return array_map(Units::named(...), ['mm+thou+N', 'in+thou+lbf', 'mm+gauge-mm+kgf']);
    }

    /** @return iterable<string, array{list<mixed>}> */
    private static function cases(string $of): iterable
    {
        /** @var array<string, list<list<mixed>>> $all */
        $all = json_decode((string) file_get_contents(__DIR__.'/../../fixtures/figures.json'), true, flags: JSON_THROW_ON_ERROR);
        foreach ($all[$of] as $index => $case) {
            yield "{$of} {$index}" => [$case];
        }
    }
}
