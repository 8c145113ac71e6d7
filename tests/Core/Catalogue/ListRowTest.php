<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use Lira\Catalogue\Figure;
use Lira\Catalogue\ListField;
use Lira\Catalogue\ListMapping;
use Lira\Catalogue\ListRow;
use Lira\Catalogue\ListUnit;
use Lira\Catalogue\RejectedRow;
use Lira\Catalogue\StringSuits;
use Lira\Kind\Kind;
use Lira\Kind\StringEnd;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Strings\BuiltString;
use Lira\Strings\Construction;
use Lira\Strings\StringSpec;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** Rows as suppliers write them. */
final class ListRowTest extends CoreTestCase
{
    private const COLUMNS = [
        'code' => 0,
        'construction' => 1,
        'material' => 2,
        'gauge' => 3,
        'density' => 4,
        'length' => 5,
        'end' => 6,
        'price' => 7,
        'box_of' => 8,
        'box_price' => 9,
        'name' => 10,
    ];

    public function test_a_row_is_read_whole(): void
    {
        $listed = ListRow::read(
            ['GW-46', 'Round wound', 'Nickel-plated steel', '46', '6,74', '980', 'Ball end', '€ 1,95', '10', '17.50', 'Bright 46'],
            self::mapping(),
        );

        self::assertSame(
            ['GW-46', 'Bright 46', Construction::RoundWound, Material::NickelPlatedSteel, StringEnd::Ball],
            [$listed->code, $listed->name, $listed->type->construction, $listed->type->material, $listed->end],
        );
        self::assertClose(0.046 * 0.0254, $listed->type->gauge->inMetres(), 1e-9);
        self::assertClose(6.74e-3, (float) $listed->kgPerM, 1e-12);
        self::assertClose(0.98, (float) $listed->lengthM, 1e-12);
        self::assertSame([195, 10, 1750], [$listed->cents, $listed->boxOf, $listed->boxCents]);
    }

    #[DataProvider('gauges')]
    public function test_gauges_in_every_spelling(string $text, ListUnit $column, float $mm): void
    {
        $listed = ListRow::read(['X', 'plain', 'steel', $text], self::mapping(['gauge' => $column->value]));

        self::assertEqualsWithDelta($mm, $listed->type->gauge->inMetres() * 1000, 1e-6);
    }

    /** @return iterable<string, array{string, ListUnit, float}> */
    public static function gauges(): iterable
    {
        yield 'thousandths' => ['11', ListUnit::Thousandths, 0.2794];
        yield 'half a thousandth' => ['9.5', ListUnit::Thousandths, 0.2413];
        yield 'with a comma' => ['9,5', ListUnit::Thousandths, 0.2413];
        yield 'as a fraction' => ['9 1/2', ListUnit::Thousandths, 0.2413];
        yield 'in inches after all' => ['.0095', ListUnit::Thousandths, 0.2413];
        yield 'with leading zeros' => ['011', ListUnit::Thousandths, 0.2794];
        yield 'inches' => ['0.0110', ListUnit::Inches, 0.2794];
        yield 'mm among thousandths' => ['0.28 mm', ListUnit::Thousandths, 0.28];
        yield 'inches among mm' => ['.011"', ListUnit::Millimetres, 0.2794];
        yield 'mm' => ['0,28', ListUnit::Millimetres, 0.28];
        yield 'thou among mm' => ['11 thou', ListUnit::Millimetres, 0.2794];
        yield 'with a fraction sign' => ['9½', ListUnit::Thousandths, 0.2413];
        yield 'in whole words' => ['0.28 millimetres', ListUnit::Thousandths, 0.28];
        yield 'with how it is made' => ['26w', ListUnit::Thousandths, 0.6604];
    }

    public function test_a_gauge_may_say_how_the_string_is_made_where_no_column_does(): void
    {
        $read = static fn (string $construction, string $gauge): Construction => ListRow::read(['X', $construction, 'nickel', $gauge], self::mapping([]))->type->construction;

        self::assertSame(Construction::RoundWound, $read('', '26w'));
        self::assertSame(Construction::Flatwound, $read('', '45 flat'));
        self::assertSame(Construction::Plain, $read('plain', '26w'));
    }

    /** @param  array<int, string>  $cells */
    #[DataProvider('bad')]
    public function test_a_row_that_cannot_be_used_says_why(array $cells, string $words): void
    {
        $row = array_values(array_replace(['X1', 'plain', 'steel', '11', '', '', '', '', ''], $cells));

        self::assertRefused($words, static fn () => ListRow::read($row, self::mapping()));
    }

