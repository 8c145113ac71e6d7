<?php

declare(strict_types=1);

namespace Tests\Feature\Strings;

use App\Strings\Lists\ListColumn;
use Illuminate\Support\Facades\Schema;
use Lira\Catalogue\ListedString;
use Lira\Catalogue\ListField;
use Lira\Catalogue\ListMapping;
use Lira\Catalogue\ListRow;
use Lira\Kind\StringEnd;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Strings\Construction;
use Lira\Strings\StringType;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** What is kept of a listed string, column by column. */
final class ListColumnsTest extends FeatureTestCase
{
    public function test_every_column_is_one_of_both_tables_and_every_field_of_a_list_has_one(): void
    {
        foreach (ListColumn::cases() as $column) {
            self::assertTrue(Schema::hasColumn('list_strings', $column->value), $column->value);
            self::assertTrue(Schema::hasColumn('import_rows', $column->value), $column->value);
        }
        self::assertCount(count(ListField::cases()), ListColumn::cases());
    }

    public function test_what_goes_out_comes_in_as_the_same(): void
    {
        foreach ([self::full(), self::bare()] as $listed) {
            $titles = array_map(static fn (ListColumn $column): string => $column->title(), ListColumn::cases());
            $cells = array_map(static fn (ListColumn $column): string => $column->written($column->of($listed)), ListColumn::cases());
            $columns = ListMapping::guessed($titles);

            self::assertCount(count(ListField::cases()), $columns, 'every title is known again');
            self::assertEqualsWithDelta($listed, ListRow::read($cells, ListMapping::of($columns, ['density' => 'g/m'])), 1e-12);
        }
    }

    #[DataProvider('differences')]
    public function test_where_a_list_differs_it_is_said_in_words(ListColumn $column, mixed $value, string $words): void
    {
        self::assertSame($words, $column->said($value));
        self::assertSame('none', $column->said(null));
    }

    /** @return iterable<string, array{ListColumn, mixed, string}> */
    public static function differences(): iterable
    {
        yield 'a gauge' => [ListColumn::Gauge, 266_700, '10.5'];
        yield 'a linear density' => [ListColumn::Density, 0.00673214, '6.7321 g/m'];
        yield 'a price' => [ListColumn::Price, 195, '1.95'];
        yield 'a price of a box' => [ListColumn::BoxPrice, 1600, '16.00'];
        yield 'a length' => [ListColumn::Length, 1016.5, '1016.5'];
        yield 'an end' => [ListColumn::End, 'ball', 'ball'];
        yield 'no name' => [ListColumn::Name, '', 'none'];
    }

    private static function full(): ListedString
    {
        return new ListedString(
            'GW-46',
            'Bright 46',
            StringType::of(Construction::RoundWound, Material::NickelPlatedSteel, Length::thousandths(46)),
            0.00673,
            1.016,
            StringEnd::Ball,
            195,
            10,
            1600,
        );
    }

    private static function bare(): ListedString
    {
        return new ListedString('P-9½', '', StringType::of(Construction::Plain, Material::MusicWire, Length::thousandths(9.5)));
    }
}
