<?php

declare(strict_types=1);

namespace Tests\Core\Strings;

use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Strings\Construction;
use Lira\Strings\StringType;
use Tests\Core\CoreTestCase;

final class StringTypeTest extends CoreTestCase
{
    public function test_two_strings_are_alike_where_construction_material_and_gauge_are(): void
    {
        $type = self::plain(Length::thousandths(10.5));

        self::assertSame(266_700, $type->gaugeNm);
        self::assertTrue($type->is(self::plain(Length::millimetres(0.2667))));
        self::assertTrue($type->is(StringType::ofNanometres(Construction::Plain, Material::MusicWire, 266_700)));
        foreach ([
            self::plain(Length::millimetres(0.266701)),
            StringType::of(Construction::Plain, Material::Nylon, Length::thousandths(10.5)),
            StringType::of(Construction::RoundWound, Material::MusicWire, Length::thousandths(10.5)),
        ] as $other) {
            self::assertFalse($type->is($other));
            self::assertNotSame($type->key(), $other->key());
        }
        self::assertTrue($type->isOfFamilyOf(self::plain(Length::thousandths(20))));
        self::assertSame('plain music-wire', $type->family());
    }

    public function test_inches_come_back_as_they_were_written(): void
    {
        for ($halves = 12; $halves <= 400; $halves++) {
            $inches = round($halves / 2000, 4);
            self::assertSame($inches, self::plain(Length::inches($inches))->gaugeIn());
        }
        self::assertSame(0.011023622, self::plain(Length::millimetres(0.28))->gaugeIn());
    }

    public function test_a_gauge_keeps_within_what_a_string_can_have(): void
    {
        self::assertSame(StringType::THINNEST_NM, self::plain(Length::millimetres(0.05))->gaugeNm);
        self::assertSame(StringType::THICKEST_NM, self::plain(Length::millimetres(6))->gaugeNm);
        self::assertRefused('outside 0.05 to 6 mm', static fn () => self::plain(Length::millimetres(0.049999)));
        self::assertRefused(
            'outside 0.05 to 6 mm',
            static fn () => StringType::ofNanometres(Construction::Plain, Material::MusicWire, 6_000_001),
        );
    }

    private static function plain(Length $gauge): StringType
    {
        return StringType::of(Construction::Plain, Material::MusicWire, $gauge);
    }
}