    /** @return iterable<string, array{array<int, string>, string}> */
    public static function bad(): iterable
    {
        yield 'no code' => [[0 => ' '], 'no order code'];
        yield 'a code without end' => [[0 => str_repeat('x', 61)], 'more than 60'];
        yield 'no gauge' => [[3 => ''], 'no gauge'];
        yield 'a word for a gauge' => [[3 => 'thin'], '“thin” is not a gauge'];
        yield 'a rope' => [[3 => '0.28 in'], '0.05 to 6 mm'];
        yield 'a winding of its own' => [[1 => 'knitted'], '“knitted” is not a construction'];
        yield 'wood' => [[2 => 'oak'], '“oak” is not a material'];
        yield 'plain bronze' => [[2 => 'phosphor bronze'], ''];
        yield 'a mass in the wrong unit' => [[4 => '480'], 'Check the unit'];
        yield 'a price of words' => [[7 => 'on request'], '“on request” is not a price'];
        yield 'a box of half strings' => [[8 => '2.5'], 'cannot be'];
    }

    public function test_what_no_column_says_is_taken_from_the_list_or_from_the_material(): void
    {
        $bare = ['code' => 0, 'gauge' => 1, 'material' => 2];
        self::assertSame(Construction::Plain, ListRow::read(['A', '11', 'music wire'], ListMapping::of($bare))->type->construction);
        self::assertSame(
            Construction::RoundWound,
            ListRow::read(['A', '46', 'phosphor bronze'], ListMapping::of($bare))->type->construction,
        );
        $said = ListMapping::of(['code' => 0, 'gauge' => 1], construction: 'flatwound', material: 'stainless-steel');
        self::assertSame(
            [Construction::Flatwound, Material::StainlessSteel],
            [ListRow::read(['A', '46'], $said)->type->construction, ListRow::read(['A', '46'], $said)->type->material],
        );
        self::assertRefused(
            'plain or how it is wound',
            static fn () => ListRow::read(['A', '46'], ListMapping::of(['code' => 0, 'gauge' => 1])),
        );
        self::assertSame(Material::StainlessSteel, ListRow::read(['A', 'wound', 'steel', '46'], self::mapping())->type->material);
    }

    public function test_columns_are_guessed_by_their_titles(): void
    {
        self::assertSame(
            ['box_price' => 6, 'construction' => 1, 'material' => 2, 'gauge' => 3, 'price' => 4, 'code' => 0, 'box_of' => 5],
            array_replace(
                ['box_price' => -1, 'construction' => -1, 'material' => -1, 'gauge' => -1, 'price' => -1, 'code' => -1, 'box_of' => -1],
                ListMapping::guessed(['SKU', 'Construction', 'Wrap material', 'Gauge (in)', 'Price', 'Pack size', 'Price per box']),
            ),
        );
        self::assertSame([], ListMapping::guessed(['a', 'b']));
        self::assertRefused('which column has the gauge', static fn () => ListMapping::of(['code' => 0]));
    }

    public function test_lengths_and_masses_in_every_unit_a_list_may_use(): void
    {
        $read = static function (string $length, string $density = 'g/m'): array {
            $listed = ListRow::read(
                ['X', 'wound', 'pure nickel', '46', '6', '98'],
                self::mapping(['length' => $length, 'density' => $density]),
            );

            return [(float) $listed->kgPerM, (float) $listed->lengthM];
        };

        self::assertEqualsWithDelta([0.006, 0.98], $read('cm'), 1e-12);
        self::assertEqualsWithDelta(0.098, $read('mm')[1], 1e-12);
        self::assertEqualsWithDelta(98 * 0.0254, $read('in')[1], 1e-12);
        $heavy = ListRow::read(['X', 'wound', 'pure nickel', '46', '0.0003358', ''], self::mapping(['density' => 'lb/in']));
        self::assertEqualsWithDelta(0.0003358 * 0.45359237 / 0.0254, (float) $heavy->kgPerM, 1e-12);
        self::assertSame(
            [['thou', 'in', 'mm'], ['mm', 'cm', 'in'], ['g/m', 'kg/m', 'lb/in'], []],
            array_map(
                static fn (ListField $field): array => array_column(ListUnit::of($field), 'value'),
                [ListField::Gauge, ListField::Length, ListField::Density, ListField::Price],
            ),
        );
        // A unit that does not suit its column is not taken.
        self::assertSame(ListUnit::Millimetres, self::mapping(['length' => 'g/m'])->units['length']);
    }

    #[DataProvider('titles')]
    public function test_every_title_by_which_a_column_is_known(string $title, string $field): void
    {
        self::assertSame([$field => 1], ListMapping::guessed(['zzz', $title]));
    }

