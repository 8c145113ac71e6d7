<?php

declare(strict_types=1);

namespace Tests\Core\Feel;

use Lira\Feel\PluckedTone;
use Lira\Material\Material;
use Tests\Core\CoreTestCase;

final class PluckedToneTest extends CoreTestCase
{
    public function test_partials_begin_at_the_pitch_and_are_stretched_by_stiffness(): void
    {
        $partials = PluckedTone::partials(110.0, 1e-4, 0.2, Material::NickelPlatedSteel, wound: true);

        self::assertCount(40, $partials);
        self::assertClose(110.0, $partials[0]['hz'], 1e-12);
        self::assertClose(1100 * sqrt(1.01) / sqrt(1.0001), $partials[9]['hz'], 1e-12);
        self::assertClose(1.0, array_sum(array_column($partials, 'amplitude')), 1e-12);
        self::assertLessThan(1e-12, $partials[4]['amplitude'], 'A fifth of the way there is no fifth partial');
        $decays = array_column($partials, 'decay_s');
        $sorted = $decays;
        rsort($sorted);
        self::assertSame($sorted, $decays);
    }

    public function test_high_strings_stop_where_nobody_hears_more(): void
    {
        $partials = PluckedTone::partials(1318.5, 0.0, 0.2, Material::MusicWire, wound: false);

        self::assertCount(9, $partials);
        self::assertLessThan(12_000, $partials[8]['hz']);
        self::assertCount(1, PluckedTone::partials(12_500.0, 0.0, 0.2, Material::MusicWire, wound: false));
    }

    public function test_steel_is_brighter_than_nylon_and_rings_longer(): void
    {
        $centre = static function (Material $material): float {
            $partials = PluckedTone::partials(196.0, 0.0, 0.18, $material, wound: false);

            return array_sum(array_map(static fn (array $each): float => $each['hz'] * $each['amplitude'], $partials));
        };
        self::assertGreaterThan(1.2 * $centre(Material::Nylon), $centre(Material::MusicWire));
        self::assertGreaterThan(
            PluckedTone::partials(196.0, 0.0, 0.18, Material::Nylon, wound: false)[0]['decay_s'],
            PluckedTone::partials(196.0, 0.0, 0.18, Material::MusicWire, wound: false)[0]['decay_s'],
        );
    }
}
