<?php

declare(strict_types=1);

namespace Tests\Core\Solver;

use Lira\Design\SetDesign;
use Lira\Document\SetDocument;
use Lira\Fitting\Softness;
use Lira\Pool\Pool;
use Lira\Solver\PackagedSet;
use Lira\Solver\Packet;
use Lira\Strings\BuiltString;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** A packet beside a design, and of what a pool is kept to where it has none of a set's own make. */
final class PacketTest extends CoreTestCase
{
    public function test_a_packet_says_which_of_its_strings_are_others(): void
    {
        $design = self::design([10, 13, 17]);
        $other = self::design([10, 14, 17, 26])->strings;
        self::assertSame([2, 4], self::packet($other)->differs($design->strings));
        self::assertSame([], self::packet($design->strings)->differs($design->strings));
    }

    public function test_a_pool_without_a_set_s_own_make_keeps_to_the_make_it_has_most_of(): void
    {
        $wound = static fn (string $material, int ...$gauges): array => self::design(array_map(static fn (int $gauge): array => [$gauge, $material], array_values($gauges)))->strings;
        $pool = new Pool([...$wound('stainless-steel', 26, 36), ...$wound('pure-nickel', 26, 30, 36), ...self::design([10, 11])->strings]);
        $kept = $pool->ofOneMake(self::design([[42, 'nickel-plated-steel'], 10])->strings)->strings;
        self::assertSame(
            ['plain music-wire', 'plain music-wire', 'round-wound pure-nickel', 'round-wound pure-nickel', 'round-wound pure-nickel'],
            array_map(static fn (BuiltString $string): string => $string->spec->type->family(), $kept),
        );
        $own = $pool->ofOneMake(self::design([[42, 'stainless-steel']])->strings)->strings;
        self::assertContains('round-wound stainless-steel', array_map(static fn (BuiltString $string): string => $string->spec->type->family(), $own));
        self::assertNotContains('round-wound pure-nickel', array_map(static fn (BuiltString $string): string => $string->spec->type->family(), $own));
    }

    public function test_no_string_at_all_is_as_little_soft_as_steel(): void
    {
        self::assertSame(Softness::Steel, Softness::ofSoftest([]));
        self::assertSame(Softness::Polymer, Softness::ofSoftest(SetDocument::from(Documents::usual('ukulele', 382, ['A4'], [[22, 'nylon', 'plain']]))->evaluation()->strings));
    }

    /** @param  non-empty-list<BuiltString>  $strings */
    private static function packet(array $strings): Packet
    {
        return new Packet(new PackagedSet('x', $strings), $strings, array_map(static fn (): float => 0.0, $strings), 0.0, 0.0);
    }

    /** @param  list<float|int|array{0: float|int, 1: string}>  $gauges */
    private static function design(array $gauges): SetDesign
    {
        return SetDocument::from(Documents::usual('electric-guitar', 648, array_slice(['E4', 'B3', 'G3', 'D3', 'A2', 'E2'], 0, count($gauges)), array_map(static fn (float|int|array $one): float|array => is_array($one) ? [(float) $one[0], $one[1]] : (float) $one, $gauges)))->design;
    }
}