    /** @return iterable<string, array{string, string}> */
    public static function titles(): iterable
    {
        foreach ([
            'code' => ['Code', 'SKU', 'Article', 'Item', 'Order no.', 'Part', 'Number'],
            'name' => ['Name', 'Description', 'Title', 'Product'],
            'construction' => ['Construction', 'Winding', 'Build', 'Type'],
            'material' => ['Material', 'Alloy', 'Wrap', 'Metal'],
            'gauge' => ['Gauge', 'Diameter', 'Thickness', 'Size'],
            'density' => ['Mass', 'Density', 'Weight', 'Linear mass'],
            'length' => ['Length', 'Made', 'Long'],
            'end' => ['End', 'Ball', 'Loop'],
            'price' => ['Price', 'Cost', 'Each', 'Unit'],
            'box_of' => ['Box of', 'Pack of', 'Per box', 'Pack size', 'Box size', 'Box'],
            'box_price' => ['Box price', 'Price of a box', 'Pack price', 'Price per box'],
        ] as $field => $titles) {
            foreach ($titles as $title) {
                yield $title => [$title, $field];
            }
        }
    }

    public function test_what_a_string_suits_goes_from_where_it_flaps_to_where_it_is_hard_or_breaks(): void
    {
        // A plain 11 on 648 mm weighs 0.4813 g/m; 75 N are usual, 0.55 and 1.7 times that slack and hard: 226.3, 305.5, 399.2 Hz.
        $plain = BuiltString::of(StringSpec::plain(Material::MusicWire, Length::thousandths(11)), Kind::ElectricGuitar);
        $suits = StringSuits::on($plain, Kind::ElectricGuitar, 0.648);
        self::assertEqualsWithDelta(226.3, (float) $suits?->lowHz, 0.5);
        self::assertEqualsWithDelta(305.5, (float) $suits?->usualHz, 0.5);
        self::assertEqualsWithDelta(399.2, (float) $suits?->highHz, 0.5);
        self::assertSame(['Bb3', 'D4'], [$suits?->low?->name(), $suits?->usual?->name()]);
        // It is hard before it breaks, an eight breaks before it is hard; one that breaks before it holds is no good.
        self::assertFalse($suits?->breaks);
        self::assertTrue(StringSuits::on(self::built(8), Kind::ElectricGuitar, 0.648)?->breaks);
        self::assertNull(StringSuits::on(self::built(7), Kind::Bass, 0.648));
        $wound = BuiltString::of(
            StringSpec::wound(Construction::RoundWound, Material::PhosphorBronze, Length::thousandths(20)),
            Kind::AcousticGuitar,
        );
        $third = StringSuits::on($wound, Kind::AcousticGuitar, 0.645);
        // Even with the thickest core, and wire that bears as much as it may, it would break before it is hard on the hand.
        self::assertTrue($third?->breaks);
        self::assertEqualsWithDelta(235.874, $third->highHz, 0.01);
    }

    private static function built(float $gauge): BuiltString
    {
        return BuiltString::of(StringSpec::plain(Material::MusicWire, Length::thousandths($gauge)), Kind::ElectricGuitar);
    }

    public function test_numbers_in_every_spelling(): void
    {
        foreach ([
            '1.95' => 1.95,
            '1,95' => 1.95,
            '1.234,50' => 1234.5,
            '1,234.50' => 1234.5,
            "1'234.50" => 1234.5,
            '1 234,5' => 1234.5,
            '1/4' => 0.25,
            '.5' => 0.5,
            '5.' => 5.0,
        ] as $text => $number) {
            self::assertEqualsWithDelta($number, Figure::number($text), 1e-12, $text);
        }
        foreach (['', 'x', '1.2.3', '--1', '1/0', '=1+1', '1e9'] as $text) {
            self::assertNull(Figure::number($text), $text);
        }
        self::assertSame(1295, Figure::cents('12,95 EUR'));
        self::assertSame(120_050, Figure::cents('$1,200.50'));
        self::assertNull(Figure::cents('free'));
        self::assertSame(ListField::cases(), array_map(ListField::from(...), array_column(ListField::cases(), 'value')));
    }

    /** @param  array<string, string>  $units */
    private static function mapping(array $units = []): ListMapping
    {
        return ListMapping::of(self::COLUMNS, $units);
    }

    public function test_signs_that_cannot_be_shown_are_told_of_code_and_name(): void
    {
        foreach ([["X\x07", 'Bright'], ['X', "Bri\x07ght"]] as [$code, $name]) {
            $row = [$code, 'plain', 'steel', '10', '', '', '', '', '', '', $name];
            try {
                ListRow::read($row, self::mapping());
                self::fail('It was taken.');
            } catch (RejectedRow $rejected) {
                self::assertSame('Its order code or name has signs in it that cannot be shown.', $rejected->getMessage());
            }
        }
    }
}
