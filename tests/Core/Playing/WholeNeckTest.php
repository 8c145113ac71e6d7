<?php

declare(strict_types=1);

namespace Tests\Core\Playing;

use Lira\Document\SetDocument;
use Lira\Playing\BestPlace;
use Lira\Playing\Circumstances;
use Lira\Playing\EndsStand;
use Lira\Playing\Placement;
use Lira\Playing\WholeNeck;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** Every fret of a neck, with its ends where they stand and may stand. */
final class WholeNeckTest extends CoreTestCase
{
    public function test_the_best_place_is_a_minimum(): void
    {
        foreach ([Necks::electric(), Necks::acoustic(), Necks::bass(), Necks::ukulele(), Necks::banjo()] as $document) {
            foreach (Necks::played($document) as $played) {
                [$saddle, $both] = [BestPlace::ofSaddle($played), BestPlace::ofBoth($played)];
                self::assertLessThanOrEqual($saddle->rmsCents, $both->rmsCents);
                foreach ([-2e-5, 2e-5] as $off) {
                    self::assertGreaterThan($saddle->rmsCents, BestPlace::rmsCents($played, new Placement($saddle->place->setbackM + $off)));
                    self::assertGreaterThan($both->rmsCents, BestPlace::rmsCents($played, new Placement($both->place->setbackM + $off, $both->place->nutM)));
                    self::assertGreaterThan($both->rmsCents, BestPlace::rmsCents($played, new Placement($both->place->setbackM, $both->place->nutM + $off)));
                }
            }
        }
    }

    public function test_a_saddle_that_was_found_stands_where_it_was_found(): void
    {
        $json = Documents::with('/strings/2/saddle_setback_mm', 4.5, Documents::usual('electric-guitar', 648, ['E4', 'B3', 'G3'], [10, 13, 17]));
        $document = SetDocument::from($json);
        $found = self::neck($document);
        self::assertSame([false, false, true], array_column($found->strings, 'isFound'));
        self::assertEqualsWithDelta(0.0045, $found->strings[2]->place?->setbackM, 1e-12);
        $best = self::neck($document, EndsStand::Best);
        self::assertFalse($best->strings[2]->isFound);
        self::assertEqualsWithDelta($found->strings[2]->best?->place->setbackM, $best->strings[2]->place?->setbackM, 1e-12);
        // Too far back, all of its frets are flat against what they are at their best.
        self::assertLessThan($best->strings[2]->cents[12]->estimate, $found->strings[2]->cents[12]->estimate);
        self::assertEqualsWithDelta($best->strings[0]->cents[12]->estimate, $found->strings[0]->cents[12]->estimate, 1e-9);
        // A lowest action is reckoned where the saddle stands, however the frets are looked at.
        self::assertEquals($found->strings[2]->cleanAction, $best->strings[2]->cleanAction);
        self::assertLessThan(
            max(array_map(static fn (int $fret): float => abs($best->strings[2]->cents[$fret]->estimate), range(1, 3))),
            max(array_map(fn (int $fret): float => abs(self::neck($document, EndsStand::Nut)->strings[2]->cents[$fret]->estimate), range(1, 3))),
            'with the nut moved the first frets come nearer',
        );
    }

    public function test_other_strings_have_no_saddle_that_was_found(): void
    {
        $document = SetDocument::from(Documents::with('/strings/2/saddle_setback_mm', 4.5, Documents::usual('electric-guitar', 648, ['E4', 'B3', 'G3'], [10, 13, 17])));
        $strings = $document->design->strings;
        self::assertSame([3 => 0.0045], $document->design->withStrings($strings)->setbacksM);
        self::assertSame([], $document->design->withStrings([$strings[0], $strings[1], Necks::electric()->design->strings[3]])->setbacksM);
    }

    public function test_a_nut_that_nobody_measured_widens_what_the_first_frets_may_be(): void
    {
        $usual = self::neck(Necks::electric())->strings[5];
        $measured = self::neck(Necks::electric(['nut_height_mm' => 0.35]))->strings[5];
        self::assertSame($usual->cents[1]->estimate, $measured->cents[1]->estimate);
        self::assertGreaterThan($measured->cents[1]->width() + 0.5, $usual->cents[1]->width());
        self::assertEqualsWithDelta($measured->cents[12]->width(), $usual->cents[12]->width(), 0.1, 'the octave hardly hangs on it');
    }

    public function test_a_short_string_counts_its_frets_from_its_peg(): void
    {
        $short = self::neck(Necks::banjo())->strings[4];
        self::assertSame(range(6, 22), array_keys($short->cents));
        self::assertEqualsWithDelta(0.0, $short->cents[17]->estimate, 2.0, 'its octave is the seventeenth');
        self::assertSame(5, $short->line->startFret);
        self::assertNotNull($short->cleanAction);
        self::assertGreaterThanOrEqual(5, $short->cleanAction['medium']->stoppedAt);
    }

    public function test_a_capo_it_is_tuned_with_begins_the_neck_anew(): void
    {
        $json = Documents::usual('acoustic-guitar', 645, ['F#4', 'C#4'], [12, 16]);
        $capoed = self::neck(SetDocument::from(Documents::with('/tunings/0', (object) ['name' => 'Two up', 'pitches' => ['F#4', 'C#4'], 'capo' => 2], $json)));
        self::assertSame(range(3, 22), array_keys($capoed->strings[0]->cents));
        // On the fret itself the string lies at the capo: no high nut sharpens the first frets beyond.
        $open = self::neck(SetDocument::from(Documents::with('/tunings/0/pitches', ['E4', 'B3'], $json)));
        self::assertLessThan($open->strings[1]->cents[1]->high, $capoed->strings[1]->cents[3]->high);
        self::assertEquals($capoed->strings[0]->best?->place, $capoed->strings[0]->bestWithNut?->place, 'there is no nut to be moved');
    }

    public function test_a_capo_that_is_put_on_as_it_is_tuned_sharpens_what_it_holds(): void
    {
        $document = Necks::acoustic();
        $open = self::neck($document);
        $held = new WholeNeck($document->design, $document->evaluation(), 0, new Circumstances(capo: 3, under: [1, 2, 3]));
        // Held there it sounds as if a finger pressed it there.
        self::assertSame(3, array_key_first($held->strings[1]->cents));
        self::assertEqualsWithDelta($open->strings[1]->cents[3]->estimate, $held->strings[1]->cents[3]->estimate, 1e-9);
        // Beyond, it is pressed down at two places, and a little sharper than from the nut.
        self::assertGreaterThan($open->strings[1]->cents[5]->estimate, $held->strings[1]->cents[5]->estimate);
        self::assertEquals($open->strings[4]->cents, $held->strings[4]->cents, 'a partial capo leaves the others alone');
        $whole = new WholeNeck($document->design, $document->evaluation(), 0, new Circumstances(capo: 3));
        self::assertNotEquals($open->strings[4]->cents, $whole->strings[4]->cents);
    }

    public function test_of_an_elastomer_only_its_lowest_action_is_known(): void
    {
        $strings = array_map(static fn (int $position): \stdClass => (object) [
            'position' => $position, 'construction' => 'plain', 'material' => 'polyurethane', 'gauge_in' => 0.1,
            'density' => (object) ['kg_per_m' => 0.005, 'source' => 'measured', 'state' => 'strung', 'tolerance' => 0.02],
        ], [1]);
        $json = Documents::with('/strings', $strings, Documents::usual('elastomer-bass', 530, ['D2'], [100]));
        $string = self::neck(SetDocument::from($json))->strings[0];
        self::assertSame([[], null, null, null, null], [$string->cents, $string->best, $string->bestWithNut, $string->place, $string->centsPerK]);
        self::assertNotNull($string->cleanAction);
    }

    public function test_a_fretless_neck_has_no_frets_to_map(): void
    {
        $neck = self::neck(SetDocument::from(Documents::with('/instrument/neck', (object) ['frets' => 0], Documents::usual('bass', 864, ['G2'], [[45, 'nickel-plated-steel']]))));
        self::assertSame([0, [], null], [$neck->frets, $neck->strings[0]->cents, $neck->strings[0]->cleanAction]);
        self::assertCount(24, self::neck(SetDocument::from(Documents::with('/instrument/neck', (object) ['frets' => 24], Documents::usual('bass', 864, ['G2'], [[45, 'nickel-plated-steel']]))))->strings[0]->cents);
    }

    public function test_steel_parts_company_in_the_warmth_and_of_polymers_nothing_is_said(): void
    {
        $steel = array_column(self::neck(Necks::electric())->strings, 'centsPerK');
        foreach ($steel as $cents) {
            self::assertNotNull($cents);
            self::assertLessThan(0.0, $cents, 'warmed strings go flat');
        }
        self::assertLessThan($steel[0], $steel[2], 'the plain third most of all');
        self::assertSame([null, null, null, null], array_column(self::neck(Necks::ukulele())->strings, 'centsPerK'));
    }

    private static function neck(SetDocument $document, EndsStand $ends = EndsStand::Found): WholeNeck
    {
        return new WholeNeck($document->design, $document->evaluation(), 0, new Circumstances($ends));
    }
}
